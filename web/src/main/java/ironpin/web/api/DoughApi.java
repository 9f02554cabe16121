package ironpin.web.api;

import ironpin.cook.CookMethod;
import ironpin.dough.BenchFeel;
import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.dough.Correction;
import ironpin.dough.Cue;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.DoughFormula;
import ironpin.dough.DoughLine;
import ironpin.dough.HydrationTarget;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.dough.Mixing;
import ironpin.dough.RestPlan;
import ironpin.dough.Scald;
import ironpin.pantry.Flour;
import ironpin.pantry.FlourKind;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The calculators of the dough station. */
@RestController
@RequestMapping("/api/v1/calculate")
class DoughApi {
    private static final double MOST_GRAMS = 50_000;

    /**
     * A dough as it is weighed.
     *
     * @param family one of the ten
     * @param method key of a way of cooking, as in "steam/boiling"; left out, the band is not moved for it
     * @param flourG all flour
     * @param linesG everything else by its name, as in {@code "EGG": 50}
     * @param flourKind WHEAT if left out
     * @param proteinPercent 11 if left out
     * @param offsetPoints what this flour was seen to drink beyond its label, 0 if left out
     */
    record DoughAsk(
            String family,
            String method,
            Double flourG,
            Map<String, Double> linesG,
            String flourKind,
            Double proteinPercent,
            Double offsetPoints) {}

    /** What it comes to. */
    record DoughAnswer(
            double hydrationPercent,
            double effectiveHydrationPercent,
            double fatPercent,
            double doughG,
            Map<String, Double> percent,
            double bandLowPercent,
            double bandHighPercent,
            boolean inBand,
            double flourShift,
            double methodShift) {}

    @PostMapping("/dough")
    DoughAnswer dough(@RequestBody DoughAsk ask) {
        DoughFamily family = Given.choice("family", ask.family(), DoughFamily.class);
        double flour = Given.number("flourG", ask.flourG(), 1, MOST_GRAMS, "g");
        DoughFormula formula = formula(flour, Given.there("linesG", ask.linesG(), "lines such as {\"WATER\": 150}"));
        FlourKind kind = Given.choiceOr("flourKind", ask.flourKind(), FlourKind.WHEAT);
        double protein = Given.numberOr("proteinPercent", ask.proteinPercent(), 11, 0, 25, "%");
        double offset = Given.numberOr("offsetPoints", ask.offsetPoints(), 0, -30, 30, "points");
        Flour known = Flour.labelled("asked", "Asked", kind, Percentage.of(protein));
        double method = ask.method() == null ? 0 : method(ask.method()).hydrationShift();
        HydrationTarget target =
                new HydrationTarget(family.hydration(), method, HydrationTarget.flourShift(family, known), offset);
        Percentage effective = formula.effectiveHydration();
        Map<String, Double> percent = new TreeMap<>();
        double fat = 0;
        for (DoughLine line : formula.lines()) {
            percent.put(line.addition().name(), line.share().percent());
            fat += line.addition().fat() ? line.share().percent() : 0;
        }
        return new DoughAnswer(
                formula.hydration().percent(),
                effective.percent(),
                fat,
                flour * formula.doughPerFlour(),
                percent,
                target.band().low().percent(),
                target.band().high().percent(),
                target.band().contains(effective),
                target.flourShift(),
                target.methodShift());
    }

    private static DoughFormula formula(double flourG, Map<String, Double> lines) {
        List<DoughLine> read = new ArrayList<>();
        for (Map.Entry<String, Double> line : lines.entrySet()) {
            DoughAddition addition = Given.choice("linesG", line.getKey(), DoughAddition.class);
            double most = flourG * addition.most() / 100;
            double grams = Given.number("linesG." + line.getKey(), line.getValue(), 0, most, "g");
            read.add(new DoughLine(addition, Percentage.of(100 * grams / flourG)));
        }
        return new DoughFormula(read);
    }

