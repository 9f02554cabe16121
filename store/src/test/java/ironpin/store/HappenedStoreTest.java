package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.edit.BenchCorrection;
import ironpin.book.FillingVerdict;
import ironpin.book.Happened;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.dough.BenchFeel;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import ironpin.style.Styles;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A batch's story holds every fact once, in the order in which it happened. */
public class HappenedStoreTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");

    private Path folder;
    private Cupboard cupboard;
    private BatchStore batches;
    private HappenedStore happened;
    private long id;

    @BeforeMethod
    public void open() throws IOException {
        folder = TestFolder.fresh("happened");
        cupboard = Cupboard.open(folder, Clock.fixed(NOW, ZoneOffset.UTC));
        batches = new BatchStore(cupboard);
        happened = new HappenedStore(cupboard);
        id = batches.create(
                Styles.start(
                        Styles.get("boiled-crescent"), "S", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL),
                "new",
                NOW);
    }

    @AfterMethod
    public void close() {
        cupboard.close();
    }

    private static Instant minute(int minute) {
        return NOW.plus(Duration.ofMinutes(minute));
    }

    private List<String> told() {
        List<Happened> story = happened.story(batches.load(id), key -> key.contains(".") ? "Step " + key + "." : "");
        HashSet<String> keys = new HashSet<>();
        for (int i = 0; i < story.size(); i++) {
            assertTrue(keys.add(story.get(i).key()), story.get(i).key() + " is told twice");
            assertTrue(i == 0 || !story.get(i).at().isBefore(story.get(i - 1).at()), "in order");
        }
        return story.stream().map(one -> one.said().render(UnitSystem.METRIC)).toList();
    }

    @Test
    public void everythingIsToldOnceAndInOrder() {
        HandStore hands = new HandStore(cupboard, batches);
        WorkStore work = new WorkStore(cupboard);
        WorkStore.Of lot = new WorkStore.Of(id, 1);
        BenchCorrection step = BenchCorrection.of(batches.load(id).batch(), 1, BenchFeel.CRUMBLY);
        new CorrectionStore(cupboard, batches)
                .make(
                        id,
                        "felt crumbly",
                        before -> step.batch(),
                        new LoggedCorrection(1, step.correction(), step.before(), step.hydration(), minute(10)));
        hands.taste(id, 1, PattyVerdict.BLAND, minute(20));
        hands.weigh(id, 1, "carrot", Treatment.SALT, Mass.ofGrams(300), Mass.ofGrams(180), minute(25));
        new RunStore(cupboard).tick(id, "dough-1.mix", minute(30));
        work.weigh(lot, WorkStore.What.DOUGH, Mass.ofGrams(15), Mass.ofGrams(15), 100, minute(40));
        work.weigh(lot, WorkStore.What.DOUGH, Mass.ofGrams(17), Mass.ofGrams(15), 100, minute(41));
        FireStore fires = new FireStore(cupboard);
        FireStore.Cooked round = fires.in(lot, 12, minute(60));
        fires.probe(
                round.id(),
                "boil",
                new FireStore.Probed(Duration.ofMinutes(5), Temperature.ofCelsius(60), Temperature.ofCelsius(64)),
                Optional.empty(),
                minute(65));
        fires.out(lot, minute(68));
        Outcome outcome = new Outcome(
                72, 2, 1, 0, Mass.ZERO, Mass.ZERO, SkinVerdict.RIGHT, FillingVerdict.RIGHT, Optional.empty(), "Good.");
        new BookStore(cupboard).record(id, 1, "boiled-crescent", outcome, minute(120));
        List<String> told = told();
        assertEquals(told.size(), 9, String.join("\n", told));
        assertEquals(told.get(0), "new");
        assertTrue(
                told.get(1).matches("The dough felt crumbly: [\\d.]+ g of water, from 50 % to 51\\.5 % water\\."),
                told.get(1));
        assertTrue(told.get(2).matches("A patty tasted bland: [\\d.]+ g of fine salt\\."), told.get(2));
        assertEquals(told.get(3), "carrot, salted and squeezed: 180 g left of 300 g.");
        assertEquals(told.get(4), "Step dough-1.mix.");
        assertEquals(told.get(5), "2 pieces on the scale, dough 16.0 g on the whole.");
        assertEquals(told.get(6), "round 1, 12 pieces, 8 min.");
        assertEquals(told.get(7), "60 °C in the middle after 5 min; reckoned 64 °C.");
        assertEquals(told.get(8), "72 made, 2 burst, 1 leaked, 0 stuck; skin right; filling right. “Good.”");
    }

    /** What was undone did not happen. */
    @Test
    public void whatWasUndoneIsNotTold() {
        batches.change(id, "title", batch -> batch.withTitle("Other"), minute(5));
        new HandStore(cupboard, batches).taste(id, 1, PattyVerdict.SALTY, minute(20));
        assertEquals(told().size(), 3);
        batches.undo(id);
        assertEquals(told(), List.of("new", "title"));
        batches.undo(id);
        assertEquals(told(), List.of("new"));
        assertFalse(told().contains("title"));
    }
}
