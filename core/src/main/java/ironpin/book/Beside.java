package ironpin.book;

import ironpin.batch.Batch;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.filling.FillingLine;
import ironpin.quantity.Decimal;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.refusal.NotThere;
import ironpin.wording.Name;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Two batches side by side: only what differs.
 *
 * @param lot of which it is
 * @param what differs
 * @param left of the one
 * @param right of the other
 */
public record Beside(String lot, String what, Sentence left, Sentence right) {
    private static final Sentence NONE = Sentence.of("–");

    /** What the plans differ in, lot by lot: each with the one of its kind, or where there is none with the one in its place. */
    public static List<Beside> plans(Batch one, Batch other) {
        List<Beside> all = new ArrayList<>();
        Balance left = Balancer.solve(one);
        Balance right = Balancer.solve(other);
        for (Lot lot : one.lots()) {
            Optional<Lot> match = match(one, lot, other);
            if (match.isEmpty()) {
                all.add(new Beside(lot.name(), "the lot", Sentence.of(lot.name()), NONE));
                continue;
            }
            Lot with = match.get();
            words(all, lot.name(), "fold", lot.fold().label(), with.fold().label());
            words(all, lot.name(), "way of cooking", cooked(lot), cooked(with));
            words(
                    all,
                    lot.name(),
                    "dough",
                    one.dough(lot.doughNo()).name(),
                    other.dough(with.doughNo()).name());
            words(all, lot.name(), "skins", skins(lot), skins(with));
            for (PlanField<?> field : PlanField.all()) {
                if (field.applies(one, lot.no()) && field.applies(other, with.no())) {
                    number(
                            all,
                            lot.name(),
                            field.of(one, lot.no()),
                            one,
                            left,
                            field.of(other, with.no()),
                            other,
                            right);
                }
            }
            lines(all, lot.name(), one.filling(lot.fillingNo()), other.filling(with.fillingNo()));
        }
        return all;
    }

    /** What came of them, where both were judged. */
    public static List<Beside> outcomes(String lot, Outcome left, Outcome right) {
        List<Beside> all = new ArrayList<>();
        counts(all, lot, "pieces made", left.made(), right.made());
        counts(all, lot, "burst", left.burst(), right.burst());
        counts(all, lot, "leaked", left.leaked(), right.leaked());
        counts(all, lot, "stuck", left.stuck(), right.stuck());
        words(all, lot, "skin", left.skin().label(), right.skin().label());
        words(all, lot, "filling", left.filling().label(), right.filling().label());
        words(all, lot, "also", also(left), also(right));
        if (!left.core().equals(right.core())) {
            all.add(new Beside(lot, "core", core(left), core(right)));
        }
        if (!left.doughLeft().equals(right.doughLeft())) {
            all.add(new Beside(
                    lot, "dough left", Quantity.weighed(left.doughLeft()), Quantity.weighed(right.doughLeft())));
        }
        if (!left.fillingLeft().equals(right.fillingLeft())) {
            all.add(new Beside(
                    lot, "filling left", Quantity.weighed(left.fillingLeft()), Quantity.weighed(right.fillingLeft())));
        }
        words(all, lot, "note", left.note(), right.note());
        return all;
    }

    /** The lot of another batch that is of the same kind, or in the same place. */
    public static Optional<Lot> match(Batch one, Lot lot, Batch other) {
        return other.lots().stream()
                .filter(with -> with.style().equals(lot.style()))
                .findFirst()
                .or(() -> other.lots().stream().skip(one.lots().indexOf(lot)).findFirst());
    }

    private static String cooked(Lot lot) {
        // What the school is good for does not differ between two batches.
        return lot.method().done() + ", " + Name.within(lot.method().school()).split(":", 2)[0];
    }

    private static String skins(Lot lot) {
        return lot.bought()
                .map(pack -> "from a pack, " + pack.shape().label() + ", "
                        + pack.thickness().label())
                .orElse("made here");
    }

    private static Sentence core(Outcome one) {
        return one.core().map(core -> Quantity.celsius(core.celsius())).orElse(NONE);
    }

    private static String also(Outcome one) {
        return String.join(", ", one.seen().stream().map(Seen::label).sorted().toList());
    }

    private static void counts(List<Beside> all, String lot, String what, int left, int right) {
        words(all, lot, what, String.valueOf(left), String.valueOf(right));
    }

    private static void words(List<Beside> all, String lot, String what, String left, String right) {
        if (!left.equals(right)) {
            all.add(new Beside(
                    lot, what, left.isEmpty() ? NONE : Sentence.of(left), right.isEmpty() ? NONE : Sentence.of(right)));
        }
    }

    private static void number(
            List<Beside> all,
            String lot,
            PlanNumber<?> a,
            Batch one,
            Balance left,
            PlanNumber<?> b,
            Batch other,
            Balance right) {
        Optional<Sentence> first = there(a, one, left);
        Optional<Sentence> second = there(b, other, right);
        if (first.isPresent() && second.isPresent() && !first.get().equals(second.get())) {
            all.add(new Beside(lot, a.field().label(), first.get(), second.get()));
        }
    }

    /** A number of wrappers out of a pack stands nowhere where a dough is rolled. */
    private static Optional<Sentence> there(PlanNumber<?> number, Batch batch, Balance balance) {
        try {
            return Optional.of(number.field().said(number.read(batch, balance)));
        } catch (NotThere noneOfThese) {
            return Optional.empty();
        }
    }

    private static void lines(List<Beside> all, String lot, Filling left, Filling right) {
        Map<String, String> first = shares(left);
        Map<String, String> second = shares(right);
        Map<String, String> both = new LinkedHashMap<>(first);
        second.forEach(both::putIfAbsent);
        for (String name : both.keySet()) {
            words(all, lot, name, first.getOrDefault(name, ""), second.getOrDefault(name, ""));
        }
    }

    private static Map<String, String> shares(Filling filling) {
        Map<String, String> shares = new LinkedHashMap<>();
        for (FillingLine line : filling.formula().lines()) {
            shares.put(line.ingredient(), Decimal.trimmed(line.share().percent(), 1) + " %");
        }
        return shares;
    }
}
