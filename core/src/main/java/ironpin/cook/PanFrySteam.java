package ironpin.cook;

import ironpin.quantity.Mass;
import ironpin.quantity.Quoted;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/**
 * Fried on the seat, steamed under a lid, dried off crisp.
 *
 * @param pan how the pan starts
 */
public record PanFrySteam(Start pan) implements CookMethod {
    /** Five minutes of steam for a piece of 33 g in all. */
    private static final double STEAM_MINUTES = 5;

    private static final double REFERENCE_GRAMS = 33;
    private static final Temperature TAP = Temperature.ofCelsius(15);
    private static final Duration DRY_OFF = Duration.ofSeconds(90);

    /** How the pan starts. */
    public enum Start {
        HOT("hot pan: golden sooner, sticks less", 150),
        COLD("cold pan: easy to set a ring in peace, slower to colour", 240);

        private final String label;
        private final Duration sear;

        Start(String label, int searSeconds) {
            this.label = label;
            this.sear = Duration.ofSeconds(searSeconds);
        }
    }

    @Override
    public String key() {
        return "pan-fry-steam/" + pan.name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String done() {
        return "pan-fry-steamed";
    }

    @Override
    public String school() {
        return pan.label;
    }

    @Override
    public VesselKind vessel() {
        return VesselKind.PAN;
    }

    @Override
    public double hydrationShift() {
        return 0;
    }

    @Override
    public List<CookStep> round(Mass piece, Vessel vessel) {
        Duration steaming = Growth.scaled(STEAM_MINUTES, REFERENCE_GRAMS, piece);
        Mass water = BoilOff.waterFor(vessel.watts(), steaming, TAP);
        return List.of(
                new CookStep(
                        "sear", "Oil in, pieces seat down and not touching, until the seats are golden.", pan.sear),
                new CookStep(
                        "steam", "Pour in " + Quoted.mass(water.grams(), 0) + " of water, lid on at once.", steaming),
                new CookStep("crisp", "Lid off, let the rest dry off and crisp.", DRY_OFF));
    }
}
