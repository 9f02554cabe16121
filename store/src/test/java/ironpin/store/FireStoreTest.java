package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.cook.Boil;
import ironpin.cook.Steam;
import ironpin.quantity.Temperature;
import ironpin.refusal.NotThere;
import ironpin.store.FireStore.Cooked;
import ironpin.store.FireStore.Probed;
import ironpin.store.WorkStore.Of;
import ironpin.style.Styles;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

public class FireStoreTest {
    private static final Instant IN = Instant.parse("2026-11-28T18:00:00Z");

    @Test
    public void roundsAreLoggedReadAndTaughtFrom() throws IOException {
        Path folder = TestFolder.fresh("fire");
        long id;
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            BatchStore batches = new BatchStore(cupboard);
            id = batches.create(
                    Styles.start(
                            Styles.get("boiled-crescent"),
                            "Supper",
                            LocalDateTime.of(2026, 11, 28, 19, 0),
                            4,
                            Appetite.USUAL),
                    "new",
                    IN);
            FireStore fire = new FireStore(cupboard);
            Of lot = new Of(id, 1);
            Cooked first = fire.in(lot, 24, IN);
            assertEquals(first.round(), 1);
            Probed read = new Probed(Duration.ofSeconds(330), Temperature.ofCelsius(70), Temperature.ofCelsius(75));
            fire.probe(first.id(), "boil", read, Optional.of(1.2), IN.plusSeconds(330));
            // The last reading of a round counts for it; one that says nothing is kept, and teaches nothing.
            fire.probe(
                    first.id(),
                    "boil",
                    new Probed(Duration.ofSeconds(360), Temperature.ofCelsius(74), Temperature.ofCelsius(78)),
                    Optional.of(1.1),
                    IN.plusSeconds(360));
            fire.probe(
                    first.id(),
                    "boil",
                    new Probed(Duration.ofSeconds(600), Temperature.ofCelsius(97), Temperature.ofCelsius(98)),
                    Optional.empty(),
                    IN.plusSeconds(600));
            // The next round takes the first one out.
            Cooked second = fire.in(lot, 24, IN.plusSeconds(700));
            assertEquals(second.round(), 2);
            assertEquals(fire.rounds(lot).get(0).out().orElseThrow(), IN.plusSeconds(700));
            assertEquals(fire.onTheFire().stream().map(Cooked::id).toList(), List.of(second.id()));
        }
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            FireStore fire = new FireStore(cupboard);
            KitStore kit = new KitStore(cupboard, new BatchStore(cupboard));
            Of lot = new Of(id, 1);
            assertEquals(fire.rounds(lot).get(0).probed().size(), 3);
            assertEquals(fire.rounds(lot).get(0).probed().get(0).read(), Temperature.ofCelsius(70));
            double learned = kit.load()
                    .hand()
                    .correction(new Boil(Boil.School.STEADY_SIMMER))
                    .mean();
            // One lesson of 1.1: between what was believed and what was seen.
            assertTrue(learned > 1.03 && learned < 1.1, String.valueOf(learned));
            assertEquals(
                    kit.load().hand().correction(new Steam(Steam.Start.BOILING)).lessons(), 0);
            fire.unround(lot);
            assertEquals(fire.rounds(lot).size(), 1);
            fire.unround(lot);
            assertEquals(
                    kit.load()
                            .hand()
                            .correction(new Boil(Boil.School.STEADY_SIMMER))
                            .lessons(),
                    0,
                    "what was taken back teaches nothing");
            assertThrows(
                    NotThere.class,
                    () -> fire.probe(
                            9_999,
                            "boil",
                            new Probed(Duration.ofSeconds(1), Temperature.ofCelsius(20), Temperature.ofCelsius(20)),
                            Optional.empty(),
                            IN));
        }
    }
}