    private static CookMethod method(String key) {
        List<String> keys = CookMethod.all().stream().map(CookMethod::key).toList();
        if (!keys.contains(key)) {
            throw new BadField("method", "one of " + keys, key);
        }
        return CookMethod.ofKey(key);
    }

    /**
     * Water to mix; exactly one of the three wishes.
     *
     * @param bowlMaterial STEEL, GLASS, CERAMIC, PLASTIC or WOOD; left out, no bowl is counted
     * @param wantedC just after mixing
     * @param wantedScaldShare of the starch, 0.01 to 0.99
     * @param boilingG from the kettle: the other way round
     */
    record WaterAsk(
            Double flourG,
            Double waterG,
            Double roomC,
            Double coldC,
            Double boilingC,
            String bowlMaterial,
            Double bowlG,
            Double wantedC,
            Double wantedScaldShare,
            Double boilingG) {}

    /** The two waters, and what they do; all temperatures are estimates. */
    record WaterAnswer(
            double boilingG,
            double coldG,
            double pouredC,
            double mixedC,
            double scaldShare,
            double handsAfterMinutes,
            double hydrationPoints) {}

    @PostMapping("/water-temperature")
    WaterAnswer water(@RequestBody WaterAsk ask) {
        double water = Given.number("waterG", ask.waterG(), 1, MOST_GRAMS, "g");
        Temperature cold = Temperature.ofCelsius(Given.numberOr("coldC", ask.coldC(), 12, 0, 60, "°C"));
        Temperature boiling = Temperature.ofCelsius(Given.numberOr("boilingC", ask.boilingC(), 96, 61, 100, "°C"));
        Mixing mixing = new Mixing(
                Mass.ofGrams(Given.number("flourG", ask.flourG(), 1, MOST_GRAMS, "g")),
                Temperature.ofCelsius(Given.numberOr("roomC", ask.roomC(), 21, 0, 44, "°C")),
                Mass.ofGrams(water),
                bowl(ask));
        Temperature poured = poured(ask, mixing, cold, boiling, water);
        Mixing.Split split = mixing.split(new Band<>(cold, boiling).clamp(poured), cold, boiling);
        Temperature mixed = mixing.mixed(poured);
        double scald = Scald.share(mixed);
        return new WaterAnswer(
                split.kettle().grams(),
                split.tap().grams(),
                poured.celsius(),
                mixed.celsius(),
                scald,
                mixing.untilHands(mixed).toSeconds() / 60.0,
                Scald.POINTS_FROM_NONE_TO_ALL * scald);
    }

    private static double bowl(WaterAsk ask) {
        if (ask.bowlMaterial() == null) {
            return 0;
        }
        BowlMaterial material = Given.choice("bowlMaterial", ask.bowlMaterial(), BowlMaterial.class);
        double grams = Given.number("bowlG", ask.bowlG(), 50, 10_000, "g");
        return new Bowl("asked", "Asked", material, Mass.ofGrams(grams)).joulesPerKelvin();
    }

    private static Temperature poured(
            WaterAsk ask, Mixing mixing, Temperature cold, Temperature boiling, double water) {
        long wishes = Stream.of(ask.wantedC(), ask.wantedScaldShare(), ask.boilingG())
                .filter(wish -> wish != null)
                .count();
        if (wishes != 1) {
            throw new BadField(
                    "wantedC", "one of wantedC, wantedScaldShare and boilingG, and only one", wishes + " of them");
        }
        if (ask.boilingG() != null) {
            double grams = Given.number("boilingG", ask.boilingG(), 0, water, "g");
            double span = boiling.celsius() - cold.celsius();
            return Temperature.ofCelsius(cold.celsius() + span * grams / water);
        }
        Band<Temperature> reach = mixing.reach(cold, boiling);
        if (ask.wantedC() != null) {
            double low = Math.ceil(reach.low().celsius() * 10) / 10;
            double high = Math.floor(reach.high().celsius() * 10) / 10;
            return mixing.poured(Temperature.ofCelsius(Given.number("wantedC", ask.wantedC(), low, high, "°C")));
        }
        double most = Math.floor(Math.min(0.99, Scald.share(reach.high())) * 100) / 100;
        double share = Given.number("wantedScaldShare", ask.wantedScaldShare(), 0.01, Math.max(0.01, most), "");
        return mixing.poured(Scald.temperatureFor(share));
    }

