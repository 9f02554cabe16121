package ironpin.filling;

import java.util.List;
import java.util.Set;

/**
 * Something that goes into a filling, with what a gram of it is made of (usual values, est.).
 *
 * @param key short stable name
 * @param names what cooks call it, lower case
 * @param role what it does in a filling
 * @param water parts of 1
 * @param fat parts of 1
 * @param protein parts of 1
 * @param starch parts of 1
 * @param salt parts of 1
 * @param allergens what some must avoid in it
 */
public record Food(
        String key,
        List<String> names,
        Role role,
        double water,
        double fat,
        double protein,
        double starch,
        double salt,
        Set<Allergen> allergens) {
    /** What it does in a filling. */
    public enum Role {
        MEAT,
        FAT,
        SOY,
        EGG,
        CHEESE,
        OIL,
        LIQUID,
        SEASONING,
        SALT,
        VEGETABLE,
        AROMATIC,
        STARCHY,
        BINDER,
        SWEET
    }

    public Food {
        names = List.copyOf(names);
        allergens = Set.copyOf(allergens);
        double sum = water + fat + protein + starch + salt;
        if (water < 0 || fat < 0 || protein < 0 || starch < 0 || salt < 0 || sum > 1.001) {
            throw new IllegalArgumentException(key + " is made of " + sum + " of itself");
        }
    }

    /** Whether it gives off water when it is salted, blanched or thawed. */
    public boolean weeps() {
        return role == Role.VEGETABLE || role == Role.STARCHY;
    }

    /** The same meat with another share of fat, parts of 1: what is lean keeps its proportions. */
    Food withFat(double share) {
        double lean = (1 - share) / (1 - fat);
        return new Food(key, names, role, water * lean, share, protein * lean, starch * lean, salt * lean, allergens);
    }

    /** The same with a little more salt, as a vegetable keeps that was salted and squeezed. */
    Food salted(double share) {
        return new Food(key, names, role, water - share, fat, protein, starch, salt + share, allergens);
    }
}
