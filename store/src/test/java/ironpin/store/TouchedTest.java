package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotSame;
import static org.testng.Assert.assertSame;

import ironpin.batch.Appetite;
import ironpin.store.LaidStore.At;
import ironpin.store.LaidStore.Laid;
import ironpin.style.Styles;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What is remembered is handed out as long as nobody wrote its tables, and never longer. */
public class TouchedTest {
    private static final Instant NOW = Instant.parse("2026-11-28T16:00:00Z");

    private Cupboard cupboard;
    private BatchStore batches;
    private RunStore runs;
    private LaidStore laid;
    private long id;

    @BeforeMethod
    public void open() throws IOException {
        cupboard = Cupboard.open(TestFolder.fresh("touched"), Clock.systemUTC());
        batches = new BatchStore(cupboard);
        runs = new RunStore(cupboard);
        laid = new LaidStore(cupboard);
        id = batch();
    }

    @AfterMethod
    public void close() {
        cupboard.close();
    }

    private long batch() {
        LocalDateTime table = LocalDateTime.of(2026, 11, 28, 19, 0);
        return batches.create(
                Styles.start(Styles.get("boiled-crescent"), "Supper", table, 4, Appetite.USUAL), "new", NOW);
    }

    private static Laid at(int revision) {
        return new Laid(revision, NOW, "", Map.of("dough-1.mix", new At(NOW, NOW.plusSeconds(600), List.of(0))));
    }

    @Test
    public void anotherTablesWriteLeavesItAlone() {
        runs.startTimer(id, "dough-1.rest", "", Duration.ofMinutes(5), NOW);
        List<RunningTimer> before = runs.timers(id);
        laid.keep(id, at(1));
        runs.tick(id, "dough-1.mix", NOW);
        assertSame(runs.timers(id), before);
    }

    @Test
    public void everyWayOfWritingIsNoticed() {
        assertEquals(runs.done(id), Map.of());
        runs.tick(id, "dough-1.mix", NOW);
        assertEquals(runs.done(id), Map.of("dough-1.mix", NOW));
        assertEquals(laid.of(id), Optional.empty());
        laid.keep(id, at(1));
        assertEquals(laid.of(id), Optional.of(at(1)));
        laid.keep(id, at(2));
        assertEquals(laid.of(id), Optional.of(at(2)));
        long timer = runs.startTimer(id, "dough-1.rest", "", Duration.ofMinutes(5), NOW);
        assertEquals(runs.timers(id).size(), 1);
        runs.stopTimer(id, timer, NOW.plusSeconds(60));
        assertEquals(runs.timers(id), List.of());
        assertEquals(batches.count(Status.PLANNED), 1);
        batch();
        assertEquals(batches.count(Status.PLANNED), 2);
    }

    /** The database takes a batch's timers, ticks and days away with it, and no statement names them. */
    @Test
    public void whatGoesWithARowIsForgottenToo() {
        runs.startTimer(id, "dough-1.rest", "", Duration.ofMinutes(5), NOW);
        runs.tick(id, "dough-1.mix", NOW);
        laid.keep(id, at(1));
        assertEquals(
                runs.timers(id).size()
                        + runs.done(id).size()
                        + laid.of(id).stream().count(),
                3);
        batches.delete(id);
        assertEquals(runs.timers(id), List.of());
        assertEquals(runs.done(id), Map.of());
        assertEquals(laid.of(id), Optional.empty());
    }

    /** Within a write the writer sees what it writes; taken back, it is as before for everybody. */
    @Test
    public void aWriteThatFailsIsNotBelieved() {
        Map<String, Instant> before = runs.done(id);
        try {
            cupboard.together(() -> {
                runs.tick(id, "dough-1.mix", NOW);
                assertEquals(runs.done(id).size(), 1);
                throw new IllegalStateException("the power went");
            });
        } catch (IllegalStateException gone) {
            assertEquals(gone.getMessage(), "the power went");
        }
        assertEquals(runs.done(id), before);
        runs.tick(id, "dough-1.rest", NOW);
        assertNotSame(runs.done(id), before);
    }
}
