package ironpin.filling;

import ironpin.pantry.Allergens;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.worked.WorkedOut;
import java.util.Optional;

/**
 * What a line of a filling says: which food, and what is done to it.
 *
 * @param name as it was read
 * @param food as it goes in: with its stated fat, and with the salt of its treatment; absent if it is not known
 * @param done what is done to it first; absent if it goes in as it is
 */
public record Spoken(FoodName name, Optional<Food> food, Optional<Treatment> done) {
    private static final WorkedOut<String, Spoken> HEARD = new WorkedOut<>(2_000, Spoken::heard);

    /** What this text says. */
    public static Spoken of(String text) {
        return HEARD.of(text);
    }

    private static Spoken heard(String text) {
        FoodName name = FoodName.read(text);
        Optional<Treatment> done = name.food().flatMap(food -> Treatment.spokenOf(name, food));
        return new Spoken(
                name, name.food().map(food -> done.map(one -> one.after(food)).orElse(food)), done);
    }

    /** Whether it is a food of this kind. */
    public boolean is(Food.Role role) {
        return food.filter(one -> one.role() == role).isPresent();
    }

    /** What some must avoid in it. */
    public Allergens allergens() {
        return name.allergens();
    }

    /** Whether it is taken for something without being sure. */
    public boolean guessed() {
        return name.certainty() == FoodName.Certainty.GUESSED;
    }
}
