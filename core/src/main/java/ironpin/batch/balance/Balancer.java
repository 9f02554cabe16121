package ironpin.batch.balance;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.dough.DoughMasses;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Solves a batch for whole pieces. Flour and fillings at hand are used up by the lots that draw on them, near the
 * proportion the table would eat them (see {@link HeldTogether}); otherwise the pieces decide and flour and filling follow.
 */
public final class Balancer {
    /** Bought wrappers draw on no dough. */
    private static final int NONE = -1;

    private static final int UNBOUND = Integer.MAX_VALUE;

    private final Batch batch;
    private final Mass[] doughEach;
    private final Mass[] fillingEach;
    /** Dough taken for each gram in a piece: more than 1 where it is cut out of something larger. */
    private final double[] taken;

    private final int[] wanted;
    private final int[] pieces;

    private Balancer(Batch batch) {
        this.batch = batch;
        List<Lot> lots = batch.lots();
        doughEach = lots.stream().map(Lot::skinEach).toArray(Mass[]::new);
        fillingEach = lots.stream().map(Lot::fillingEach).toArray(Mass[]::new);
        taken = lots.stream().mapToDouble(Lot::taken).toArray();
        wanted = lots.stream()
                .mapToInt(lot -> lot.rule().forEaters(batch.eaters()) + lot.toFreezer())
                .toArray();
        pieces = new int[wanted.length];
        Arrays.fill(pieces, UNBOUND);
    }

    /** The balance of a batch. Never fails: a cupboard too small gives no pieces and the rest as left over. */
    public static Balance solve(Batch batch) {
        Balancer balancer = new Balancer(batch);
        balancer.countPieces();
        return balancer.balance();
    }

    private void countPieces() {
        for (int i = 0; i < pieces.length; i++) {
            if (heldByBoth(i)) {
                solveBoth(i);
            }
        }
        List<Held> held = held();
        List<List<Integer>> draws = new ArrayList<>();
        for (int i = 0; i < pieces.length; i++) {
            draws.add(heldByBoth(i) ? List.of() : drawsOn(i, held));
        }
        for (List<Integer> group : HeldTogether.tied(draws)) {
            solveTogether(group, held);
        }
        for (int i = 0; i < pieces.length; i++) {
            pieces[i] = pieces[i] == UNBOUND ? wanted[i] : pieces[i];
        }
    }

    /** A dough or filling that is at hand. */
    private record Held(boolean dough, int no, Mass usable) {}

    private List<Held> held() {
        List<Held> held = new ArrayList<>();
        for (Dough dough : batch.doughs()) {
            dough.flourAtHand().ifPresent(flour -> held.add(new Held(true, dough.no(), usable(dough, flour))));
        }
        for (Filling filling : batch.fillings()) {
            filling.atHand().ifPresent(mass -> held.add(new Held(false, filling.no(), usable(filling, mass))));
        }
        return held;
    }

    private List<Integer> drawsOn(int i, List<Held> held) {
        Lot lot = batch.lots().get(i);
        if (lot.stashed()) {
            return List.of();
        }
        return IntStream.range(0, held.size())
                .filter(k -> held.get(k).dough()
                        ? lot.bought().isEmpty() && lot.doughNo() == held.get(k).no()
                        : lot.fillingNo() == held.get(k).no())
                .boxed()
                .toList();
    }

    private void solveTogether(List<Integer> group, List<Held> held) {
        List<Integer> masses = group.stream()
                .flatMap(i -> drawsOn(i, held).stream())
                .distinct()
                .sorted()
                .toList();
        double[] usable =
                masses.stream().mapToDouble(k -> held.get(k).usable().grams()).toArray();
        List<HeldTogether.Member> members = new ArrayList<>();
        for (int i : group) {
            HeldTogether.Draw[] draw = new HeldTogether.Draw[usable.length];
            boolean both = drawsOn(i, held).size() == 2;
            for (int k = 0; k < usable.length; k++) {
                draw[k] = drawsOn(i, held).contains(masses.get(k)) ? draw(i, held.get(masses.get(k)), both) : null;
            }
            members.add(new HeldTogether.Member(Math.max(1, wanted[i]), draw));
        }
        HeldTogether.Solution found = HeldTogether.solve(usable, members);
        for (int m = 0; m < group.size(); m++) {
            int i = group.get(m);
            pieces[i] = found.counts()[m];
            for (int k = 0; k < usable.length; k++) {
                HeldTogether.Draw draw = members.get(m).mass()[k];
                if (draw != null && pieces[i] > 0 && draw.low() < draw.high()) {
                    Mass[] each = held.get(masses.get(k)).dough() ? doughEach : fillingEach;
                    double taken = held.get(masses.get(k)).dough() ? this.taken[i] : 1;
                    each[i] = HeldTogether.floored(found.sizes()[m][k] / taken);
                }
            }
        }
    }

    /** A size moves only where dough and filling are both at hand; a size outside its band widens the band to itself. */
    private HeldTogether.Draw draw(int i, Held held, boolean moves) {
        Lot lot = batch.lots().get(i);
        double of = held.dough() ? taken[i] : 1;
        double usual = of * (held.dough() ? doughEach[i] : fillingEach[i]).grams();
        if (!moves) {
            return new HeldTogether.Draw(usual, usual, usual);
        }
        Style style = Styles.get(lot.style());
        Band<Mass> band = held.dough() ? style.doughBand() : style.fillingBand();
        return new HeldTogether.Draw(
                usual,
                Math.min(usual, of * band.low().grams()),
                Math.max(usual, of * band.high().grams()));
    }

