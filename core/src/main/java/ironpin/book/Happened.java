package ironpin.book;

import ironpin.quantity.Sentence;
import java.time.Instant;

/**
 * Something that happened in a batch, as it stands in its story.
 *
 * @param key of the fact it tells, told once
 * @param at when
 * @param what it was
 * @param said in a sentence
 */
public record Happened(String key, Instant at, What what, Sentence said) {
    /** Kinds of things that happen. What happens at the same moment is told in this order. */
    public enum What {
        PLAN("plan"),
        BENCH("at the bench"),
        PATTY("patty"),
        WEIGHED("weighed"),
        STEP("done"),
        ROUND("at the fire"),
        PROBE("probe"),
        FAULT("fault"),
        VERDICT("verdict");

        private final String label;

        What(String label) {
            this.label = label;
        }

        /** In a word or two. */
        public String label() {
            return label;
        }
    }
}
