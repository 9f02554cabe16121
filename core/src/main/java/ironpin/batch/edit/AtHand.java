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
     * @param grams what there is of it, g, above 0
     */
    public static List<Fix> ways(Batch batch, PlanNumber<?> number, double grams) {
        List<Fix> ways = new ArrayList<>();
        allOf(batch, number, grams).ifPresent(ways::add);
        if (number.field() == FillingField.FILLING_GRAMS && number.at() instanceof Address.LineOf at) {
            fuller(batch, at.filling(), grams / share(batch, at), ways);
        }
        return List.copyOf(ways);
    }

    /**
     * All of it used up by as many pieces as it gives; nothing where the number is no line's mass, or that cannot be.
     *
     * @param batch as it was before anything was changed
     * @param number the line there is so much of
     * @param grams what there is of it, g, above 0
     */
    public static Optional<Fix> allOf(Batch batch, PlanNumber<?> number, double grams) {
        if (number.field() == FillingField.FILLING_GRAMS && number.at() instanceof Address.LineOf at) {
            return whole(batch, FillingField.FILLING.at(new Address.OfFilling(at.filling())), share(batch, at), grams);
        }
        if (number.field() == DoughField.ADDITION_GRAMS && number.at() instanceof Address.AdditionOf at) {
            double share =
                    batch.dough(at.dough()).formula().share(at.addition()).fraction();
            return whole(batch, DoughField.FLOUR.at(new Address.OfDough(at.dough())), share, grams);
        }
        if (number.field() == DoughField.FLOUR_GRAMS && number.at() instanceof Address.FlourOf at) {
            double share = at.in(batch).share().fraction();
            return whole(batch, DoughField.FLOUR.at(new Address.OfDough(at.dough())), share, grams);
        }
        return Optional.empty();
    }

    private static double share(Batch batch, Address.LineOf at) {
        return at.in(batch).share().fraction();
    }

    private static Optional<Fix> whole(Batch batch, PlanNumber<?> whole, double share, double grams) {
        if (!(share > 0)) {
            return Optional.empty();
        }
        double all = Math.round(grams / share);
        return held(batch, new Fix(Sentence.EMPTY, whole, all)).map(after -> {
            int pieces = after.lots().stream().mapToInt(lot -> lot.pieces()).sum();
            return new Fix(Sentence.of("Use all ", Quantity.grams(grams), ": " + pieces + " pieces"), whole, all);
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
