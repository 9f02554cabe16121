package ironpin.cook;

import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/**
 * Steamed over boiling water.
 *
 * @param from when the pieces go on
 */
public record Steam(Start from) implements CookMethod {
    /** Nine minutes for a piece of 28 g in all. */
    private static final double MINUTES = 9;

    private static final double REFERENCE_GRAMS = 28;
    /** Water to begin with, as a multiple of what all rounds boil away: a steamer must not run dry. */
    public static final double RESERVE = 1.5;

    private static final Duration HEAT_UP = Duration.ofMinutes(4);

    /** When the pieces go on. */
    public enum Start {
        BOILING("over boiling water: timed from the lid"),
        COLD("over cold water: timed from the first steam, the skin warms slowly");

        private final String label;

        Start(String label) {
            this.label = label;
        }
    }

    @Override
    public String key() {
        return "steam/" + from.name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String done() {
        return "steamed";
    }

    @Override
    public String school() {
        return from.label;
    }

    @Override
    public VesselKind vessel() {
        return VesselKind.BASKET;
    }

    @Override
    public double hydrationShift() {
        return 2;
    }

    /** Water that one round boils away (est.). */
    public Mass boilsAway(Mass piece, Vessel vessel) {
        return BoilOff.of(vessel.watts(), Growth.scaled(MINUTES, REFERENCE_GRAMS, piece));
    }

    @Override
    public List<CookStep> round(Mass piece, Vessel vessel) {
        Duration steaming = Growth.scaled(MINUTES, REFERENCE_GRAMS, piece);
        Mass water = boilsAway(piece, vessel);
        CookStep on = new CookStep(
                "steam",
                "Lid on. The round boils away about " + Quoted.mass(water.grams(), 0) + " of water.",
                steaming);
        return switch (from) {
            case BOILING -> List.of(on);
            case COLD ->
                List.of(new CookStep("warm-up", "Pieces on over cold water; wait for the first steam.", HEAT_UP), on);
        };
    }
}
