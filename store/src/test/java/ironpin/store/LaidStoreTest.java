package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.store.LaidStore.At;
import ironpin.store.LaidStore.Laid;
import ironpin.style.Styles;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

public class LaidStoreTest {
    private static final Instant NOW = Instant.parse("2026-11-28T16:00:00Z");

    private static long batch(Cupboard cupboard) {
        return new BatchStore(cupboard)
                .create(
                        Styles.start(
                                Styles.get("boiled-crescent"),
                                "Supper",
                                LocalDateTime.of(2026, 11, 28, 19, 0),
                                4,
                                Appetite.USUAL),
                        "new",
                        NOW);
    }

    @Test
    public void aDayIsFoundAgainAsItWasLaidOut() throws IOException {
        Path folder = TestFolder.fresh("laid");
        Laid first = new Laid(
                1,
                NOW,
                "",
                Map.of(
                        "dough-1.mix", new At(NOW, NOW.plusSeconds(600), List.of(0)),
                        "lot-1.shape-1", new At(NOW.plusSeconds(600), NOW.plusSeconds(900), List.of(0, 1)),
                        "dough-1.rest", new At(NOW.plusSeconds(600), NOW.plusSeconds(3_000), List.of())));
        long id;
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            id = batch(cupboard);
            LaidStore laid = new LaidStore(cupboard);
            assertEquals(laid.of(id), Optional.empty());
            laid.keep(id, new Laid(1, NOW, "before", Map.of("gone", new At(NOW, NOW, List.of()))));
            laid.keep(id, first);
        }
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            assertEquals(new LaidStore(cupboard).of(id), Optional.of(first));
        }
    }

    /** A minute more counts from the end, and from now where it has rung. */
    @Test
    public void aMinuteMore() throws IOException {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("minute"), Clock.systemUTC())) {
            long id = batch(cupboard);
            RunStore runs = new RunStore(cupboard);
            long timer = runs.startTimer(id, "dough-1.rest", "", Duration.ofMinutes(5), NOW);
            runs.addMinute(id, timer, NOW.plusSeconds(60));
            assertEquals(runs.timers(id).get(0).endsAt(), NOW.plusSeconds(360));
            runs.addMinute(id, timer, NOW.plusSeconds(600));
            assertEquals(runs.timers(id).get(0).endsAt(), NOW.plusSeconds(660));
            runs.stopTimer(id, timer, NOW.plusSeconds(601));
            runs.addMinute(id, timer, NOW.plusSeconds(602));
            assertEquals(runs.timers(id), List.of());
        }
    }

    /** What was ticked, started and stopped at one moment is one move, and is taken back as one. */
    @Test
    public void aMoveIsTakenBackWhole() throws IOException {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("move"), Clock.systemUTC())) {
            long id = batch(cupboard);
            RunStore runs = new RunStore(cupboard);
            long cools = runs.startTimer(id, "dough-1.cool", "", Duration.ofMinutes(5), NOW);
            Instant later = NOW.plusSeconds(300);
            runs.stopTimer(id, cools, later);
            runs.tick(id, "dough-1.cool", "Moss", later);
            runs.startTimer(id, "dough-1.rest", "", Duration.ofMinutes(40), later);
            assertEquals(runs.takeBack(id), Optional.of(later));
            assertTrue(runs.done(id).isEmpty());
            assertEquals(runs.timers(id).size(), 1);
            assertEquals(runs.timers(id).get(0).id(), cools);
            assertEquals(runs.takeBack(id), Optional.of(NOW));
            assertEquals(runs.timers(id), List.of());
            assertEquals(runs.takeBack(id), Optional.empty());
        }
    }

    @Test
    public void paceIsLearnedFromWhatSomebodyDid() throws IOException {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("pace"), Clock.systemUTC())) {
            long id = batch(cupboard);
            PaceStore paces = new PaceStore(cupboard);
            assertEquals(paces.pace("Moss").lessons(), 0);
            assertEquals(paces.pace("Moss").mean(), 100, 1e-9);
            for (int i = 0; i < 6; i++) {
                paces.took(id, "lot-1.shape-" + i, "Moss", 1.5, NOW.plusSeconds(i));
            }
            assertEquals(paces.pace("Moss").lessons(), 6);
            assertEquals(paces.pace("Moss").mean(), 145, 5);
            assertEquals(paces.pace("Juniper").lessons(), 0);
            paces.takeBack(id, NOW.plusSeconds(5));
            assertEquals(paces.pace("Moss").lessons(), 5);
        }
    }
}
