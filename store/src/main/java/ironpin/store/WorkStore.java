package ironpin.store;

import static ironpin.store.db.Tables.FAULT;
import static ironpin.store.db.Tables.FOLD_LESSON;
import static ironpin.store.db.Tables.GUESS;
import static ironpin.store.db.Tables.TAP;
import static ironpin.store.db.Tables.WEIGHED;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;

import ironpin.hands.Beat;
import ironpin.hands.Drill;
import ironpin.hands.Fault;
import ironpin.hands.SharedWork;
import ironpin.portion.Evenness;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import ironpin.store.db.tables.records.FaultRecord;
import ironpin.store.db.tables.records.FoldLessonRecord;
import ironpin.store.db.tables.records.WeighedRecord;
import ironpin.wrapper.Fold;
import ironpin.wrapper.FoldLesson;
import ironpin.wrapper.Handiwork;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Record2;

/** What hands did with the pieces of a lot: weights, paces, faults; and what all of it taught. */
public final class WorkStore {
    private final Cupboard cupboard;

    public WorkStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** What lies on the scale. */
    public enum What {
        DOUGH,
        FILLING
    }

    /**
     * A lot of a batch.
     *
     * @param batch its number
     * @param lot its number in it
     */
    public record Of(long batch, int lot) {}

    /**
     * A tap for one piece.
     *
     * @param person whose hands
     */
    public record Tapped(String person, SharedWork job, Instant at) {}

    /**
     * How fast somebody is at a fold, over all that was counted.
     *
     * @param seconds for one piece
     * @param sittings lots that were counted
     */
    public record PersonPace(String person, SharedWork job, double seconds, int sittings) {}

    /**
     * A fault that was seen.
     *
     * @param place which piece, if that is known
     * @param room filling of the fold's geometric room, if it has one
     */
    public record Seen(
            Fault fault, Optional<Integer> place, Mass skin, Mass filling, Optional<Percentage> room, Instant at) {}

    /** What pieces or spoonfuls weighed, in their order. */
    public List<Mass> weights(Of lot, What what) {
        return cupboard.read(dsl -> dsl.select(WEIGHED.MASS_UG)
                .from(WEIGHED)
                .where(WEIGHED.BATCH_ID.eq(lot.batch()), WEIGHED.LOT_NO.eq(lot.lot()), WEIGHED.WHAT.eq(what.name()))
                .orderBy(WEIGHED.PLACE)
                .fetch(row -> new Mass(row.value1())));
    }

    /** Writes one down after the others. @param most how many there are to be @throws Refused if all are there */
    public void weigh(Of lot, What what, Mass mass, Mass meant, int most, Instant now) {
        cupboard.write(dsl -> {
            BatchStore.locked(dsl, lot.batch());
            int place = places(dsl, lot, what) + 1;
            if (place > most) {
                throw new Refused("all " + most + " are weighed");
            }
            return dsl.executeInsert(row(lot, what, place, mass, meant, now));
        });
    }

    /** Takes the last one back; without effect if there is none. */
    public void unweigh(Of lot, What what) {
        cupboard.write(dsl -> {
            BatchStore.locked(dsl, lot.batch());
            return dsl.deleteFrom(WEIGHED)
                    .where(WEIGHED.BATCH_ID.eq(lot.batch()), WEIGHED.LOT_NO.eq(lot.lot()), WEIGHED.WHAT.eq(what.name()))
                    .and(WEIGHED.PLACE.eq(places(dsl, lot, what)))
                    .execute();
        });
    }

    /** Puts these in place of all there were. */
    public void reweigh(Of lot, What what, List<Mass> masses, Mass meant, Instant now) {
        cupboard.write(dsl -> {
            BatchStore.locked(dsl, lot.batch());
            dsl.deleteFrom(WEIGHED)
                    .where(WEIGHED.BATCH_ID.eq(lot.batch()), WEIGHED.LOT_NO.eq(lot.lot()), WEIGHED.WHAT.eq(what.name()))
                    .execute();
            for (int i = 0; i < masses.size(); i++) {
                dsl.executeInsert(row(lot, what, i + 1, masses.get(i), meant, now));
            }
            return lot;
        });
    }

    private static WeighedRecord row(Of lot, What what, int place, Mass mass, Mass meant, Instant now) {
        return new WeighedRecord(
                lot.batch(), lot.lot(), what.name(), place, mass.micrograms(), meant.micrograms(), Times.kept(now));
    }

    private static int places(DSLContext dsl, Of lot, What what) {
        return dsl.select(coalesce(max(WEIGHED.PLACE), inline(0)))
                .from(WEIGHED)
                .where(WEIGHED.BATCH_ID.eq(lot.batch()), WEIGHED.LOT_NO.eq(lot.lot()), WEIGHED.WHAT.eq(what.name()))
                .fetchSingle()
                .value1();
    }

