package ironpin.cook;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;

/**
 * A vessel on a hob, or a dish in an oven.
 *
 * @param kind what it is
 * @param diameter inside width, 80–800 mm; of a dish its longer side
 * @param tiers layers that cook at once, 1–6
 * @param watts power that reaches it turned up all the way, 100–6,000 W; of no account for a dish
 * @param water what is in a pot, under a basket or in a dish to begin with, 0–20,000 g; of no account for others
 */
@RecordBuilder
public record Vessel(VesselKind kind, Length diameter, int tiers, double watts, Mass water)
        implements VesselBuilder.With {
    /** A dish is as wide as this share of its length. */
    private static final double DISH_WIDE = 0.7;

    public Vessel {
        if (diameter.millimetres() < 80 || diameter.millimetres() > 800) {
            throw new Refused("a vessel is 80 to 800 mm wide, not " + diameter);
        }
        if (tiers < 1 || tiers > 6) {
            throw new Refused("a vessel has 1 to 6 tiers, not " + tiers);
        }
        if (!(watts >= 100 && watts <= 6_000)) {
            throw new Refused("a hob gives 100 to 6,000 W, not " + watts);
        }
        if (water.micrograms() < 0 || water.grams() > 20_000) {
            throw new Refused("0 to 20,000 g of water are in a vessel, not " + water);
        }
    }

    /** With the water that is usual in such a vessel. */
    public static Vessel of(VesselKind kind, Length diameter, int tiers, double watts) {
        return new Vessel(kind, diameter, tiers, watts, usualWater(kind));
    }

    /** An ordinary vessel of this kind, until the cook says otherwise. */
    public static Vessel usual(VesselKind kind) {
        return switch (kind) {
            case POT -> of(kind, Length.ofMillimetres(260), 1, 1_500);
            case BASKET -> of(kind, Length.ofMillimetres(240), 2, 1_000);
            case PAN -> of(kind, Length.ofMillimetres(280), 1, 800);
            case GRIDDLE -> of(kind, Length.ofMillimetres(320), 1, 900);
            case DISH -> of(kind, Length.ofMillimetres(300), 1, 1_000);
        };
    }

    /** What usually is in one. */
    public static Mass usualWater(VesselKind kind) {
        return Mass.ofGrams(
                switch (kind) {
                    case POT -> 4_000;
                    case BASKET -> 1_500;
                    case DISH -> 600;
                    case PAN, GRIDDLE -> 0;
                });
    }

    /** Its shorter side, if it is a dish; else as wide one way as the other. */
    public Length breadth() {
        return kind == VesselKind.DISH ? Length.ofMillimetres(DISH_WIDE * diameter.millimetres()) : diameter;
    }

    /** Its bottom, mm². */
    public double areaMm2() {
        double product = diameter.millimetres() * breadth().millimetres();
        return kind == VesselKind.DISH ? product : Math.PI * product / 4;
    }
}
