package ironpin.plan;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.FlourShare;
import ironpin.batch.Station;
import ironpin.batch.edit.Composing;
import ironpin.batch.edit.FillingComposing;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.Pins;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.PlanNumber;
import ironpin.batch.edit.SpellComposing;
import ironpin.clock.Forecast;
import ironpin.clock.Standing;
import ironpin.cook.CookMethod;
import ironpin.cook.Start;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.crew.Skill;
import ironpin.dough.DoughFamily;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.filling.FillingKind;
import ironpin.filling.MixSchool;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Allergen;
import ironpin.pantry.Flours;
import ironpin.portion.PortionSchool;
import ironpin.quantity.Belief;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Percentage;
import ironpin.recipe.Corrections;
import ironpin.recipe.ReadRecipe;
import ironpin.recipe.RecipeCheck;
import ironpin.recipe.RecipeReader;
import ironpin.recipe.RecipeText;
import ironpin.style.Style;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import ironpin.wrapper.RollSchool;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A state of a plan, or a recipe, in one line of text, with everything that is said about it: "boiled-crescent 6; hydration=45",
 * or "recipe; Leaves / Makes 20 / 200 g flour".
 */
public final class Situation {
    private static final LocalDateTime EVENING = LocalDateTime.of(2026, 11, 28, 19, 0);

    private Batch batch;
    private Duration late = Duration.ZERO;

    private Situation(Batch batch) {
        this.batch = batch;
    }

    /** Everything that is said of it. */
    static List<Finding> said(String text) {
        String[] parts = text.split(";\\s*", 2);
        if (parts[0].equals("recipe")) {
            return recipe(parts[1]);
        }
        return situation(parts).findings();
    }

    /** The batch of it. */
    public static Batch batch(String text) {
        return situation(text.split(";\\s*", 2)).batch;
    }

    private static Situation situation(String[] parts) {
        Situation situation = new Situation(start(parts[0].strip()));
        if (parts.length > 1) {
            for (String step : parts[1].split(";\\s*")) {
                situation.step(step.strip());
            }
        }
        return situation;
    }

    private static List<Finding> recipe(String text) {
        ReadRecipe read =
                new RecipeReader(CupStandard.US).read(RecipeText.read(text.replaceAll("\\s+/\\s+", "\n"), ""));
        RecipeCheck check = RecipeCheck.of(read, Corrections.NONE);
        List<Finding> all = new ArrayList<>(check.contradictions());
        all.addAll(check.findings());
        return all;
    }

    private static Batch start(String text) {
        String[] words = text.split(" ");
        List<Style> styles =
                Arrays.stream(words[0].split("\\+")).map(Styles::get).toList();
        return Styles.start(styles, "Supper", EVENING, Integer.parseInt(words[1]), Appetite.USUAL);
    }

    private List<Finding> findings() {
        BatchPlan plan = BatchPlan.of(batch);
        Optional<Forecast> forecast = late.isZero()
                ? Optional.empty()
                : Optional.of(Forecast.of(
                        plan.day(),
                        plan.timetable(),
                        Standing.of(
                                plan.timetable(),
                                Optional.empty(),
                                Map.of(),
                                Map.of(),
                                plan.timetable().latestStart().plus(late))));
        List<Finding> all = new ArrayList<>();
        for (Station station : Station.values()) {
            all.addAll(Findings.at(station, plan, 1, forecast));
        }
        return all;
    }