    /** The taps of a lot, in their order. */
    public List<Tapped> taps(Of lot) {
        return cupboard.read(dsl -> dsl.selectFrom(TAP)
                .where(TAP.BATCH_ID.eq(lot.batch()), TAP.LOT_NO.eq(lot.lot()))
                .orderBy(TAP.TAPPED_AT, TAP.ID)
                .fetch(row ->
                        new Tapped(row.getPerson(), SharedWork.valueOf(row.getJob()), Times.read(row.getTappedAt()))));
    }

    /** One piece more. @param person 1 to 40 characters */
    public void tap(Of lot, Fold fold, Tapped tap) {
        if (tap.person().isBlank() || tap.person().length() > 40) {
            throw new Refused("a name has 1 to 40 characters");
        }
        cupboard.write(dsl -> {
            BatchStore.locked(dsl, lot.batch());
            return dsl.insertInto(TAP)
                    .set(TAP.BATCH_ID, lot.batch())
                    .set(TAP.LOT_NO, lot.lot())
                    .set(TAP.PERSON, tap.person())
                    .set(TAP.JOB, tap.job().name())
                    .set(TAP.FOLD, fold.name())
                    .set(TAP.TAPPED_AT, Times.kept(tap.at()))
                    .execute();
        });
    }

    /** How fast each person is at a fold: the mean of their sittings, by name and job. */
    public List<PersonPace> paces(Fold fold) {
        Map<List<String>, List<Double>> sittings = new TreeMap<>(Comparator.comparing(Object::toString));
        Map<List<String>, List<Instant>> taps = new LinkedHashMap<>();
        cupboard.read(dsl -> dsl.selectFrom(TAP)
                        .where(TAP.FOLD.eq(fold.name()))
                        .orderBy(TAP.TAPPED_AT, TAP.ID)
                        .fetch())
                .forEach(row -> taps.computeIfAbsent(
                                List.of(
                                        row.getPerson(),
                                        row.getJob(),
                                        row.getBatchId().toString(),
                                        row.getLotNo().toString()),
                                key -> new ArrayList<>())
                        .add(Times.read(row.getTappedAt())));
        taps.forEach((key, at) -> Beat.of(at).secondsEach().ifPresent(seconds -> sittings.computeIfAbsent(
                        key.subList(0, 2), who -> new ArrayList<>())
                .add(seconds)));
        List<PersonPace> found = new ArrayList<>();
        sittings.forEach((who, seconds) -> found.add(new PersonPace(
                who.get(0),
                SharedWork.valueOf(who.get(1)),
                seconds.stream().mapToDouble(one -> one).average().orElseThrow(),
                seconds.size())));
        return found;
    }

    /** Takes the last tap of a job back. */
    public void untap(Of lot, SharedWork job) {
        cupboard.write(dsl -> dsl.deleteFrom(TAP)
                .where(TAP.ID.eq(dsl.select(max(TAP.ID))
                        .from(TAP)
                        .where(TAP.BATCH_ID.eq(lot.batch()), TAP.LOT_NO.eq(lot.lot()), TAP.JOB.eq(job.name()))))
                .execute());
    }

    /** Faults of a lot, the first seen first. */
    public List<Seen> faults(Of lot) {
        return cupboard.read(dsl -> dsl.selectFrom(FAULT)
                .where(FAULT.BATCH_ID.eq(lot.batch()), FAULT.LOT_NO.eq(lot.lot()))
                .orderBy(FAULT.SEEN_AT, FAULT.ID)
                .fetch(WorkStore::seen));
    }

    private static Seen seen(FaultRecord row) {
        return new Seen(
                Fault.valueOf(row.getKind()),
                Optional.ofNullable(row.getPlace()),
                new Mass(row.getSkinUg()),
                new Mass(row.getFillingUg()),
                Optional.ofNullable(row.getRoomUpct()).map(Percentage::new),
                Times.read(row.getSeenAt()));
    }

    /** Writes a fault down. */
    public void see(Of lot, Seen seen) {
        cupboard.write(dsl -> {
            BatchStore.locked(dsl, lot.batch());
            return dsl.insertInto(FAULT)
                    .set(FAULT.BATCH_ID, lot.batch())
                    .set(FAULT.LOT_NO, lot.lot())
                    .set(FAULT.KIND, seen.fault().name())
                    .set(FAULT.PLACE, seen.place().orElse(null))
                    .set(FAULT.SKIN_UG, seen.skin().micrograms())
                    .set(FAULT.FILLING_UG, seen.filling().micrograms())
                    .set(
                            FAULT.ROOM_UPCT,
                            seen.room().map(Percentage::millionths).orElse(null))
                    .set(FAULT.SEEN_AT, Times.kept(seen.at()))
                    .execute();
        });
    }

    /** Takes the last fault back, whatever it was. */
    public void unsee(Of lot) {
        cupboard.write(dsl -> dsl.deleteFrom(FAULT)
                .where(FAULT.ID.eq(dsl.select(max(FAULT.ID))
                        .from(FAULT)
                        .where(FAULT.BATCH_ID.eq(lot.batch()), FAULT.LOT_NO.eq(lot.lot()))))
                .execute());
    }

