package ironpin.web.api;

import ironpin.allergen.AllergenLines;
import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Serving;
import ironpin.batch.Station;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.WeighedDough;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.PackField;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.Pins;
import ironpin.batch.edit.PlanField;
import ironpin.clock.Timetable;
import ironpin.filling.FillingFormula;
import ironpin.household.Household;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.plan.Findings;
import ironpin.plan.LotPlan;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
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
     * @param numbers any of the plan's numbers by key, as in {@code "hydration": 52}; of those that say how many pieces there
     *     are, one: each, pieces, flour or filling, or flour and filling both
     */
    record PlanAsk(
            String style, Integer eaters, Appetite appetite, LocalDateTime serving, Map<String, Double> numbers) {}

    /** What follows. */
    record PlanAnswer(
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
            List<PlanMeasure> measures,
            List<PlanStep> steps,
            List<PlanSaid> findings,
            AllergenPart allergens) {}

    /** A step at its time. */
    /** A line of dough or filling in cups and spoons, metric and US; what is weighed everywhere is said by its weight. */
    record PlanMeasure(String name, String metric, String us) {
        static PlanMeasure of(String name, Sentence amount) {
            return new PlanMeasure(name, amount.render(UnitSystem.SPOONS), amount.render(UnitSystem.US));
        }
    }

    record PlanStep(String key, LocalDateTime start, LocalDateTime end, String title) {}

    /** What the numbers say. */
    record PlanSaid(Station station, Finding.Level level, String figure, String text) {}

    /** Wrappers, of which a style has none; nor can one key name a number of a line. */
    private static final Set<PlanField<?>> OF_A_WRAPPER =
            Set.of(PackField.WRAPPER_SIZE, PackField.WRAPPER_EACH, PackField.WRAPPER_PACK);

    /** The numbers that may be given. */
    private static final List<PlanField<?>> ASKABLE = PlanField.all().stream()
            .filter(field -> !field.ofALine() && !OF_A_WRAPPER.contains(field))
            .toList();

    @PostMapping("/plan")
    PlanAnswer plan(@RequestBody PlanAsk ask) {
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
        if (!Serving.allows(ask.serving())) {
            throw new BadField("serving", "in " + Serving.YEARS, ask.serving());
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
            if (ASKABLE.stream().noneMatch(field -> field.key().equals(key))) {
                throw new BadField("numbers." + key, "one of the plan's numbers", key);
            }
        }
        held(numbers);
        if (numbers.get(DoughField.FLOUR.key()) != null && numbers.get(FillingField.FILLING.key()) != null) {
            // Both are at hand: the pieces follow from the two together.
            batch = Pins.move(batch, 1, Pin.BOTH);
        }
        for (PlanField<?> field : ASKABLE) {
            Double value = numbers.get(field.key());
            if (value != null) {
                batch = field.of(batch, 1).write(batch, value);
            }
        }
        return batch;
    }

    /** Of the numbers that say how many pieces there are only one can be held, or flour and filling together. */
    private static void held(Map<String, Double> numbers) {
        List<String> counts = Stream.<PlanField<?>>of(CountField.EACH, CountField.PIECES)
                .map(PlanField::key)
                .filter(key -> numbers.get(key) != null)
                .toList();
        List<String> atHand = Stream.<PlanField<?>>of(DoughField.FLOUR, FillingField.FILLING)
                .map(PlanField::key)
                .filter(key -> numbers.get(key) != null)
                .toList();
        if (counts.size() > 1 || !counts.isEmpty() && !atHand.isEmpty()) {
            String last = atHand.isEmpty() ? counts.get(1) : atHand.get(0);
            throw new BadField(
                    "numbers." + last,
                    "one of each, pieces, or what is at hand of flour and filling",
                    numbers.get(last));
        }
    }

    private static PlanAnswer answer(BatchPlan plan) {
        LotPlan lot = plan.lots().get(0);
        Balance.OfDough dough = plan.balance().doughs().get(0);
        Balance.OfFilling filling = plan.balance().fillings().get(0);
        Map<String, Double> parts = new TreeMap<>();
        dough.made()
                .parts()
                .forEach(part -> parts.put(part.addition().name(), part.mass().grams()));
        return new PlanAnswer(
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
                plan.timetable().latestStart().toLocalDateTime(),
                measures(plan, lot),
                plan.timetable().slots().stream().map(PlanApi::step).toList(),
                Arrays.stream(Station.values())
                        .flatMap(station -> Findings.at(station, plan, 1).stream()
                                .map(one -> new PlanSaid(
                                        station,
                                        one.level(),
                                        one.figure().render(UnitSystem.METRIC),
                                        one.text().render(UnitSystem.METRIC))))
                        .toList(),
                AllergenPart.of(AllergenLines.ofLot(plan.batch(), lot.lot())));
    }

    private static List<PlanMeasure> measures(BatchPlan plan, LotPlan lot) {
        List<PlanMeasure> measures = new ArrayList<>();
        Balance.OfDough dough = plan.balance().dough(lot.dough().no());
        for (WeighedDough.Line line : WeighedDough.of(lot.dough(), dough.made()).lines()) {
            measures.add(PlanMeasure.of(line.name(), line.amount()));
        }
        FillingFormula formula = lot.filling().formula();
        List<Mass> masses =
                formula.masses(plan.balance().filling(lot.filling().no()).made());
        for (int i = 0; i < masses.size(); i++) {
            String name = formula.lines().get(i).ingredient();
            measures.add(PlanMeasure.of(name, Household.weighed(name, masses.get(i))));
        }
        return measures;
    }

    private static PlanStep step(Timetable.Slot slot) {
        return new PlanStep(
                slot.task().key(),
                slot.start().toLocalDateTime(),
                slot.end().toLocalDateTime(),
                slot.task().title());
    }

    private static List<String> keys() {
        return Styles.all().stream().map(Style::key).toList();
    }
}
