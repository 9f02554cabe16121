package ironpin.store;

import static ironpin.store.db.Tables.PROBED;
import static ironpin.store.db.Tables.ROUND_COOKED;

import ironpin.cook.Cooking;
import ironpin.cook.ProbeLesson;
import ironpin.quantity.Belief;
import ironpin.quantity.Temperature;
import ironpin.refusal.NotThere;
import ironpin.store.WorkStore.Of;
import ironpin.store.db.tables.records.ProbedRecord;
import ironpin.store.db.tables.records.RoundCookedRecord;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jooq.DSLContext;

/** What happened at the fire, and what a probe taught about it. */
public final class FireStore {
    private static final double MILLION = 1e6;

    private final Cupboard cupboard;

    public FireStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * A round that is or was on the fire.
     *
     * @param id its number
     * @param of the lot
     * @param round from 1
     * @param out when it came out; absent while it is on the fire
     * @param probed what was read in it, the first reading first
     */
    public record Cooked(
            long id, Of of, int round, int pieces, Instant in, Optional<Instant> out, List<Probed> probed) {}

    /**
     * A reading of a probe.
     *
     * @param at after the pieces went in
     * @param read what it showed
     * @param meant what the model had in the middle then
     */
    public record Probed(Duration at, Temperature read, Temperature meant) {}

    /** Rounds of a lot, the first first. */
    public List<Cooked> rounds(Of lot) {
        return cupboard.read(dsl -> dsl.selectFrom(ROUND_COOKED)
                .where(ROUND_COOKED.BATCH_ID.eq(lot.batch()), ROUND_COOKED.LOT_NO.eq(lot.lot()))
                .orderBy(ROUND_COOKED.IN_AT, ROUND_COOKED.ID)
                .fetch()
                .map(row -> cooked(dsl, row)));
    }

    /** What went in or came out of a batch at this moment is taken back. @return lots it happened to */
    public List<Integer> takeBack(long batchId, Instant at) {
        return cupboard.write(dsl -> {
            List<Integer> lots = dsl.selectFrom(ROUND_COOKED)
                    .where(ROUND_COOKED.BATCH_ID.eq(batchId))
                    .and(ROUND_COOKED.IN_AT.eq(Times.kept(at)).or(ROUND_COOKED.OUT_AT.eq(Times.kept(at))))
                    .fetch(ROUND_COOKED.LOT_NO);
            dsl.deleteFrom(ROUND_COOKED)
                    .where(ROUND_COOKED.BATCH_ID.eq(batchId), ROUND_COOKED.IN_AT.eq(Times.kept(at)))
                    .execute();
            dsl.update(ROUND_COOKED)
                    .setNull(ROUND_COOKED.OUT_AT)
                    .where(ROUND_COOKED.BATCH_ID.eq(batchId), ROUND_COOKED.OUT_AT.eq(Times.kept(at)))
                    .execute();
            return lots;
        });
    }

    /** Every round that is on the fire. */
    public List<Cooked> onTheFire() {
        return cupboard.read(dsl -> dsl.selectFrom(ROUND_COOKED)
                .where(ROUND_COOKED.OUT_AT.isNull())
                .orderBy(ROUND_COOKED.IN_AT)
                .fetch()
                .map(row -> cooked(dsl, row)));
    }

    private static Cooked cooked(DSLContext dsl, RoundCookedRecord row) {
        List<Probed> probed = dsl.selectFrom(PROBED)
                .where(PROBED.ROUND_ID.eq(row.getId()))
                .orderBy(PROBED.SECONDS, PROBED.ID)
                .fetch(one -> new Probed(
                        Duration.ofSeconds(one.getSeconds()),
                        new Temperature(one.getReadMdeg()),
                        new Temperature(one.getMeantMdeg())));
        return new Cooked(
                row.getId(),
                new Of(row.getBatchId(), row.getLotNo()),
                row.getRound(),
                row.getPieces(),
                Times.read(row.getInAt()),
                Optional.ofNullable(Times.read(row.getOutAt())),
                probed);
    }

