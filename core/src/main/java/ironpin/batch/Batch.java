package ironpin.batch;

import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
public record Batch(
        String title,
        LocalDateTime serving,
        int eaters,
        Appetite appetite,
        Waters waters,
        Guests guests,
        List<Dough> doughs,
        List<Filling> fillings,
        List<Lot> lots)
        implements BatchBuilder.With {
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

    /** The dough of this number. @throws NotThere if there is none */
    public Dough dough(int no) {
        return find("dough", doughs, Dough::no, no);
    }

    /** The filling of this number. @throws NotThere if there is none */
    public Filling filling(int no) {
        return find("filling", fillings, Filling::no, no);
    }

    /** The lot of this number. @throws NotThere if there is none */
    public Lot lot(int no) {
        return find("lot", lots, Lot::no, no);
    }

    /** The same batch under another title. */
    @Override
    public Batch withTitle(String changed) {
        return BatchBuilder.builder(this).title(changed.strip()).build();
    }

    /** The same supper on another evening; what was at hand then is not held. */
    public Batch again(LocalDateTime evening) {
        return Pins.release(this).withServing(evening);
    }

    /** The same batch for another appetite: lots counted per eater still the same part of it. */
    @Override
    public Batch withAppetite(Appetite changed) {
        return BatchBuilder.builder(this)
                .appetite(changed)
                .build()
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
        return mapLots(lot -> lot.no() == lotNo ? lot.withName(name.strip()) : lot);
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
        return BatchBuilder.builder(this)
                .doughs(otherDoughs)
                .fillings(otherFillings)
                .lots(otherLots)
                .build();
    }

    Batch mapDoughs(UnaryOperator<Dough> change) {
        return withDoughs(doughs.stream().map(change).toList());
    }

    Batch mapFillings(UnaryOperator<Filling> change) {
        return withFillings(fillings.stream().map(change).toList());
    }

    Batch mapLots(UnaryOperator<Lot> change) {
        return withLots(lots.stream().map(change).toList());
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
