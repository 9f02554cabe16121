package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.FLOUR_LESSON;
import static ironpin.store.db.Tables.FORGOTTEN;
import static ironpin.store.db.Tables.KIT;
import static ironpin.store.db.Tables.KIT_BOWL;
import static ironpin.store.db.Tables.KIT_FLOUR;

import ironpin.batch.edit.Composing;
import ironpin.book.FlourLesson;
import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.dough.Waters;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.pantry.Price;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.store.db.tables.records.FlourLessonRecord;
import ironpin.store.db.tables.records.KitBowlRecord;
import ironpin.store.db.tables.records.KitFlourRecord;
import ironpin.store.db.tables.records.KitRecord;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jooq.DSLContext;
import org.jooq.Result;

/**
 * The kit, and what batches taught about its flours. Every change is carried into the batches that are not in the Book yet,
 * as a revision of theirs, all or nothing.
 */
public final class KitStore {
    private static final int ONLY = 1;

    private final Cupboard cupboard;
    private final BatchStore batches;

    /** The kit as it was read last, with the count of its changes then. */
    private volatile Seen last;

    private record Seen(long kits, Kit kit) {}

    public KitStore(Cupboard cupboard, BatchStore batches) {
        this.cupboard = cupboard;
        this.batches = batches;
    }

    /** The kit as it stands; an ordinary one until the cook changes something. */
    public Kit load() {
        if (cupboard.writing()) {
            return cupboard.read(KitStore::kit);
        }
        Seen seen = last;
        long now = cupboard.kits();
        if (seen == null || seen.kits() != now) {
            seen = new Seen(now, cupboard.read(KitStore::kit));
            last = seen;
        }
        return seen.kit();
    }

    /** Changes the kit; a flour whose offset is typed anew forgets what batches taught about it. */
    public Kit change(String label, UnaryOperator<Kit> change, Instant now) {
        return cupboard.write(dsl -> {
            cupboard.changesKit();
            Kit before = kit(dsl);
            Kit after = change.apply(before);
            save(dsl, before, after);
            follow(dsl, "the kit: " + label, now);
            return kit(dsl);
        });
    }

