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

    /** When the fat comes. */
    public enum Fat {
        LAST("dry first, oil last: crisp, less fat"),
        FIRST("oil from the start: softer, richer");

        private final String label;

        Fat(String label) {
            this.label = label;
        }
    }

    @Override
    public String key() {
        return "griddle/" + fat.name().toLowerCase(Locale.ROOT);
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
    public List<CookStep> round(Mass piece, Vessel vessel) {
        Duration side = Growth.scaled(MINUTES_A_SIDE, REFERENCE_GRAMS, piece);
        CookStep first = new CookStep("first-side", "First side, until the top changes colour or bubbles.", side);
        return switch (fat) {
            case LAST ->
                List.of(
                        first,
                        new CookStep("second-side", "Turn; dry on the second side.", side),
                        new CookStep("crisp", "Brush with oil and turn twice until crisp.", Duration.ofMinutes(1)));
            case FIRST ->
                List.of(first, new CookStep("second-side", "A little oil under it, turn, second side.", side));
        };
    }
}
