package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balancer;
import ironpin.cook.CookMethod;
import ironpin.dough.Bowl;
import ironpin.dough.BowlMaterial;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFamily;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.dough.Waters;
import ironpin.kit.Kit;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.pantry.Flours;
import ironpin.pantry.Price;
import ironpin.plan.BatchPlan;
import ironpin.plan.LotPlan;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.style.DoughStart;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import ironpin.wrapper.Fold;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

public class ComposingTest {
    private static final LocalDateTime SERVING = LocalDateTime.of(2026, 11, 28, 19, 0);
    private static final Kit KIT = Kit.usual();
    private static final Batch BATCH =
            Styles.start(Styles.get("boiled-crescent"), "Supper", SERVING, 6, Appetite.USUAL);

    private static Address.AdditionOf line(DoughAddition addition) {
        return new Address.AdditionOf(1, addition);
    }

    @Test
    public void everyFamilyStartsInsideItsBandAndTheMethodsBand() {
        Set<DoughFamily> offered = EnumSet.noneOf(DoughFamily.class);
        for (CookMethod method : CookMethod.all()) {
            for (DoughFamily family : DoughStart.offered(method)) {
                offered.add(family);
                Batch batch = Composing.family(BATCH.withMethod(1, method), 1, family, method, KIT);
                LotPlan lot = BatchPlan.of(batch).lot(1);
                Percentage now = lot.dough().formula().effectiveHydration();
                String where = family + " " + method.key() + ": " + now;
                assertTrue(family.hydration().contains(now), where);
                assertTrue(lot.hydration().band().contains(now), where + " in " + lot.hydration());
                Band<Percentage> ofMethod = new Band<>(
                        family.hydration().low().plus(Percentage.of(method.hydrationShift())),
                        family.hydration().high().plus(Percentage.of(method.hydrationShift())));
                assertTrue(ofMethod.contains(now), where);
                assertTrue(
                        family.water().contains(lot.dough().water())
                                || lot.dough().water().celsius() >= 95,
                        where);
                assertTrue(
                        lot.dough()
                                .kneading()
                                .school()
                                .rest(family)
                                .contains(lot.dough().rest()),
                        where);
            }
        }
        assertEquals(offered, EnumSet.allOf(DoughFamily.class));
    }

    @Test
    public void aNewDoughTakesTheWaterItsFlourWasSeenToWant() {
        Flour thirsty = Flours.get("all-round").withAbsorption(Absorption.typed(Percentage.of(2.1)));
        Kit kit = KIT.withFlours(List.of(thirsty));
        Batch before = Styles.start(Styles.get("boiled-crescent"), "Supper", BATCH.serving(), 6, Appetite.USUAL, kit);
        Batch known = Composing.family(
                before, 1, DoughFamily.PART_SCALDED, BATCH.lot(1).method(), kit);
        Batch plain = Composing.family(
                BATCH, 1, DoughFamily.PART_SCALDED, BATCH.lot(1).method(), KIT);
        double more = known.dough(1).formula().hydration().percent()
                - plain.dough(1).formula().hydration().percent();
        assertEquals(more, 2.1, 1e-6);
        assertEquals(BatchPlan.of(known).lot(1).hydration().learned(), 2.1, 1e-6);
    }

    @Test
    public void gramsTypedAreTheGramsWeighed() {
        Batch egg = Composing.add(BATCH, 1, DoughAddition.EGG);
        Batch held = DoughField.FLOUR.write(egg, Address.dough(1), 640);
        for (Batch batch : List.of(egg, held)) {
            Mass before = Balancer.solve(batch).dough(1).made().total();
            for (double grams : new double[] {40, 75.5, 120}) {
                Batch changed = DoughField.ADDITION_GRAMS.write(batch, line(DoughAddition.EGG), grams);
                var made = Balancer.solve(changed).dough(1).made();
                assertEquals(made.of(DoughAddition.EGG).grams(), grams, 0.01);
                if (batch == held) {
                    assertEquals(made.flour().grams(), 640, 1e-6);
                } else {
                    assertEquals(made.total().grams(), before.grams(), 0.01);
                }
            }
        }
        OutOfRange refused = expectThrows(
                OutOfRange.class, () -> DoughField.ADDITION_GRAMS.write(held, line(DoughAddition.SALT), 100));
        assertTrue(refused.getMessage().contains("0 to 32 g"), refused.getMessage());
        assertThrows(OutOfRange.class, () -> DoughField.ADDITION.write(egg, line(DoughAddition.LEAVENING), 4));
    }

    @Test
    public void anEggTakesThePlaceOfTheWaterItBrings() {
        Percentage before = BATCH.dough(1).formula().effectiveHydration();
        for (DoughAddition addition : DoughAddition.values()) {
            Batch with = Composing.add(BATCH, 1, addition);
            assertEquals(
                    with.dough(1).formula().effectiveHydration().percent(), before.percent(), 1e-4, addition.label());
            assertTrue(!with.dough(1).formula().share(addition).isZero());
        }
    }

