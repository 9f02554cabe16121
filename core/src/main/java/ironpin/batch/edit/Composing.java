package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.batch.balance.Balancer;
import ironpin.cook.CookMethod;
import ironpin.dough.Bowl;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughFormula;
import ironpin.dough.DoughMasses;
import ironpin.dough.HydrationTarget;
import ironpin.dough.Kneading;
import ironpin.kit.Hand;
import ironpin.kit.Kit;
import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.pantry.Flours;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Numbered;
import ironpin.style.DoughStart;
import ironpin.style.Styles;
import ironpin.wording.Name;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Changes of what a dough is made of, as the cook chooses them. */
public final class Composing {
    private static final double NEW_FLOUR_PERCENT = 20;
    private static final double ALL = 100;
    private static final int MOST_FLOURS = 3;

    private Composing() {}

    /**
     * Another family. What the cook chose stays as far as the family allows: flours of its kind, salt, lines of their own, and
     * numbers that lie in its bands; only what was the old family's usual, or does not work in the new one, gives way to the new
     * one's usual. {@link DoughChanges} says what that was.
     */
    public static Batch family(Batch batch, int doughNo, DoughFamily family, CookMethod method, Kit kit) {
        DoughStart start = DoughStart.of(family, method);
        return batch.mapDough(doughNo, old -> {
            DoughStart usual = DoughStart.of(old.family(), method);
            List<FlourShare> flours = flours(old, usual, start, kit);
            return new Dough(
                    old.no(),
                    old.name().equals(old.family().label()) ? family.label() : old.name(),
                    family,
                    flours,
                    formula(old, usual, start, flours.get(0).flour(), method),
                    kept(old.water(), usual.water(), start.water(), family.water()),
                    kept(old.rest(), usual.rest(), start.rest(), family.rest()),
                    family.schools().contains(old.kneading().school()) ? old.kneading() : Kneading.usual(family),
                    old.bowl(),
                    old.loss(),
                    old.flourAtHand());
        });
    }

    /** A number that the cook chose and that the new family allows; otherwise the new family's usual one. */
    private static <T extends Comparable<? super T>> T kept(T now, T usualBefore, T usual, Band<T> allowed) {
        return !now.equals(usualBefore) && allowed.contains(now) ? now : usual;
    }

    private static Band<Percentage> band(DoughStart start, Flour flour, CookMethod method) {
        return new HydrationTarget(
                        start.family().hydration(),
                        method.hydrationShift(),
                        HydrationTarget.flourShift(start.family(), flour),
                        flour.absorption().offset().percent())
                .band();
    }

    private static List<FlourShare> flours(Dough old, DoughStart usual, DoughStart start, Kit kit) {
        FlourKind wanted = Flours.get(start.flour()).kind();
        boolean suit = old.flours().stream().allMatch(part -> suits(part.flour().kind(), wanted));
        boolean chosen =
                old.flours().size() > 1 || !old.flours().get(0).flour().key().equals(usual.flour());
        boolean same = old.flours().stream().anyMatch(part -> part.flour().kind() == wanted);
        if (suit && (chosen || same)) {
            return old.flours();
        }
        Flour flour = kit.flour(start.flour()).orElseGet(() -> Flours.get(start.flour()));
        return List.of(new FlourShare(flour, Percentage.of(ALL)));
    }

    /** Wheat and wholemeal stand in for each other; maize and starch for nothing else. */
    private static boolean suits(FlourKind kind, FlourKind wanted) {
        boolean wheat = kind == FlourKind.WHEAT || kind == FlourKind.WHOLEMEAL;
        boolean wheatWanted = wanted == FlourKind.WHEAT || wanted == FlourKind.WHOLEMEAL;
        return kind == wanted || wheat && wheatWanted;
    }

    private static DoughFormula formula(Dough old, DoughStart usual, DoughStart start, Flour flour, CookMethod method) {
        DoughFormula formula = old.formula();
        for (DoughAddition addition : DoughAddition.values()) {
            Percentage now = formula.share(addition);
            boolean untouched = now.equals(usual.formula().share(addition));
            boolean salt = addition == DoughAddition.SALT && !now.isZero();
            if (addition != DoughAddition.WATER && untouched && !salt) {
                formula = formula.with(addition, start.formula().share(addition));
            }
        }
        DoughFormula wanted = start.formula().wetted(flour);
        Flour before = old.flours().get(0).flour();
        boolean untouched =
                old.formula().hydration().equals(usual.formula().wetted(before).hydration());
        if (!untouched && band(start, flour, method).contains(formula.effectiveHydration())) {
            return formula;
        }
        double others =
                formula.effectiveHydration().percent() - formula.hydration().percent();
        double water = wanted.effectiveHydration().percent() - others;
        return formula.with(DoughAddition.WATER, Percentage.of(Math.max(DoughFormula.LEAST_WATER.percent(), water)));
    }

