package ironpin.shopping;

import ironpin.pantry.Allergens;
import ironpin.quantity.Mass;
import java.util.Optional;

/**
 * One thing to buy.
 *
 * @param key its name in small letters, the same from one look to the next
 * @param name what it is
 * @param aisle where it stands
 * @param needed by the plan, as it is bought
 * @param packs for what comes in packs of its own
 * @param note how the mass came about; may be empty
 * @param allergens what some must avoid in it
 */
public record ShoppingItem(
        String key, String name, Aisle aisle, Mass needed, Optional<Integer> packs, String note, Allergens allergens) {
    /** What is left to buy with this much at home, rounded up to the aisle's step. */
    public Mass toBuy(Mass have) {
        Mass lacking = needed.minus(have);
        if (lacking.micrograms() <= 0) {
            return Mass.ZERO;
        }
        double steps = Math.ceil(lacking.grams() / aisle.stepGrams() - 1e-9);
        return Mass.ofGrams(steps * aisle.stepGrams());
    }

    ShoppingItem plus(ShoppingItem other) {
        String notes = note.equals(other.note) || other.note.isEmpty() ? note : (note.isEmpty() ? other.note : note);
        Optional<Integer> both = packs.map(own -> own + other.packs.orElse(0));
        return new ShoppingItem(
                key, name, aisle, needed.plus(other.needed), both, notes, allergens.plus(other.allergens));
    }
}
