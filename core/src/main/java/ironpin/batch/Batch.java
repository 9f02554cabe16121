package ironpin.batch;

import ironpin.cook.CookMethod;
import ironpin.cook.Vessel;
import ironpin.dip.Dip;
import ironpin.dough.Waters;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import ironpin.wrapper.Fold;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.function.UnaryOperator;

/**
 * One supper as the cook wants it; what follows from it is in {@link Balance} and the plan.
 *
 * @param title what the cook calls it, 1 to 80 characters
 * @param serving when it is on the table, kitchen time
 * @param eaters how many eat, 1 to 200
 * @param appetite how hungry they are
 * @param waters what its water is mixed from
 * @param guests what they avoid and like
 * @param doughs at least one
 * @param fillings at least one
 * @param lots at least one, in the order of their lanes
 */
public record Batch(
        String title,
        LocalDateTime serving,
        int eaters,
        Appetite appetite,
        Waters waters,
        Guests guests,
        List<Dough> doughs,
        List<Filling> fillings,
        List<Lot> lots) {
    public Batch {
        title = Typed.name(title);
        doughs = List.copyOf(doughs);
        fillings = List.copyOf(fillings);
        lots = List.copyOf(lots);
        if (title.isBlank() || title.length() > 80) {
            throw new Refused("a title has 1 to 80 characters");
        }
        if (eaters < 1 || eaters > 200) {
            throw new Refused("1 to 200 eaters, not " + eaters);
        }
        if (lots.isEmpty() || lots.size() > Lanes.MOST) {
            throw new Refused("a batch has 1 to " + Lanes.MOST + " lots, not " + lots.size());
        }
        Set<Integer> doughNos = distinct("dough", doughs, Dough::no);
        Set<Integer> fillingNos = distinct("filling", fillings, Filling::no);
        distinct("lot", lots, Lot::no);
        for (Lot lot : lots) {
            if (!doughNos.contains(lot.doughNo()) || !fillingNos.contains(lot.fillingNo())) {
                throw new Refused(lot.name() + " refers to a dough or filling that is not there");
            }
        }
    }

    /** The dough of this number. @throws IllegalArgumentException if there is none */
    public Dough dough(int no) {
        return find("dough", doughs, Dough::no, no);
    }

    /** The filling of this number. @throws IllegalArgumentException if there is none */
    public Filling filling(int no) {
        return find("filling", fillings, Filling::no, no);
    }

    /** The lot of this number. @throws IllegalArgumentException if there is none */
    public Lot lot(int no) {
        return find("lot", lots, Lot::no, no);
    }

    /** The same batch under another title. */
    public Batch withTitle(String changed) {
        return new Batch(changed.strip(), serving, eaters, appetite, waters, guests, doughs, fillings, lots);
    }

    /** The same supper on another evening; what was at hand then is not held. */
    public Batch again(LocalDateTime evening) {
        return Pins.release(this).withServing(evening);
    }

    /** The same batch served at another time. */
    public Batch withServing(LocalDateTime changed) {
        return new Batch(title, changed, eaters, appetite, waters, guests, doughs, fillings, lots);
    }

    /** The same batch for another appetite: lots counted per eater still the same part of it. */
    public Batch withAppetite(Appetite changed) {
        return new Batch(title, serving, eaters, changed, waters, guests, doughs, fillings, lots)
                .mapLots(lot -> lot.rule() instanceof PieceRule.PerEater rule
                        ? lot.withRule(hungrier(rule, Styles.get(lot.style()), changed))
                        : lot);
    }

    /** The part of the appetite that a lot stills stays the same. */
    private PieceRule hungrier(PieceRule.PerEater rule, Style style, Appetite changed) {
        double part = (double) rule.each() / style.perEater(appetite);
        return PieceRule.PerEater.near(part * style.perEater(changed));
    }

    /** The same batch with one lot called something else. @param name 1 to 80 characters */
    public Batch withLotName(int lotNo, String name) {
        return mapLots(lot -> lot.no() == lotNo ? lot.named(name.strip()) : lot);
    }

    /** The same batch with one lot cooked another way, in a vessel that suits it. */
    public Batch withMethod(int lotNo, CookMethod method) {
        return mapLots(lot -> lot.no() != lotNo
                ? lot
                : lot.withMethod(
                        method, lot.vessel().kind() == method.vessel() ? lot.vessel() : Vessel.usual(method.vessel())));
    }

    /** The same batch with one lot folded another way. */
    public Batch withFold(int lotNo, Fold fold) {
        return mapLots(lot -> lot.no() == lotNo ? lot.withFold(fold) : lot);
    }

    /** The same batch with another dip beside one lot. */
    public Batch withDip(int lotNo, Dip dip) {
        return mapLots(lot -> lot.no() == lotNo ? lot.withDip(dip) : lot);
    }

    Batch withLanes(List<Dough> otherDoughs, List<Filling> otherFillings, List<Lot> otherLots) {
        return new Batch(title, serving, eaters, appetite, waters, guests, otherDoughs, otherFillings, otherLots);
    }

    /** The same batch for other guests. */
    public Batch withGuests(Guests changed) {
        return new Batch(title, serving, eaters, appetite, waters, changed, doughs, fillings, lots);
    }

    Batch withWaters(Waters changed) {
        return new Batch(title, serving, eaters, appetite, changed, guests, doughs, fillings, lots);
    }

    Batch withEaters(int changed) {
        return new Batch(title, serving, changed, appetite, waters, guests, doughs, fillings, lots);
    }

    Batch mapDoughs(UnaryOperator<Dough> change) {
        return new Batch(
                title,
                serving,
                eaters,
                appetite,
                waters,
                guests,
                doughs.stream().map(change).toList(),
                fillings,
                lots);
    }

    Batch mapFillings(UnaryOperator<Filling> change) {
        return new Batch(
                title,
                serving,
                eaters,
                appetite,
                waters,
                guests,
                doughs,
                fillings.stream().map(change).toList(),
                lots);
    }

    Batch mapLots(UnaryOperator<Lot> change) {
        return new Batch(
                title,
                serving,
                eaters,
                appetite,
                waters,
                guests,
                doughs,
                fillings,
                lots.stream().map(change).toList());
    }

    private static <T> Set<Integer> distinct(String what, List<T> items, ToIntFunction<T> no) {
        Set<Integer> nos = new HashSet<>();
        for (T item : items) {
            if (!nos.add(no.applyAsInt(item))) {
                throw new Refused("two of " + what + " number " + no.applyAsInt(item));
            }
        }
        return nos;
    }

    private static <T> T find(String what, List<T> items, ToIntFunction<T> number, int no) {
        return items.stream()
                .filter(item -> number.applyAsInt(item) == no)
                .findFirst()
                .orElseThrow(() -> new NotThere("there is no " + what + " number " + no));
    }
}
