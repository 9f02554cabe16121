package ironpin.web.page;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.FillingComposing;
import ironpin.plan.BatchPlan;
import ironpin.store.RunningTimer;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

public class RunTest {
    private static final Instant NOW = Instant.parse("2026-11-28T16:00:00Z");
    private static final BatchPlan PLAN = BatchPlan.of(Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL));

    private static RunningTimer timer(String key, String spell, Duration left) {
        return new RunningTimer(
                1, key, spell, NOW.plus(left).minus(Duration.ofMinutes(40)), Duration.ofMinutes(40), Optional.empty());
    }

    private static Run run(Map<String, Instant> done, RunningTimer... timers) {
        return Run.of(PLAN, Optional.empty(), done, List.of(timers), NOW.atZone(ZoneOffset.UTC));
    }

    /** Everything that a step depends on, ticked. */
    private static Map<String, Instant> before(String key) {
        Map<String, Instant> done = new HashMap<>();
        List<String> open = List.of(key);
        while (!open.isEmpty()) {
            List<String> now = open;
            open = run(Map.of()).steps().stream()
                    .filter(step -> now.contains(step.key()))
                    .flatMap(step -> step.slot().task().after().stream())
                    .toList();
            open.forEach(one -> done.put(one, NOW));
        }
        return done;
    }

    private static RunStep step(Run run, String key) {
        return run.steps().stream()
                .filter(step -> step.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void theFirstThingIsTheFirstStep() {
        Run run = run(Map.of());
        assertEquals(run.now().orElseThrow().key(), run.steps().get(0).key());
        assertEquals(run.doneCount(), 0);
    }

    @Test
    public void aTimerUnderWayIsNotOfferedAgain() {
        Map<String, Instant> done = before("lot-1.cook-1");
        RunStep round = step(run(done), "lot-1.cook-1");
        assertEquals(round.offers().size(), 4);
        assertEquals(round.open(), round.offers());
        RunningTimer first = timer("lot-1.cook-1", round.offers().get(0).spell(), Duration.ofSeconds(20));
        RunStep started = step(run(done, first), "lot-1.cook-1");
        assertEquals(started.open().size(), 3);
        assertTrue(started.open().stream().noneMatch(offer -> offer.spell().equals("in")));
        long seconds = round.offers().stream().mapToLong(RunStep.Offer::seconds).sum();
        assertEquals(seconds, Duration.ofMinutes(8).toSeconds());
        assertTrue(step(run(Map.of()), "lot-1.cook-1").open().isEmpty(), "no timer before it may begin");
    }

    /** A filling of many long names is one step with long sentences; its timers are found by their keys. */
    @Test
    public void everySpellOfAStepHasAKeyOfItsOwn() {
        for (Style style : Styles.all()) {
            Batch batch = Styles.start(style, "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
            for (int i = 0; i < 8; i++) {
                batch = FillingComposing.add(batch, 1, "very finely chopped dark green winter leaves, salted " + i);
            }
            for (RunStep step : Run.of(
                            BatchPlan.of(batch), Optional.empty(), Map.of(), List.of(), NOW.atZone(ZoneOffset.UTC))
                    .steps()) {
                List<String> spells =
                        step.offers().stream().map(RunStep.Offer::spell).toList();
                assertEquals(Set.copyOf(spells).size(), spells.size(), step.key() + spells);
                assertTrue(spells.stream().allMatch(spell -> spell.matches("[a-z0-9-]{0,40}")), spells.toString());
            }
        }
    }

    @Test
    public void whatIsWeighedStandsAtItsStepAndIsTickedByItself() {
        RunStep mix = step(run(Map.of()), "dough-1.mix");
        assertTrue(mix.weighed().size() >= 3, mix.weighed().toString());
        String flour = mix.weighed().get(0).key();
        RunStep ticked = step(run(Map.of(flour, NOW)), "dough-1.mix");
        assertTrue(ticked.weighed().get(0).done() && !ticked.weighed().get(1).done());
        assertTrue(!ticked.done());
    }

    @Test
    public void everythingThatTakesTimeByItselfHasATimer() {
        for (RunStep step : run(Map.of()).steps()) {
            if (!step.slot().task().busy()) {
                assertEquals(step.offers().isEmpty(), false, step.key());
            }
        }
    }
}
