package ironpin.store;

import static ironpin.store.db.Tables.FLOUR_LESSON;
import static ironpin.store.db.Tables.KIT_FLOUR;
import static ironpin.store.db.Tables.PACED;
import static ironpin.store.db.Tables.ROUND_COOKED;

import ironpin.book.Known;
import ironpin.book.Known.Kind;
import ironpin.book.Known.Seen;
import ironpin.cook.Cooking;
import ironpin.crew.OwnMinutes;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.kit.Hand;
import ironpin.pantry.Absorption;
import ironpin.pantry.Foods;
import ironpin.quantity.Belief;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.store.db.tables.records.FlourLessonRecord;
import ironpin.store.db.tables.records.FoldLessonRecord;
import ironpin.store.db.tables.records.OwnMinutesRecord;
import ironpin.store.db.tables.records.PacedRecord;
import ironpin.store.db.tables.records.SqueezedRecord;
import ironpin.store.db.tables.records.TastingRecord;
import ironpin.wrapper.Fold;
import ironpin.wrapper.FoldLesson;
import ironpin.wrapper.Handiwork;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jooq.DSLContext;

/** Everything this kitchen has learned, with what taught it: by the same rules as the plans use it. */
public final class KnownStore {
    /** Lessons of one number that are looked back on; older ones stay in what is thought. */
    private static final int LATEST = 40;

    private static final double PERCENT = 100;

    private final Cupboard cupboard;

    public KnownStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** All of it that anything taught, kind by kind. */
    public List<Known> all() {
        return cupboard.read(dsl -> new Reading(dsl, Unminded.of(dsl)).all());
    }

    private record Reading(DSLContext dsl, Unminded unminded) {
        List<Known> all() {
            List<Known> all = new ArrayList<>();
            flours(all);
            salt(all);
            squeezed(all);
            folds(all);
            rounds(all);
            minutes(all);
            people(all);
            return all;
        }

        private <T> Known known(
                Kind kind,
                String of,
                Belief before,
                List<T> rows,
                Function<T, Seen> seen,
                Function<List<T>, Belief> learned) {
            int old = Math.max(0, rows.size() - LATEST);
            List<T> past = rows.subList(0, old).stream()
                    .filter(row -> !unminded.is(seen.apply(row).key()))
                    .toList();
            return Known.of(
                    kind,
                    of,
                    past.isEmpty() ? before : learned.apply(past),
                    rows.subList(old, rows.size()),
                    seen,
                    row -> unminded.is(seen.apply(row).key()),
                    minded -> learned.apply(joined(past, minded)));
        }

        private static <T> List<T> joined(List<T> past, List<T> minded) {
            List<T> all = new ArrayList<>(past);
            all.addAll(minded);
            return all;
        }

        private static <K, T> Map<K, List<T>> by(List<T> rows, Function<T, K> key) {
            Map<K, List<T>> by = new LinkedHashMap<>();
            rows.forEach(row ->
                    by.computeIfAbsent(key.apply(row), one -> new ArrayList<>()).add(row));
            return by;
        }

        private void flours(List<Known> all) {
            Map<String, List<FlourLessonRecord>> lessons = by(
                    dsl.selectFrom(FLOUR_LESSON)
                            .orderBy(FLOUR_LESSON.LEARNED_AT, FLOUR_LESSON.BATCH_ID, FLOUR_LESSON.DOUGH_NO)
                            .fetch(),
                    FlourLessonRecord::getFlourKey);
            dsl.selectFrom(KIT_FLOUR).orderBy(KIT_FLOUR.POSITION).forEach(flour -> {
                List<FlourLessonRecord> rows = lessons.getOrDefault(flour.getFlourKey(), List.of());
                if (!rows.isEmpty()) {
                    long typed = flour.getTypedOffsetUpct();
                    all.add(known(
                            Kind.THIRST,
                            flour.getName(),
                            Absorption.typed(new Percentage(typed)).belief(),
                            rows,
                            row -> new Seen(
                                    KitStore.key(row),
                                    Optional.of(row.getBatchId()),
                                    Times.read(row.getLearnedAt()),
                                    new Percentage(row.getSeenUpct()).percent()),
                            minded -> KitStore.absorption(typed, minded).belief()));
                }
            });
        }

        private void salt(List<Known> all) {
            List<TastingRecord> rows = HandStore.tastings(dsl).stream()
                    .filter(row -> PattyVerdict.valueOf(row.getVerdict()).aboutSalt())
                    .toList();
            if (!rows.isEmpty()) {
                all.add(known(
                        Kind.SALT,
                        "a filling",
                        Hand.UNKNOWN.salt(),
                        rows,
                        row -> new Seen(
                                HandStore.key(row),
                                Optional.of(row.getBatchId()),
                                Times.read(row.getTastedAt()),
                                new Percentage(row.getSaltUpct()).percent()
                                        + PattyVerdict.valueOf(row.getVerdict()).points()),
                        minded -> {
                            Hand hand = Hand.UNKNOWN;
                            for (TastingRecord row : minded) {
                                hand = hand.tasted(
                                        PattyVerdict.valueOf(row.getVerdict()),
                                        new Percentage(row.getSaltUpct()).percent());
                            }
                            return hand.salt();
                        }));
            }
        }

