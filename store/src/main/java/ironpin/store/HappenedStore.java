package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.CORRECTION;
import static ironpin.store.db.Tables.FAULT;
import static ironpin.store.db.Tables.HEARD;
import static ironpin.store.db.Tables.OUTCOME;
import static ironpin.store.db.Tables.PROBED;
import static ironpin.store.db.Tables.REVISION;
import static ironpin.store.db.Tables.ROUND_COOKED;
import static ironpin.store.db.Tables.SQUEEZED;
import static ironpin.store.db.Tables.STEP_DONE;
import static ironpin.store.db.Tables.TASTING;
import static ironpin.store.db.Tables.WEIGHED;

import ironpin.batch.Batch;
import ironpin.book.Happened;
import ironpin.book.Happened.What;
import ironpin.book.StoryWords;
import ironpin.dough.BenchFeel;
import ironpin.dough.Correction;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.hands.Fault;
import ironpin.pantry.Foods;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.store.db.tables.records.OutcomeRecord;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jooq.DSLContext;

/** A batch's whole story, out of every table that holds something of it. */
public final class HappenedStore {
    private final Cupboard cupboard;

    public HappenedStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * In order, each fact once. What was undone is not told.
     *
     * @param titles of its steps by their keys; a step that the plan does not have any more is told by its key
     */
    public List<Happened> story(StoredBatch stored, Function<String, String> titles) {
        return cupboard.read(dsl -> new Telling(dsl, stored.id(), stored.batch(), titles).story());
    }

    private static final class Telling {
        private final DSLContext dsl;
        private final long id;
        private final Batch batch;
        private final Function<String, String> titles;
        private final List<Happened> story = new ArrayList<>();

        /** Revisions that a correction or a patty made: told as what they were. */
        private final Set<Integer> made = new HashSet<>();

        private boolean heard;

        Telling(DSLContext dsl, long id, Batch batch, Function<String, String> titles) {
            this.dsl = dsl;
            this.id = id;
            this.batch = batch;
            this.titles = titles;
        }

        List<Happened> story() {
            int current = dsl.select(BATCH.CURRENT_REVISION)
                    .from(BATCH)
                    .where(BATCH.ID.eq(id))
                    .fetchSingle()
                    .value1();
            heard();
            corrections(current);
            tastings(current);
            revisions(current);
            squeezed();
            weighed();
            steps();
            rounds();
            faults();
            verdicts();
            story.sort(Comparator.comparing(Happened::at).thenComparing(Happened::what));
            return story;
        }

        private void tell(String key, OffsetDateTime at, What what, Sentence said) {
            Instant when = Times.read(at);
            story.add(new Happened(key, when, what, said));
        }

        /** Before it came here. */
        private void heard() {
            dsl.selectFrom(HEARD)
                    .where(HEARD.BATCH_ID.eq(id))
                    .orderBy(HEARD.POSITION)
                    .forEach(row -> {
                        heard = true;
                        tell(
                                "heard " + row.getPosition(),
                                row.getAt(),
                                What.valueOf(row.getWhat()),
                                Sentence.of(row.getSaid()));
                    });
        }

        private void revisions(int current) {
            dsl.select(REVISION.NO, REVISION.LABEL, REVISION.MADE_AT)
                    .from(REVISION)
                    .where(REVISION.BATCH_ID.eq(id), REVISION.NO.le(current))
                    .orderBy(REVISION.NO)
                    .forEach(row -> {
                        // One that is told of from before it came began there.
                        if (!made.contains(row.value1()) && !(heard && row.value1() == 1)) {
                            tell("revision:" + row.value1(), row.value3(), What.PLAN, Labels.read(row.value2()));
                        }
                    });
        }

        private void corrections(int current) {
            dsl.selectFrom(CORRECTION)
                    .where(CORRECTION.BATCH_ID.eq(id), CORRECTION.REVISION.le(current))
                    .forEach(row -> {
                        made.add(row.getRevision());
                        Correction correction = new Correction(
                                BenchFeel.valueOf(row.getFeel()),
                                new Mass(row.getWaterUg()),
                                new Mass(row.getFlourUg()),
                                Duration.ofSeconds(row.getRestS()));
                        tell(
                                "correction:" + row.getRevision(),
                                row.getMadeAt(),
                                What.BENCH,
                                StoryWords.felt(
                                        correction,
                                        new Percentage(row.getBeforeUpct()),
                                        new Percentage(row.getHydrationUpct())));
                    });
        }

        private void tastings(int current) {
            dsl.selectFrom(TASTING)
                    .where(TASTING.BATCH_ID.eq(id), TASTING.REVISION.le(current))
                    .forEach(row -> {
                        made.add(row.getRevision());
                        tell(
                                "tasting:" + row.getRevision(),
                                row.getTastedAt(),
                                What.PATTY,
                                StoryWords.tasted(
                                        PattyVerdict.valueOf(row.getVerdict()),
                                        new Mass(row.getAddedUg()),
                                        row.getAdded()));
                    });
        }

