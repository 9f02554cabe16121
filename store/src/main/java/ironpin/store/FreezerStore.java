package ironpin.store;

import static ironpin.store.db.Tables.BAG;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.sum;

import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.db.tables.records.BagRecord;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** Bags in the freezer, the oldest first. */
public final class FreezerStore {
    private static final int MOST_PIECES = 5_000;

    private final Cupboard cupboard;

    public FreezerStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * A bag.
     *
     * @param id its number; 0 for one that has not been put in yet
     * @param name what is in it
     * @param batch the batch it came from, if that is still there
     * @param lot its lot there
     * @param pieces that went in
     * @param left pieces that are still there
     * @param piece mass of one
     * @param cooking how it is cooked from frozen, as its label says
     * @param holds allergens, as its label says
     * @param frozen the day it went in
     */
    public record Bag(
            long id,
            String name,
            Optional<Long> batch,
            int lot,
            int pieces,
            int left,
            Mass piece,
            Sentence cooking,
            String holds,
            LocalDate frozen) {}

    /** Bags with something in them, the oldest first. */
    public List<Bag> stock() {
        return cupboard.read(dsl -> dsl.selectFrom(BAG)
                .where(BAG.LEFT_OVER.gt(0))
                .orderBy(BAG.FROZEN_ON, BAG.ID)
                .fetch(FreezerStore::bag));
    }

    /** One of them. @throws NotThere if there is no such bag */
    public Bag bag(long id) {
        return cupboard.read(dsl -> dsl.selectFrom(BAG)
                .where(BAG.ID.eq(id))
                .fetchOptional(FreezerStore::bag)
                .orElseThrow(() -> NotThere.called("bag", String.valueOf(id))));
    }

    private static Bag bag(BagRecord row) {
        return new Bag(
                row.getId(),
                row.getName(),
                Optional.ofNullable(row.getBatchId()),
                row.getLotNo(),
                row.getPieces(),
                row.getLeftOver(),
                new Mass(row.getPieceUg()),
                Labels.read(row.getCooking()),
                row.getHolds(),
                row.getFrozenOn());
    }

    /** Pieces of a lot that have been put in so far. */
    public int bagged(long batch, int lot) {
        return cupboard.read(dsl -> dsl.select(coalesce(sum(BAG.PIECES), inline(BigDecimal.ZERO)))
                .from(BAG)
                .where(BAG.BATCH_ID.eq(batch), BAG.LOT_NO.eq(lot))
                .fetchSingle()
                .value1()
                .intValue());
    }

    /** Puts one in and returns its number. @param bag whose number and what is left are of no account */
    public long put(Bag bag) {
        if (bag.pieces() < 1 || bag.pieces() > MOST_PIECES) {
            throw new Refused("1 to 5,000 pieces go into a bag, not " + bag.pieces());
        }
        return cupboard.write(dsl -> {
            BagRecord row = dsl.newRecord(BAG);
            row.setName(bag.name());
            row.setBatchId(bag.batch().orElse(null));
            row.setLotNo(bag.lot());
            row.setPieces(bag.pieces());
            row.setLeftOver(bag.pieces());
            row.setPieceUg(bag.piece().micrograms());
            row.setCooking(Labels.written(bag.cooking()));
            row.setHolds(bag.holds());
            row.setFrozenOn(bag.frozen());
            row.store();
            return row.getId();
        });
    }

    /** Takes pieces out. @throws Refused if there are not so many */
    public void take(long id, int pieces) {
        cupboard.write(dsl -> {
            BagRecord row = dsl.selectFrom(BAG)
                    .where(BAG.ID.eq(id))
                    .forUpdate()
                    .fetchOptional()
                    .orElseThrow(() -> NotThere.called("bag", String.valueOf(id)));
            if (pieces < 1 || pieces > row.getLeftOver()) {
                throw new Refused("1 to " + row.getLeftOver() + " pieces can be taken, not " + pieces);
            }
            row.setLeftOver(row.getLeftOver() - pieces);
            return row.store();
        });
    }
}
