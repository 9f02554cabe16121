package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.kit.Hand;
import ironpin.pantry.Allergen;
import ironpin.pantry.Price;
import ironpin.quantity.Mass;
import ironpin.quantity.Sentence;
import ironpin.style.Styles;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class HandStoreTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");

    private Path folder;
    private Cupboard cupboard;
    private BatchStore batches;
    private HandStore hands;
    private KitStore kits;
    private long id;

    @BeforeMethod
    public void open() throws IOException {
        folder = TestFolder.fresh("hand");
        cupboard = Cupboard.open(folder, Clock.fixed(NOW, ZoneOffset.UTC));
        batches = new BatchStore(cupboard);
        hands = new HandStore(cupboard, batches);
        kits = new KitStore(cupboard, batches);
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

    @Test
    public void aTastingIsWrittenWithTheChangeItMakesAndTeachesUntilItIsUndone() {
        StoredBatch after = hands.taste(id, 1, PattyVerdict.BLAND, NOW);
        assertEquals(after.undo().orElseThrow(), Sentence.of("patty: bland"));
        LoggedTasting logged = hands.standing(id).get(0);
        assertEquals(logged.added(), "fine salt");
        assertTrue(logged.mass().grams() > 2 && logged.mass().grams() < 3, logged.toString());
        double liked = kits.load().hand().salt().mean();
        assertTrue(liked > 1.25, "learned: " + liked);
        // A new plan aims at it; the old one keeps what its own patty said.
        double next = Styles.start(
                        List.of(Styles.get("pan-crescent")),
                        "N",
                        LocalDateTime.of(2026, 11, 28, 19, 0),
                        4,
                        Appetite.USUAL,
                        kits.load())
                .guests()
                .salt()
                .percent();
        assertEquals(next, liked, 1e-6);
        batches.undo(id);
        assertTrue(hands.standing(id).isEmpty());
        assertEquals(kits.load().hand(), Hand.UNKNOWN);
    }

    @Test
    public void aSqueezeIsWrittenOnceForEachBatchAndGoesWithIt() {
        hands.weigh(id, 1, "carrot", Treatment.SALT, Mass.ofGrams(300), Mass.ofGrams(150), NOW);
        hands.weigh(id, 1, "carrot", Treatment.SALT, Mass.ofGrams(300), Mass.ofGrams(180), NOW);
        assertEquals(kits.load().hand().left("carrot", Treatment.SALT).lessons(), 1);
        assertTrue(kits.load().hand().left("carrot", Treatment.SALT).mean() < 65);
        batches.delete(id);
        assertEquals(kits.load().hand(), Hand.UNKNOWN);
    }

    @Test
    public void guestsSourceAndPricesAreKept() {
        batches.change(
                id,
                "avoided",
                batch -> batch.withGuests(batch.guests()
                        .avoiding(Set.of(Allergen.MILK, Allergen.SESAME))
                        .liking(1.05)),
                NOW);
        long made = batches.create(
                batches.load(id).batch(), "made of a recipe", Optional.of("Crescents\n- 300 g flour"), NOW);
        ShoppingStore shopping = new ShoppingStore(cupboard);
        shopping.price("carrot", Optional.of(Price.perKilogram(1.8)));
        shopping.price("onion", Optional.of(Price.perKilogram(1)));
        shopping.price("onion", Optional.empty());
        cupboard.close();
        cupboard = Cupboard.open(folder, Clock.fixed(NOW, ZoneOffset.UTC));
        batches = new BatchStore(cupboard);
        assertEquals(batches.load(id).batch().guests().avoided(), Set.of(Allergen.MILK, Allergen.SESAME));
        assertEquals(batches.load(id).batch().guests().salt().percent(), 1.05, 1e-9);
        assertEquals(batches.load(made).source().orElseThrow(), "Crescents\n- 300 g flour");
        assertTrue(batches.load(id).source().isEmpty());
        assertEquals(new ShoppingStore(cupboard).prices(), Map.of("carrot", Price.perKilogram(1.8)));
    }
}
