package ironpin.plan;

import ironpin.batch.Fix;
import java.util.List;
import java.util.Optional;

/**
 * One thing the numbers say.
 *
 * @param level how much it matters
 * @param figure the number it is about, with its unit
 * @param text what it means, following on from the figure
 * @param why the reason, in a sentence; may be empty
 * @param fix a change that helps
 * @param others further changes that would help too, the cheapest first
 */
public record Finding(Level level, String figure, String text, String why, Optional<Fix> fix, List<Fix> others) {
    /** How much it matters. */
    public enum Level {
        /** Plain fact. */
        NOTE("note"),
        /** In the band. */
        GOOD("good"),
        /** Worth a look. */
        LOOK("look"),
        /** Will go wrong. */
        STOP("stop");

        private final String label;

        Level(String label) {
            this.label = label;
        }

        /** In a word, so that colour never stands alone. */
        public String label() {
            return label;
        }
    }

    public Finding {
        others = List.copyOf(others);
    }

    Finding(Level level, String figure, String text, String why, Optional<Fix> fix) {
        this(level, figure, text, why, fix, List.of());
    }

    /** Something worth a look that several changes would mend, the cheapest first. */
    static Finding mendable(String figure, String text, String why, List<Fix> fixes) {
        return new Finding(
                Level.LOOK,
                figure,
                text,
                why,
                fixes.stream().findFirst(),
                fixes.subList(Math.min(1, fixes.size()), fixes.size()));
    }

    /** A plain fact. */
    public static Finding note(String figure, String text, String why) {
        return new Finding(Level.NOTE, figure, text, why, Optional.empty());
    }

    /** Something in its band. */
    public static Finding good(String figure, String text, String why) {
        return new Finding(Level.GOOD, figure, text, why, Optional.empty());
    }

    /** Something worth a look. @param fix a change that helps, or null */
    public static Finding look(String figure, String text, String why, Fix fix) {
        return new Finding(Level.LOOK, figure, text, why, Optional.ofNullable(fix));
    }

    /** Something that will go wrong. @param fix a change that helps, or null */
    public static Finding stop(String figure, String text, String why, Fix fix) {
        return new Finding(Level.STOP, figure, text, why, Optional.ofNullable(fix));
    }
}
