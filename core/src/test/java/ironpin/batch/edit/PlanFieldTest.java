package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.dough.BenchFeel;
import ironpin.dough.DoughAddition;
import ironpin.pantry.Flours;
import ironpin.pantry.Food;
import ironpin.quantity.Dimension;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.NotThere;
import ironpin.style.Styles;
import ironpin.wrapper.BoughtWrapper;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PlanFieldTest {
    private static final Batch BATCH = Styles.start(
            Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);

    @DataProvider
    public Object[][] fields() {
        return PlanField.all().stream().map(field -> new Object[] {field}).toArray(Object[][]::new);
    }

    private static final Set<PlanField<?>> OF_A_WRAPPER =
            Set.of(PackField.WRAPPER_SIZE, PackField.WRAPPER_EACH, PackField.WRAPPER_PACK);

    private static PlanNumber<?> number(PlanField<?> field) {
        if (!field.ofALine()) {
            return field.of(BATCH, 1);
        }
        String of = field.key().startsWith("spell")
                ? "lot-1-spell-1"
                : field.key().startsWith("filling")
                        ? "filling-1-line-1"
                        : field.key().startsWith("flour") ? "dough-1-flour-1" : "dough-1-addition-1";
        assertEquals(field.at(of).at().text(), of);
        return field.at(of);
    }

    private static Batch batch(PlanField<?> field) {
        if (OF_A_WRAPPER.contains(field)) {
            return Composing.bought(
                    BATCH,
                    1,
                    Optional.of(BoughtWrapper.usual(BoughtWrapper.Shape.ROUND, BoughtWrapper.Thickness.THIN)));
        }
        return Composing.addFlour(BATCH, 1, Flours.get("wholemeal"));
    }

    private static double[] values(PlanField<?> field) {
        return switch (field.key()) {
            case "mixed" -> new double[] {20, 35, 60};
            case "of-these-to-freezer" -> new double[] {0, 1, 71};
            case "rim" -> new double[] {0.7, 1, 1.6};
            case "scald" -> new double[] {1, 10, 40};
            case "kettle-water" -> new double[] {0, 20, 300};
            case "filling-grams" -> new double[] {20, 333, 900};
            case "cold-waters" -> new double[] {0, 1, 6};
            case "flour-grams" -> new double[] {20, 250, 700};
            case "addition-grams" -> new double[] {200, 333, 700};
            default -> new double[] {field.low(), field.low() + field.step(), field.high()};
        };
    }

    @Test(dataProvider = "fields")
    public void whatIsWrittenIsRead(PlanField<?> field) {
        for (double value : values(field)) {
            if (field == CountField.TO_FREEZER && value > 100 || field == TableField.LATER) {
                continue;
            }
            Batch changed = number(field).write(batch(field), value);
            assertEquals(number(field).read(changed, Balancer.solve(changed)), value, 5e-3, field.key());
        }
        assertEquals(PlanField.ofKey(field.key()), field);
    }

    @Test(dataProvider = "fields")
    public void whatIsNotAllowedSaysWhatIs(PlanField<?> field) {
        for (double value : new double[] {field.low() - 1, field.high() + 1, Double.NaN, -1e300}) {
            OutOfRange refused =
                    expectThrows(OutOfRange.class, () -> number(field).write(batch(field), value));
            String allowed = OutOfRange.allowed(field).render(UnitSystem.METRIC);
            assertEquals(refused.getMessage().contains(allowed), true, refused.getMessage());
        }
    }

    @Test
    public void theNumberTypedLastIsThePinnedOne() {
        Batch flour = DoughField.FLOUR.write(BATCH, Address.dough(1), 500);
        assertEquals(Pin.of(flour, flour.lot(1)), Pin.FLOUR);
        Batch filling = FillingField.FILLING.write(flour, Address.filling(1), 800);
        assertEquals(Pin.of(filling, filling.lot(1)), Pin.FILLING);
        Batch pieces = CountField.PIECES.write(filling, Address.lot(1), 41);
        assertEquals(Pin.of(pieces, pieces.lot(1)), Pin.PIECES);
        Batch eaters = TableField.EATERS.write(pieces, Address.table(), 5);
        assertEquals(Pin.of(eaters, eaters.lot(1)), Pin.EATERS);
        for (Pin pin : Pin.values()) {
            Batch moved = Pins.move(Pins.move(BATCH, 1, Pin.BOTH), 1, pin);
            assertEquals(Pin.of(moved, moved.lot(1)), pin);
        }
    }

    @Test
    public void movingThePinToThePiecesKeepsTheNumber() {
        Batch flour = DoughField.FLOUR.write(BATCH, Address.dough(1), 620);
        int before = Balancer.solve(flour).lot(1).pieces();
        assertEquals(Balancer.solve(Pins.move(flour, 1, Pin.PIECES)).lot(1).pieces(), before);
    }

    @Test
    public void aMixingTemperatureOutOfReachTellsTheReach() {
        OutOfRange hot = expectThrows(OutOfRange.class, () -> DoughField.MIXED.write(BATCH, Address.dough(1), 100));
        OutOfRange cold = expectThrows(OutOfRange.class, () -> DoughField.MIXED.write(BATCH, Address.dough(1), 5));
        // 50 % water at 12 and at 96 °C into flour and 1.2 % salt at 21 °C: ((1.75 + 0.0103)·21 + 2.09·T)/3.8503.
        assertEquals(hot.allowed().render(UnitSystem.METRIC), "17 to 61 °C");
        assertEquals(hot.allowed().render(UnitSystem.US), "62.6 to 141.8 °F");
        assertEquals(cold.allowed(), hot.allowed());
    }

    @Test
    public void aFeelLeadsNowhereThatAPlanCannotHold() {
        for (BenchFeel feel : BenchFeel.values()) {
            Batch felt = DoughField.REST.write(
                    DoughField.HYDRATION.write(BATCH, Address.dough(1), 50), Address.dough(1), 40);
            int steps = 0;
            while (steps < 2_000 && BenchCorrection.of(felt, 1, feel).holds(1)) {
                felt = BenchCorrection.of(felt, 1, feel).kept(1).batch();
                double water = felt.dough(1).formula().hydration().percent();
                assertTrue(
                        water >= DoughField.HYDRATION.low() && water <= DoughField.HYDRATION.high(),
                        feel + " " + water);
                steps++;
            }
            Batch last = felt;
            assertTrue(steps > 5 && steps < 2_000, feel + " took " + steps);
            assertThrows(
                    OutOfRange.class, () -> BenchCorrection.of(last, 1, feel).kept(1));
        }
    }

    @Test
    public void aCorrectionKeepsWhatIsInTheBowl() {
        Balance before = Balancer.solve(BATCH);
        for (BenchFeel feel : BenchFeel.values()) {
            BenchCorrection step = BenchCorrection.of(BATCH, 1, feel);
            var made = Balancer.solve(step.batch()).dough(1).made();
            var old = before.dough(1).made();
            double water = step.correction().waterToAdd().grams();
            double flour = step.correction().flourToAdd().grams();
            assertEquals(made.flour().grams(), old.flour().grams() + flour, 1e-4);
            assertEquals(
                    made.of(DoughAddition.WATER).grams(),
                    old.of(DoughAddition.WATER).grams() + water,
                    1e-4);
            assertEquals(
                    made.of(DoughAddition.SALT).grams(),
                    old.of(DoughAddition.SALT).grams(),
                    1e-4);
            long more =
                    step.batch().dough(1).rest().minus(BATCH.dough(1).rest()).toMinutes();
            assertEquals(more, feel.cure() == BenchFeel.Cure.REST ? 10 : 0);
            assertEquals(
                    step.hydration().percent(),
                    step.batch().dough(1).formula().hydration().percent(),
                    1e-3);
        }
    }

    @Test
    public void aPlaceThatIsNotThereIsRefused() {
        for (String at : List.of("", "table", "dough", "dough-0", "dough-1-flour-1", "lot-1", "dough-01", "dough-1 ")) {
            assertThrows(NotThere.class, () -> DoughField.SALT.at(at));
        }
        assertThrows(NotThere.class, () -> DoughField.SALT.at("dough-7").write(BATCH, 1));
        assertThrows(
                NotThere.class,
                () -> FillingField.FILLING_SHARE.at("filling-1-line-99").write(BATCH, 1));
        assertThrows(NotThere.class, () -> DoughField.ADDITION.at("dough-1-addition-99"));
        assertThrows(NotThere.class, () -> FillingField.FILLING_SHARE.of(BATCH, 1));
    }

    @Test
    public void halfAnEaterIsRefused() {
        assertThrows(OutOfRange.class, () -> TableField.EATERS.write(BATCH, Address.table(), 5.5));
    }

    @Test
    public void oneShareOfAFillingMovesTheOthersInProportion() {
        Batch changed = FillingField.FILLING_SHARE.write(BATCH, new Address.LineOf(1, 0), 60);
        double sum = 0;
        for (var line : changed.filling(1).formula().lines()) {
            sum += line.share().percent();
        }
        assertEquals(sum, 100, 1e-4);
        double before = BATCH.filling(1).formula().lines().get(1).share().percent();
        double after = changed.filling(1).formula().lines().get(1).share().percent();
        assertEquals(after / before, 40.0 / 44.8, 1e-6);
    }

    @Test
    public void everyNumberOfGramsKnowsWhatItIsOf() {
        for (PlanField<?> field : PlanField.all()) {
            boolean mass = field.dimension().equals(Optional.of(Dimension.MASS));
            assertEquals(number(field).food(batch(field)).isPresent(), mass, field.key());
        }
        for (DoughAddition addition : DoughAddition.values()) {
            Food of = DoughField.ADDITION_GRAMS
                    .at(new Address.AdditionOf(1, addition))
                    .food(BATCH)
                    .orElseThrow();
            assertTrue(of.measure().density().usual() > 0.4, addition.label());
        }
    }
}
