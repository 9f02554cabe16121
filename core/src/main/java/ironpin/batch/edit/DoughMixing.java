package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.dough.Bowl;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughMasses;
import ironpin.dough.Mixing;
import ironpin.dough.Scald;
import ironpin.dough.Waters;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;

/** The mixing of a dough of a batch, in its kitchen and its bowl. */
public final class DoughMixing {
    private static final Mass SOME_FLOUR = Mass.ofGrams(100);

    private DoughMixing() {}

    /** The mixing of this dough; of a hundred grams of flour where there is nothing to mix yet. */
    public static Mixing of(Batch batch, Balance balance, int doughNo) {
        DoughMasses made = balance.dough(doughNo).made();
        DoughMasses mixed =
                made.flour().isZero() ? batch.dough(doughNo).formula().fromFlour(SOME_FLOUR) : made;
        double others = batch.dough(doughNo).bowl().map(Bowl::joulesPerKelvin).orElse(0.0);
        for (DoughMasses.Part part : mixed.parts()) {
            if (part.addition() != DoughAddition.WATER) {
                others += part.mass().grams() * part.addition().joulesPerGramKelvin();
            }
        }
        return new Mixing(mixed.flour(), batch.waters().room(), mixed.of(DoughAddition.WATER), others);
    }

    /** @throws OutOfRange with the reach, if no water between tap and kettle mixes to this temperature */
    static Batch mixTo(Batch batch, int doughNo, double celsius) {
        Waters waters = batch.waters();
        Mixing mixing = of(batch, Balancer.solve(batch), doughNo);
        Temperature poured = mixing.poured(Temperature.ofCelsius(celsius));
        if (!reaches(waters, poured)) {
            Band<Temperature> reach = mixing.reach(waters.tap(), waters.kettle());
            double low = Math.ceil(reach.low().celsius());
            double high = Math.floor(reach.high().celsius());
            throw new OutOfRange(DoughField.MIXED, celsius, low, high);
        }
        return pour(batch, doughNo, poured);
    }

    /** @throws OutOfRange with the reach, if no water between tap and kettle scalds this much */
    static Batch scaldTo(Batch batch, int doughNo, double percent) {
        Waters waters = batch.waters();
        Mixing mixing = of(batch, Balancer.solve(batch), doughNo);
        Temperature poured = mixing.poured(Scald.temperatureFor(percent / 100));
        if (!reaches(waters, poured)) {
            Band<Temperature> reach = mixing.reach(waters.tap(), waters.kettle());
            double high = Math.floor(100 * Scald.share(reach.high()));
            throw new OutOfRange(DoughField.SCALD, percent, DoughField.SCALD.low(), high);
        }
        return pour(batch, doughNo, poured);
    }

    /** Grams of the water that come from the kettle. */
    static double fromKettle(Batch batch, Balance balance, int doughNo) {
        Waters waters = batch.waters();
        Temperature poured = new Band<>(waters.tap(), waters.kettle())
                .clamp(batch.dough(doughNo).water());
        return of(batch, balance, doughNo)
                .split(poured, waters.tap(), waters.kettle())
                .kettle()
                .grams();
    }

    /** @throws OutOfRange if it is more than the water there is */
    static Batch pourFromKettle(Batch batch, int doughNo, double grams) {
        Waters waters = batch.waters();
        double water = of(batch, Balancer.solve(batch), doughNo).water().grams();
        if (grams > Math.ceil(water)) {
            throw new OutOfRange(DoughField.KETTLE_WATER, grams, 0, Math.floor(water));
        }
        double span = waters.kettle().celsius() - waters.tap().celsius();
        double celsius = waters.tap().celsius() + span * Math.min(1, grams / water);
        return pour(batch, doughNo, Temperature.ofCelsius(celsius));
    }

    private static boolean reaches(Waters waters, Temperature poured) {
        return poured.compareTo(waters.tap()) >= 0 && poured.compareTo(waters.kettle()) <= 0;
    }

    private static Batch pour(Batch batch, int doughNo, Temperature poured) {
        return batch.mapDough(doughNo, dough -> dough.withWater(poured));
    }
}
