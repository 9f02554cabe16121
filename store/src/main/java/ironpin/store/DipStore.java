package ironpin.store;

import static ironpin.store.db.Tables.DIP;
import static ironpin.store.db.Tables.DIP_LINE;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.dip.Dip;
import ironpin.dip.Dips;
import ironpin.store.db.tables.records.DipLineRecord;
import ironpin.store.db.tables.records.DipRecord;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jooq.DSLContext;

/** The dips of this kitchen: those that ship, and those that were composed for its batches. */
public final class DipStore {
    private final Cupboard cupboard;

    public DipStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** Every dip there is to choose from: those that ship, then the kitchen's own, the latest first. */
    public List<Dip> all() {
        Map<String, Dip> byName = new LinkedHashMap<>();
        Dips.all().forEach(dip -> byName.put(dip.name(), dip));
        cupboard.read(DipStore::composed).forEach(dip -> byName.putIfAbsent(dip.name(), dip));
        return List.copyOf(byName.values());
    }

    private static List<Dip> composed(DSLContext dsl) {
        return dsl
                .select(DIP.NAME, DIP_LINE.INGREDIENT, DIP_LINE.PARTS)
                .from(DIP)
                .join(DIP_LINE)
                .on(DIP_LINE.DIP.eq(DIP.NAME))
                .orderBy(DIP.COMPOSED_AT.desc(), DIP.NAME, DIP_LINE.POSITION)
                .fetchGroups(DIP.NAME, row -> new Dip.Part(row.value2(), row.value3()))
                .entrySet()
                .stream()
                .map(lines -> new Dip(lines.getKey(), lines.getValue()))
                .toList();
    }

    /** Keeps what a plan's dips are made of, where they are of the kitchen's own; of several with one name the latest. */
    static void keepOf(DSLContext dsl, Batch plan, Instant now) {
        List<Dip> own = plan.lots().stream()
                .map(Lot::dip)
                .filter(dip -> !dip.parts().isEmpty() && Dips.named(dip.name()).isEmpty())
                .distinct()
                .toList();
        if (own.isEmpty()) {
            return;
        }
        List<Dip> known = composed(dsl);
        for (Dip dip : own) {
            if (!known.contains(dip)) {
                dsl.deleteFrom(DIP).where(DIP.NAME.eq(dip.name())).execute();
                dsl.executeInsert(new DipRecord(dip.name(), Times.kept(now)));
                List<Dip.Part> parts = dip.parts();
                dsl.batchInsert(IntStream.range(0, parts.size())
                                .mapToObj(i -> new DipLineRecord(
                                        dip.name(),
                                        i,
                                        parts.get(i).ingredient(),
                                        parts.get(i).parts()))
                                .toList())
                        .execute();
            }
        }
    }
}
