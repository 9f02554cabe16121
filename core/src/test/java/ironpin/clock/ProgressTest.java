package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.RandomBatches;
import ironpin.plan.BatchPlan;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

public class ProgressTest {
    private static final Timetable SCALDED = BatchPlan.of(Styles.start(
                    Styles.get("pan-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL))
            .timetable();

    private static Progress progress(Timetable table, Set<String> ticked, Map<String, Duration> left) {
        Map<String, Instant> done = new HashMap<>();
        ticked.forEach(key -> done.put(key, table.latestStart().toInstant()));
        Map<String, List<Duration>> timers = new HashMap<>();
        left.forEach((key, time) -> timers.put(key, List.of(time)));
        return Progress.of(table, Standing.of(table, Optional.empty(), done, timers, table.latestStart()));
    }

    private static List<Task> tasks(Timetable table) {
        return table.slots().stream().map(Timetable.Slot::task).toList();
    }

    private static Task task(String end) {
        return SCALDED.slots().stream()
                .map(Timetable.Slot::task)
                .filter(one -> one.key().endsWith(end))
                .findFirst()
                .orElseThrow();
    }

    /** A scalded dough cools before hands may go in. Starting the timer of that wait does not make it kneadable. */
    @Test
    public void aTimerThatRunsDoesNotEndTheWait() {
        Task cools = task("dough-1.cool");
        Task kneads = SCALDED.slots().stream()
                .map(Timetable.Slot::task)
                .filter(one -> one.after().contains(cools.key()))
                .findFirst()
                .orElseThrow();
        assertTrue(cools.waits());
        Set<String> mixed = Set.copyOf(cools.after());
        Progress running = progress(SCALDED, mixed, Map.of(cools.key(), Duration.ofMinutes(4)));
        assertTrue(running.underWay(cools));
        assertFalse(running.ready(kneads));
        assertEquals(running.before(kneads), List.of(cools));
        assertFalse(running.now().filter(kneads::equals).isPresent());
        Progress rung = progress(SCALDED, mixed, Map.of(cools.key(), Duration.ZERO));
        assertTrue(rung.done(cools) && rung.ready(kneads));
        Set<String> said = new HashSet<>(mixed);
        said.add(cools.key());
        assertTrue(progress(SCALDED, said, Map.of()).ready(kneads));
    }

    /** Whoever waits is told the last thing of each chain, not every step of the day. */
    @Test
    public void aWaitingStepNamesOnlyTheLastOfEachChain() {
        Task third = task("lot-1.cook-3");
        Task serve = task(DayPlan.SERVE);
        assertTrue(serve.after().size() > 3, serve.after().toString());
        assertFalse(progress(SCALDED, Set.of(), Map.of()).before(serve).contains(third));
        List<Task> open = progress(SCALDED, Set.of(), Map.of()).before(third);
        assertTrue(open.contains(task("lot-1.cook-2")), open.toString());
        assertFalse(open.contains(task("lot-1.cook-1")), open.toString());
        // Besides the round before it only its own trays.
        assertEquals(
                open.size(),
                1
                        + third.prior().stream()
                                .filter(TaskKey.Shaped.class::isInstance)
                                .count());
        Set<String> cooked = Set.of("lot-1.cook-2");
        assertFalse(progress(SCALDED, cooked, Map.of()).before(third).contains(task("lot-1.cook-2")));
    }

    /** What is cooked is done when the cook has looked at it, not when a timer rings. */
    @Test
    public void aRungTimerEndsNoWork() {
        Task round = task("lot-1.cook-1");
        Progress rung = progress(SCALDED, Set.copyOf(round.after()), Map.of(round.key(), Duration.ofSeconds(-5)));
        assertFalse(rung.done(round));
        assertTrue(rung.ready(round));
    }

    /** While one thing gets on by itself, the hands go on with the next that may begin; if there is none, that wait is shown. */
    @Test
    public void handsGoOnMeanwhile() {
        Map<String, Duration> timed = new HashMap<>();
        Set<String> done = new HashSet<>();
        Task first = progress(SCALDED, done, timed).now().orElseThrow();
        done.add(first.key());
        for (Task wait : tasks(SCALDED)) {
            if (wait.waits()) {
                timed.put(wait.key(), Duration.ofMinutes(5));
            }
        }
        Task now = progress(SCALDED, done, timed).now().orElseThrow();
        assertTrue(now.busy() && done.containsAll(now.after()), now.toString());
        tasks(SCALDED).stream().filter(one -> !one.waits()).forEach(one -> done.add(one.key()));
        Progress waiting = progress(SCALDED, done, timed);
        assertTrue(waiting.now().orElseThrow().waits());
    }

    /** Whatever is planned, doing what is said to be next does everything once, and nothing before what it depends on. */
    @Test
    public void followingItDoesEverythingInOrder() {
        RandomBatches random = new RandomBatches(11);
        for (int i = 0; i < 150; i++) {
            Timetable table = BatchPlan.of(random.next()).timetable();
            Set<String> done = new HashSet<>();
            while (true) {
                Progress progress = progress(table, done, Map.of());
                if (progress.now().isEmpty()) {
                    break;
                }
                Task now = progress.now().get();
                assertTrue(done.containsAll(now.after()), now.key());
                assertTrue(done.add(now.key()), "twice: " + now.key());
                assertTrue(progress.then().isEmpty() || !progress.then().get().equals(now));
            }
            assertEquals(done.size(), table.slots().size());
        }
    }
}
