package ironpin.cook;

import ironpin.quantity.Mass;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/**
 * Baked on a dry or oiled plate, one side at a time.
 *
 * @param fat when the fat comes
 */
public record Griddle(Fat fat) implements CookMethod {
    /** Three and a half minutes a side for a bread of 110 g in all. */
    private static final double MINUTES_A_SIDE = 3.5;

    private static final double REFERENCE_GRAMS = 110;

    private static final Duration CRISP = Duration.ofSeconds(30);

    /** When the fat comes. */
    public enum Fat {
        LAST("dry first, oil last: crisp, less fat"),
        FIRST("oil from the start: softer, richer"),
        UNDER_LID("the second side under a lid, turned down: for thick breads, a softer crust");

        private final String label;

        Fat(String label) {
            this.label = label;
        }
    }

    @Override
    public String key() {
        return "griddle/" + fat.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String done() {
        return "griddled";
    }

    @Override
    public String school() {
        return fat.label;
    }

    @Override
    public VesselKind vessel() {
        return VesselKind.GRIDDLE;
    }

    @Override
    public double hydrationShift() {
        return 0;
    }

    @Override
    public List<Spell> ready(Mass piece, Vessel vessel, Start from) {
        Duration side = Growth.scaled(MINUTES_A_SIDE, REFERENCE_GRAMS, piece, from);
        Spell first = Spell.of(Fire.GRIDDLE, side, Flame.MEDIUM);
        Spell second = first.turned();
        Spell crisp = Spell.of(Fire.GRIDDLE, CRISP, Flame.MEDIUM).turned().fatted();
        return switch (fat) {
            case LAST -> List.of(first, second, crisp, crisp);
            case FIRST -> List.of(first.fatted(), second.fatted());
            case UNDER_LID -> List.of(first, second.fatted().covered().withFlame(Flame.LOW));
        };
    }
}
