package ironpin.web.api;

import ironpin.batch.Appetite;
import ironpin.batch.Balance;
import ironpin.batch.Batch;
import ironpin.batch.PlanField;
import ironpin.batch.Station;
import ironpin.batch.Style;
import ironpin.batch.Styles;
import ironpin.clock.Timetable;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.Findings;
import ironpin.plan.LotPlan;
import ironpin.quantity.UnitSystem;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A whole plan from a style, the eaters and any numbers the caller holds. */
@RestController
@RequestMapping("/api/v1/calculate")
class PlanApi {
    /**
     * What to plan.
     *
     * @param style key of a style
     * @param eaters 1 to 200
     * @param appetite LIGHT, USUAL or HUNGRY; USUAL if left out
     * @param serving when it is on the table
     * @param numbers any of the plan's numbers by key, as in {@code "hydration": 52}; written in the order of the keys'
     *     stations, so the last of eaters, pieces, flour and filling is the pinned one
     */
    record Ask(String style, Integer eaters, Appetite appetite, LocalDateTime serving, Map<String, Double> numbers) {}

    /** What follows. */
    record Answer(
            int pieces,
            int toTable,
            double flourG,
            Map<String, Double> doughG,
            double doughTotalG,
            double doughLeftG,
            double waterC,
            double restMinutes,
            double fillingTotalG,
            double fillingLeftG,
            double doughEachG,
            double fillingEachG,
            double ropeCutMm,
            int piecesPerRope,
            List<Integer> rounds,
            LocalDateTime latestStart,
            List<Step> steps,
            List<Said> findings) {}

    /** A step at its time. */
    record Step(String key, LocalDateTime start, LocalDateTime end, String title) {}

    /** What the numbers say. */
    record Said(Station station, Finding.Level level, String figure, String text) {}

    /** Numbers of single lines, which one key cannot name, and of wrappers, which a style has none of. */
    private static final Set<PlanField> OF_A_LINE = EnumSet.of(
            PlanField.FILLING_SHARE,
            PlanField.FILLING_GRAMS,
            PlanField.FLOUR_SHARE,
            PlanField.FLOUR_GRAMS,
            PlanField.ADDITION,
            PlanField.ADDITION_GRAMS,
            PlanField.WRAPPER_SIZE,
            PlanField.WRAPPER_EACH,
            PlanField.WRAPPER_PACK);

    @PostMapping("/plan")
    Answer plan(@RequestBody Ask ask) {
        Style style = Styles.all().stream()
                .filter(one -> one.key().equals(ask.style()))
                .findFirst()
                .orElseThrow(() -> new BadField("style", "one of " + keys(), ask.style()));
        if (ask.eaters() == null || ask.eaters() < 1 || ask.eaters() > 200) {
            throw new BadField("eaters", "a whole number from 1 to 200", ask.eaters());
        }
        if (ask.serving() == null) {
            throw new BadField("serving", "a local date and time such as 2026-11-28T19:00", null);
        }
        Appetite appetite = ask.appetite() == null ? Appetite.USUAL : ask.appetite();
        Batch batch = Styles.start(style, style.name(), ask.serving(), ask.eaters(), appetite);
        return answer(BatchPlan.of(withNumbers(batch, ask.numbers())));
    }

    private static Batch withNumbers(Batch start, Map<String, Double> numbers) {
        Batch batch = start;
        if (numbers == null) {
            return batch;
        }
        for (String key : numbers.keySet()) {
            if (PlanField.ofKey(key).filter(field -> !OF_A_LINE.contains(field)).isEmpty()) {
                throw new BadField("numbers." + key, "one of the plan's numbers", key);
            }
        }
        for (PlanField field : PlanField.values()) {
            Double value = numbers.get(field.key());
            if (value != null) {
                batch = field.write(batch, 1, value);
            }
        }
        return batch;
    }

    private static Answer answer(BatchPlan plan) {
        LotPlan lot = plan.lots().get(0);
        Balance.OfDough dough = plan.balance().doughs().get(0);
        Balance.OfFilling filling = plan.balance().fillings().get(0);
        Map<String, Double> parts = new TreeMap<>();
        dough.made()
                .parts()
                .forEach(part -> parts.put(part.addition().name(), part.mass().grams()));
        return new Answer(
                lot.share().pieces(),
                lot.share().toTable(),
                dough.made().flour().grams(),
                parts,
                dough.made().total().grams(),
                dough.left().grams(),
                lot.dough().water().celsius(),
                lot.dough().rest().toMinutes(),
                filling.made().grams(),
                filling.left().grams(),
                lot.share().doughEach().grams(),
                lot.share().fillingEach().grams(),
                lot.rope().cut().millimetres(),
                lot.rope().longest(),
                lot.rounds().sizes(),
                plan.timetable().latestStart(),
                plan.timetable().slots().stream().map(PlanApi::step).toList(),
                Arrays.stream(Station.values())
                        .flatMap(station -> Findings.at(station, plan, 1).stream()
                                .map(one -> new Said(
                                        station,
                                        one.level(),
                                        UnitSystem.METRIC.say(one.figure()),
                                        UnitSystem.METRIC.say(one.text()))))
                        .toList());
    }

    private static Step step(Timetable.Slot slot) {
        return new Step(
                slot.task().key(),
                slot.start(),
                slot.end(),
                UnitSystem.METRIC.say(slot.task().title()));
    }

    private static List<String> keys() {
        return Styles.all().stream().map(Style::key).toList();
    }
}
