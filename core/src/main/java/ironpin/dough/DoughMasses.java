package ironpin.dough;

import ironpin.quantity.Mass;
import java.util.List;

/**
 * A dough weighed out.
 *
 * @param flour all flour together
 * @param parts everything else, in the formula's order
 */
public record DoughMasses(Mass flour, List<Part> parts) {
    /** One weighed addition. */
    public record Part(DoughAddition addition, Mass mass) {}

    public DoughMasses {
        parts = List.copyOf(parts);
    }

    /** The mass of one addition; zero if it is not in the dough. */
    public Mass of(DoughAddition addition) {
        return parts.stream()
                .filter(part -> part.addition() == addition)
                .map(Part::mass)
                .findFirst()
                .orElse(Mass.ZERO);
    }

    /** Everything together: exactly the sum of the parts. */
    public Mass total() {
        Mass total = flour;
        for (Part part : parts) {
            total = total.plus(part.mass());
        }
        return total;
    }
}
