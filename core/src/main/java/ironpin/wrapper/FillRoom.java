package ironpin.wrapper;

import ironpin.quantity.Length;
import ironpin.quantity.Mass;

/**
 * How much filling a folded disc has room for (est.): the geometric bound of its fold, grown by the stretch of fresh
 * dough, and the comfortable share of it.
 *
 * @param bound most that geometry and the usual stretch allow
 * @param comfortable what closes easily and survives cooking
 * @param most what a practised hand closes at the utmost, with the skin stretched as far as practice knows; more than that it does
 *     not hold
 */
public record FillRoom(Mass bound, Mass comfortable, Mass most) {
    /** Density of a minced or chopped filling, g/cm³. */
    public static final double FILLING_DENSITY = 1.02;

    /** Area that dough of no known family gains in the pleating hand; practice says 10–35 %. */
    public static final double USUAL_STRETCH = 0.20;

    /** Area that fresh dough gains at the utmost. */
    public static final double UTMOST_STRETCH = 0.35;

    /** A gathered closing is pulled up while it is pleated: practice says 25–40 % in length. */
    public static final double GATHERED_LENGTH = 1.40;

    /** Area that a wrapper out of a pack gains. */
    public static final double BOUGHT_STRETCH = 0;

    /** Share of the bound that closes with ease, until a cook's own is known; practice says 60–70 %. */
    public static final double COMFORTABLE_SHARE = 0.65;

    private static final double WIDEST_MM = 1_000;

    /** ∫₀¹ du/√(1−u⁴), half the lemniscate constant. */
    private static final double QUARTER_LEMNISCATE = 1.311028777146059905;

    /**
     * What is closed.
     *
     * @param wide a disc's width, a square's side, or the length of a strip that is rolled up
     * @param slice of a strip: how wide a slice is cut from the roll; without effect otherwise
     * @param stretch area it gains while it is closed, as a share, 0 to 1
     * @param comfortable share of the bound that closes with ease, above 0 to 1
     */
    public record Skin(Length wide, Length slice, double stretch, double comfortable) {
        /** A rolled disc, as far as nothing else is known of it. */
        public static Skin usual(Length wide) {
            return new Skin(wide, Length.ofMillimetres(30), USUAL_STRETCH, COMFORTABLE_SHARE);
        }
    }

    /**
     * The room in a skin folded this way.
     *
     * @throws IllegalArgumentException for what is pressed flat, whose room is a matter of its skin: see {@link StuffedBread}
     */
    public static FillRoom of(Skin skin, Fold fold) {
        double grown = Math.sqrt(1 + skin.stretch());
        Mass bound = Mass.ofGrams(volume(skin, fold, grown) * FILLING_DENSITY);
        double pulled = fold.enclosure() == Fold.Enclosure.PURSE ? GATHERED_LENGTH : Math.sqrt(1 + UTMOST_STRETCH);
        // Out of a pack nothing is pulled much further.
        double utmost = skin.stretch() == BOUGHT_STRETCH ? grown : Math.max(grown, pulled);
        Mass most = Mass.ofGrams(volume(skin, fold, utmost) * FILLING_DENSITY);
        return new FillRoom(bound, bound.multipliedBy(skin.comfortable()), most);
    }

    /** @param grown how much longer every line of the skin has become */
    private static double volume(Skin skin, Fold fold, double grown) {
        double seamCm = fold.seamMm() / 10;
        double wideCm = skin.wide().centimetres();
        return switch (fold.enclosure()) {
            case TUBE -> tubeBoundCm3(grown * Math.max(0, wideCm / 2 - seamCm));
            case PURSE -> purseBoundCm3(grown * Math.max(0, wideCm / 2 - seamCm));
            case TRIANGLE -> triangleBoundCm3(grown * Math.max(0, (wideCm / 2 - seamCm) * Math.sqrt(2)));
            case ROLL ->
                rollBoundCm3(grown * Math.max(0, wideCm - seamCm), skin.slice().centimetres());
            case DISC -> throw new IllegalArgumentException("what is pressed flat is bounded by its skin");
        };
    }

    /**
     * How wide the skin must be so that this filling closes with ease, to the micrometre.
     *
     * @throws IllegalArgumentException as {@link #of}
     */
    public static Length widthFor(Mass filling, Skin skin, Fold fold) {
        long low = 0;
        long high = Length.ofMillimetres(WIDEST_MM).micrometres();
        while (high - low > 1) {
            long middle = (low + high) / 2;
            Skin tried = new Skin(new Length(middle), skin.slice(), skin.stretch(), skin.comfortable());
            if (of(tried, fold).comfortable().compareTo(filling) >= 0) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return new Length(high);
    }

    /**
     * A strip rolled up once round, cut into slices: of all shapes with that girth the circle holds most, {@code l²/(4π)} for each
     * width.
     */
    static double rollBoundCm3(double lengthCm, double sliceCm) {
        return lengthCm * lengthCm / (4 * Math.PI) * sliceCm;
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