        private void squeezed() {
            dsl.selectFrom(SQUEEZED)
                    .where(SQUEEZED.BATCH_ID.eq(id))
                    .forEach(row -> tell(
                            "squeezed:" + row.getFillingNo() + ":" + row.getFood() + ":" + row.getTreatment(),
                            row.getWeighedAt(),
                            What.WEIGHED,
                            StoryWords.left(
                                    Foods.find(row.getFood())
                                            .map(food -> food.label())
                                            .orElse(row.getFood()),
                                    Treatment.valueOf(row.getTreatment()),
                                    new Mass(row.getLeftUg()),
                                    new Mass(row.getRawUg()))));
        }

        /** Pieces on the scale, a sitting of a lot at a time. */
        private void weighed() {
            dsl.selectFrom(WEIGHED)
                    .where(WEIGHED.BATCH_ID.eq(id))
                    .orderBy(WEIGHED.LOT_NO, WEIGHED.WHAT, WEIGHED.PLACE)
                    .fetchGroups(row -> row.getLotNo() + ":" + row.getWhat())
                    .forEach((key, rows) -> {
                        double mean = rows.stream()
                                .mapToDouble(row -> new Mass(row.getMassUg()).grams())
                                .average()
                                .orElseThrow();
                        tell(
                                "weighed:" + key,
                                rows.get(rows.size() - 1).getWeighedAt(),
                                What.WEIGHED,
                                Sentence.of(
                                        lot(rows.get(0).getLotNo()),
                                        StoryWords.onTheScale(
                                                rows.get(0).getWhat().equals("DOUGH"), rows.size(), mean)));
                    });
        }

        private String lot(int no) {
            return batch.lots().size() < 2
                    ? ""
                    : batch.lots().stream()
                            .filter(lot -> lot.no() == no)
                            .findFirst()
                            .map(lot -> lot.name() + ": ")
                            .orElse("");
        }

        private void steps() {
            dsl.selectFrom(STEP_DONE).where(STEP_DONE.BATCH_ID.eq(id)).forEach(row -> {
                String title = titles.apply(row.getTaskKey());
                String who = row.getByPerson() == null ? "" : " " + row.getByPerson() + ".";
                // Lines that are ticked within a step are told with it.
                if (!title.isEmpty()) {
                    tell("step:" + row.getTaskKey(), row.getDoneAt(), What.STEP, Sentence.of(title, who));
                }
            });
        }

        private void rounds() {
            Map<Long, Integer> lots = new HashMap<>();
            dsl.selectFrom(ROUND_COOKED).where(ROUND_COOKED.BATCH_ID.eq(id)).forEach(row -> {
                lots.put(row.getId(), row.getLotNo());
                Optional<Duration> took = Optional.ofNullable(row.getOutAt())
                        .map(out -> Duration.between(Times.read(row.getInAt()), Times.read(out)));
                tell(
                        "round:" + row.getId(),
                        row.getInAt(),
                        What.ROUND,
                        Sentence.of(lot(row.getLotNo()), StoryWords.round(row.getRound(), row.getPieces(), took)));
            });
            dsl.selectFrom(PROBED)
                    .where(PROBED.ROUND_ID.in(lots.keySet()))
                    .forEach(row -> tell(
                            "probe:" + row.getId(),
                            row.getProbedAt(),
                            What.PROBE,
                            Sentence.of(
                                    lot(lots.get(row.getRoundId())),
                                    StoryWords.probed(
                                            new Temperature(row.getReadMdeg()),
                                            Duration.ofSeconds(row.getSeconds()),
                                            new Temperature(row.getMeantMdeg())))));
        }

        private void faults() {
            dsl.selectFrom(FAULT)
                    .where(FAULT.BATCH_ID.eq(id))
                    .forEach(row -> tell(
                            "fault:" + row.getId(),
                            row.getSeenAt(),
                            What.FAULT,
                            Sentence.of(
                                    lot(row.getLotNo()),
                                    StoryWords.fault(
                                            Fault.valueOf(row.getKind()), Optional.ofNullable(row.getPlace())))));
        }

        private void verdicts() {
            for (OutcomeRecord row : dsl.selectFrom(OUTCOME).where(OUTCOME.BATCH_ID.eq(id))) {
                tell(
                        "verdict:" + row.getLotNo(),
                        row.getRecordedAt(),
                        What.VERDICT,
                        Sentence.of(
                                lot(row.getLotNo()),
                                StoryWords.verdict(BookStore.entry(row).outcome())));
            }
        }
    }
}
