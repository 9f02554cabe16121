package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.DIP_LINE;
import static ironpin.store.db.Tables.LOT;

import ironpin.dip.Dip;
import ironpin.dip.Dips;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jooq.Field;

/** The dips of this kitchen: those that ship, and those that were composed for its batches. */
public final class DipStore {
    private final Cupboard cupboard;

    public DipStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** Every dip there is to choose from: those that ship, then the kitchen's own; of several with one name the latest. */
    public List<Dip> all() {
        Map<String, Dip> byName = new LinkedHashMap<>();
        Dips.all().forEach(dip -> byName.put(dip.name(), dip));
        composed().forEach(dip -> byName.putIfAbsent(dip.name(), dip));
        return List.copyOf(byName.values());
    }

    private List<Dip> composed() {
        Field<?>[] ofLot = {LOT.BATCH_ID, LOT.NO, LOT.DIP};
        return cupboard
                .read(dsl -> dsl.select(LOT.BATCH_ID, LOT.NO, LOT.DIP, DIP_LINE.INGREDIENT, DIP_LINE.PARTS)
                        .from(LOT)
                        .join(BATCH)
                        .on(BATCH.ID.eq(LOT.BATCH_ID), BATCH.CURRENT_REVISION.eq(LOT.REVISION))
                        .join(DIP_LINE)
                        .on(
                                DIP_LINE.BATCH_ID.eq(LOT.BATCH_ID),
                                DIP_LINE.REVISION.eq(LOT.REVISION),
                                DIP_LINE.LOT_NO.eq(LOT.NO))
                        .orderBy(LOT.BATCH_ID.desc(), LOT.NO, DIP_LINE.POSITION)
                        .fetchGroups(ofLot, row -> new Dip.Part(row.value4(), row.value5())))
                .entrySet()
                .stream()
                .map(lot -> new Dip(lot.getKey().get(LOT.DIP), lot.getValue()))
                .toList();
    }
}
