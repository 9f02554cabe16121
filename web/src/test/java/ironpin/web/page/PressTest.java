package ironpin.web.page;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.clock.Task;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Sentence;
import ironpin.style.Styles;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** One press after another takes a round from the board to the plate, and a rest from its beginning to its end. */
public class PressTest {
    private static final Instant NOW = Instant.parse("2026-11-28T18:00:00Z");
    private static final BatchPlan PLAN = BatchPlan.of(Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL));

    private static Task task(String key) {
        return PLAN.timetable().slot(key).task();
    }

    /** Timers of a round that went in so many seconds ago, each at the end of its spell. */
    private static List<Ringing> wentIn(Task round, long ago) {
        List<Ringing> timers = new ArrayList<>();
        long end = 0;
        for (var spell : round.spells()) {
            end += spell.time().toSeconds();
            timers.add(new Ringing(timers.size(), round.key(), spell.key(), spell.text(), NOW.plusSeconds(end - ago)));
        }
        return timers;
    }

    @Test
    public void aRoundGoesInIsTendedAndComesOut() {
        Task round = task("lot-1.cook-1");
        Press in = Press.of(round, List.of(), NOW);
        assertEquals(in.label(), "They are in");
        assertEquals(in.sent(), "start");
        assertEquals(in.text(), round.spells().get(0).text());
        Press running = Press.of(round, wentIn(round, 30), NOW);
        assertEquals(running.sent(), "over");
        assertEquals(running.text(), round.spells().get(0).text());
        Press rings = Press.of(round, wentIn(round, 125), NOW);
        assertEquals(rings.sent(), "answer");
        assertEquals(rings.text(), round.spells().get(1).text());
        // The first has been answered, the second goes on.
        Press second = Press.of(round, wentIn(round, 125).subList(1, 4), NOW);
        assertEquals(second.sent(), "over");
        assertEquals(second.text(), round.spells().get(1).text());
        Press last = Press.of(round, wentIn(round, 481), NOW);
        assertEquals(last.label(), "They are out, next");
        assertEquals(last.sent(), "over");
    }

    @Test
    public void aRestBeginsAndIsOver() {
        Task rest = task("dough-1.rest");
        assertEquals(Press.of(rest, List.of(), NOW).sent(), "start");
        Ringing timer = new Ringing(1, rest.key(), "", Sentence.of(rest.title()), NOW.plusSeconds(60));
        assertEquals(Press.of(rest, List.of(timer), NOW).sent(), "over");
        assertTrue(Press.of(task("dough-1.mix"), List.of(), NOW).label().startsWith("Done"));
    }
}
