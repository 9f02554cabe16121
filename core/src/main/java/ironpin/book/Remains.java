package ironpin.book;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.time.Instant;

/**
 * Dough or filling that a batch left over, until it is used.
 *
 * @param what it is
 * @param left how much, above 0
 * @param each how much of it goes into a piece, above 0
 * @param since when it was written down
 * @param raw whether something raw is in it that wants care
 */
public record Remains(What what, Mass left, Mass each, Instant since, boolean raw) {
    /** What may be left. */
    public enum What {
        DOUGH("dough"),
        FILLING("filling");

        private final String label;

        What(String label) {
            this.label = label;
        }

        /** In a word. */
        public String label() {
            return label;
        }
    }

    /** Less is for the bowl. */
    public static final Mass WORTH_KEEPING = Mass.ofGrams(20);

    /** Cold and covered (est.): a raw filling a day, a cooked one or a dough two. */
    private static final Duration RAW_KEEPS = Duration.ofDays(1);

    private static final Duration KEEPS = Duration.ofDays(2);

    /** Nobody looks for it any more. */
    public static final Duration FORGOTTEN = Duration.ofDays(7);

    public Remains {
        if (left.micrograms() <= 0 || each.micrograms() <= 0) {
            throw new Refused("something is left, and goes into pieces");
        }
    }

    /** How many pieces it would do for. */
    public int pieces() {
        return (int) Math.floor(left.ratioTo(each) + 1e-9);
    }

    /** Whether it has lain longer than it keeps, cold and covered (est.). */
    public boolean old(Instant now) {
        return Duration.between(since, now).compareTo(raw ? RAW_KEEPS : KEEPS) > 0;
    }
}
