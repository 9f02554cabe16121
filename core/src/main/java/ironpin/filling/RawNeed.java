package ironpin.filling;

import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;

/** How much of a food is needed raw, so that enough is left of it after what is done to it first. */
public interface RawNeed {
    /** As is usual (est.): the middle of what a treatment leaves; all of a food that is not in the table. */
    RawNeed USUAL = (food, done, treated) ->
            treated.dividedBy(Foods.find(food).map(done::usuallyLeft).orElse(1.0));

    /**
     * The raw mass.
     *
     * @param food key of the food
     * @param done to it
     * @param treated as much as goes into the filling
     */
    Mass raw(String food, Treatment done, Mass treated);

    /** The raw mass of a food of the table. */
    default Mass raw(Food food, Treatment done, Mass treated) {
        return raw(food.key(), done, treated);
    }
}
