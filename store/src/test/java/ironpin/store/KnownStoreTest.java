package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.book.FlourLesson;
import ironpin.book.Known;
import ironpin.cook.Cooking;
import ironpin.crew.OwnMinutes;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.kit.Hand;
import ironpin.kit.Kit;
import ironpin.quantity.Belief;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.style.Styles;
import ironpin.wrapper.Fold;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What is shown as known is what the plans count with, whatever is left out of account. */
public class KnownStoreTest {
    private static final Instant NOW = Instant.parse("2026-11-25T12:00:00Z");
    private static final Fold FOLD = Fold.PLEATED_CRESCENT;

    private Path folder;
    private Cupboard cupboard;
    private BatchStore batches;
    private KitStore kits;
    private PaceStore paces;
    private KnownStore known;

    @BeforeMethod
    public void open() throws IOException {
        folder = TestFolder.fresh("known");
        cupboard = Cupboard.open(folder, Clock.fixed(NOW, ZoneOffset.UTC));
        batches = new BatchStore(cupboard);
        kits = new KitStore(cupboard, batches);
        paces = new PaceStore(cupboard);
        known = new KnownStore(cupboard);
    }

    @AfterMethod
    public void close() {
        cupboard.close();
    }

    private void cook(int which) {
        Instant at = NOW.plusSeconds(86_400L * which);
        long id = batches.create(
                Styles.start(
                        Styles.get("boiled-crescent"),
                        "Batch " + which,
                        LocalDateTime.of(2026, 11, 28, 19, 0),
                        6,
                        Appetite.USUAL,
                        kits.load()),
                "new",
                at);
        HandStore hands = new HandStore(cupboard, batches);
        hands.taste(id, 1, which % 2 == 0 ? PattyVerdict.BLAND : PattyVerdict.RIGHT, at);
        hands.weigh(id, 1, "carrot", Treatment.SALT, Mass.ofGrams(300), Mass.ofGrams(150 + 9 * which), at);
        kits.learn(
                id, 1, List.of(new FlourLesson("all-round", Percentage.of(1 + 0.5 * which), Percentage.of(100))), at);
        new WorkStore(cupboard)
                .learn(
                        new WorkStore.Of(id, 1),
                        FOLD,
                        40,
                        Optional.of(Percentage.of(66)),
                        Optional.of(20.0 + which),
                        at);
        new MinuteStore(cupboard).took("knead", Duration.ofMinutes(10), Duration.ofMinutes(5 + which), at);
        paces.took(id, "dough-1.knead", "Ana", 0.8 + 0.1 * which, at);
        FireStore fires = new FireStore(cupboard);
        FireStore.Cooked round = fires.in(new WorkStore.Of(id, 1), 12, at);
        fires.probe(
                round.id(),
                "boil",
                new FireStore.Probed(Duration.ofMinutes(5), Temperature.ofCelsius(60), Temperature.ofCelsius(64)),
                Optional.of(1.1 + 0.02 * which),
                at);
    }

    private Belief shown(Known.Kind kind) {
        List<Known> all = known.all().stream().filter(one -> one.kind() == kind).toList();
        assertEquals(all.size(), 1, kind + ": " + all);
        return all.get(0).now();
    }

    private static void same(Belief shown, Belief used, double times) {
        assertEquals(shown.mean(), used.mean() * times, 1e-5);
        assertEquals(shown.spread(), used.spread() * times, 1e-5);
    }

    private void asUsed() {
        Kit kit = kits.load();
        same(shown(Known.Kind.SALT), kit.hand().salt(), 1);
        same(shown(Known.Kind.SQUEEZED), kit.hand().left("carrot", Treatment.SALT), 1);
        same(
                shown(Known.Kind.THIRST),
                kit.flour("all-round").orElseThrow().absorption().belief(),
                1);
        same(shown(Known.Kind.FULLNESS), kit.hand().handiwork(FOLD).comfort(), 1);
        same(shown(Known.Kind.SECONDS), kit.hand().handiwork(FOLD).seconds(), 1);
        same(shown(Known.Kind.MINUTES), kit.hand().minutes().of("knead").orElse(OwnMinutes.USUAL), 1);
        same(shown(Known.Kind.PERSON), paces.pace("Ana"), 1);
        same(shown(Known.Kind.ROUNDS), kit.hand().fires().getOrDefault("boil", Cooking.UNTAUGHT), 100);
    }

    @Test
    public void whatIsShownIsWhatIsUsedWhateverIsForgotten() {
        for (int which = 0; which < 5; which++) {
            cook(which);
        }
        asUsed();
        Set<String> all = new HashSet<>();
        known.all().forEach(one -> one.lessons()
                .forEach(lesson -> all.add(lesson.of().key())));
        Random random = new Random(4);
        for (int i = 0; i < 6; i++) {
            List<String> some = new ArrayList<>(all);
            some.removeIf(key -> random.nextBoolean());
            kits.forget(Set.copyOf(some), true, NOW);
            asUsed();
            assertEquals(
                    known.all().stream()
                            .flatMap(one -> one.lessons().stream())
                            .filter(Known.Lesson::forgotten)
                            .map(lesson -> lesson.of().key())
                            .collect(Collectors.toSet()),
                    Set.copyOf(some));
            kits.forget(Set.copyOf(some), false, NOW);
        }
        // All of it forgotten is a kitchen that knows nothing yet, and minding it again brings all of it back.
        Kit before = kits.load();
        kits.forget(all, true, NOW);
        assertEquals(kits.load().hand(), Hand.UNKNOWN.with(kits.load().hand().minutes()));
        assertNotEquals(kits.load().hand(), before.hand());
        kits.forget(all, false, NOW);
        assertEquals(kits.load().hand(), before.hand());
    }

    /** Open plans follow what is forgotten. */
    @Test
    public void openPlansFollow() {
        cook(0);
        cook(1);
        long open = batches.create(
                Styles.start(
                        Styles.get("boiled-crescent"),
                        "Open",
                        LocalDateTime.of(2026, 12, 28, 19, 0),
                        6,
                        Appetite.USUAL,
                        kits.load()),
                "new",
                NOW);
        double learned = batches.load(open).batch().dough(1).learnedOffset().percent();
        assertTrue(learned > 0.5, learned + "");
        String key = known.all().stream()
                .filter(one -> one.kind() == Known.Kind.THIRST)
                .findFirst()
                .orElseThrow()
                .lessons()
                .get(1)
                .of()
                .key();
        kits.forget(Set.of(key), true, NOW);
        double less = batches.load(open).batch().dough(1).learnedOffset().percent();
        assertTrue(less < learned - 0.1, less + " after " + learned);
    }
}
