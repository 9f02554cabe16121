package ironpin.dough;

import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import java.util.Locale;

/**
 * Effective hydration that a dough is at home in, by what it is made of: two families are really two each. Eggs alone make a stiff
 * dough, kneaded long and rolled very thin; wheat starch takes up far more boiling water than tapioca does.
 */
public final class DoughBand {
    private static final Band<Percentage> EGGS_ALONE = Band.percent(34, 46);
    private static final Band<Percentage> WHEAT_STARCH = Band.percent(115, 165);

    /** From this share of wheat starch on; down to none of it the band slides. */
    private static final double MOSTLY_WHEAT_STARCH = 0.65;

    private DoughBand() {}

    /**
     * The band, in percent of the flour.
     *
     * @param poured whether water, milk or the like is in it besides egg and fat
     * @param wheatStarch share of wheat starch in the flour, 0 to 1; without effect for what is no starch dough
     */
    public static Band<Percentage> of(DoughFamily family, boolean poured, double wheatStarch) {
        if (family == DoughFamily.EGG && !poured) {
            return EGGS_ALONE;
        }
        if (family != DoughFamily.CLEAR_STARCH || wheatStarch <= 0) {
            return family.hydration();
        }
        double share = Math.min(1, wheatStarch / MOSTLY_WHEAT_STARCH);
        Band<Percentage> tapioca = family.hydration();
        return Band.percent(
                between(tapioca.low(), WHEAT_STARCH.low(), share), between(tapioca.high(), WHEAT_STARCH.high(), share));
    }

    /** Everything that some ordinary dough of this family holds, whatever it is made of. */
    public static Band<Percentage> ordinary(DoughFamily family) {
        return switch (family) {
            case EGG ->
                Band.percent(
                        EGGS_ALONE.low().percent(), family.hydration().high().percent());
            case CLEAR_STARCH ->
                Band.percent(
                        family.hydration().low().percent(), WHEAT_STARCH.high().percent());
            default -> family.hydration();
        };
    }

    /** Whether a flour is wheat starch, by its name. */
    public static boolean isWheatStarch(Flour flour) {
        return flour.kind() == FlourKind.STARCH
                && flour.name().toLowerCase(Locale.ROOT).contains("wheat");
    }

    private static double between(Percentage from, Percentage to, double share) {
        return from.percent() + (to.percent() - from.percent()) * share;
    }
}