    /** The next round of a lot goes in; one that is still on the fire comes out first. */
    public Cooked in(Of lot, int pieces, Instant now) {
        return cupboard.write(dsl -> {
            BatchStore.locked(dsl, lot.batch());
            out(dsl, lot, now);
            int round = 1
                    + dsl.fetchCount(
                            ROUND_COOKED, ROUND_COOKED.BATCH_ID.eq(lot.batch()), ROUND_COOKED.LOT_NO.eq(lot.lot()));
            RoundCookedRecord row = dsl.newRecord(ROUND_COOKED);
            row.setBatchId(lot.batch());
            row.setLotNo(lot.lot());
            row.setRound(round);
            row.setPieces(pieces);
            row.setInAt(Times.kept(now));
            row.store();
            return cooked(dsl, row);
        });
    }

    /** What is on the fire comes out; without effect if nothing is. */
    public void out(Of lot, Instant now) {
        cupboard.write(dsl -> {
            BatchStore.locked(dsl, lot.batch());
            return out(dsl, lot, now);
        });
    }

    private static int out(DSLContext dsl, Of lot, Instant now) {
        return dsl.update(ROUND_COOKED)
                .set(ROUND_COOKED.OUT_AT, Times.kept(now))
                .where(ROUND_COOKED.BATCH_ID.eq(lot.batch()), ROUND_COOKED.LOT_NO.eq(lot.lot()))
                .and(ROUND_COOKED.OUT_AT.isNull())
                .execute();
    }

    /** Takes the last round back, with what was read in it. */
    public void unround(Of lot) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            BatchStore.locked(dsl, lot.batch());
            RoundCookedRecord last = dsl.selectFrom(ROUND_COOKED)
                    .where(ROUND_COOKED.BATCH_ID.eq(lot.batch()), ROUND_COOKED.LOT_NO.eq(lot.lot()))
                    .orderBy(ROUND_COOKED.ROUND.desc())
                    .limit(1)
                    .fetchOne();
            return last == null ? 0 : last.delete();
        });
    }

    /**
     * Writes a reading down.
     *
     * @param method the kind of cooking it teaches about
     * @param seen real time by the model's, if the reading teaches it
     * @throws NotThere if there is no such round
     */
    public void probe(long round, String method, Probed probed, Optional<Double> seen, Instant now) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            if (!dsl.fetchExists(ROUND_COOKED, ROUND_COOKED.ID.eq(round))) {
                throw NotThere.called("round", String.valueOf(round));
            }
            ProbedRecord row = dsl.newRecord(PROBED);
            row.setRoundId(round);
            row.setMethod(method);
            row.setSeconds((int) probed.at().toSeconds());
            row.setReadMdeg(probed.read().millidegrees());
            row.setMeantMdeg(probed.meant().millidegrees());
            row.setSeenMillionths(seen.map(ratio -> Math.round(ratio * MILLION)).orElse(null));
            row.setProbedAt(Times.kept(now));
            return row.store();
        });
    }

    /** How long rounds take against the model, by kind of cooking: the last reading of each round that taught something. */
    static Map<String, Belief> corrections(DSLContext dsl) {
        Unminded unminded = Unminded.of(dsl);
        Map<String, Belief> learned = new TreeMap<>();
        taught(dsl).forEach((method, rounds) -> {
            List<ProbedRecord> minded =
                    rounds.stream().filter(row -> !unminded.is(key(row))).toList();
            if (!minded.isEmpty()) {
                learned.put(method, after(minded));
            }
        });
        return learned;
    }

    static Belief after(List<ProbedRecord> rounds) {
        Belief belief = Cooking.UNTAUGHT;
        for (ProbedRecord row : rounds) {
            belief = ProbeLesson.after(belief, row.getSeenMillionths() / MILLION);
        }
        return belief;
    }

    /** By kind of cooking, the last reading of each round that taught something. */
    static Map<String, List<ProbedRecord>> taught(DSLContext dsl) {
        Map<String, Map<Long, ProbedRecord>> seen = new TreeMap<>();
        dsl.selectFrom(PROBED)
                .where(PROBED.SEEN_MILLIONTHS.isNotNull())
                .orderBy(PROBED.PROBED_AT, PROBED.ID)
                .forEach(row -> seen.computeIfAbsent(row.getMethod(), method -> new TreeMap<>())
                        .put(row.getRoundId(), row));
        Map<String, List<ProbedRecord>> last = new TreeMap<>();
        seen.forEach((method, rounds) -> last.put(method, List.copyOf(rounds.values())));
        return last;
    }

    static String key(ProbedRecord row) {
        return Unminded.key("round", row.getRoundId(), row.getMethod());
    }
}
