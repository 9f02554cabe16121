package ironpin.cook;

import ironpin.quantity.Mass;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/**
 * Slices set upright in a dish with hot broth to two thirds of their height, covered first and then open.
 *
 * @param oven what moves the heat
 */
public record Bake(Oven oven) implements CookMethod {
    /** Twenty minutes covered and fifteen open for a slice of 45 g in all. */
    private static final double COVERED_MINUTES = 20;

    private static final double OPEN_MINUTES = 15;
    private static final double REFERENCE_GRAMS = 45;

    /** What moves the heat. */
    public enum Oven {
        STILL("still oven: slower to brown, no draught to dry the tops", 200),
        FAN("fan oven, set a little lower: browns evenly, dries the tops sooner", 180);

        private final String label;
        private final double celsius;

        Oven(String label, double celsius) {
            this.label = label;
            this.celsius = celsius;
        }

        /** How hot it is set, °C. */
        public double celsius() {
            return celsius;
        }
    }

    @Override
    public String key() {
        return "bake/" + oven.name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String done() {
        return "baked in broth";
    }

    @Override
    public String school() {
        return oven.label;
    }

    @Override
    public VesselKind vessel() {
        return VesselKind.DISH;
    }

    @Override
    public double hydrationShift() {
        return 0;
    }

    @Override
    public List<Spell> ready(Mass piece, Vessel vessel, Start from) {
        Duration covered = Growth.scaled(COVERED_MINUTES, REFERENCE_GRAMS, piece, from);
        Duration open = Growth.scaled(OPEN_MINUTES, REFERENCE_GRAMS, piece, Start.ROOM);
        return List.of(Spell.of(Fire.BAKE, covered, Flame.MEDIUM).covered(), Spell.of(Fire.BAKE, open, Flame.MEDIUM));
    }
}
