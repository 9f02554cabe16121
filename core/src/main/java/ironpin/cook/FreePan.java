package ironpin.cook;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;

/**
 * What is free between pieces in a vessel, and what fills it: {@code (vessel − footprints)·height}.
 *
 * @param freeMm2 area that no piece stands on
 */
public record FreePan(double freeMm2) {
    private static final double GRAMS_PER_MM3 = 0.001;

    /** A skirt's batter covers the free pan this deep. */
    private static final double FILM_MM = 1.5;

    /** Water to each gram of starch or flour: 8 to 12. */
    public static final double BATTER = 10;

    /** Water for the pan stands to this share of a piece's height. */
    public static final double HALF_WAY = 0.5;

    /** Broth stands to this share of a slice's height. */
    public static final double BROTH = 2.0 / 3;

    /** Pieces are this much smaller before they swell, and stand on a part of what they cover from above. */
    private static final double STANDS_ON = 0.8;

    /** So many pieces in a vessel. @throws Refused if they cover all of it */
    public static FreePan of(Vessel vessel, Footprint piece, int count) {
        double each = Math.PI * piece.lengthMm() * piece.widthMm() / 4 * STANDS_ON;
        double free = vessel.areaMm2() - count * each;
        if (free <= 0) {
            throw new Refused(count + " pieces cover all of the vessel");
        }
        return new FreePan(free);
    }

    /** Water or broth to this share of the height of pieces, above 0 and at most 1. */
    public Mass to(double share, Length height) {
        return Mass.ofGrams(freeMm2 * height.millimetres() * share * GRAMS_PER_MM3);
    }

    /** Batter for a skirt. */
    public Mass batter() {
        return Mass.ofGrams(freeMm2 * FILM_MM * GRAMS_PER_MM3);
    }

    /** Starch or flour in that batter. */
    public Mass starch() {
        return batter().dividedBy(1 + BATTER);
    }
}
