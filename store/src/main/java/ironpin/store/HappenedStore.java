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
import ironpin.book.FillingVerdict;
import ironpin.book.Happened;
import ironpin.book.Happened.What;
import ironpin.book.Outcome;
import ironpin.book.Seen;
import ironpin.book.SkinVerdict;
import ironpin.dough.BenchFeel;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.hands.Fault;
import ironpin.pantry.Foods;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.store.db.tables.records.OutcomeRecord;
import ironpin.wording.Count;
import ironpin.wording.Span;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
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
                        Mass water = new Mass(row.getWaterUg());
                        Mass flour = new Mass(row.getFlourUg());
                        Sentence added = !water.isZero()
                                ? Sentence.of(Quantity.fineGrams(water.grams()), " of water")
                                : !flour.isZero()
                                        ? Sentence.of(Quantity.fineGrams(flour.grams()), " of flour")
                                        : Sentence.of(Span.of(Duration.ofSeconds(row.getRestS())) + " more rest");
                        tell(
                                "correction:" + row.getRevision(),
                                row.getMadeAt(),
                                What.BENCH,
                                Sentence.of(
                                        "The dough felt ",
                                        BenchFeel.valueOf(row.getFeel()).label(),
                                        ": ",
                                        added,
                                        ", from ",
                                        percent(row.getBeforeUpct()),
                                        " to ",
                                        percent(row.getHydrationUpct()),
                                        " water."));
                    });
        }

        private static String percent(long millionths) {
            return Decimal.trimmed(new Percentage(millionths).percent(), 1) + " %";
        }

        private void tastings(int current) {
            dsl.selectFrom(TASTING)
                    .where(TASTING.BATCH_ID.eq(id), TASTING.REVISION.le(current))
                    .forEach(row -> {
                        made.add(row.getRevision());
                        Mass added = new Mass(row.getAddedUg());
                        tell(
                                "tasting:" + row.getRevision(),
                                row.getTastedAt(),
                                What.PATTY,
                                Sentence.of(
                                        "A patty tasted ",
                                        PattyVerdict.valueOf(row.getVerdict()).label(),
                                        added.isZero()
                                                ? Sentence.of(".")
                                                : Sentence.of(
                                                        ": ",
                                                        Quantity.fineGrams(added.grams()),
                                                        " of ",
                                                        row.getAdded(),
                                                        ".")));
                    });
        }

        private void squeezed() {
            dsl.selectFrom(SQUEEZED)
                    .where(SQUEEZED.BATCH_ID.eq(id))
                    .forEach(row -> tell(
                            "squeezed:" + row.getFillingNo() + ":" + row.getFood() + ":" + row.getTreatment(),
                            row.getWeighedAt(),
                            What.WEIGHED,
                            Sentence.of(
                                    Foods.find(row.getFood())
                                            .map(food -> food.label())
                                            .orElse(row.getFood()),
                                    ", ",
                                    Treatment.valueOf(row.getTreatment()).label(),
                                    ": ",
                                    Quantity.weighed(new Mass(row.getLeftUg())),
                                    " left of ",
                                    Quantity.weighed(new Mass(row.getRawUg())),
                                    ".")));
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
                                        rows.get(0).getWhat().equals("DOUGH")
                                                ? Count.of(rows.size(), "piece") + " on the scale, dough "
                                                : Count.of(rows.size(), "spoonful") + " on the scale, ",
                                        Quantity.fineGrams(mean),
                                        " on the whole."));
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
                String time = row.getOutAt() == null
                        ? "still on."
                        : Span.of(Duration.between(Times.read(row.getInAt()), Times.read(row.getOutAt()))) + ".";
                tell(
                        "round:" + row.getId(),
                        row.getInAt(),
                        What.ROUND,
                        Sentence.of(
                                lot(row.getLotNo()),
                                "round " + row.getRound() + ", " + Count.of(row.getPieces(), "piece") + ", ",
                                time));
            });
            dsl.selectFrom(PROBED)
                    .where(PROBED.ROUND_ID.in(lots.keySet()))
                    .forEach(row -> tell(
                            "probe:" + row.getId(),
                            row.getProbedAt(),
                            What.PROBE,
                            Sentence.of(
                                    lot(lots.get(row.getRoundId())),
                                    Quantity.celsius(new Temperature(row.getReadMdeg()).celsius()),
                                    " in the middle after " + Span.of(Duration.ofSeconds(row.getSeconds()))
                                            + "; reckoned ",
                                    Quantity.celsius(new Temperature(row.getMeantMdeg()).celsius()),
                                    ".")));
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
                                    Fault.valueOf(row.getKind()).label(),
                                    row.getPlace() == null ? "." : ", piece " + row.getPlace() + ".")));
        }

        private void verdicts() {
            for (OutcomeRecord row : dsl.selectFrom(OUTCOME).where(OUTCOME.BATCH_ID.eq(id))) {
                Outcome outcome = BookStore.entry(row).outcome();
                List<String> said = new ArrayList<>();
                said.add(outcome.made() + " made, " + outcome.burst() + " burst, " + outcome.leaked() + " leaked, "
                        + outcome.stuck() + " stuck");
                said.add("skin "
                        + (outcome.skin() == SkinVerdict.RIGHT
                                ? "right"
                                : outcome.skin().label()));
                said.add("filling "
                        + (outcome.filling() == FillingVerdict.RIGHT
                                ? "right"
                                : outcome.filling().label()));
                outcome.seen().stream().map(Seen::label).sorted().forEach(said::add);
                tell(
                        "verdict:" + row.getLotNo(),
                        row.getRecordedAt(),
                        What.VERDICT,
                        Sentence.of(
                                lot(row.getLotNo()),
                                String.join("; ", said) + ".",
                                outcome.note().isBlank()
                                        ? ""
                                        : " “" + outcome.note().strip() + "”"));
            }
        }
    }
}
