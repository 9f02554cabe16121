package ironpin.cook;

import ironpin.quantity.Mass;
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

    @Override
    public List<Spell> ready(Mass piece, Vessel vessel, ironpin.cook.Start pieces) {
        Spell on = Spell.of(Fire.STEAM, Growth.scaled(MINUTES, REFERENCE_GRAMS, piece, pieces), Flame.HIGH)
                .covered();
        return switch (from) {
            case BOILING -> List.of(on);
            case COLD -> List.of(on.withTime(SteamSpace.warmUp(vessel)).withCold(true), on);
        };
    }
}
