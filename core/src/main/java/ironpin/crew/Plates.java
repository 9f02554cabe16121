package ironpin.crew;

import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * How plates go out.
 *
 * @param way together, or as rounds are ready
 * @param warm how long rounds may be kept warm for the others, 0 to 90 min; of account only where they go out together
 * @param span how long after the first plates the last may come, 10 to 120 min; of account only where they go out as they are
 *     ready
 */
public record Plates(Way way, Duration warm, Duration span) {
    public static final Duration LONGEST_WARM = Duration.ofMinutes(90);
    public static final Duration SHORTEST_SPAN = Duration.ofMinutes(10);
    public static final Duration LONGEST_SPAN = Duration.ofMinutes(120);

    /** Together, and the first rounds kept warm for three quarters of an hour. */
    public static final Plates USUAL = new Plates(Way.TOGETHER, Duration.ofMinutes(45), Duration.ofMinutes(40));

    /** When plates go out. */
    public enum Way {
        TOGETHER("all together"),
        AS_READY("in rounds, as they are ready");

        private final String label;

        Way(String label) {
            this.label = label;
        }

        /** In a cook's words. */
        public String label() {
            return label;
        }
    }

    public Plates {
        if (warm.isNegative() || warm.compareTo(LONGEST_WARM) > 0) {
            throw new Refused("rounds are kept warm for 0 to 90 min, not " + warm.toMinutes());
        }
        if (span.compareTo(SHORTEST_SPAN) < 0 || span.compareTo(LONGEST_SPAN) > 0) {
            throw new Refused("the last plates come 10 to 120 min after the first, not " + span.toMinutes());
        }
    }

    /** The same, another way. */
    public Plates going(Way changed) {
        return new Plates(changed, warm, span);
    }

    /** Whether each round goes out as it is ready. */
    public boolean asReady() {
        return way == Way.AS_READY;
    }
}
