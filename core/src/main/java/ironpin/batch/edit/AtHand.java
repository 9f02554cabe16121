package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.refusal.Refused;
import ironpin.style.Styles;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a line that was weighed by hand could mean for the whole: there is so much of it, and all of it is to be used. Either
 * there are more or fewer pieces of the same make, or the pieces are as many and fuller.
 */
public final class AtHand {
    private static final double TENTH = 10;

    private AtHand() {}

    /**
     * The ways to use up what was typed, each with its figures; none where the number is no line's mass, or nothing fits.
     *
     * @param batch as it was before anything was changed
     * @param number the line that was typed
     * @param grams what there is of it
     */
    public static List<Fix> ways(Batch batch, PlanNumber<?> number, double grams) {
        List<Fix> ways = new ArrayList<>();
        if (number.field() == FillingField.FILLING_GRAMS && number.at() instanceof Address.LineOf at) {
            double all = grams / at.in(batch).share().fraction();
            more(batch, FillingField.FILLING.at(new Address.OfFilling(at.filling())), all, grams, ways);
            fuller(batch, at.filling(), all, ways);
        } else if (number.field() == DoughField.ADDITION_GRAMS && number.at() instanceof Address.AdditionOf at) {
            double share =
                    batch.dough(at.dough()).formula().share(at.addition()).fraction();
            flour(batch, at.dough(), grams / share, grams, ways);
        } else if (number.field() == DoughField.FLOUR_GRAMS && number.at() instanceof Address.FlourOf at) {
            flour(batch, at.dough(), grams / at.in(batch).share().fraction(), grams, ways);
        }
        return List.copyOf(ways);
    }

    private static void flour(Batch batch, int dough, double flour, double grams, List<Fix> ways) {
        if (Double.isFinite(flour)) {
            more(batch, DoughField.FLOUR.at(new Address.OfDough(dough)), flour, grams, ways);
        }
    }

    /** As many pieces as it gives. */
    private static void more(Batch batch, PlanNumber<?> whole, double all, double grams, List<Fix> ways) {
        double rounded = Math.round(all);
        Fix fix = new Fix(Sentence.EMPTY, whole, rounded);
        held(batch, fix).ifPresent(after -> {
            int pieces = after.lots().stream().mapToInt(lot -> lot.pieces()).sum();
            ways.add(
                    new Fix(Sentence.of("Use all ", Quantity.grams(grams), ": " + pieces + " pieces"), whole, rounded));
        });
    }

    /** As many pieces as there are, with more or less in each, as long as the start's pieces may be so. */
    private static void fuller(Batch batch, int fillingNo, double all, List<Fix> ways) {
        List<Lot> lots = batch.lots().stream()
                .filter(lot -> lot.fillingNo() == fillingNo)
                .toList();
        if (lots.size() != 1) {
            return;
        }
        Lot lot = lots.get(0);
        Filling filling = batch.filling(fillingNo);
        int pieces = Balancer.solve(batch).lot(lot.no()).pieces();
        double left = (all - filling.testPatty().grams()) * (1 - filling.loss().fraction());
        double each = Math.floor(left / pieces * TENTH) / TENTH;
        Band<Mass> band = Styles.get(lot.style()).fillingBand();
        if (!band.contains(Mass.ofGrams(Math.max(0, each)))) {
            return;
        }
        PlanNumber<?> number = CountField.FILLING_EACH.at(new Address.OfLot(lot.no()));
        Fix fix = new Fix(
                Sentence.of("Keep " + pieces + " pieces, ", Quantity.fineGrams(each), " in each"), number, each);
        if (fix.possible(batch)) {
            ways.add(fix);
        }
    }

    private static Optional<Balance> held(Batch batch, Fix fix) {
        try {
            return Optional.of(Balancer.solve(fix.applyTo(batch)));
        } catch (Refused notHere) {
            return Optional.empty();
        }
    }
}