    /** Another flour in the place of one. @throws IllegalArgumentException if it stands in the dough already */
    public static Batch flour(Batch batch, int doughNo, int index, Flour flour) {
        return flours(batch, doughNo, now -> {
            List<FlourShare> changed = new ArrayList<>(now);
            changed.set(
                    index,
                    new FlourShare(flour, Numbered.of(now, index, "flour").share()));
            return changed;
        });
    }

    /** A flour more, with a fifth of the whole; at three flours nothing changes. */
    public static Batch addFlour(Batch batch, int doughNo, Flour flour) {
        return flours(batch, doughNo, now -> {
            boolean there = now.stream().anyMatch(part -> part.flour().key().equals(flour.key()));
            if (now.size() >= MOST_FLOURS || there) {
                return now;
            }
            List<FlourShare> changed = new ArrayList<>();
            now.forEach(part -> changed.add(new FlourShare(
                    part.flour(), Percentage.of(part.share().percent() * (1 - NEW_FLOUR_PERCENT / ALL)))));
            changed.add(new FlourShare(flour, Percentage.of(NEW_FLOUR_PERCENT)));
            return changed;
        });
    }

    /** A flour less; the others share its part. The last one stays. */
    public static Batch dropFlour(Batch batch, int doughNo, int index) {
        return flours(batch, doughNo, now -> {
            if (now.size() == 1) {
                return now;
            }
            double kept = ALL - Numbered.of(now, index, "flour").share().percent();
            List<FlourShare> changed = new ArrayList<>();
            for (int i = 0; i < now.size(); i++) {
                if (i != index) {
                    double share = now.get(i).share().percent() * ALL / kept;
                    changed.add(new FlourShare(now.get(i).flour(), Percentage.of(share)));
                }
            }
            return changed;
        });
    }

    /** One flour's share changed; the others keep their proportions. */
    static Batch flourShare(Batch batch, int doughNo, int index, double percent) {
        return flours(batch, doughNo, now -> {
            if (now.size() == 1) {
                return now;
            }
            double others = ALL - Numbered.of(now, index, "flour").share().percent();
            List<FlourShare> changed = new ArrayList<>();
            for (int i = 0; i < now.size(); i++) {
                double share = i == index ? percent : now.get(i).share().percent() * (ALL - percent) / others;
                changed.add(new FlourShare(now.get(i).flour(), Percentage.of(share)));
            }
            return changed;
        });
    }

    /** A line more in the dough, with a usual share; water takes back what it wets, so the dough stays as wet. */
    public static Batch add(Batch batch, int doughNo, DoughAddition addition) {
        return batch.mapDough(doughNo, dough -> {
            if (!dough.formula().share(addition).isZero()) {
                return dough;
            }
            double share = usual(addition);
            double water = dough.formula().hydration().percent() - share * addition.waterShare();
            Dough with = dough.with(addition, Percentage.of(share));
            return water < DoughFormula.LEAST_WATER.percent()
                    ? with
                    : with.with(DoughAddition.WATER, Percentage.of(water));
        });
    }

    private static double usual(DoughAddition addition) {
        return switch (addition) {
            case WATER -> 50;
            case SALT -> 1;
            case OIL, LARD, SUGAR, HONEY -> 3;
            case BUTTER -> 6;
            case EGG -> 14;
            case YOLK -> 6;
            case EGG_WHITE -> 10;
            case MILK -> 20;
            case YOGHURT, SOURED_CREAM -> 16;
            case LEAVENING -> 0.4;
            case PUREE -> 15;
            case DRY -> 2;
        };
    }

