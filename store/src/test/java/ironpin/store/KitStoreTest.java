package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.BenchCorrection;
import ironpin.batch.edit.Composing;
import ironpin.book.FillingVerdict;
import ironpin.book.FlourLesson;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.dough.BenchFeel;
import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.dough.Waters;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flours;
import ironpin.pantry.Price;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class KitStoreTest {
    private static final Instant NOW = Instant.parse("2026-11-28T15:00:00Z");
    private static final LocalDateTime SERVING = LocalDateTime.of(2026, 11, 28, 19, 0);
    private static final Waters WARM =
            new Waters(Temperature.ofCelsius(27), Temperature.ofCelsius(17), Temperature.ofCelsius(94));

    private Path folder;
    private Cupboard cupboard;
    private BatchStore batches;
    private KitStore kits;

    @BeforeMethod
    public void open() throws IOException {
        folder = TestFolder.fresh("kit");
        reopen();
    }

    @AfterMethod
    public void close() {
        cupboard.close();
    }

    private void reopen() {
        if (cupboard != null) {
            cupboard.close();
        }
        cupboard = Cupboard.open(folder, Clock.fixed(NOW, ZoneOffset.UTC));
        batches = new BatchStore(cupboard);
        kits = new KitStore(cupboard, batches);
    }

    private Batch supper() {
        return Styles.start(Styles.get("boiled-crescent"), "Supper", SERVING, 6, Appetite.USUAL, kits.load());
    }

    private void judge(long id) {
        Outcome outcome = new Outcome(
                70, 0, 0, 0, Mass.ZERO, Mass.ZERO, SkinVerdict.RIGHT, FillingVerdict.RIGHT, Optional.empty(), "");
        new BookStore(cupboard).record(id, 1, "boiled-crescent", outcome, NOW);
    }

    private Absorption allRound() {
        return kits.load().flour("all-round").orElseThrow().absorption();
    }

    @Test
    public void theKitIsKeptAsItWasTyped() {
        assertEquals(kits.load(), Kit.usual());
        Kit changed = kits.change(
                "all of it",
                kit -> new Kit(
                        WARM,
                        CupStandard.JAPANESE,
                        "1 walnut = 22 g; glass = 180 ml",
                        List.of(
                                Flours.get("maize")
                                        .withName("Blue maize")
                                        .withPrice(Optional.of(Price.perKilogram(3.2))),
                                Flours.get("plain").withAbsorption(Absorption.typed(Percentage.of(1.5)))),
                        List.of(new Bowl("wood", "Old wooden one", BowlMaterial.WOOD, Mass.ofGrams(900))),
                        kit.hand()),
                NOW);
        reopen();
        assertEquals(kits.load(), changed);
        assertEquals(kits.load().flours().get(1).absorption().offset(), Percentage.of(1.5));
    }

    @Test
    public void openBatchesFollowTheKitAndPastOnesDoNot() {
        long open = batches.create(supper(), "new", NOW);
        long past = batches.create(supper(), "new", NOW);
        judge(past);
        kits.change("warmer", kit -> kit.withWaters(WARM), NOW);
        assertEquals(batches.load(open).batch().waters(), WARM);
        assertEquals(batches.load(past).batch().waters(), Waters.USUAL);
        assertEquals(batches.load(open).undo(), Optional.of(Sentence.of("the kit: warmer")));
        assertEquals(batches.undo(open).batch().waters(), Waters.USUAL);
        int before = batches.load(past).revision();
        kits.change("nothing", kit -> kit, NOW);
        assertEquals(batches.load(past).revision(), before);
    }

    @Test
    public void aBatchTeachesItsFlourAndTheNextOneIsWetter() {
        long id = batches.create(supper(), "new", NOW);
        double points = 0;
        for (int i = 0; i < 2; i++) {
            BenchCorrection step = BenchCorrection.of(batches.load(id).batch(), 1, BenchFeel.DRY);
            points += step.hydration().minus(step.before()).percent();
            batches.change(id, "felt dry", batch -> step.batch(), NOW);
        }
        assertEquals(points, 3, 0.02);
        judge(id);
        kits.learn(id, 1, FlourLesson.of(batches.load(id).batch().dough(1), points), NOW);
        double learned = 3 * 6.25 / 8.5;
        assertEquals(allRound().offset().percent(), learned, 0.02);
        assertEquals(allRound().batches(), 1);
        assertEquals(supper().dough(1).formula().hydration().percent(), 50 + learned, 0.02);
        // Judged again, it still counts once.
        kits.learn(id, 1, FlourLesson.of(batches.load(id).batch().dough(1), 0), NOW);
        assertEquals(allRound().batches(), 1);
        assertEquals(allRound().offset().percent(), 0, 1e-6);
    }

    @Test
    public void whatWasLearnedIsForgottenWhenTheCookSaysSo() {
        long id = batches.create(supper(), "new", NOW);
        kits.learn(id, 1, FlourLesson.of(batches.load(id).batch().dough(1), 3), NOW);
        assertTrue(allRound().offset().percent() > 2);
        kits.change(
                "forget",
                kit -> kit.withFlours(kit.flours().stream()
                        .map(one -> one.withAbsorption(Absorption.typed(Percentage.of(-1))))
                        .toList()),
                NOW);
        assertEquals(allRound(), Absorption.typed(Percentage.of(-1)));
        kits.learn(id, 1, FlourLesson.of(batches.load(id).batch().dough(1), 0), NOW);
        assertEquals(allRound().batches(), 1);
        batches.delete(id);
        assertEquals(allRound(), Absorption.typed(Percentage.of(-1)));
    }

    @Test
    public void aBlendTeachesLessAboutEachOfItsFlours() {
        Batch blend = Composing.addFlour(supper(), 1, Flours.get("wholemeal"));
        List<FlourLesson> lessons = FlourLesson.of(blend.dough(1), 2);
        // Wholemeal is a fifth: too little to say anything.
        assertEquals(lessons.size(), 1);
        assertEquals(lessons.get(0).seen().percent(), 2 / 0.8, 1e-6);
        assertEquals(lessons.get(0).share().percent(), 80, 1e-6);
    }

    @Test
    public void whatADoughIsMadeOfComesBackFromTheCupboard() {
        Batch batch =
                Composing.addFlour(supper(), 1, kits.load().flour("strong").orElseThrow());
        batch = Composing.kneading(batch, 1, new Kneading(KneadSchool.OVERNIGHT, Kneading.By.MACHINE));
        batch = Composing.bowl(batch, 1, Optional.of(kits.load().bowls().get(1)));
        Batch bought = Composing.bought(
                batch, 1, Optional.of(BoughtWrapper.usual(BoughtWrapper.Shape.SQUARE, BoughtWrapper.Thickness.THICK)));
        long made = batches.create(batch, "new", NOW);
        long out = batches.create(bought, "new", NOW);
        reopen();
        assertEquals(batches.load(made).batch(), batch);
        assertEquals(batches.load(out).batch(), bought);
    }
}
