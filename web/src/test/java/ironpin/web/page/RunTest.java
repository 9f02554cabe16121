package ironpin.web.page;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Styles;
import ironpin.plan.BatchPlan;
import ironpin.store.RunningTimer;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

public class RunTest {
    private static final Instant NOW = Instant.parse("2026-11-28T16:00:00Z");
    private static final BatchPlan PLAN = BatchPlan.of(Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL));

    private static RunningTimer timer(String key, String label, Duration left) {
        return new RunningTimer(
                1, key, label, NOW.plus(left).minus(Duration.ofMinutes(40)), Duration.ofMinutes(40), Optional.empty());
    }

    private static Run run(Map<String, Instant> done, RunningTimer... timers) {
        return Run.of(PLAN, done, List.of(timers), NOW);
    }

    @Test
    public void theFirstThingIsTheFirstStep() {
        Run run = run(Map.of());
        assertEquals(run.now().orElseThrow().key(), "dough-1.mix");
        assertEquals(run.then().orElseThrow().key(), "dough-1.knead");
        assertEquals(run.doneCount(), 0);
    }

    @Test
    public void handsGoOnWhileTheDoughRestsByItself() {
        Map<String, Instant> mixed = Map.of("dough-1.mix", NOW, "dough-1.knead", NOW);
        assertEquals(run(mixed).now().orElseThrow().key(), "dough-1.rest");
        RunningTimer resting = timer("dough-1.rest", "rests", Duration.ofMinutes(10));
        Run under = run(mixed, resting);
        assertEquals(under.now().orElseThrow().key(), "filling-1.make");
        RunningTimer rung = timer("dough-1.rest", "rests", Duration.ofSeconds(-1));
        assertEquals(run(mixed, rung).now().orElseThrow().key(), "dough-1.rest");
    }

    @Test
    public void whenOnlyRestIsLeftTheRestIsShown() {
        Map<String, Instant> done = new HashMap<>();
        PLAN.timetable().slots().forEach(slot -> done.put(slot.task().key(), NOW));
        done.remove("dough-1.rest");
        RunningTimer resting = timer("dough-1.rest", "rests", Duration.ofMinutes(10));
        assertEquals(run(done, resting).now().orElseThrow().key(), "dough-1.rest");
        done.put("dough-1.rest", NOW);
        assertTrue(run(done).now().isEmpty());
        assertEquals(run(done).doneCount(), PLAN.timetable().slots().size());
    }

    @Test
    public void aTimerUnderWayIsNotOfferedAgain() {
        RunStep round = run(Map.of()).steps().stream()
                .filter(step -> step.key().equals("lot-1.cook-1"))
                .findFirst()
                .orElseThrow();
        assertEquals(round.offers().size(), 4);
        assertEquals(round.open(), round.offers());
        RunningTimer first = timer("lot-1.cook-1", round.offers().get(0).label(), Duration.ofSeconds(20));
        RunStep started = new RunStep(round.slot(), false, List.of(first), NOW);
        assertEquals(started.open().size(), 3);
        assertTrue(started.open().stream().noneMatch(offer -> offer.index() == 0));
        long seconds = round.offers().stream().mapToLong(RunStep.Offer::seconds).sum();
        assertEquals(seconds, Duration.ofMinutes(6).toSeconds());
    }

    @Test
    public void kneadingStirringAndCookingAreWorkWithATimer() {
        for (RunStep step : run(Map.of()).steps()) {
            boolean timed = !step.offers().isEmpty();
            assertEquals(
                    timed, !step.slot().task().busy() || step.key().matches(".*\\.(cook|knead|make).*"), step.key());
        }
    }
}