    @Test
    public void floursAlwaysAddUp() {
        Batch two = Composing.addFlour(BATCH, 1, Flours.get("wholemeal"));
        Batch three = Composing.addFlour(two, 1, Flours.get("strong"));
        assertEquals(three.dough(1).flours().size(), 3);
        assertEquals(Composing.addFlour(three, 1, Flours.get("soft")), three);
        assertEquals(Composing.addFlour(two, 1, Flours.get("wholemeal")), two);
        for (Batch batch : List.of(
                two,
                three,
                Composing.dropFlour(three, 1, 0),
                DoughField.FLOUR_SHARE.write(three, new Address.FlourOf(1, 1), 63),
                DoughField.FLOUR_GRAMS.write(three, new Address.FlourOf(1, 2), 200))) {
            double sum = batch.dough(1).flours().stream()
                    .mapToDouble(part -> part.share().percent())
                    .sum();
            assertEquals(sum, 100, 1e-4);
        }
        Batch back = Composing.dropFlour(Composing.dropFlour(three, 1, 2), 1, 1);
        assertEquals(back.dough(1).flours(), BATCH.dough(1).flours());
        assertEquals(Composing.dropFlour(back, 1, 0), back);
    }

    @Test
    public void anotherSchoolMovesTheStartOfTheDay() {
        Batch overnight = Composing.kneading(BATCH, 1, new Kneading(KneadSchool.OVERNIGHT, Kneading.By.HAND));
        assertEquals(overnight.dough(1).rest().toHours(), 20);
        ZonedDateTime usual = BatchPlan.of(BATCH).timetable().latestStart();
        ZonedDateTime cold = BatchPlan.of(overnight).timetable().latestStart();
        assertTrue(cold.plusHours(18).isBefore(usual), cold + " against " + usual);
        Batch machine = Composing.kneading(BATCH, 1, new Kneading(KneadSchool.LONG, Kneading.By.MACHINE));
        assertTrue(BatchPlan.of(machine).timetable().slots().stream()
                .filter(slot -> slot.task().key().equals("dough-1.knead"))
                .noneMatch(slot -> slot.task().busy()));
    }

    @Test
    public void aColdBowlWantsHotterWater() {
        Bowl heavy = new Bowl("stone", "Stone bowl", BowlMaterial.CERAMIC, Mass.ofGrams(2_000));
        Batch bowl = Composing.bowl(BATCH, 1, Optional.of(heavy));
        double without = DoughField.MIXED
                .write(BATCH, Address.dough(1), 45)
                .dough(1)
                .water()
                .celsius();
        double with = DoughField.MIXED
                .write(bowl, Address.dough(1), 45)
                .dough(1)
                .water()
                .celsius();
        assertTrue(with > without + 5, with + " against " + without);
        Waters warm = new Waters(Temperature.ofCelsius(28), Temperature.ofCelsius(18), Temperature.ofCelsius(97));
        Batch inKit = Composing.in(KIT.withWaters(warm), BATCH);
        assertEquals(inKit.waters(), warm);
        assertTrue(DoughField.MIXED
                        .write(inKit, Address.dough(1), 45)
                        .dough(1)
                        .water()
                        .celsius()
                < without);
    }

    @Test
    public void boughtWrappersTakeNothingFromTheDough() {
        BoughtWrapper square = BoughtWrapper.usual(BoughtWrapper.Shape.SQUARE, BoughtWrapper.Thickness.THIN);
        Batch held = DoughField.FLOUR.write(BATCH, Address.dough(1), 300);
        Batch bought = Composing.bought(held, 1, Optional.of(square));
        BatchPlan plan = BatchPlan.of(bought);
        LotPlan lot = plan.lot(1);
        assertEquals(lot.share().pieces(), 72);
        assertTrue(plan.balance().dough(1).made().total().isZero());
        assertEquals(lot.packs().orElseThrow(), new BoughtWrapper.Packs(72, 2, 8));
        assertEquals(lot.lot().fold(), Fold.TRIANGLE);
        assertEquals(lot.share().piece().grams(), 7.5 + 18, 1e-9);
        assertTrue(plan.timetable().slots().stream()
                .noneMatch(slot -> slot.task().key().startsWith("dough")));
        assertEquals(bought.withFold(1, Fold.PLEATED_CRESCENT).lot(1).fold(), Fold.TRIANGLE);
        Batch again = Composing.bought(bought, 1, Optional.empty());
        assertEquals(again.lot(1).fold(), Fold.PLEATED_CRESCENT);
        assertTrue(again.dough(1).flourAtHand().isEmpty());
    }

    @Test
    public void flourCostsWhatItsPriceSays() {
        assertTrue(Composing.flourCost(BATCH.dough(1), Mass.ofGrams(500)).isEmpty());
        Flour priced = BATCH.dough(1).flours().get(0).flour().withPrice(Optional.of(Price.perKilogram(1.3)));
        Batch paid = Composing.flour(BATCH, 1, 0, priced);
        assertEquals(Composing.flourCost(paid.dough(1), Mass.ofGrams(500)).orElseThrow(), 0.65, 1e-9);
    }
}