    /** Writes down what a dough of a batch taught, over what it taught before. */
    public void learn(long batchId, int doughNo, List<FlourLesson> lessons, Instant now) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            dsl.deleteFrom(FLOUR_LESSON)
                    .where(FLOUR_LESSON.BATCH_ID.eq(batchId), FLOUR_LESSON.DOUGH_NO.eq(doughNo))
                    .execute();
            Kit kit = kit(dsl);
            save(dsl, kit, kit);
            for (FlourLesson lesson : lessons) {
                if (kit.flour(lesson.flourKey()).isPresent()) {
                    dsl.executeInsert(new FlourLessonRecord(
                            lesson.flourKey(),
                            batchId,
                            doughNo,
                            lesson.seen().millionths(),
                            lesson.share().millionths(),
                            Times.kept(now)));
                }
            }
            follow(dsl, "what the last batch taught", now);
            return batchId;
        });
    }

    /** Leaves lessons out of account, or minds them again; open plans follow. @param keys as what is known names them */
    public void forget(Set<String> keys, boolean forgotten, Instant now) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            dsl.deleteFrom(FORGOTTEN).where(FORGOTTEN.LESSON.in(keys)).execute();
            for (String key : forgotten ? keys : Set.<String>of()) {
                dsl.insertInto(FORGOTTEN)
                        .set(FORGOTTEN.LESSON, key)
                        .set(FORGOTTEN.FORGOTTEN_AT, Times.kept(now))
                        .execute();
            }
            follow(dsl, "what is known", now);
            return keys;
        });
    }

    private void follow(DSLContext dsl, String label, Instant now) {
        Kit kit = kit(dsl);
        List<Long> open = dsl.select(BATCH.ID)
                .from(BATCH)
                .where(BATCH.STATUS.ne(Status.DONE.name()))
                .orderBy(BATCH.ID)
                .fetch(BATCH.ID);
        for (long id : open) {
            batches.changeWithin(
                    dsl, id, Sentence.of(label), batch -> Composing.in(kit, batch), now, (same, revision) -> {});
        }
    }

    private static Kit kit(DSLContext dsl) {
        KitRecord head = dsl.fetchOne(KIT, KIT.ID.eq(ONLY));
        if (head == null) {
            Kit usual = Kit.usual();
            return new Kit(
                    usual.waters(), usual.cups(), usual.measures(), usual.flours(), usual.bowls(), HandStore.hand(dsl));
        }
        Map<String, Result<FlourLessonRecord>> lessons = dsl.selectFrom(FLOUR_LESSON)
                .orderBy(FLOUR_LESSON.LEARNED_AT, FLOUR_LESSON.BATCH_ID, FLOUR_LESSON.DOUGH_NO)
                .fetchGroups(FLOUR_LESSON.FLOUR_KEY);
        Unminded unminded = Unminded.of(dsl);
        List<Flour> flours = dsl.selectFrom(KIT_FLOUR)
                .orderBy(KIT_FLOUR.POSITION)
                .fetch(row -> flour(row, minded(lessons.get(row.getFlourKey()), unminded)));
        List<Bowl> bowls = dsl.selectFrom(KIT_BOWL)
                .orderBy(KIT_BOWL.POSITION)
                .fetch(row -> new Bowl(
                        row.getBowlKey(),
                        row.getName(),
                        BowlMaterial.valueOf(row.getMaterial()),
                        new Mass(row.getMassUg())));
        Waters waters = new Waters(
                new Temperature(head.getRoomMdeg()),
                new Temperature(head.getTapMdeg()),
                new Temperature(head.getKettleMdeg()));
        return new Kit(
                waters, CupStandard.valueOf(head.getCups()), head.getMeasures(), flours, bowls, HandStore.hand(dsl));
    }

    private static List<FlourLessonRecord> minded(Result<FlourLessonRecord> lessons, Unminded unminded) {
        return lessons == null
                ? List.of()
                : lessons.stream().filter(row -> !unminded.is(key(row))).toList();
    }

    static String key(FlourLessonRecord row) {
        return Unminded.key("flour", row.getFlourKey(), row.getBatchId(), row.getDoughNo());
    }

    /** What these lessons make of what the cook typed. */
    static Absorption absorption(long typedUpct, List<FlourLessonRecord> lessons) {
        Absorption known = Absorption.typed(new Percentage(typedUpct));
        for (FlourLessonRecord lesson : lessons) {
            double share = new Percentage(lesson.getShareUpct()).fraction();
            known = known.after(new Percentage(lesson.getSeenUpct()), share);
        }
        return known;
    }

    private static Flour flour(KitFlourRecord row, List<FlourLessonRecord> lessons) {
        Absorption known = absorption(row.getTypedOffsetUpct(), lessons);
        return new Flour(
                row.getFlourKey(),
                row.getName(),
                FlourKind.valueOf(row.getKind()),
                new Percentage(row.getProteinUpct()),
                known,
                Optional.ofNullable(row.getPriceMilli()).map(Price::new));
    }

    private static void save(DSLContext dsl, Kit before, Kit after) {
        Waters waters = after.waters();
        KitRecord head = new KitRecord(
                ONLY,
                waters.room().millidegrees(),
                waters.tap().millidegrees(),
                waters.kettle().millidegrees(),
                after.cups().name(),
                after.measures());
        dsl.insertInto(KIT).set(head).onDuplicateKeyUpdate().set(head).execute();
        List<String> keys = after.flours().stream().map(Flour::key).toList();
        dsl.deleteFrom(KIT_FLOUR).where(KIT_FLOUR.FLOUR_KEY.notIn(keys)).execute();
        Map<String, Long> typed = dsl.selectFrom(KIT_FLOUR).fetchMap(KIT_FLOUR.FLOUR_KEY, KIT_FLOUR.TYPED_OFFSET_UPCT);
        for (int i = 0; i < after.flours().size(); i++) {
            Flour flour = after.flours().get(i);
            boolean anew = before.flour(flour.key())
                    .map(old -> !old.absorption().equals(flour.absorption()))
                    .orElse(true);
            if (anew) {
                dsl.deleteFrom(FLOUR_LESSON)
                        .where(FLOUR_LESSON.FLOUR_KEY.eq(flour.key()))
                        .execute();
            }
            long offset = anew
                    ? flour.absorption().offset().millionths()
                    : typed.getOrDefault(
                            flour.key(), flour.absorption().offset().millionths());
            KitFlourRecord row = row(i, flour, offset);
            dsl.insertInto(KIT_FLOUR).set(row).onDuplicateKeyUpdate().set(row).execute();
        }
        dsl.deleteFrom(KIT_BOWL).execute();
        List<KitBowlRecord> bowls = new ArrayList<>();
        for (Bowl bowl : after.bowls()) {
            bowls.add(new KitBowlRecord(
                    bowl.key(),
                    bowls.size(),
                    bowl.name(),
                    bowl.material().name(),
                    bowl.mass().micrograms()));
        }
        bowls.forEach(dsl::executeInsert);
    }

    private static KitFlourRecord row(int position, Flour flour, long typedOffset) {
        return new KitFlourRecord(
                flour.key(),
                position,
                flour.name(),
                flour.kind().name(),
                flour.protein().millionths(),
                typedOffset,
                flour.price().map(Price::thousandths).orElse(null));
    }
}
