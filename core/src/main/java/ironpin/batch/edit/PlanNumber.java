package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.pantry.Food;
import ironpin.refusal.NotThere;
import java.util.Optional;

/**
 * One number of a plan: a field where it stands.
 *
 * @param field what it is
 * @param at where it stands
 * @param <A> where such a number stands
 */
public record PlanNumber<A extends Address>(PlanField<A> field, A at) {
    /** The number as it stands in the solved plan. @throws NotThere if nothing stands there */
    public double read(Batch batch, Balance balance) {
        return field.read(batch, balance, at);
    }

    /**
     * The batch with this number changed.
     *
     * @throws OutOfRange if the value is not allowed, or not whole where it must be
     * @throws NotThere if nothing stands there
     */
    public Batch write(Batch batch, double value) {
        return field.write(batch, at, value);
    }

    /** What stands there, as it is called. @throws NotThere if nothing does */
    public String bearer(Batch batch) {
        return at.bearer(batch);
    }

    /** What its grams are grams of; absent where it is not a mass, or that is not known. @throws NotThere if nothing stands there */
    public Optional<Food> food(Batch batch) {
        return field.food(batch, at);
    }
}
