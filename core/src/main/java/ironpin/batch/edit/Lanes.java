package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;
import ironpin.batch.balance.Balance;
import ironpin.cook.VesselKind;
import ironpin.kit.Kit;
import ironpin.style.Style;
import ironpin.wrapper.BoughtWrapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** Lots that join and leave a batch, and what they share. A dough or filling that no lot uses any more goes too. */
public final class Lanes {
    private Lanes() {}

    /**
     * A lot more, with a dough and a filling of its own; at six lots nothing changes. It shares the eaters' appetite with the
     * lots that are counted by the eaters, by the mass of a piece; held numbers stay.
     */
    public static Batch add(Batch batch, Style style, Kit kit) {
        if (batch.lots().size() >= Batch.MOST_LOTS) {
            return batch;
        }
        int doughNo = next(batch.doughs(), Dough::no);
        int fillingNo = next(batch.fillings(), Filling::no);
        int lotNo = next(batch.lots(), Lot::no);
        List<Dough> doughs = new ArrayList<>(batch.doughs());
        doughs.add(style.startDough(doughNo, kit));
        List<Filling> fillings = new ArrayList<>(batch.fillings());
        fillings.add(style.startFilling(fillingNo));
        double share = share(batch, style);
        List<Lot> lots = new ArrayList<>(scaled(batch, (double) counted(batch) / (counted(batch) + 1)));
        Lot lot = style.startLot(lotNo, doughNo, fillingNo, style.perEater(share), kit);
        boolean taken = lots.stream().anyMatch(other -> other.name().equals(lot.name()));
        lots.add(taken ? lot.withName(lot.name() + " " + lotNo) : lot);
        return batch.with(made -> made.doughs(doughs).fillings(fillings).lots(lots));
    }

    /** What a new lot gives each eater, in grams: its part of what the lots give that are counted by the eaters. */
    private static double share(Batch batch, Style style) {
        double eaten = batch.lots().stream().mapToDouble(Lanes::gramsEach).sum();
        return counted(batch) == 0
                ? style.gramsEach(batch.appetite()) / (batch.lots().size() + 1)
                : eaten / (counted(batch) + 1);
    }

    private static long counted(Batch batch) {
        return batch.lots().stream()
                .filter(lot -> lot.rule() instanceof PieceRule.PerEater)
                .count();
    }

    /** Grams for each eater of a lot that is counted by the eaters; a lot whose number is held stays out of it. */
    private static double gramsEach(Lot lot) {
        return lot.rule() instanceof PieceRule.PerEater rule
                ? rule.each() * lot.skinEach().plus(lot.fillingEach()).grams()
                : 0;
    }

    private static List<Lot> scaled(Batch batch, double factor) {
        return batch.lots().stream()
                .map(lot -> lot.rule() instanceof PieceRule.PerEater rule
                        ? lot.withRule(PieceRule.PerEater.near(rule.each() * factor))
                        : lot)
                .toList();
    }

    /** A lot less: those that are counted by the eaters take over what it gave; the last one stays. */
    public static Batch drop(Batch batch, int lotNo) {
        List<Lot> rest = batch.lots().stream().filter(lot -> lot.no() != lotNo).toList();
        if (rest.isEmpty()) {
            return batch;
        }
        double before = batch.lots().stream().mapToDouble(Lanes::gramsEach).sum();
        double after = rest.stream().mapToDouble(Lanes::gramsEach).sum();
        Batch less = batch.withLots(rest);
        return used(batch, after > 0 ? scaled(less, before / after) : rest);
    }

    /** One lot alone, as it is, with its dough and its filling. @throws ironpin.refusal.NotThere if there is no such lot */
    public static Batch only(Batch batch, int lotNo) {
        List<Lot> one = List.of(batch.lot(lotNo));
        return used(batch.withLots(one), one);
    }

    /** A lot made from another dough of the batch. @throws ironpin.refusal.NotThere if there is no such dough */
    public static Batch shareDough(Batch batch, int lotNo, int doughNo) {
        batch.dough(doughNo);
        return used(
                batch,
                batch.lots().stream()
                        .map(lot -> lot.no() == lotNo ? lot.withDoughNo(doughNo) : lot)
                        .toList());
    }

    /** A lot filled with another filling of the batch. @throws ironpin.refusal.NotThere if there is no such filling */
    public static Batch shareFilling(Batch batch, int lotNo, int fillingNo) {
        batch.filling(fillingNo);
        return used(
                batch,
                batch.lots().stream()
                        .map(lot -> lot.no() == lotNo ? lot.withFillingNo(fillingNo) : lot)
                        .toList());
    }

    /** Pieces of a filling that are folded into bought wrappers. */
    static int wrapped(Batch batch, Balance balance, int fillingNo) {
        return batch.lots().stream()
                .filter(lot -> lot.fillingNo() == fillingNo && lot.bought().isPresent())
                .mapToInt(lot -> balance.lot(lot.no()).pieces())
                .sum();
    }

    /** So many pieces of a filling in bought wrappers: in the lot there is, or in a new one; at six lots nothing changes. */
    static Batch wrap(Batch batch, int fillingNo, int pieces) {
        List<Lot> filled = batch.lots().stream()
                .filter(lot -> lot.fillingNo() == fillingNo)
                .toList();
        PieceRule rule = new PieceRule.Counted(pieces);
        Optional<Lot> there =
                filled.stream().filter(lot -> lot.bought().isPresent()).findFirst();
        if (there.isPresent()) {
            return batch.mapLots(lot -> lot.no() == there.get().no() ? lot.withRule(rule) : lot);
        }
        if (filled.isEmpty() || batch.lots().size() >= Batch.MOST_LOTS) {
            return batch;
        }
        Lot like = filled.get(0);
        BoughtWrapper.Thickness thickness = like.method().vessel() == VesselKind.BASKET
                ? BoughtWrapper.Thickness.THIN
                : BoughtWrapper.Thickness.THICK;
        List<Lot> lots = new ArrayList<>(batch.lots());
        BoughtWrapper round = BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, thickness);
        lots.add(like.withNo(next(batch.lots(), Lot::no))
                .withName("In bought wrappers")
                .withRule(rule)
                .withToFreezer(0)
                .withBought(Optional.of(round)));
        return batch.withLots(lots);
    }

    private static Batch used(Batch batch, List<Lot> lots) {
        List<Dough> doughs = batch.doughs().stream()
                .filter(dough -> lots.stream().anyMatch(lot -> lot.doughNo() == dough.no()))
                .toList();
        List<Filling> fillings = batch.fillings().stream()
                .filter(filling -> lots.stream().anyMatch(lot -> lot.fillingNo() == filling.no()))
                .toList();
        return batch.with(made -> made.doughs(doughs).fillings(fillings).lots(lots));
    }

    private static <T> int next(List<T> items, ToIntFunction<T> no) {
        return items.stream().mapToInt(no).max().orElse(0) + 1;
    }
}
