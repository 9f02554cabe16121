package ironpin.cook;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.quantity.Length;
import ironpin.refusal.Refused;

/**
 * A vessel on a hob.
 *
 * @param kind what it is
 * @param diameter inside width, 80–800 mm
 * @param tiers layers that cook at once, 1–6
 * @param watts power that reaches it, 100–6,000 W
 */
@RecordBuilder
public record Vessel(VesselKind kind, Length diameter, int tiers, double watts) implements VesselBuilder.With {
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
    }

    /** An ordinary vessel of this kind, until the cook says otherwise. */
    public static Vessel usual(VesselKind kind) {
        return switch (kind) {
            case POT -> new Vessel(kind, Length.ofMillimetres(260), 1, 1_500);
            case BASKET -> new Vessel(kind, Length.ofMillimetres(240), 2, 1_000);
            case PAN -> new Vessel(kind, Length.ofMillimetres(280), 1, 800);
            case GRIDDLE -> new Vessel(kind, Length.ofMillimetres(320), 1, 900);
        };
    }
}
