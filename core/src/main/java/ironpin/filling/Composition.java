package ironpin.filling;

import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a filling is made of (est.): each line's mass times what a gram of it is made of. A line that no food is known for
 * counts as {@link Part#OTHER}.
 *
 * @param parts shares of the finished filling; they add up to 1
 * @param salt share of salt from all lines, which is inside the parts as well
 * @param meat share of meat, its fat included
 * @param liquid share of liquid worked in
 * @param vegetable share of vegetables and aromatics
 * @param allergens what some must avoid
 * @param unknown lines that no food is known for
 */
public record Composition(
        Map<Part, Double> parts,
        double salt,
        double meat,
        double liquid,
        double vegetable,
        Set<Allergen> allergens,
        List<String> unknown) {
    /** The parts a filling is drawn in. */
    public enum Part {
        LEAN("lean"),
        FAT("fat"),
        WATER("liquid"),
        VEGETABLE("vegetable"),
        STARCH("starch"),
        SALT("salt"),
        OTHER("other");

        private final String label;

        Part(String label) {
            this.label = label;
        }

        /** In a word. */
        public String label() {
            return label;
        }
    }

    /** Salt of a filling that tastes of itself; lower with a salty dip. */
    public static final Band<Percentage> SALT_BAND = Band.percent(1.0, 1.4);

    /** Fat of meat that is juicy, oil counted in. */
    public static final Band<Percentage> JUICY_FAT = Band.percent(20, 30);

    /** Fat that lean meat is brought to. */
    public static final Percentage WANTED_FAT = Percentage.of(25);

    public Composition {
        parts = Map.copyOf(parts);
        allergens = Set.copyOf(allergens);
        unknown = List.copyOf(unknown);
    }

    /** The composition of a filling. */
    public static Composition of(FillingFormula formula) {
        Map<Part, Double> parts = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            parts.put(part, 0.0);
        }
        Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        List<String> unknown = new ArrayList<>();
        double salt = 0;
        double meat = 0;
        double liquid = 0;
        double vegetable = 0;
        for (FillingLine line : formula.lines()) {
            double share = line.share().fraction();
            Optional<Food> known = Foods.named(line.ingredient());
            if (known.isEmpty()) {
                unknown.add(line.ingredient());
                parts.merge(Part.OTHER, share, Double::sum);
                continue;
            }
            Food food = known.get();
            allergens.addAll(food.allergens());
            salt += share * food.salt();
            meat += food.role() == Food.Role.MEAT || food.role() == Food.Role.FAT ? share : 0;
            liquid += food.role() == Food.Role.LIQUID ? share : 0;
            vegetable += food.role() == Food.Role.VEGETABLE || food.role() == Food.Role.AROMATIC ? share : 0;
            shared(food, share, parts);
        }
        return new Composition(parts, salt, meat, liquid, vegetable, allergens, unknown);
    }

    private static void shared(Food food, double share, Map<Part, Double> parts) {
        double fat = share * food.fat();
        double salt = share * food.salt();
        parts.merge(Part.FAT, fat, Double::sum);
        parts.merge(Part.SALT, salt, Double::sum);
        Part rest =
                switch (food.role()) {
                    case MEAT, FAT, SOY, EGG, CHEESE -> Part.LEAN;
                    case LIQUID, SEASONING, OIL -> Part.WATER;
                    case VEGETABLE, AROMATIC -> Part.VEGETABLE;
                    case STARCHY, BINDER -> Part.STARCH;
                    case SALT, SWEET -> Part.OTHER;
                };
        parts.merge(rest, share - fat - salt, Double::sum);
    }

    /** One part's share, 0 to 1. */
    public double share(Part part) {
        return parts.get(part);
    }

    /** Fat of the meat, with the oil and fat added to it; nothing without meat. */
    public Optional<Percentage> fatOfMeat(FillingFormula formula) {
        double fat = 0;
        double whole = 0;
        for (FillingLine line : formula.lines()) {
            Optional<Food> food = Foods.named(line.ingredient());
            if (food.isPresent() && softens(food.get().role())) {
                fat += line.share().fraction() * food.get().fat();
                whole += line.share().fraction();
            }
        }
        return meat > 0 ? Optional.of(Percentage.ofFraction(fat / whole)) : Optional.empty();
    }

    private static boolean softens(Food.Role role) {
        return role == Food.Role.MEAT || role == Food.Role.FAT || role == Food.Role.OIL;
    }

    /** Liquid worked in for the meat there is; nothing without meat. */
    public Optional<Percentage> liquidOfMeat() {
        return meat > 0 ? Optional.of(Percentage.ofFraction(liquid / meat)) : Optional.empty();
    }
}
