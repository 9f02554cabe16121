package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Batch;
import ironpin.crew.Crew;
import ironpin.crew.Held;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.crew.Skill;
import ironpin.plan.BatchPlan;
import ironpin.plan.Situation;
import ironpin.schedule.Checked;
import ironpin.schedule.Draft;
import ironpin.schedule.Job;
import ironpin.schedule.Problem;
import ironpin.schedule.Score;
import ironpin.schedule.Solver;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whatever a day has to keep to shows in it: without it there is another plan. */
public class ConstraintsTest {
    private static final DayPlan SUPPER =
            day("boiled-crescent+steamed-leaf+griddle-bread 12; people=2; fridge-trays=4");
    private static final DayPlan AS_READY =
            day("boiled-crescent+steamed-leaf+griddle-bread 12; people=2; fridge-trays=4; plates=AS_READY");

    private static DayPlan day(String situation) {
        return BatchPlan.of(Situation.batch(situation)).day();
    }

    private static final Batch SUPPER_BATCH =
            Situation.batch("boiled-crescent+steamed-leaf+griddle-bread 12; people=2; fridge-trays=4");

    private static DayPlan crew(UnaryOperator<Crew> change) {
        return BatchPlan.of(SUPPER_BATCH.withCrew(change.apply(SUPPER_BATCH.crew())))
                .day();
    }

    private static Timetable laid(DayPlan day) {
        return Layout.timetable(day, Layout.first(day));
    }

    private static List<String> lines(Timetable table) {
        List<String> lines = new ArrayList<>();
        table.slots().forEach(slot -> lines.add(slot.task().key() + " " + slot.start() + " " + slot.people()));
        lines.add("put away: " + table.putAway().size());
        return lines;
    }

    private static final List<DayPlan> DAYS = List.of(
            SUPPER,
            AS_READY,
            day("boiled-crescent 9; people=2"),
            day("boiled-crescent 16; people=2; fridge-trays=6"),
            day("boiled-crescent+steamed-leaf 8; people=1; plates=AS_READY; last-plates=20"),
            day("boiled-crescent 40; people=1; fridge-trays=0"));

    @DataProvider
    public Object[][] waits() {
        return Stream.of(Gap.Kind.values())
                .filter(kind -> kind != Gap.Kind.DOUGH_RESTS)
                .map(kind -> new Object[] {kind})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "waits")
    public void withoutAGreatestGapThereIsAnotherPlan(Gap.Kind kind) {
        boolean another = false;
        for (DayPlan day : DAYS) {
            List<Wait> others =
                    day.waits().stream().filter(wait -> wait.kind() != kind).toList();
            DayPlan without = new DayPlan(day.tasks(), others, day.crew(), day.held(), day.serving());
            another |=
                    others.size() < day.waits().size() && !lines(laid(without)).equals(lines(laid(day)));
        }
        assertTrue(another, kind + " keeps nothing anywhere");
    }

    @DataProvider
    public Object[][] crews() {
        UnaryOperator<Crew> alone = crew -> crew.withPeople(crew.people().subList(0, 1));
        UnaryOperator<Crew> folds = crew -> crew.withPeople(
                List.of(crew.people().get(0), crew.people().get(1).withDoes(Set.of(Skill.FOLD))));
        UnaryOperator<Crew> offTheFire = crew -> crew.withPeople(List.of(
                crew.people().get(0), crew.people().get(1).withDoes(Set.of(Skill.MIX, Skill.ROLL, Skill.FOLD))));
        UnaryOperator<Crew> late = crew -> crew.withPeople(
                List.of(crew.people().get(0), crew.people().get(1).withComes(Optional.of(LocalTime.of(18, 0)))));
        UnaryOperator<Crew> early = crew -> crew.withPeople(
                List.of(crew.people().get(0), crew.people().get(1).withGoes(Optional.of(LocalTime.of(18, 0)))));
        UnaryOperator<Crew> slow = crew -> crew.withPeople(
                List.of(crew.people().get(0), crew.people().get(1).withPace(200)));
        UnaryOperator<Crew> burner = crew -> crew.withBurners(1);
        UnaryOperator<Crew> plates = crew -> crew.withPlates(crew.plates().going(Plates.Way.AS_READY));
        UnaryOperator<Crew> cold = crew -> crew.withPlates(
                new Plates(Plates.Way.TOGETHER, Duration.ZERO, crew.plates().span()));
        return new Object[][] {
            {"a helper", alone},
            {"who also rolls", folds},
            {"who works at the fire", offTheFire},
            {"who is there before six", late},
            {"who is there after six", early},
            {"who is as fast", slow},
            {"a second burner", burner},
            {"all together", plates},
            {"keeping warm", cold},
        };
    }

