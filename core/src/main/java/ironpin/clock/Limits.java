package ironpin.clock;

import java.time.Duration;

/** How long things may wait, after usual practice and public guidance; each figure stands here once. */
public final class Limits {
    /** Salted raw greens go on weeping: wrapped within this. */
    public static final Duration SALTED_GREENS = Duration.ofMinutes(25);
    /** Wrapped pieces, covered, at room temperature. */
    public static final Duration WRAPPED = Duration.ofMinutes(30);
    /** Perishable filling out of the fridge, in all. */
    public static final Duration OUT_OF_THE_FRIDGE = Duration.ofHours(2);
    /** From the vessel to the table, to be eaten hot. */
    public static final Duration HOT = Duration.ofMinutes(10);

    /** Any dough may stand this long before its first piece, wrapped, whatever rest it needs. */
    public static final Duration DOUGH_STANDS = Duration.ofMinutes(30);

    private Limits() {}
}
