package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.plan.BatchPlan;
import ironpin.plan.Situation;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What everybody is told while a day goes by. */
public class WorkedDayTest {
    private static final Duration LONG = Duration.ofHours(4);

    private final Map<String, DayPlan> days = new HashMap<>();

    @DataProvider
    public Object[][] suppers() {
        return new Object[][] {
            {"boiled-crescent 4"},
            {"boiled-crescent+griddle-bread 6; people=2; plates=AS_READY"},
            {"boiled-crescent+steamed-leaf+griddle-bread 12; people=2; fridge-trays=8; plates=AS_READY"},
        };
    }

    private DayPlan day(String situation) {
        return days.computeIfAbsent(
                situation, asked -> BatchPlan.of(Situation.batch(asked)).day());
    }

    /** Everybody who does as they are told, as fast as was planned, is never told that they are late, and everything gets done. */
    @Test(dataProvider = "suppers")
    public void whoWorksAsPlannedIsNeverLate(String situation) {
        DayPlan day = day(situation);
        Timetable plan = Layout.timetable(day, Layout.first(day));
        WorkedDay worked = new WorkedDay(day, plan);
        // Everybody looks up once in half a minute.
        AtomicReference<Duration> late = new AtomicReference<>(Duration.ZERO);
        worked.until(day.serving().plus(LONG), moment -> {
            assertEquals(moment.forecast().table().clashes(), List.of());
            Duration now = moment.forecast().late();
            late.set(now.compareTo(late.get()) > 0 ? now : late.get());
        });
        assertEquals(String.join(" ", worked.open()), "");
        assertTrue(late.get().compareTo(Duration.ofMinutes(2)) < 0, "late by " + late.get());
    }

    /** Whoever has something in hand is taken from it only by what rings or must go on the fire, however late it gets. */
    @Test(dataProvider = "suppers")
    public void nobodyIsTakenFromWhatTheyHaveInHand(String situation) {
        DayPlan day = day(situation);
        Timetable plan = Layout.timetable(day, Layout.first(day));
        for (int before : new int[] {10, 35, 80}) {
            WorkedDay worked = new WorkedDay(day, plan);
            Consumer<WorkedDay.Moment> steady = steady(day.crew().people().size());
            worked.until(plan.latestStart().plusMinutes(before), steady);
            worked.idle(Duration.ofMinutes(25), steady);
            worked.until(day.serving().plus(LONG), steady);
            assertEquals(String.join(" ", worked.open()), "");
        }
    }

    private static Consumer<WorkedDay.Moment> steady(int people) {
        Map<Integer, Task> hands = new HashMap<>();
        return moment -> {
            for (int who = 0; who < people; who++) {
                Optional<Task> now = moment.now(who);
                Task had = hands.get(who);
                // What is hot goes to the table, whatever is in hand.
                boolean other = now.filter(task -> !task.of().equals(DayPlan.SERVED))
                        .filter(task -> task.work() instanceof Work.Throughout && !task.equals(had))
                        .isPresent();
                boolean open = had != null && moment.progress().ready(had);
                assertFalse(open && other, had + " is left for " + now);
                boolean inHand = now.filter(
                                task -> moment.forecast().standing().begun(task).isPresent()
                                        && task.work() instanceof Work.Throughout)
                        .isPresent();
                if (inHand || !open) {
                    hands.put(who, inHand ? now.get() : null);
                }
            }
        };
    }
}