    /**
     * What a judged lot teaches, over what it taught before.
     *
     * @param pieces that were closed, above 0
     * @param room how full they were meant, of the fold's geometric room
     * @param seconds for one piece, if it was counted
     */
    public void learn(Of lot, Fold fold, int pieces, Optional<Percentage> room, Optional<Double> seconds, Instant now) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            BatchStore.locked(dsl, lot.batch());
            FoldLessonRecord row = new FoldLessonRecord(
                    lot.batch(),
                    lot.lot(),
                    fold.name(),
                    pieces,
                    room.map(Percentage::millionths).orElse(null),
                    seconds.map(each -> Math.round(1_000 * each)).orElse(null),
                    Times.kept(now));
            dsl.insertInto(FOLD_LESSON).set(row).onDuplicateKeyUpdate().set(row).execute();
            return lot;
        });
    }

    /** What was learned about each fold that was counted. */
    static Map<Fold, Handiwork> handiwork(DSLContext dsl) {
        Map<Fold, Handiwork> learned = new EnumMap<>(Fold.class);
        Unminded unminded = Unminded.of(dsl);
        Map<Fold, List<FoldLessonRecord>> lessons = lessons(dsl).stream()
                .filter(row -> !unminded.is(key(row)))
                .collect(Collectors.groupingBy(row -> Fold.valueOf(row.getFold())));
        lessons.forEach((fold, rows) -> learned.put(
                fold,
                FoldLesson.learned(
                        fold, rows.stream().map(row -> lesson(dsl, row)).toList())));
        return learned;
    }

    static List<FoldLessonRecord> lessons(DSLContext dsl) {
        return dsl.selectFrom(FOLD_LESSON)
                .orderBy(FOLD_LESSON.LEARNED_AT, FOLD_LESSON.BATCH_ID, FOLD_LESSON.LOT_NO)
                .fetch();
    }

    static String key(FoldLessonRecord row) {
        return Unminded.key("fold", row.getBatchId(), row.getLotNo());
    }

    static FoldLesson lesson(DSLContext dsl, FoldLessonRecord row) {
        List<Double> faults = dsl
                .selectFrom(FAULT)
                .where(FAULT.BATCH_ID.eq(row.getBatchId()), FAULT.LOT_NO.eq(row.getLotNo()))
                .and(FAULT.ROOM_UPCT.isNotNull())
                .stream()
                .filter(fault -> Fault.valueOf(fault.getKind()).fromFullness())
                .map(fault -> new Percentage(fault.getRoomUpct()).percent())
                .toList();
        return new FoldLesson(
                row.getPieces(),
                Optional.ofNullable(row.getRoomUpct()).map(room -> new Percentage(room).percent()),
                faults,
                Optional.ofNullable(row.getSecondsMs()).map(each -> each / 1_000.0));
    }

    /** How even the latest pieces came out. */
    static Optional<Evenness> evenness(DSLContext dsl) {
        List<Record2<Long, Integer>> sittings = dsl.select(WEIGHED.BATCH_ID, WEIGHED.LOT_NO)
                .from(WEIGHED)
                .where(WEIGHED.WHAT.eq(What.DOUGH.name()))
                .groupBy(WEIGHED.BATCH_ID, WEIGHED.LOT_NO)
                .having(count().ge(2))
                .orderBy(max(WEIGHED.WEIGHED_AT).desc())
                .limit(20)
                .fetch();
        List<Evenness.Sitting> found = new ArrayList<>();
        for (Record2<Long, Integer> one : sittings) {
            List<WeighedRecord> rows = dsl.selectFrom(WEIGHED)
                    .where(WEIGHED.BATCH_ID.eq(one.value1()), WEIGHED.LOT_NO.eq(one.value2()))
                    .and(WEIGHED.WHAT.eq(What.DOUGH.name()))
                    .orderBy(WEIGHED.PLACE)
                    .fetch();
            found.add(new Evenness.Sitting(
                    new Mass(rows.get(0).getMeantUg()),
                    rows.stream().map(row -> new Mass(row.getMassUg())).toList()));
        }
        return Evenness.of(found);
    }

    /** Guesses at a shape, the first first, the latest hundred. */
    public List<Drill.Guess> guesses(String shape) {
        List<Drill.Guess> latest = new ArrayList<>(cupboard.read(dsl -> dsl.selectFrom(GUESS)
                .where(GUESS.SHAPE.eq(shape))
                .orderBy(GUESS.ID.desc())
                .limit(100)
                .fetch(row -> new Drill.Guess(new Mass(row.getGuessedUg()), new Mass(row.getTruthUg())))));
        Collections.reverse(latest);
        return latest;
    }

    /** Writes a guess down. */
    public void guess(String shape, Drill.Guess guess, Instant now) {
        cupboard.write(dsl -> dsl.insertInto(GUESS)
                .set(GUESS.SHAPE, shape)
                .set(GUESS.GUESSED_UG, guess.guessed().micrograms())
                .set(GUESS.TRUTH_UG, guess.truth().micrograms())
                .set(GUESS.GUESSED_AT, Times.kept(now))
                .execute());
    }
}
