package ironpin.wrapper;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;

/**
 * How much filling a folded disc has room for (est.): the geometric bound of its fold, grown by the stretch of fresh
 * dough, and the comfortable share of it.
 *
 * @param bound most that geometry and stretch allow
 * @param comfortable what closes easily and survives cooking
 */
public record FillRoom(Mass bound, Mass comfortable) {
    /** Density of a minced or chopped filling, g/cm³. */
    static final double FILLING_DENSITY = 1.02;

    /** Area that fresh dough gains in the pleating hand; practice says 10–35 %. */
    static final double STRETCH = 0.20;

    /** Share of the bound that closes with ease; practice says 60–70 %. */
    static final double COMFORTABLE_SHARE = 0.65;

    /** ∫₀¹ du/√(1−u⁴), half the lemniscate constant. */
    private static final double QUARTER_LEMNISCATE = 1.311028777146059905;

    /**
     * The room in a disc folded this way.
     *
     * @throws IllegalArgumentException for a gathered ball, whose room is a matter of its skin: see {@link StuffedBread}
     */
    public static FillRoom of(Length diameter, Fold fold) {
        double usableCm = Math.max(0, diameter.millimetres() / 2 - fold.seamMm()) / 10;
        double stretchedCm = usableCm * Math.sqrt(1 + STRETCH);
        double volume =
                switch (fold.enclosure()) {
                    case TUBE -> tubeBoundCm3(stretchedCm);
                    case PURSE -> purseBoundCm3(stretchedCm);
                    case DISC -> throw new IllegalArgumentException("a gathered ball is bounded by its skin");
                };
        Mass bound = Mass.ofGrams(volume * FILLING_DENSITY);
        return new FillRoom(bound, bound.multipliedBy(COMFORTABLE_SHARE));
    }

    /** The room in a wrapper out of a pack: it hardly stretches. */
    public static FillRoom of(BoughtWrapper wrapper, Fold fold) {
        double sideCm = wrapper.size().centimetres();
        double seamCm = fold.seamMm() / 10;
        double volume =
                switch (wrapper.shape()) {
                    case ROUND -> tubeBoundCm3(Math.max(0, sideCm / 2 - seamCm));
                    case SQUARE -> triangleBoundCm3(Math.max(0, sideCm / Math.sqrt(2) - seamCm * Math.sqrt(2)));
                };
        Mass bound = Mass.ofGrams(volume * FILLING_DENSITY);
        return new FillRoom(bound, bound.multipliedBy(COMFORTABLE_SHARE));
    }

    /**
     * A square folded corner to corner, h from its middle to a corner. The strip at distance x along the fold is 2(h−x)
     * long and closes at best into a circle of area (h−x)²/π; both halves add up to {@code 2h³/(3π)}.
     */
    static double triangleBoundCm3(double halfDiagonalCm) {
        return 2 * Math.pow(halfDiagonalCm, 3) / (3 * Math.PI);
    }

    /**
     * A disc of radius r folded over. The strip at distance x from the middle, across the fold, is 2√(r²−x²) long and
     * closes at best into a circle of area (r²−x²)/π; along the fold that adds up to {@code 4r³/(3π)}.
     */
    static double tubeBoundCm3(double radiusCm) {
        return 4 * Math.pow(radiusCm, 3) / (3 * Math.PI);
    }

    /**
     * A disc of radius r gathered to a point. Among closed surfaces of revolution whose meridian has length r, the
     * greatest volume has the profile {@code dz/dx = −x²/√(a⁴−x⁴)} on each half, with {@code r/2 = L·a} and
     * {@code V = 2π·a³·L/3}, L = ∫₀¹ du/√(1−u⁴); so {@code V = π·r³/(12·L²)} ≈ 0.152 r³, against 0.135 r³ for the sphere.
     */
    static double purseBoundCm3(double radiusCm) {
        return Math.PI * Math.pow(radiusCm, 3) / (12 * QUARTER_LEMNISCATE * QUARTER_LEMNISCATE);
    }

    /** What is still free at this filling; negative if it is too much. */
    public Mass spare(Mass filling) {
        return comfortable.minus(filling);
    }
}
