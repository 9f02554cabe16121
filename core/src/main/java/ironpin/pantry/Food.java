package ironpin.pantry;

import ironpin.quantity.Spread;
import java.util.List;
import java.util.Optional;

/**
 * Something that goes into a dough, a filling or a dip, with what a gram of it is made of (usual values, est.).
 *
 * @param key short stable name
 * @param names what cooks call it, lower case, the usual name first
 * @param role what it does
 * @param raw what it is as long as it is raw, where that must be cooked through
 * @param water parts of 1
 * @param fat parts of 1
 * @param protein parts of 1
 * @param starch parts of 1
 * @param salt parts of 1; a range where kind and maker decide
 * @param allergens what some must avoid in it
 * @param measure how it is measured without a scale
 * @param dough what it is in a dough: a flour's or an addition's name as {@code foods.csv} writes it; empty for most
 */
public record Food(
        String key,
        List<String> names,
        Role role,
        Optional<RawKind> raw,
        double water,
        double fat,
        double protein,
        double starch,
        Spread salt,
        Allergens allergens,
        Measure measure,
        String dough) {
    private static final double ROUNDED = 1.02;

    /** What it does. */
    public enum Role {
        MEAT(0.98, 1.02, 1.06),
        FAT(0.88, 0.94, 1.0),
        SOY(0.85, 1.0, 1.06),
        EGG(1.0, 1.03, 1.05),
        CHEESE(0.36, 0.45, 0.7),
        OIL(0.91, 0.92, 0.93),
        DAIRY(0.96, 1.02, 1.06),
        LIQUID(0.98, 1.0, 1.04),
        SEASONING(1.0, 1.15, 1.3),
        SALT(0.9, 1.15, 1.3),
        VEGETABLE(0.3, 0.5, 0.75),
        AROMATIC(0.35, 0.48, 0.65),
        STARCHY(0.6, 0.78, 0.95),
        BINDER(0.45, 0.55, 0.7),
        SWEET(0.6, 0.85, 1.1),
        NUT(0.42, 0.54, 0.7),
        FLOUR(0.45, 0.52, 0.65),
        LEAVENING(0.85, 0.95, 1.05),
        /** Out of a pack, instead of a dough. */
        WRAPPER(0.3, 0.5, 0.8),
        /** A whole filling, or what stands beside the food. */
        FILLING(0.95, 1.02, 1.08),
        BESIDE(0.3, 0.5, 1);

        private final Spread density;

        Role(double low, double usual, double high) {
            this.density = new Spread(low, usual, high);
        }

        /** What foods of this kind weigh in a spoon or cup, g/ml. */
        Spread density() {
            return density;
        }

        /** Whether that is only a guess for one of them: chopped and grated things lie as they please. */
        boolean varies() {
            return density.high() > 1.15 * density.low();
        }
    }

    public Food {
        names = List.copyOf(names);
        double sum = water + fat + protein + starch + salt.usual();
        if (water < 0 || fat < 0 || protein < 0 || starch < 0 || salt.low() < 0 || sum > ROUNDED) {
            throw new IllegalArgumentException(key + " is made of " + sum + " of itself");
        }
    }

    /** What a cook calls it. */
    public String label() {
        return names.get(0);
    }

    /** Whether it gives off water when it is salted, blanched or thawed. */
    public boolean weeps() {
        return role == Role.VEGETABLE || role == Role.STARCHY;
    }

    /** Whether nobody can say how salty it is without its packet or a taste. */
    public boolean saltOpen() {
        return salt.high() > salt.low();
    }

    /** The same meat with another share of fat, parts of 1 below 1: what is lean keeps its proportions. */
    public Food withFat(double share) {
        double lean = fat < 1 ? (1 - share) / (1 - fat) : 0;
        return new Food(
                key,
                names,
                role,
                raw,
                water * lean,
                share,
                protein * lean,
                starch * lean,
                salt.times(lean),
                allergens,
                measure,
                dough);
    }

    /** The same with this much more salt in it, parts of 1. */
    public Food salted(Spread more) {
        return new Food(
                key,
                names,
                role,
                raw,
                Math.max(0, water - more.usual()),
                fat,
                protein,
                starch,
                salt.plus(more),
                allergens,
                measure,
                dough);
    }

    /** The same, with other allergens. */
    Food with(Allergens changed) {
        return new Food(key, names, role, raw, water, fat, protein, starch, salt, changed, measure, dough);
    }

    /** Two that are weighed together, in parts nobody says: halves, with the salt of either. */
    Food and(Food other) {
        return new Food(
                key + "+" + other.key,
                List.of(label() + " and " + other.label()),
                role,
                raw.or(other::raw),
                (water + other.water) / 2,
                (fat + other.fat) / 2,
                (protein + other.protein) / 2,
                (starch + other.starch) / 2,
                new Spread(
                        Math.min(salt.low(), other.salt.low()),
                        (salt.usual() + other.salt.usual()) / 2,
                        Math.max(salt.high(), other.salt.high())),
                allergens.plus(other.allergens),
                measure,
                "");
    }
}