    @Test(dataProvider = "crews")
    public void withoutWhatThereIsThereIsAnotherPlan(String what, UnaryOperator<Crew> without) {
        assertNotEquals(lines(laid(crew(without))), lines(laid(SUPPER)), what);
    }

    @DataProvider
    public Object[][] works() {
        UnaryOperator<Task> noRest =
                task -> task.of().text().endsWith(".rest") ? task.withTime(Duration.ofMinutes(1)) : task;
        UnaryOperator<Task> throughout = task -> task.work() instanceof Work.Touched touched
                ? task.withWork(new Work.Throughout(touched.craft(), false))
                : task;
        UnaryOperator<Task> never = task -> task.work() instanceof Work.Throughout work && work.yields()
                ? task.withWork(new Work.Throughout(work.craft(), false))
                : task;
        UnaryOperator<Task> wholeLots = task -> task.of() instanceof TaskKey.Cooked round
                ? task.withPrior(Stream.concat(
                                task.prior().stream(),
                                SUPPER.tasks().stream()
                                        .map(Task::of)
                                        .filter(key -> key instanceof TaskKey.Shaped tray && tray.lot() == round.lot()))
                        .distinct()
                        .toList())
                : task;
        return new Object[][] {
            {"resting as long as it must", noRest},
            {"hands for its spells only", throughout},
            {"shaping that is left for a moment", never},
            {"cooking a tray while the next is shaped", wholeLots},
        };
    }

    @Test(dataProvider = "works")
    public void withoutHowItIsWorkedThereIsAnotherPlan(String what, UnaryOperator<Task> without) {
        DayPlan other = new DayPlan(
                SUPPER.tasks().stream().map(without).toList(),
                SUPPER.waits(),
                SUPPER.crew(),
                SUPPER.held(),
                SUPPER.serving());
        assertNotEquals(lines(laid(other)), lines(laid(SUPPER)), what);
    }

    /** Two who may not share a tray need longer. */
    @Test
    public void withoutSharingTheDayBeginsEarlier() {
        Problem shared = Layout.problem(day("boiled-crescent 1; people=2"));
        Problem alone = shared.with(shared.jobs().stream()
                .map(job -> job.touches().isEmpty() && !job.modes().isEmpty()
                        ? Job.manned(
                                job.key(),
                                job.trade(),
                                job.yields(),
                                job.modes().stream()
                                        .filter(mode -> mode.workers().size() == 1)
                                        .toList())
                        : job)
                .toList());
        // A search that has looked for longer: at once, one of the two may be luckier.
        Score apart =
                Checked.of(alone, Draft.backwards(alone, 40 * Draft.AT_ONCE)).score();
        Score both =
                Checked.of(shared, Draft.backwards(shared, 40 * Draft.AT_ONCE)).score();
        assertTrue(both.compareTo(apart) < 0, both + " and apart " + apart);
    }

    private static Optional<String> put(DayPlan before, DayPlan with) {
        return Put.of(before, laid(before), with, Solver.NOBODY).refusal();
    }

    /** What is held where it lies is never refused, whatever the plan, and nothing else moves for it. */
    @Test
    public void whatIsHeldWhereItLiesStays() {
        for (DayPlan day : DAYS) {
            Timetable shown = laid(day);
            for (Timetable.Slot slot : shown.slots()) {
                Held there = new Held(slot.task().key(), slot.start().toLocalDateTime());
                DayPlan with = new DayPlan(day.tasks(), day.waits(), day.crew(), List.of(there), day.serving());
                Put put = Put.of(day, shown, with, Solver.NOBODY);
                assertEquals(put.refusal(), Optional.empty(), slot.task().key());
                assertEquals(lines(Layout.timetable(with, put.laid())), lines(shown));
            }
        }
    }

    /** A dough that is made five hours before needs the fridge; without one it is refused, unless it may stand for hours. */
    @Test
    public void withoutAFridgeADoughCannotStand() {
        DayPlan cold = day("boiled-crescent 4; held=dough-1.rest@300");
        assertTrue(laid(cold).putAway().stream().anyMatch(wait -> wait.kind() == Gap.Kind.DOUGH_RESTS));
        DayPlan free = day("boiled-crescent 4; fridge-trays=0");
        DayPlan put = day("boiled-crescent 4; fridge-trays=0; held=dough-1.rest@300");
        String why = put(free, put).orElseThrow();
        assertTrue(why.contains("too long"), why);
        List<Wait> others = put.waits().stream()
                .filter(wait -> wait.kind() != Gap.Kind.DOUGH_RESTS)
                .toList();
        DayPlan anyTime = new DayPlan(put.tasks(), others, put.crew(), put.held(), put.serving());
        assertEquals(put(free, anyTime), Optional.empty());
    }