        private void squeezed(List<Known> all) {
            by(HandStore.squeezed(dsl), row -> List.of(row.getFood(), row.getTreatment()))
                    .forEach((which, rows) -> {
                        String food = which.get(0);
                        Treatment done = Treatment.valueOf(which.get(1));
                        all.add(known(
                                Kind.SQUEEZED,
                                Foods.find(food).map(one -> one.label()).orElse(food) + ", " + done.label(),
                                Hand.UNKNOWN.left(food, done),
                                rows,
                                row -> new Seen(
                                        HandStore.key(row),
                                        Optional.of(row.getBatchId()),
                                        Times.read(row.getWeighedAt()),
                                        PERCENT * new Mass(row.getLeftUg()).ratioTo(new Mass(row.getRawUg()))),
                                minded -> {
                                    Hand hand = Hand.UNKNOWN;
                                    for (SqueezedRecord row : minded) {
                                        hand = HandStore.weighed(hand, row);
                                    }
                                    return hand.left(food, done);
                                }));
                    });
        }

        private void folds(List<Known> all) {
            by(WorkStore.lessons(dsl), row -> Fold.valueOf(row.getFold())).forEach((fold, every) -> {
                List<FoldLessonRecord> full =
                        every.stream().filter(row -> row.getRoomUpct() != null).toList();
                if (!full.isEmpty()) {
                    all.add(known(
                            Kind.FULLNESS,
                            fold.label(),
                            Handiwork.usual(fold).comfort(),
                            full,
                            row -> fold(row, new Percentage(row.getRoomUpct()).percent()),
                            minded -> learned(fold, minded).comfort()));
                }
                List<FoldLessonRecord> timed =
                        every.stream().filter(row -> row.getSecondsMs() != null).toList();
                if (!timed.isEmpty()) {
                    all.add(known(
                            Kind.SECONDS,
                            fold.label(),
                            Handiwork.usualSeconds(fold),
                            timed,
                            row -> fold(row, row.getSecondsMs() / 1_000.0),
                            minded -> learned(fold, minded).seconds()));
                }
            });
        }

        private static Seen fold(FoldLessonRecord row, double seen) {
            return new Seen(WorkStore.key(row), Optional.of(row.getBatchId()), Times.read(row.getLearnedAt()), seen);
        }

        private Handiwork learned(Fold fold, List<FoldLessonRecord> rows) {
            List<FoldLesson> lessons =
                    rows.stream().map(row -> WorkStore.lesson(dsl, row)).toList();
            return FoldLesson.learned(fold, lessons);
        }

        private void rounds(List<Known> all) {
            Map<Long, Long> batches = dsl.selectFrom(ROUND_COOKED).fetchMap(ROUND_COOKED.ID, ROUND_COOKED.BATCH_ID);
            FireStore.taught(dsl)
                    .forEach((method, rows) -> all.add(known(
                            Kind.ROUNDS,
                            method,
                            hundred(Cooking.UNTAUGHT),
                            rows,
                            row -> new Seen(
                                    FireStore.key(row),
                                    Optional.ofNullable(batches.get(row.getRoundId())),
                                    Times.read(row.getProbedAt()),
                                    row.getSeenMillionths() / 10_000.0),
                            minded -> hundred(FireStore.after(minded)))));
        }

        private static Belief hundred(Belief ratio) {
            return new Belief(PERCENT * ratio.mean(), PERCENT * ratio.spread(), ratio.lessons());
        }

        private void minutes(List<Known> all) {
            by(MinuteStore.rows(dsl), OwnMinutesRecord::getKind)
                    .forEach((kind, rows) -> all.add(known(
                            Kind.MINUTES,
                            kind,
                            OwnMinutes.USUAL,
                            rows,
                            row -> new Seen(
                                    MinuteStore.key(row),
                                    Optional.empty(),
                                    Times.read(row.getSaidAt()),
                                    MinuteStore.percent(row)),
                            minded -> MinuteStore.after(minded).of(kind).orElseThrow())));
        }

        private void people(List<Known> all) {
            List<PacedRecord> every =
                    dsl.selectFrom(PACED).orderBy(PACED.DONE_AT, PACED.ID).fetch();
            by(every, PacedRecord::getPerson)
                    .forEach((person, rows) -> all.add(known(
                            Kind.PERSON,
                            person,
                            PaceStore.UNKNOWN,
                            rows,
                            row -> new Seen(
                                    PaceStore.key(row),
                                    Optional.of(row.getBatchId()),
                                    Times.read(row.getDoneAt()),
                                    PaceStore.percent(row)),
                            PaceStore::after)));
        }
    }
}
