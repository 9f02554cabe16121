package ironpin.batch;

import ironpin.dough.DoughAddition;
import ironpin.dough.DoughMasses;
import ironpin.dough.Mixing;
import ironpin.dough.Waters;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;

/** The mixing of a dough of a batch, in an ordinary kitchen and without the bowl. */
public final class DoughMixing {
    private static final Mass SOME_FLOUR = Mass.ofGrams(100);

    private DoughMixing() {}

    /** The mixing of this dough; of a hundred grams of flour where there is nothing to mix yet. */
    public static Mixing of(Batch batch, Balance balance, int doughNo) {
        DoughMasses made = balance.dough(doughNo).made();
        DoughMasses mixed =
                made.flour().isZero() ? batch.dough(doughNo).formula().fromFlour(SOME_FLOUR) : made;
        return new Mixing(mixed.flour(), Waters.USUAL.room(), mixed.of(DoughAddition.WATER), 0);
    }

    /** @throws OutOfRange with the reach, if no water between tap and kettle mixes to this temperature */
    static Batch mixTo(Batch batch, int doughNo, double celsius) {
        Waters waters = Waters.USUAL;
        Mixing mixing = of(batch, Balancer.solve(batch), doughNo);
        Temperature poured = mixing.poured(Temperature.ofCelsius(celsius));
        if (poured.compareTo(waters.tap()) < 0 || poured.compareTo(waters.kettle()) > 0) {
            Band<Temperature> reach = mixing.reach(waters.tap(), waters.kettle());
            String low = Trim.number(Math.ceil(reach.low().celsius()));
            String high = Trim.number(Math.floor(reach.high().celsius()));
            throw new OutOfRange(PlanField.MIXED, celsius, low + " to " + high + " °C");
        }
        return batch.mapDoughs(dough -> dough.no() == doughNo ? dough.withWater(poured) : dough);
    }
}
