package ironpin.plan;

import ironpin.batch.edit.Fix;
import ironpin.quantity.Sentence;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * One thing the numbers say.
 *
 * @param saying which
 * @param figure the number it is about, with its unit
 * @param text what it means, following on from the figure
 * @param why the reason, in a sentence; may be empty
 * @param fixes changes that would help, the cheapest first
 */
public record Finding(Saying saying, Sentence figure, Sentence text, Sentence why, List<Fix> fixes) {
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
        fixes = List.copyOf(fixes);
    }

    /** Something said, with no change that would help. */
    public static Finding of(Saying saying, Sentence figure, Sentence text, Sentence why) {
        return new Finding(saying, figure, text, why, List.of());
    }

    /** Something said, with a change that helps, if there is one. */
    static Finding of(Saying saying, Sentence figure, Sentence text, Sentence why, Optional<Fix> fix) {
        return new Finding(saying, figure, text, why, fix.map(List::of).orElse(List.of()));
    }

    /** Something said, with a change that helps. */
    static Finding of(Saying saying, Sentence figure, Sentence text, Sentence why, Fix fix) {
        return new Finding(saying, figure, text, why, List.of(fix));
    }

    /** The same with those changes only that can be made. */
    Finding offering(Predicate<Fix> possible) {
        return fixes.stream().allMatch(possible)
                ? this
                : new Finding(
                        saying,
                        figure,
                        text,
                        why,
                        fixes.stream().filter(possible).toList());
    }

    /** How much it matters. */
    public Level level() {
        return saying.level();
    }

    /** The change that helps most cheaply, if any does. */
    public Optional<Fix> fix() {
        return fixes.stream().findFirst();
    }

    /** Further changes that would help too. */
    public List<Fix> others() {
        return fixes.subList(Math.min(1, fixes.size()), fixes.size());
    }
}
