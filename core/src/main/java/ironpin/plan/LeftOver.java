package ironpin.plan;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Fix;
import ironpin.batch.edit.OutOfRange;
import ironpin.batch.edit.PackField;
import ironpin.batch.edit.PlanNumber;
import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.style.Styles;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What could be done about dough or filling that is left over. Each idea is tried on the plan; those that leave less over are
 * offered, the one first that needs the least to be bought.
 */
public final class LeftOver {
    private static final int MOST_OFFERED = 3;

    /** An idea with what it takes from the shop, in grams; nothing is better than little. */
    private record Idea(Fix fix, double bought) {}

    private final Batch batch;
    private final Balance balance;
    private final List<Idea> ideas = new ArrayList<>();

    private LeftOver(Batch batch) {
        this.batch = batch;
        this.balance = Balancer.solve(batch);
    }

    /** What could be done about everything that is over, fillings first. Grams, pieces and labels as the fields have them. */
    public static List<Fix> fixes(Batch batch) {
        Balance balance = Balancer.solve(batch);
        List<Fix> fixes = new ArrayList<>();
        balance.fillings().stream()
                .filter(share -> worthNaming(share.left()))
                .forEach(share -> fixes.addAll(ofFilling(batch, share)));
        balance.doughs().stream()
                .filter(share -> worthNaming(share.left()))
                .forEach(share -> fixes.addAll(ofDough(batch, share)));
        return fixes.stream().distinct().toList();
    }

    /** Less than a gram is for the bowl. */
    static boolean worthNaming(Mass left) {
        return left.grams() >= 1;
    }

    static String why(Mass left, Mass each) {
        return left.compareTo(each) < 0
                ? "Less than one piece: what is at hand does not divide evenly."
                : "What is at hand does not go together: inside the bands of dough and filling nothing takes it up.";
    }

    static List<Fix> ofFilling(Batch batch, Balance.OfFilling share) {
        LeftOver over = new LeftOver(batch);
        for (Lot lot : batch.lots()) {
            if (lot.fillingNo() == share.no()) {
                over.fillMore(lot, share);
                over.moreFlour(lot, share.left());
            }
        }
        over.wrapped(share);
        return over.helpful();
    }

    static List<Fix> ofDough(Batch batch, Balance.OfDough share) {
        LeftOver over = new LeftOver(batch);
        Dough dough = batch.dough(share.no());
        for (Lot lot : batch.lots()) {
            if (lot.doughNo() == share.no() && lot.bought().isEmpty()) {
                over.cutMore(lot, share);
                over.moreFilling(lot, share.left());
            }
        }
        double flour = Math.ceil(share.made().flour().grams()
                - share.left().grams()
                        / dough.formula().doughPerFlour()
                        / (1 - dough.loss().fraction()));
        over.idea(
                Sentence.of("Weigh only ", Quantity.grams(flour), " of flour"),
                DoughField.FLOUR.at(Address.dough(share.no())),
                flour,
                0);
        return over.helpful();
    }

    private void fillMore(Lot lot, Balance.OfFilling share) {
        Balance.OfLot of = balance.lot(lot.no());
        if (of.pieces() > 0) {
            double each =
                    Words.floorTenth(of.fillingEach().grams() + share.left().grams() / of.pieces());
            double most = Styles.get(lot.style()).fillingBand().high().grams();
            if (each <= most) {
                idea(
                        Sentence.of("Fill ", Quantity.fineGrams(each)),
                        CountField.FILLING_EACH.at(Address.lot(lot.no())),
                        each,
                        0);
            }
        }
    }

    private void cutMore(Lot lot, Balance.OfDough share) {
        Balance.OfLot of = balance.lot(lot.no());
        if (of.pieces() > 0) {
            double each = Words.floorTenth(of.doughEach().grams() + share.left().grams() / of.pieces());
            double most = Styles.get(lot.style()).doughBand().high().grams();
            if (each <= most) {
                idea(
                        Sentence.of("Cut ", Quantity.fineGrams(each)),
                        CountField.DOUGH_EACH.at(Address.lot(lot.no())),
                        each,
                        0);
            }
        }
    }

    /** Flour for as many pieces more as the filling over would fill. */
    private void moreFlour(Lot lot, Mass left) {
        Dough dough = batch.dough(lot.doughNo());
        if (lot.bought().isPresent() || dough.flourAtHand().isEmpty()) {
            return;
        }
        Balance.OfLot of = balance.lot(lot.no());
        long pieces = left.wholePieces(of.fillingEach());
        double more = Math.ceil(of.doughEach().grams()
                * lot.taken()
                * pieces
                / (1 - dough.loss().fraction())
                / dough.formula().doughPerFlour());
        double flour = Math.ceil(dough.flourAtHand().get().grams()) + more;
        idea(
                Sentence.of(Quantity.grams(more), " more flour"),
                DoughField.FLOUR.at(Address.dough(dough.no())),
                flour,
                more);
    }

    /** Filling for as many pieces more as the dough over would make. */
    private void moreFilling(Lot lot, Mass left) {
        batch.filling(lot.fillingNo()).atHand().ifPresent(mass -> {
            Balance.OfLot of = balance.lot(lot.no());
            long pieces = left.wholePieces(of.doughEach());
            double loss = batch.filling(lot.fillingNo()).loss().fraction();
            double more = Math.ceil(of.fillingEach().grams() * pieces / (1 - loss));
            idea(
                    Sentence.of(Quantity.grams(more), " more filling"),
                    FillingField.FILLING.at(Address.filling(lot.fillingNo())),
                    Math.ceil(mass.grams()) + more,
                    more);
        });
    }

    /** The rest of a filling in wrappers out of a pack. */
    private void wrapped(Balance.OfFilling share) {
        batch.lots().stream()
                .filter(lot -> lot.fillingNo() == share.no())
                .findFirst()
                .ifPresent(first -> wrapped(first, share));
    }

    private void wrapped(Lot first, Balance.OfFilling share) {
        long pieces = share.left().wholePieces(balance.lot(first.no()).fillingEach());
        double now = PackField.WRAPPED.read(batch, balance, Address.filling(share.no()));
        idea(
                Sentence.of(pieces + " in bought wrappers"),
                PackField.WRAPPED.at(Address.filling(share.no())),
                now + pieces,
                pieces * balance.lot(first.no()).doughEach().grams());
    }

    private void idea(Sentence label, PlanNumber<?> number, double value, double bought) {
        if (value >= number.field().low() && value <= number.field().high()) {
            ideas.add(new Idea(new Fix(label, number, value), bought));
        }
    }

    private List<Fix> helpful() {
        double now = over(balance);
        List<Fix> found = new ArrayList<>();
        ideas.sort(Comparator.comparingDouble(Idea::bought));
        for (Idea idea : ideas) {
            if (found.size() < MOST_OFFERED && helps(idea.fix(), now)) {
                found.add(idea.fix());
            }
        }
        return found;
    }

    private boolean helps(Fix fix, double now) {
        try {
            return over(Balancer.solve(fix.applyTo(batch))) < now - 1;
        } catch (OutOfRange notAllowedHere) {
            return false;
        }
    }

    private static double over(Balance balance) {
        double doughs = balance.doughs().stream()
                .mapToDouble(share -> share.left().grams())
                .sum();
        return doughs
                + balance.fillings().stream()
                        .mapToDouble(share -> share.left().grams())
                        .sum();
    }
}
