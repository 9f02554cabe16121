package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.balance.Balancer;
import ironpin.dough.BenchFeel;
import ironpin.dough.Correction;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughMasses;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;

/**
 * A correction worked into a batch: the flour is in the bowl, so it is held at what was weighed, plus what is added; the
 * other lines keep their grams, and the pieces follow from the dough there now is.
 *
 * @param correction what to add
 * @param before hydration of the poured water before it
 * @param hydration of the poured water after it
 * @param batch with the correction made
 */
public record BenchCorrection(Correction correction, Percentage before, Percentage hydration, Batch batch) {
    private static final Mass SCALE = Mass.ofGrams(0.1);

    /**
     * One step for how this dough feels.
     *
     * @throws ironpin.refusal.NotThere if there is no such dough or none has been mixed
     */
    public static BenchCorrection of(Batch batch, int doughNo, BenchFeel feel) {
        return of(batch, Balancer.solve(batch).dough(doughNo).made(), doughNo, feel);
    }

    /**
     * The same, where what the dough comes to is known.
     *
     * @param made of this dough, by the balance of this batch
     * @throws ironpin.refusal.NotThere if there is no such dough
     */
    public static BenchCorrection of(Batch batch, DoughMasses made, int doughNo, BenchFeel feel) {
        Mass water = made.of(DoughAddition.WATER);
        Correction exact = Correction.step(feel, made.flour(), water);
        Correction step =
                new Correction(feel, onTheScale(exact.waterToAdd()), onTheScale(exact.flourToAdd()), exact.rest());
        Percentage before = batch.dough(doughNo).formula().hydration();
        Percentage after = step.hydrationAfter(made.flour(), water);
        if (feel.cure() == BenchFeel.Cure.REST) {
            Batch rested = batch.mapDoughs(
                    dough -> dough.no() == doughNo ? dough.withRest(dough.rest().plus(step.rest())) : dough);
            return new BenchCorrection(step, before, after, rested);
        }
        Mass flour = made.flour().plus(step.flourToAdd());
        Batch held = Pins.holdFlour(batch, doughNo, flour).mapDoughs(dough -> {
            if (dough.no() != doughNo) {
                return dough;
            }
            Dough changed = dough;
            for (DoughMasses.Part part : made.parts()) {
                Mass grams = part.addition() == DoughAddition.WATER ? water.plus(step.waterToAdd()) : part.mass();
                changed = changed.with(part.addition(), Percentage.ofFraction(grams.ratioTo(flour)));
            }
            return changed;
        });
        return new BenchCorrection(step, before, after, held);
    }

    /**
     * The same, for a batch that is kept.
     *
     * @throws OutOfRange if the dough would hold more or less water than a plan can, or rest longer
     */
    public BenchCorrection kept(int doughNo) {
        demand(DoughField.HYDRATION, hydration.percent());
        demand(DoughField.REST, batch.dough(doughNo).rest().toMinutes());
        return this;
    }

    /** Whether a plan can hold what it leads to. */
    public boolean holds(int doughNo) {
        try {
            kept(doughNo);
            return true;
        } catch (OutOfRange no) {
            return false;
        }
    }

    private static void demand(PlanField<?> field, double value) {
        if (!(value >= field.low() && value <= field.high())) {
            throw new OutOfRange(field, value);
        }
    }

    private static Mass onTheScale(Mass mass) {
        return SCALE.times(Math.round(mass.ratioTo(SCALE)));
    }
}