    private Batch people(int count) {
        List<Person> people = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            people.add(Person.cook("Cook " + i));
        }
        return batch.withCrew(batch.crew().withPeople(people));
    }

    /** The first is there only from and to these times. */
    private Batch there(String... times) {
        List<Person> people = new ArrayList<>(batch.crew().people());
        people.set(
                0,
                people.get(0)
                        .withComes(Optional.of(LocalTime.parse(times[0])))
                        .withGoes(Optional.of(LocalTime.parse(times[1]))));
        return batch.withCrew(batch.crew().withPeople(people));
    }

    private void step(String step) {
        int at = step.indexOf('=');
        String key = at < 0 ? step : step.substring(0, at).strip();
        String value = at < 0 ? "" : step.substring(at + 1).strip();
        int place = key.indexOf(" at ");
        if (place > 0) {
            PlanNumber<?> line = PlanField.ofKey(key.substring(0, place)).at(key.substring(place + 4));
            batch = line.write(batch, Double.parseDouble(value));
            return;
        }
        int dot = key.indexOf('.');
        int no = dot < 0 ? 1 : Integer.parseInt(key.substring(dot + 1));
        String name = dot < 0 ? key : key.substring(0, dot);
        Optional<PlanField<?>> field =
                PlanField.all().stream().filter(one -> one.key().equals(name)).findFirst();
        if (field.isPresent()) {
            batch = field.get().of(batch, no).write(batch, Double.parseDouble(value));
            return;
        }
        batch = switch (name) {
            case "held" ->
                batch.holding(
                        value.substring(0, value.indexOf('@')),
                        Optional.of(EVENING.minusMinutes(Long.parseLong(value.substring(value.indexOf('@') + 1)))));
            case "people" -> people(Integer.parseInt(value));
            case "there" -> there(value.split("-"));
            case "does" ->
                batch.withCrew(
                        batch.crew().withPeople(List.of(Person.cook("You").withDoes(Set.of(Skill.valueOf(value))))));
            case "plates" ->
                batch.withCrew(batch.crew().withPlates(batch.crew().plates().going(Plates.Way.valueOf(value))));
            case "family" ->
                Composing.family(
                        batch, 1, DoughFamily.valueOf(value), batch.lot(1).method(), Kit.usual());
            case "school" -> Composing.kneading(batch, 1, new Kneading(KneadSchool.valueOf(value), Kneading.By.HAND));
            case "machine" ->
                Composing.kneading(
                        batch, 1, new Kneading(batch.dough(1).kneading().school(), Kneading.By.MACHINE));
            case "grain" ->
                batch.mapDough(
                        1,
                        dough -> dough.withFlours(List.of(
                                new FlourShare(Flours.get("plain"), Percentage.of(70)),
                                new FlourShare(Flours.get(value), Percentage.of(30)))));
            case "method" -> batch.withMethod(1, CookMethod.ofKey(value));
            case "stashed" -> batch.mapLot(1, lot -> lot.withStashed(true));
            case "from" -> SpellComposing.from(batch, 1, Start.valueOf(value));
            case "portion" ->
                batch.mapLot(1, lot -> lot.withCutting(lot.cutting().withSchool(PortionSchool.valueOf(value))));
            case "rolling" -> batch.mapLot(1, lot -> lot.withShape(lot.shape().withRolling(RollSchool.valueOf(value))));
            case "hands" -> hands(Integer.parseInt(value));
            case "fold" -> batch.withFold(1, Fold.valueOf(value));
            case "bought" ->
                Composing.bought(
                        batch,
                        1,
                        Optional.of(BoughtWrapper.usual(
                                BoughtWrapper.Shape.valueOf(value.split("-")[0]),
                                BoughtWrapper.Thickness.valueOf(value.split("-")[1]))));
            case "line" -> FillingComposing.rename(batch, 1, no, value);
            case "add" -> FillingComposing.add(batch, 1, value);
            case "drop" -> FillingComposing.drop(batch, 1, no);
            case "soup" -> FillingComposing.soup(batch, 1);
            case "kind" -> FillingComposing.kind(batch, 1, FillingKind.valueOf(value));
            case "mix" -> FillingComposing.school(batch, 1, MixSchool.valueOf(value));
            case "hold" -> Pins.move(batch, 1, Pin.valueOf(value));
            case "likes" -> batch.withGuests(batch.guests().liking(Double.parseDouble(value)));
            case "avoid" -> batch.withGuests(batch.guests().avoiding(avoided(value)));
            case "unread" -> batch.withUnread(Arrays.asList(value.split("\\s*,\\s*")));
            case "learned" -> learned(Double.parseDouble(value));
            case "late" -> {
                late = Duration.ofSeconds(Math.round(60 * Double.parseDouble(value)));
                yield batch;
            }
            default -> throw new IllegalArgumentException(step);
        };
    }

    private static Set<Allergen> avoided(String names) {
        Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        Arrays.stream(names.split("\\s*,\\s*")).map(Allergen::valueOf).forEach(all::add);
        return all;
    }

    /** As many pieces seen at the fold, and one sitting for every ten of them. */
    private Batch hands(int pieces) {
        return batch.mapLot(
                1, lot -> lot.withHandiwork(new Handiwork(new Belief(57, 2, pieces), new Belief(42, 3, pieces / 10))));
    }

    private Batch learned(double points) {
        Absorption known = new Absorption(Percentage.of(points), Percentage.of(1.2), 2);
        Kit kit = Kit.usual();
        return Composing.in(
                kit.withFlours(kit.flours().stream()
                        .map(flour -> flour.withAbsorption(known))
                        .toList()),
                batch);
    }
}
