package ironpin.filling;

import ironpin.pantry.Food;
import ironpin.quantity.Band;
import ironpin.quantity.Percentage;
import ironpin.quantity.Spread;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a filling is made of (est.): each line's mass times what a gram of it is made of. A line that no food is known for
 * counts as {@link Part#OTHER}, and what it brings in salt and fat is not known.
 *
 * @param parts shares of the finished filling; they add up to 1
 * @param salt from the known lines, parts of 1, with the range that their kinds leave open; inside the parts as well
 * @param saltOpen known lines whose salt only their packet tells
 * @param meat share of meat, its fat included
 * @param liquid share of liquid worked in
 * @param vegetable share of vegetables, onions and fresh herbs among them; spices, garlic and ginger season and are none
 * @param fatOfMeat fat of the meat, with the oil and fat added to it; absent without meat
 * @param unknown lines that no food is known for
 * @param guessed lines that are taken for something without being sure
 */
public record Composition(
        Map<Part, Double> parts,
        Spread salt,
        List<String> saltOpen,
        double meat,
        double liquid,
        double vegetable,
        Optional<Percentage> fatOfMeat,
        List<String> unknown,
        List<String> guessed) {
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

    /** Water in what counts as a vegetable and not as a seasoning, as a share. */
    private static final double JUICY = 0.8;

    /** A line whose packet could move the salt of the whole filling by less than this is not worth a word. */
    private static final double OPEN_WORTH_NAMING = 0.0005;

    public Composition {
        parts = Map.copyOf(parts);
        saltOpen = List.copyOf(saltOpen);
        unknown = List.copyOf(unknown);
        guessed = List.copyOf(guessed);
    }

    /** The composition of a filling. */
    public static Composition of(FillingFormula formula) {
        Sum sum = new Sum();
        formula.lines().forEach(sum::add);
        return sum.whole();
    }

    /** One part's share, 0 to 1. */
    public double share(Part part) {
        return parts.get(part);
    }

    /** Liquid worked in for the meat there is; absent without meat. */
    public Optional<Percentage> liquidOfMeat() {
        return meat > 0 ? Optional.of(Percentage.ofFraction(liquid / meat)) : Optional.empty();
    }

    /** Whether every line is known well enough to say how much salt there is, within its range. */
    public boolean saltKnown() {
        return unknown.isEmpty() && guessed.isEmpty();
    }

    /** Lines that keep a sum from being sure: not known, or only guessed. */
    public List<String> notSure() {
        List<String> all = new ArrayList<>(unknown);
        all.addAll(guessed);
        return List.copyOf(all);
    }

    private static final class Sum {
        private final Map<Part, Double> parts = new EnumMap<>(Part.class);
        private final List<String> unknown = new ArrayList<>();
        private final List<String> guessed = new ArrayList<>();
        private final List<String> saltOpen = new ArrayList<>();
        private Spread salt = Spread.of(0);
        private double meat;
        private double liquid;
        private double vegetable;
        private double softFat;
        private double soft;

        Sum() {
            for (Part part : Part.values()) {
                parts.put(part, 0.0);
            }
        }

        void add(FillingLine line) {
            double share = line.share().fraction();
            Spoken spoken = line.spoken();
            if (spoken.food().isEmpty()) {
                unknown.add(line.ingredient());
                parts.merge(Part.OTHER, share, Double::sum);
                return;
            }
            if (spoken.guessed()) {
                guessed.add(line.ingredient());
            }
            Food food = spoken.food().get();
            Spread brings = food.salt().times(share);
            salt = salt.plus(brings);
            if (brings.high() - brings.low() >= OPEN_WORTH_NAMING) {
                saltOpen.add(line.ingredient());
            }
            boolean flesh = food.role() == Food.Role.MEAT || food.role() == Food.Role.FAT;
            meat += flesh ? share : 0;
            // Set stock is cubes: nothing the meat has to hold.
            boolean set = spoken.done().filter(Treatment::sets).isPresent();
            liquid += food.role() == Food.Role.LIQUID && !set ? share : 0;
            boolean juicy = food.role() == Food.Role.AROMATIC && food.water() >= JUICY;
            vegetable += food.role() == Food.Role.VEGETABLE || juicy ? share : 0;
            if (flesh || food.role() == Food.Role.OIL) {
                softFat += share * food.fat();
                soft += share;
            }
            share(food, share);
        }

        private void share(Food food, double share) {
            double fat = share * food.fat();
            double salted = share * food.salt().usual();
            parts.merge(Part.FAT, fat, Double::sum);
            parts.merge(Part.SALT, salted, Double::sum);
            Part rest =
                    switch (food.role()) {
                        case MEAT, FAT, SOY, EGG, CHEESE, NUT -> Part.LEAN;
                        case LIQUID, SEASONING, OIL, DAIRY -> Part.WATER;
                        case VEGETABLE, AROMATIC -> Part.VEGETABLE;
                        case STARCHY, BINDER, FLOUR -> Part.STARCH;
                        case SALT, SWEET, LEAVENING, WRAPPER, FILLING, BESIDE -> Part.OTHER;
                    };
            parts.merge(rest, share - fat - salted, Double::sum);
        }

        Composition whole() {
            Optional<Percentage> fat = meat > 0 ? Optional.of(Percentage.ofFraction(softFat / soft)) : Optional.empty();
            return new Composition(parts, salt, saltOpen, meat, liquid, vegetable, fat, unknown, guessed);
        }
    }
}
