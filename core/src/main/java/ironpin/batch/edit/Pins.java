package ironpin.batch.edit;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.quantity.Mass;
import ironpin.style.Styles;
import java.util.Optional;

/** Moves the pin: the number last typed is the one held, and the others are solved from it. */
public final class Pins {
    private Pins() {}

    /** Nothing in the cupboard decides any longer; pieces do. */
    public static Batch release(Batch batch) {
        return batch.mapDoughs(dough -> dough.withFlourAtHand(Optional.empty()))
                .mapFillings(filling -> filling.withAtHand(Optional.empty()));
    }

    static Batch countPerEater(Batch batch) {
        return batch.mapLots(lot -> lot.rule() instanceof PieceRule.PerEater
                ? lot
                : lot.withRule(new PieceRule.PerEater(Styles.get(lot.style()).perEater(batch.appetite()))));
    }

    static Batch countBy(Batch batch, int lotNo, PieceRule rule) {
        Lot counted = batch.lot(lotNo);
        return batch.mapDoughs(
                        dough -> dough.no() == counted.doughNo() ? dough.withFlourAtHand(Optional.empty()) : dough)
                .mapFillings(
                        filling -> filling.no() == counted.fillingNo() ? filling.withAtHand(Optional.empty()) : filling)
                .mapLots(lot -> lot.no() == lotNo ? lot.withRule(rule) : lot);
    }

    /** So many pieces in all, the freezer's among them as long as one is left for the table. */
    static Batch countPieces(Batch batch, int lotNo, double pieces) {
        int frozen = Math.min(batch.lot(lotNo).toFreezer(), (int) pieces - 1);
        return countBy(batch, lotNo, new PieceRule.Counted((int) pieces - frozen))
                .mapLots(lot -> lot.no() == lotNo ? lot.withToFreezer(frozen) : lot);
    }

    /**
     * So many of the pieces there are go to the freezer; the others are for the table.
     *
     * @throws OutOfRange if the table would get none
     */
    static Batch freezeOfThese(Batch batch, int lotNo, double frozen) {
        int pieces = Balancer.solve(batch).lot(lotNo).pieces();
        Pin pin = Pin.of(batch, batch.lot(lotNo));
        boolean held = pin != Pin.EATERS && pin != Pin.PIECES;
        if (!held && frozen >= pieces) {
            throw new OutOfRange(CountField.OF_THESE_TO_FREEZER, frozen, 0, Math.max(0, pieces - 1));
        }
        return batch.mapLots(lot -> {
            if (lot.no() != lotNo) {
                return lot;
            }
            Lot kept = lot.withToFreezer((int) frozen);
            boolean same = (int) frozen == lot.toFreezer();
            return held || same ? kept : kept.withRule(new PieceRule.Counted(pieces - (int) frozen));
        });
    }

    static Batch holdFlour(Batch batch, int doughNo, Mass flour) {
        boolean both =
                batch.lots().stream().anyMatch(lot -> lot.doughNo() == doughNo && Pin.of(batch, lot) == Pin.BOTH);
        Batch free = both ? batch : releaseFillingsOf(batch, doughNo);
        return free.mapDoughs(dough -> dough.no() == doughNo ? dough.withFlourAtHand(Optional.of(flour)) : dough);
    }

    static Batch holdFilling(Batch batch, int fillingNo, Mass mass) {
        boolean both =
                batch.lots().stream().anyMatch(lot -> lot.fillingNo() == fillingNo && Pin.of(batch, lot) == Pin.BOTH);
        Batch free = both ? batch : releaseDoughsOf(batch, fillingNo);
        return free.mapFillings(filling -> filling.no() == fillingNo ? filling.withAtHand(Optional.of(mass)) : filling);
    }

    /**
     * Puts the pin where the cook points, at the number as it stands: the table's count, this lot's count, its flour, its
     * filling, or flour and filling both.
     */
    public static Batch move(Batch batch, int lotNo, Pin pin) {
        Balance balance = Balancer.solve(batch);
        Lot lot = batch.lot(lotNo);
        Mass flour = rounded(balance.dough(lot.doughNo()).made().flour());
        Mass filling = rounded(balance.filling(lot.fillingNo()).made());
        Batch free = releaseFillingsOf(batch, lot.doughNo())
                .mapDoughs(dough -> dough.no() == lot.doughNo() ? dough.withFlourAtHand(Optional.empty()) : dough);
        return switch (pin) {
            case EATERS -> countPerEater(release(batch));
            case PIECES ->
                countPieces(batch, lotNo, Math.max(1, balance.lot(lotNo).pieces()));
            case FLOUR -> holdFlour(free, lot.doughNo(), flour);
            case FILLING -> holdFilling(free, lot.fillingNo(), filling);
            case BOTH ->
                batch.mapDoughs(dough ->
                                dough.no() == lot.doughNo() ? dough.withFlourAtHand(Optional.of(flour)) : dough)
                        .mapFillings(one -> one.no() == lot.fillingNo() ? one.withAtHand(Optional.of(filling)) : one);
        };
    }

    /** A kitchen scale's gram, never less than the least a plan may hold. */
    private static Mass rounded(Mass mass) {
        return Mass.ofGrams(Math.max(DoughField.FLOUR.low(), Math.ceil(mass.grams() - 1e-6)));
    }

    private static Batch releaseFillingsOf(Batch batch, int doughNo) {
        return batch.mapFillings(filling ->
                batch.lots().stream().anyMatch(lot -> lot.doughNo() == doughNo && lot.fillingNo() == filling.no())
                        ? filling.withAtHand(Optional.empty())
                        : filling);
    }

    private static Batch releaseDoughsOf(Batch batch, int fillingNo) {
        return batch.mapDoughs(dough ->
                batch.lots().stream().anyMatch(lot -> lot.fillingNo() == fillingNo && lot.doughNo() == dough.no())
                        ? dough.withFlourAtHand(Optional.empty())
                        : dough);
    }
}