    /**
     * A dough that feels wrong; a wanted hydration, or how it feels.
     *
     * @param feel one of DRY, CRUMBLY, STICKY, SMEARS, SHRINKS, TEARS
     */
    record CorrectionAsk(Double flourG, Double waterG, Double wantedPercent, String feel) {}

    /** One step, and all of it where a wanted hydration was given. */
    record CorrectionAnswer(
            double stepWaterG,
            double stepFlourG,
            double restMinutes,
            double hydrationAfterStepPercent,
            Double wholeWaterG,
            Double wholeFlourG) {}

    @PostMapping("/correction")
    CorrectionAnswer correction(@RequestBody CorrectionAsk ask) {
        Mass flour = Mass.ofGrams(Given.number("flourG", ask.flourG(), 1, MOST_GRAMS, "g"));
        Mass water = Mass.ofGrams(Given.number("waterG", ask.waterG(), 1, MOST_GRAMS, "g"));
        if (ask.wantedPercent() == null) {
            BenchFeel feel = Given.choice("feel", ask.feel(), BenchFeel.class);
            return answer(Correction.step(feel, flour, water), null, flour, water);
        }
        Percentage wanted = Percentage.of(Given.number("wantedPercent", ask.wantedPercent(), 20, 220, "%"));
        Correction whole = Correction.whole(flour, water, wanted);
        return answer(whole.capped(flour), whole, flour, water);
    }

    private static CorrectionAnswer answer(Correction step, Correction whole, Mass flour, Mass water) {
        return new CorrectionAnswer(
                step.waterToAdd().grams(),
                step.flourToAdd().grams(),
                step.rest().toMinutes(),
                step.hydrationAfter(flour, water).percent(),
                whole == null ? null : whole.waterToAdd().grams(),
                whole == null ? null : whole.flourToAdd().grams());
    }

    /**
     * A dough to knead and rest.
     *
     * @param school the family's first if left out
     * @param by HAND or MACHINE; HAND if left out
     * @param restMinutes all rests together; the school's usual if left out
     */
    record RestAsk(String family, String school, String by, Double restMinutes) {}

    /** A step of it. */
    record RestStep(
            RestPlan.Kind kind, double minutes, double leastMinutes, double mostMinutes, String text, String cue) {}

    /** The steps in order. */
    record RestAnswer(
            KneadSchool school, double workMinutes, double restMinutes, boolean fridge, List<RestStep> steps) {}

    @PostMapping("/rest-plan")
    RestAnswer rest(@RequestBody RestAsk ask) {
        DoughFamily family = Given.choice("family", ask.family(), DoughFamily.class);
        KneadSchool school =
                Given.choiceOr("school", ask.school(), family.schools().get(0));
        if (!family.schools().contains(school)) {
            throw new BadField("school", "one of " + family.schools() + " for this family", school);
        }
        Kneading.By by = Given.choiceOr("by", ask.by(), Kneading.By.HAND);
        Duration rest = ask.restMinutes() == null
                ? school.restFrom(family, Duration.ZERO)
                : Duration.ofMinutes(Math.round(Given.number("restMinutes", ask.restMinutes(), 0, 2_880, "min")));
        RestPlan plan = RestPlan.of(family, new Kneading(school, by), rest);
        return new RestAnswer(
                school,
                plan.working().toMinutes(),
                plan.resting().toMinutes(),
                plan.cold(),
                plan.steps().stream().map(DoughApi::step).toList());
    }

    private static RestStep step(RestPlan.Step step) {
        return new RestStep(
                step.kind(),
                step.time().toMinutes(),
                step.band().low().toMinutes(),
                step.band().high().toMinutes(),
                step.text(),
                step.cue().map(Cue::text).orElse(null));
    }
}
