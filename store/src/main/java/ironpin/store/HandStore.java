package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.SQUEEZED;
import static ironpin.store.db.Tables.TASTING;

import ironpin.batch.edit.Tasting;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.kit.Hand;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.SqueezedRecord;
import ironpin.store.db.tables.records.TastingRecord;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.jooq.DSLContext;

/** What test patties and squeezed vegetables said, and what they teach about the cook. */
public final class HandStore {
    private final Cupboard cupboard;
    private final BatchStore batches;

    public HandStore(Cupboard cupboard, BatchStore batches) {
        this.cupboard = cupboard;
        this.batches = batches;
    }

    /** Writes down a tasting with the revision it makes; one that changes nothing is written with the one that stands. */
    public StoredBatch taste(long id, int fillingNo, PattyVerdict verdict, Instant now) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            Tasting tasting = Tasting.of(batches.load(id).batch(), fillingNo, verdict);
            String label = "patty: " + verdict.label();
            int revision = batches.changeWithin(
                            dsl,
                            id,
                            Sentence.of(label),
                            batch -> Tasting.of(batch, fillingNo, verdict).batch(),
                            now,
                            (same, made) -> {})
                    .getCurrentRevision();
            TastingRecord row = new TastingRecord(
                    id,
                    revision,
                    fillingNo,
                    verdict.name(),
                    tasting.salt().millionths(),
                    tasting.added(),
                    tasting.mass().micrograms(),
                    Times.kept(now));
            dsl.insertInto(TASTING).set(row).onDuplicateKeyUpdate().set(row).execute();
            return id;
        });
        return batches.load(id);
    }

    /** The tastings of a batch that stand, the first one first. */
    public List<LoggedTasting> standing(long id) {
        int revision = batches.load(id).revision();
        return tastings(id).stream()
                .filter(row -> row.getRevision() <= revision)
                .map(row -> new LoggedTasting(
                        row.getFillingNo(),
                        PattyVerdict.valueOf(row.getVerdict()),
                        new Percentage(row.getSaltUpct()),
                        row.getAdded(),
                        new Mass(row.getAddedUg()),
                        Times.read(row.getTastedAt())))
                .toList();
    }

    /** Those of revisions that were undone too: what is remembered stays true while only the plan changes. */
    private List<TastingRecord> tastings(long id) {
        return cupboard.remembered(
                new Question(Set.of(TASTING), "tastings", id),
                dsl -> List.copyOf(dsl.selectFrom(TASTING)
                        .where(TASTING.BATCH_ID.eq(id))
                        .orderBy(TASTING.REVISION)
                        .fetch()));
    }

    /** Writes down what was left of a vegetable, over what was written for it in this batch before. */
    public void weigh(long id, int fillingNo, String food, Treatment treatment, Mass raw, Mass left, Instant now) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            BatchStore.locked(dsl, id);
            SqueezedRecord row = new SqueezedRecord(
                    id, fillingNo, food, treatment.name(), raw.micrograms(), left.micrograms(), Times.kept(now));
            dsl.insertInto(SQUEEZED).set(row).onDuplicateKeyUpdate().set(row).execute();
            return id;
        });
    }

    /** What all of it teaches. */
    static Hand hand(DSLContext dsl) {
        Hand hand = Hand.UNKNOWN;
        Unminded unminded = Unminded.of(dsl);
        for (TastingRecord row : tastings(dsl)) {
            if (!unminded.is(key(row))) {
                hand = hand.tasted(PattyVerdict.valueOf(row.getVerdict()), new Percentage(row.getSaltUpct()).percent());
            }
        }
        for (SqueezedRecord row : squeezed(dsl)) {
            if (!unminded.is(key(row))) {
                hand = weighed(hand, row);
            }
        }
        return hand.atWork(WorkStore.handiwork(dsl), WorkStore.evenness(dsl))
                .atTheFire(FireStore.corrections(dsl))
                .with(MinuteStore.minutes(dsl));
    }

    static Hand weighed(Hand hand, SqueezedRecord row) {
        return hand.weighed(
                row.getFood(),
                Treatment.valueOf(row.getTreatment()),
                new Mass(row.getRawUg()),
                new Mass(row.getLeftUg()));
    }

    static String key(TastingRecord row) {
        return Unminded.key("tasting", row.getBatchId(), row.getRevision());
    }

    static String key(SqueezedRecord row) {
        return Unminded.key("squeezed", row.getBatchId(), row.getFillingNo(), row.getFood(), row.getTreatment());
    }

    static List<SqueezedRecord> squeezed(DSLContext dsl) {
        return dsl.selectFrom(SQUEEZED)
                .orderBy(SQUEEZED.WEIGHED_AT, SQUEEZED.BATCH_ID, SQUEEZED.FILLING_NO, SQUEEZED.FOOD)
                .fetch();
    }

    /** Those that stand, of fillings whose salt was known: from others nothing can be learned. */
    static List<TastingRecord> tastings(DSLContext dsl) {
        return dsl.select(TASTING.asterisk())
                .from(TASTING)
                .join(BATCH)
                .on(BATCH.ID.eq(TASTING.BATCH_ID))
                .where(TASTING.REVISION.le(BATCH.CURRENT_REVISION), TASTING.SALT_UPCT.ne(0L))
                .orderBy(TASTING.TASTED_AT, TASTING.BATCH_ID, TASTING.REVISION)
                .fetchInto(TASTING);
    }
}