    /** Whoever comes at six does nothing before, and whoever goes at six nothing after. */
    @Test
    public void nobodyWorksWhenTheyAreNotThere() {
        ZonedDateTime six = SUPPER.serving().withHour(18);
        DayPlan comes = crew(crew -> crew.withPeople(
                List.of(crew.people().get(0), crew.people().get(1).withComes(Optional.of(LocalTime.of(18, 0))))));
        DayPlan goes = crew(crew -> crew.withPeople(
                List.of(crew.people().get(0), crew.people().get(1).withGoes(Optional.of(LocalTime.of(18, 0))))));
        for (Timetable.Slot slot : laid(comes).slots()) {
            boolean touched = slot.task().work() instanceof Work.Touched;
            assertTrue(touched || !slot.people().contains(1) || !slot.start().isBefore(six), slot.toString());
        }
        for (Timetable.Slot slot : laid(goes).slots()) {
            assertTrue(!slot.people().contains(1) || !slot.end().isAfter(six), slot.toString());
        }
        assertTrue(laid(goes).slots().stream().anyMatch(slot -> slot.people().contains(1)));
    }

    /** A child folds but stays away from the fire; two in step roll and fold together. */
    @Test
    public void everybodyDoesOnlyWhatTheyDo() {
        DayPlan folds = crew(crew -> crew.withPeople(
                List.of(crew.people().get(0), Person.cook("Child").withDoes(Set.of(Skill.FOLD)))));
        Timetable table = laid(folds);
        boolean inStep = false;
        for (Timetable.Slot slot : table.slots()) {
            Craft craft = slot.task().work().trade().orElse(Craft.TABLE);
            if (slot.people().contains(1) && craft != Craft.TABLE) {
                assertEquals(craft, Craft.SHAPING, slot.toString());
                assertEquals(slot.people(), List.of(0, 1), slot.toString());
                inStep = true;
            }
        }
        assertTrue(inStep, "nobody folds in step");
        Person cook = Person.cook("A");
        Person child = Person.cook("B").withDoes(Set.of(Skill.FOLD));
        Duration hour = Duration.ofMinutes(60);
        assertEquals(Manning.inStep(Craft.SHAPING, hour, cook, Person.cook("C")), Optional.of(Duration.ofMinutes(30)));
        assertEquals(Manning.inStep(Craft.SHAPING, hour, cook, child), Optional.of(Duration.ofMinutes(33)));
        assertEquals(Manning.inStep(Craft.SHAPING, hour, child, child), Optional.empty());
        assertEquals(
                Manning.inStep(Craft.SHAPING, hour, cook.withPace(50), Person.cook("C")),
                Optional.of(Duration.ofMinutes(20)));
    }

    /** A held task stays to the minute, and the rest goes round it; what cannot stay is refused with the reason. */
    @Test
    public void aHeldTaskStaysAndAnImpossibleOneIsRefused() {
        DayPlan day = day("boiled-crescent 4; people=2");
        Timetable free = laid(day);
        ZonedDateTime at = free.slot("table.dip").start().minusMinutes(45);
        DayPlan held = new DayPlan(
                day.tasks(),
                day.waits(),
                day.crew(),
                List.of(new Held("table.dip", at.toLocalDateTime())),
                day.serving());
        assertEquals(laid(held).slot("table.dip").start(), at);
        assertEquals(Layout.first(held).checked().wrong(), List.of());
        assertEquals(put(day, held), Optional.empty());
        DayPlan nonsense = new DayPlan(
                day.tasks(),
                day.waits(),
                day.crew(),
                List.of(new Held("dough-1.mix", day.serving().minusMinutes(10).toLocalDateTime())),
                day.serving());
        assertTrue(put(day, nonsense).isPresent());
    }

    /** A dough rests for hours over the night the clocks go forward: its rest is as long by the sun, not by the wall. */
    @Test
    public void aNightWithoutAnHourIsNoShorter() {
        ZoneId berlin = ZoneId.of("Europe/Berlin");
        ZonedDateTime noon = ZonedDateTime.of(2027, 3, 28, 12, 0, 0, 0, berlin);
        DayPlan day = day("boiled-crescent 4; school=OVERNIGHT");
        DayPlan spring = new DayPlan(day.tasks(), day.waits(), day.crew(), day.held(), noon);
        DayPlan usual = new DayPlan(day.tasks(), day.waits(), day.crew(), day.held(), noon.minusDays(7));
        Duration night = Duration.between(
                laid(spring).slot("dough-1.rest-2").start(),
                laid(spring).slot("dough-1.rest-2").end());
        assertEquals(night, day.task("dough-1.rest-2").orElseThrow().time());
        // The evening before it begins an hour earlier by the clock on the wall.
        assertEquals(
                laid(spring).latestStart().toLocalTime(),
                laid(usual).latestStart().toLocalTime().minusHours(1));
    }
}