    /**
     * A line weighed: the share that gives these grams, whether the flour is held or follows from the pieces.
     *
     * @throws OutOfRange with the grams allowed here
     */
    static Batch additionGrams(Batch batch, int doughNo, DoughAddition addition, double grams) {
        Dough dough = batch.dough(doughNo);
        DoughMasses made = Balancer.solve(batch).dough(doughNo).made();
        double others = dough.formula().doughPerFlour()
                - dough.formula().share(addition).fraction();
        double most = addition.most() / ALL;
        double least = addition == DoughAddition.WATER ? DoughFormula.LEAST_WATER.percent() / ALL : 0;
        boolean held = dough.flourAtHand().isPresent();
        double total = made.total().grams();
        double flour = held ? made.flour().grams() : (total - grams) / others;
        double share = flour > 0 ? grams / flour : Double.POSITIVE_INFINITY;
        if (!(share >= least && share <= most)) {
            double low = held ? least * flour : total * least / (others + least);
            double high = held ? most * flour : total * most / (others + most);
            throw new OutOfRange(DoughField.ADDITION_GRAMS, grams, Math.ceil(low), Math.floor(high));
        }
        return batch.mapDough(doughNo, one -> one.with(addition, Percentage.ofFraction(share)));
    }

    /** Another way of kneading, with the rest that belongs to it. */
    public static Batch kneading(Batch batch, int doughNo, Kneading kneading) {
        return batch.mapDough(doughNo, dough -> dough.withKneading(kneading));
    }

    /** Another bowl, or none that counts. */
    public static Batch bowl(Batch batch, int doughNo, Optional<Bowl> bowl) {
        return batch.mapDough(doughNo, dough -> dough.withBowl(bowl));
    }

    /** Bought wrappers for a lot, or its own dough again; flour held for this lot alone is let go. */
    public static Batch bought(Batch batch, int lotNo, Optional<BoughtWrapper> wrapper) {
        Batch changed = batch.mapLot(lotNo, lot -> {
            boolean rolledAgain = lot.bought().isPresent() && wrapper.isEmpty();
            Lot other = lot.withBought(wrapper);
            return rolledAgain ? other.withFold(Styles.get(lot.style()).fold()) : other;
        });
        return changed.mapDoughs(dough -> {
            boolean rolled = changed.lots().stream()
                    .anyMatch(lot -> lot.doughNo() == dough.no() && lot.bought().isEmpty());
            return rolled ? dough : dough.withFlourAtHand(Optional.empty());
        });
    }

    /** Folded another way, with what is known of the cook's hands at that fold. */
    public static Batch fold(Batch batch, int lotNo, Fold fold, Hand hand) {
        Batch folded = batch.withFold(lotNo, fold);
        return folded.lot(lotNo).fold() == batch.lot(lotNo).fold()
                ? folded
                : folded.mapLot(lotNo, lot -> lot.withHandiwork(hand.handiwork(lot.fold())));
    }

    /** Cooked another way, with what is known of the cook's rounds of that kind. */
    public static Batch method(Batch batch, int lotNo, CookMethod method, Hand hand) {
        String name = renamed(batch.lot(lotNo).name(), batch.lot(lotNo).method(), method);
        return batch.withMethod(lotNo, method)
                .mapLot(lotNo, lot -> lot.withCooking(lot.cooking().corrected(hand.correction(method))))
                .withLotName(lotNo, name);
    }

    /** "Steamed leaves" that go into a pan are steamed no more; a name that says nothing of it stays. */
    private static String renamed(String name, CookMethod before, CookMethod after) {
        String done = before.done();
        if (after.done().equals(done) || !name.toLowerCase(Locale.ROOT).startsWith(done + " ")) {
            return name;
        }
        String said = Name.first(after.done() + name.substring(done.length()));
        return said.length() <= Lot.LONGEST_NAME ? said : name;
    }

    /** A batch in the kit as it stands now: its temperatures, and its flours and bowls as they are known there. */
    public static Batch in(Kit kit, Batch batch) {
        return batch.withWaters(kit.waters())
                .withGuests(batch.guests().liking(kit.hand().salt().mean()))
                .mapDoughs(dough -> dough.withFlours(dough.flours().stream()
                                .map(part -> new FlourShare(
                                        kit.flour(part.flour().key()).orElse(part.flour()), part.share()))
                                .toList())
                        .withBowl(dough.bowl().map(bowl -> kit.bowl(bowl.key()).orElse(bowl))));
    }

    /** What the dough's flour costs, as far as prices are known: exactly then, if every one has a price. */
    public static Optional<Double> flourCost(Dough dough, Mass flour) {
        double cost = 0;
        for (FlourShare part : dough.flours()) {
            if (part.flour().price().isEmpty()) {
                return Optional.empty();
            }
            cost += part.flour().price().get().of(part.share().of(flour));
        }
        return Optional.of(cost);
    }

    private static Batch flours(Batch batch, int doughNo, UnaryOperator<List<FlourShare>> change) {
        return batch.mapDough(doughNo, dough -> dough.withFlours(change.apply(dough.flours())));
    }
}
