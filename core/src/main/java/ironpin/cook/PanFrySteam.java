package ironpin.cook;

import ironpin.quantity.Mass;
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
    private static final Duration DRY_OFF = Duration.ofSeconds(90);

    /** How the pan starts. */
    public enum Start {
        HOT("hot pan: golden sooner, sticks less", 150),
        COLD("cold pan: easy to set a ring in peace, slower to colour", 240),
        SKIRT("hot pan and a thin batter in place of water: a crisp skirt, wants a slick pan", 150);

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
    public List<Spell> ready(Mass piece, Vessel vessel, ironpin.cook.Start from) {
        Duration steaming = Growth.scaled(STEAM_MINUTES, REFERENCE_GRAMS, piece, from);
        Mass water = BoilOff.waterFor(vessel.watts() * Flame.HIGH.share(), steaming, BoilOff.TAP);
        Mass poured = Mass.ofGrams(Math.min(Spell.MOST_POURED.grams(), Math.round(water.grams())));
        return List.of(
                Spell.of(Fire.PAN, pan.sear, Flame.MEDIUM).fatted().withCold(pan == Start.COLD),
                Spell.of(Fire.PAN, steaming, Flame.HIGH).withPour(poured).covered(),
                Spell.of(Fire.PAN, DRY_OFF, Flame.MEDIUM));
    }
}