    /** A lot alone on a dough and a filling that are both at hand can trade size against number. */
    private boolean heldByBoth(int i) {
        Lot lot = batch.lots().get(i);
        Dough dough = batch.dough(lot.doughNo());
        Filling filling = batch.filling(lot.fillingNo());
        return lot.bought().isEmpty()
                && !lot.stashed()
                && dough.flourAtHand().isPresent()
                && filling.atHand().isPresent()
                && lotsOf(dough).length == 1
                && lotsOf(filling).length == 1;
    }

    private void solveBoth(int i) {
        Lot lot = batch.lots().get(i);
        Dough dough = batch.dough(lot.doughNo());
        Filling filling = batch.filling(lot.fillingNo());
        Style style = Styles.get(lot.style());
        BothAtHand sizes = BothAtHand.solve(
                usable(dough, dough.flourAtHand().orElseThrow()).dividedBy(taken[i]),
                usable(filling, filling.atHand().orElseThrow()),
                new BothAtHand.Size(lot.doughEach(), style.doughBand()),
                new BothAtHand.Size(lot.fillingEach(), style.fillingBand()));
        pieces[i] = sizes.pieces();
        doughEach[i] = sizes.doughEach();
        fillingEach[i] = sizes.fillingEach();
    }

    private Balance balance() {
        List<Balance.OfDough> doughs = new ArrayList<>();
        for (Dough dough : batch.doughs()) {
            doughs.add(shareOf(dough));
        }
        List<Balance.OfFilling> fillings = new ArrayList<>();
        for (Filling filling : batch.fillings()) {
            fillings.add(shareOf(filling));
        }
        List<Balance.OfLot> lots = new ArrayList<>();
        for (int i = 0; i < pieces.length; i++) {
            Lot lot = batch.lots().get(i);
            int frozen = Math.min(lot.toFreezer(), pieces[i]);
            lots.add(new Balance.OfLot(lot.no(), pieces[i], frozen, doughEach[i], fillingEach[i]));
        }
        return new Balance(doughs, fillings, lots);
    }

    private Balance.OfDough shareOf(Dough dough) {
        int[] members = lotsOf(dough);
        Mass inPieces = inPieces(members, doughEach);
        Mass cutAway = Arrays.stream(members)
                .mapToObj(i -> doughEach[i].times(pieces[i]).multipliedBy(taken[i] - 1))
                .reduce(Mass.ZERO, Mass::plus);
        // Flour held for a dough that no lot is rolled from stays in its bag.
        Optional<Mass> flour = members.length == 0 ? Optional.empty() : dough.flourAtHand();
        DoughMasses made = flour.isPresent()
                ? dough.formula().fromFlour(flour.get())
                : dough.formula().forDough(grossed(inPieces.plus(cutAway), dough.loss()));
        Mass usable = flour.isPresent() ? usable(dough, flour.get()) : inPieces.plus(cutAway);
        // A millionth of a gram that rounding puts on what is cut away is not missing from the dough.
        Mass trimmings = lesser(cutAway, usable.minus(inPieces));
        Mass left = usable.minus(inPieces).minus(trimmings);
        return new Balance.OfDough(dough.no(), made, made.total().minus(usable), inPieces, trimmings, left);
    }

    private Balance.OfFilling shareOf(Filling filling) {
        Mass inPieces = inPieces(lotsOf(filling), fillingEach);
        Optional<Mass> atHand = filling.atHand();
        // Of a filling that is not made nothing is tasted.
        boolean unmade = atHand.isEmpty() && lotsOf(filling).length == 0;
        Mass patty = unmade
                ? Mass.ZERO
                : atHand.isPresent() ? lesser(filling.testPatty(), atHand.get()) : filling.testPatty();
        Mass made = atHand.orElseGet(() -> grossed(inPieces, filling.loss()).plus(patty));
        Mass usable = atHand.isPresent() ? usable(filling, made) : inPieces;
        Mass lost = made.minus(patty).minus(usable);
        return new Balance.OfFilling(filling.no(), made, patty, lost, inPieces, usable.minus(inPieces));
    }

    private static Mass usable(Dough dough, Mass flour) {
        Mass total = dough.formula().fromFlour(flour).total();
        return total.minus(dough.loss().of(total));
    }

    private static Mass usable(Filling filling, Mass atHand) {
        Mass afterPatty = atHand.minus(lesser(filling.testPatty(), atHand));
        return afterPatty.minus(filling.loss().of(afterPatty));
    }

    private static Mass grossed(Mass net, Percentage loss) {
        return net.dividedBy(1 - loss.fraction());
    }

    private static Mass lesser(Mass a, Mass b) {
        return a.compareTo(b) <= 0 ? a : b;
    }

    private Mass inPieces(int[] members, Mass[] each) {
        return Arrays.stream(members).mapToObj(i -> each[i].times(pieces[i])).reduce(Mass.ZERO, Mass::plus);
    }

    private int[] lotsOf(Dough dough) {
        return members(lot -> lot.bought().isPresent() || lot.stashed() ? NONE : lot.doughNo(), dough.no());
    }

    private int[] lotsOf(Filling filling) {
        return members(lot -> lot.stashed() ? NONE : lot.fillingNo(), filling.no());
    }

    private int[] members(Function<Lot, Integer> no, int wantedNo) {
        List<Lot> lots = batch.lots();
        return IntStream.range(0, lots.size())
                .filter(i -> no.apply(lots.get(i)) == wantedNo)
                .toArray();
    }
}
