package ironpin.batch;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.batch.balance.Balance;
import ironpin.cook.CookMethod;
import ironpin.cook.Vessel;
import ironpin.crew.Crew;
import ironpin.crew.Held;
import ironpin.dip.Dip;
import ironpin.dough.Waters;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import ironpin.wrapper.Fold;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
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
 * @param crew who is there and what there is
 * @param held tasks the cook put somewhere, no task twice, up to 40
 * @param unread what a recipe said goes in and what was not understood, in its words: it has no mass and may hold anything until
 *     the cook says what it is; up to 60 of up to 200 characters
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
        List<Lot> lots,
        Crew crew,
        List<Held> held,
        List<String> unread)
        implements BatchBuilder.With {
    /** More lots would not be legible, nor cookable in an evening. */
    public static final int MOST_LOTS = 6;

    private static final int MOST_HELD = 40;

    /** More lines that were not read are no recipe. */
    public static final int MOST_UNREAD = 60;

    /** Characters of one of them. */
    public static final int LONGEST_UNREAD = 200;

    /** No table is larger. */
    public static final int MOST_EATERS = 200;

    public Batch {
        title = Typed.name(title);
        doughs = List.copyOf(doughs);
        fillings = List.copyOf(fillings);
        lots = List.copyOf(lots);
        held = List.copyOf(held);
        unread = unread.stream().map(Typed::name).toList();
        if (unread.size() > MOST_UNREAD
                || unread.stream().anyMatch(line -> line.isBlank() || line.length() > LONGEST_UNREAD)) {
            throw new Refused("up to " + MOST_UNREAD + " lines are kept that were not read, of 1 to " + LONGEST_UNREAD
                    + " characters each");
        }
        if (held.stream().map(Held::task).distinct().count() < held.size() || held.size() > MOST_HELD) {
            throw new Refused("up to " + MOST_HELD + " tasks are held, none of them twice");
        }
        if (title.isBlank() || title.length() > 80) {
            throw new Refused("a title has 1 to 80 characters");
        }
        if (eaters < 1 || eaters > MOST_EATERS) {
            throw new Refused("1 to 200 eaters, not " + eaters);
        }
        if (lots.isEmpty() || lots.size() > MOST_LOTS) {
            throw new Refused("a batch has 1 to " + MOST_LOTS + " lots, not " + lots.size());
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

    /** The same batch with one lot called something else. @param name 1 to 80 characters */
    public Batch withLotName(int lotNo, String name) {
        return mapLot(lotNo, lot -> lot.withName(name.strip()));
    }

    /** The same batch with one lot cooked another way, in a vessel that suits it. */
    public Batch withMethod(int lotNo, CookMethod method) {
        return mapLot(lotNo, lot -> {
            boolean suits = lot.vessel().kind() == method.vessel();
            return lot.withMethod(method)
                    .withCooking(lot.cooking().with(List.of()))
                    .withVessel(suits ? lot.vessel() : Vessel.usual(method.vessel()));
        });
    }

    /** The same batch with one lot folded another way. */
    public Batch withFold(int lotNo, Fold fold) {
        return mapLot(lotNo, lot -> lot.withFold(fold));
    }

    /** The same batch with another dip beside one lot. */
    public Batch withDip(int lotNo, Dip dip) {
        return mapLot(lotNo, lot -> lot.withDip(dip));
    }

    /** One dough changed. @throws NotThere if there is none of this number */
    public Batch mapDough(int no, UnaryOperator<Dough> change) {
        dough(no);
        return mapDoughs(dough -> dough.no() == no ? change.apply(dough) : dough);
    }

    /** One filling changed. @throws NotThere if there is none of this number */
    public Batch mapFilling(int no, UnaryOperator<Filling> change) {
        filling(no);
        return mapFillings(filling -> filling.no() == no ? change.apply(filling) : filling);
    }

    /** One lot changed. @throws NotThere if there is none of this number */
    public Batch mapLot(int no, UnaryOperator<Lot> change) {
        lot(no);
        return mapLots(lot -> lot.no() == no ? change.apply(lot) : lot);
    }

    /** Every dough changed. */
    public Batch mapDoughs(UnaryOperator<Dough> change) {
        return withDoughs(doughs.stream().map(change).toList());
    }

    /** Every filling changed. */
    public Batch mapFillings(UnaryOperator<Filling> change) {
        return withFillings(fillings.stream().map(change).toList());
    }

    /** Every lot changed. */
    public Batch mapLots(UnaryOperator<Lot> change) {
        return withLots(lots.stream().map(change).toList());
    }

    /** The same batch with a task put somewhere, or let go again. @param at when it begins; empty to let it go */
    public Batch holding(String task, Optional<LocalDateTime> at) {
        List<Held> changed = new ArrayList<>(
                held.stream().filter(one -> !one.task().equals(task)).toList());
        at.ifPresent(time -> changed.add(new Held(task, time)));
        return withHeld(changed);
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
