package ironpin.filling;

import java.time.Duration;

/**
 * What a preparation wants of the stove.
 *
 * @param hearth where
 * @param alone how long it then gets on there by itself, after the hands; none where hands stay with it to the end
 * @param doing what happens meanwhile, in a word; empty if hands stay with it
 */
public record Fire(Hearth hearth, Duration alone, String doing) {
    /** Where something is made hot. */
    public enum Hearth {
        PAN("pan"),
        POT("pot"),
        OVEN("oven");

        private final String word;

        Hearth(String word) {
            this.word = word;
        }

        /** In one word. */
        public String word() {
            return word;
        }
    }

    /** Hands stay with it to the end. */
    static Fire watched(Hearth hearth) {
        return new Fire(hearth, Duration.ZERO, "");
    }

    static Fire alone(Hearth hearth, int minutes, String doing) {
        return new Fire(hearth, Duration.ofMinutes(minutes), doing);
    }
}
