package ironpin.cook;

import ironpin.heat.HeatPiece;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.util.List;

/**
 * One round as it goes on.
 *
 * @param body one piece as heat sees it
 * @param piece its mass, above 0
 * @param count how many at once, 1 or more
 * @param spells what is done, at least one
 * @param start how cold the pieces are, all through, −60 to 95 °C
 * @param vessel what they are cooked in; another kind that a spell needs is an ordinary one with the same power
 * @param ovenCelsius how hot an oven is set
 */
public record Load(
        HeatPiece body,
        Mass piece,
        int count,
        List<Spell> spells,
        Temperature start,
        Vessel vessel,
        double ovenCelsius) {
    /** Of a still oven. */
    public static final double OVEN = Bake.Oven.STILL.celsius();

    private static final double COLDEST = -60;
    private static final double WARMEST = 95;

    public Load {
        spells = List.copyOf(spells);
        if (spells.isEmpty()) {
            throw new Refused("a round is cooked in at least one step");
        }
        if (count < 1 || piece.micrograms() <= 0) {
            throw new Refused("at least one piece is cooked");
        }
        if (!(start.celsius() >= COLDEST && start.celsius() <= WARMEST)) {
            throw new Refused("pieces are −60 to 95 °C before they are cooked, not " + start);
        }
    }

    /** The vessel for a fire. */
    Vessel vessel(Fire fire) {
        VesselKind kind = fire.vessel().orElse(vessel.kind());
        return kind == vessel.kind() ? vessel : Vessel.usual(kind).withWatts(vessel.watts());
    }

    /** With so many at once. */
    public Load counting(int pieces) {
        return new Load(body, piece, pieces, spells, start, vessel, ovenCelsius);
    }
}
