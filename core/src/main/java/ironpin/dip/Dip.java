package ironpin.dip;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.refusal.Numbered;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import java.util.ArrayList;
import java.util.List;

/**
 * A dip as parts by volume, scaled by the eaters.
 *
 * @param name what a cook calls it, 1 to {@value #MOST_NAME} characters
 * @param parts 0 to {@value #MOST_PARTS}; none for no dip at all
 */
public record Dip(String name, List<Part> parts) {
    /** Characters of a name, and of a line's. */
    public static final int MOST_NAME = 60;
    /** Lines of a dip. */
    public static final int MOST_PARTS = 20;
    /** Dip for one eater: practice says 15 to 20 ml. */
    public static final double ML_PER_EATER = 18;

    private static final double WATER_DENSITY = 1;

    /**
     * One line of a dip.
     *
     * @param ingredient what it is, 1 to {@value Dip#MOST_NAME} characters
     * @param parts by volume, above 0 and at most 1,000
     */
    public record Part(String ingredient, double parts) {
        public Part {
            ingredient = Typed.name(ingredient);
            if (ingredient.isBlank() || ingredient.length() > MOST_NAME) {
                throw new Refused("a line of a dip has a name of 1 to 60 characters");
            }
            if (!(parts > 0 && parts <= 1_000)) {
                throw new Refused(ingredient + " has above 0 and at most 1,000 parts, not " + parts);
            }
        }
    }

    /**
     * One line measured out.
     *
     * @param ingredient what it is
     * @param millilitres how much
     */
    public record Measure(String ingredient, double millilitres) {
        /** Its mass, through the density of the food it is; that of water if it is not known (est.). */
        public Mass mass() {
            double density = FoodName.read(ingredient)
                    .food()
                    .map(food -> food.measure().density().usual())
                    .orElse(WATER_DENSITY);
            return Mass.ofGrams(millilitres * density);
        }
    }

    public Dip {
        name = Typed.name(name);
        parts = List.copyOf(parts);
        if (name.isBlank() || name.length() > MOST_NAME) {
            throw new Refused("a dip's name has 1 to 60 characters");
        }
        if (parts.size() > MOST_PARTS) {
            throw new Refused("a dip has up to 20 lines, not " + parts.size());
        }
    }

    /** Every line for this many eaters, 0 or more. */
    public List<Measure> forEaters(int eaters) {
        double sum = parts.stream().mapToDouble(Part::parts).sum();
        return parts.stream()
                .map(part -> new Measure(part.ingredient(), millilitres(eaters) * part.parts() / sum))
                .toList();
    }

    /** How much of it these eaters get in all, ml. */
    public double millilitres(int eaters) {
        return parts.isEmpty() ? 0 : eaters * ML_PER_EATER;
    }

    /** The same dip under another name. */
    public Dip named(String changed) {
        return new Dip(changed.strip(), parts);
    }

    /** The same dip with one line more. */
    public Dip plus(Part part) {
        List<Part> changed = new ArrayList<>(parts);
        changed.add(part);
        return new Dip(name, changed);
    }

    /** The same dip without one line. @param index which, from 0 */
    public Dip without(int index) {
        List<Part> changed = new ArrayList<>(parts);
        changed.remove(Numbered.of(parts, index, "line"));
        return new Dip(name, changed);
    }

    /** The same dip with one line changed. @param index which, from 0 */
    public Dip with(int index, Part part) {
        List<Part> changed = new ArrayList<>(parts);
        Numbered.of(parts, index, "line");
        changed.set(index, part);
        return new Dip(name, changed);
    }

    /** A part for so many grams of an ingredient, by its volume. */
    public static Part ofGrams(String ingredient, double grams) {
        double density = FoodName.read(ingredient)
                .food()
                .map(Food::measure)
                .map(measure -> measure.density().usual())
                .orElse(WATER_DENSITY);
        double ml = Math.min(1_000, Math.max(0.1, grams / density));
        return new Part(ingredient, Math.round(ml * 10) / 10.0);
    }

    /** Its lines in one text: "3 light soy sauce; 2 black rice vinegar". */
    public String said() {
        return String.join(
                "; ",
                parts.stream()
                        .map(part -> Decimal.trimmed(part.parts(), 2) + " " + part.ingredient())
                        .toList());
    }
}
