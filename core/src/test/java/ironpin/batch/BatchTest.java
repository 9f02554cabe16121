package ironpin.batch;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.Hunger;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.TableField;
import ironpin.cook.CookMethod;
import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.filling.SafeCore;
import ironpin.kit.Kit;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BatchTest {
    private static final LocalDateTime SERVING = LocalDateTime.of(2026, 11, 28, 19, 0);
    private static final Batch SUPPER = Styles.start(
            List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")),
            "Supper",
            SERVING,
            6,
            Appetite.USUAL,
            Kit.usual());

    @DataProvider
    public Object[][] nonsense() {
        Lot lot = SUPPER.lot(1);
        Dough dough = SUPPER.dough(1);
        return new Object[][] {
            {"no title", (Runnable) () -> SUPPER.withTitle("  ")},
            {"a long title", (Runnable) () -> SUPPER.withTitle("x".repeat(81))},
            {"nobody eats", (Runnable) () -> SUPPER.withEaters(0)},
            {"a whole town eats", (Runnable) () -> SUPPER.withEaters(201)},
            {"no lots", (Runnable) () -> with(List.of())},
            {"two lots of one number", (Runnable) () -> with(List.of(lot, lot))},
            {
                "a lot without its dough",
                (Runnable) () -> new Batch(
                        "X",
                        SERVING,
                        2,
                        Appetite.USUAL,
                        SUPPER.waters(),
                        Guests.USUAL,
                        List.of(),
                        SUPPER.fillings(),
                        SUPPER.lots(),
                        SUPPER.crew(),
                        SUPPER.held(),
                        List.of())
            },
            {"a piece of nothing", (Runnable) () -> lot.withDoughEach(Mass.ZERO)},
            {"a monstrous piece", (Runnable) () -> lot.withFillingEach(Mass.ofGrams(501))},
            {"fewer than none frozen", (Runnable) () -> lot.withToFreezer(-1)},
            {"a hollow wrapper", (Runnable) () -> Lot.Shape.of(Length.ofMillimetres(20), Length.ofMillimetres(90), 0.5)
            },
            {"no pieces each", (Runnable) () -> new PieceRule.PerEater(0)},
            {"no pieces", (Runnable) () -> new PieceRule.Counted(0)},
            {
                "half a flour",
                (Runnable) () -> new Dough(
                        1,
                        "X",
                        dough.family(),
                        List.of(new FlourShare(dough.flours().get(0).flour(), Percentage.of(50))),
                        dough.formula(),
                        dough.water(),
                        dough.rest(),
                        dough.kneading(),
                        dough.bowl(),
                        dough.loss(),
                        Optional.empty())
            },
            {"a sieve of a bench", (Runnable) () -> dough.withLoss(Percentage.of(21))},
            {"a patty for a giant", (Runnable) () -> SUPPER.filling(1).withTestPatty(Mass.ofGrams(201))},
            {"a thimble for a pot", (Runnable) () -> Vessel.of(VesselKind.POT, Length.ofMillimetres(40), 1, 900)},
            {"a tower of baskets", (Runnable) () -> Vessel.of(VesselKind.BASKET, Length.ofMillimetres(240), 7, 900)},
            {"a furnace", (Runnable) () -> Vessel.of(VesselKind.PAN, Length.ofMillimetres(240), 1, 9_000)},
        };
    }

    private static Batch with(List<Lot> lots) {
        return new Batch(
                "X",
                SERVING,
                2,
                Appetite.USUAL,
                SUPPER.waters(),
                SUPPER.guests(),
                SUPPER.doughs(),
                SUPPER.fillings(),
                lots,
                SUPPER.crew(),
                SUPPER.held(),
                List.of());
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsRefused(String what, Runnable making) {
        assertThrows(IllegalArgumentException.class, making::run);
    }

    @Test
    public void whatIsNotThereIsSaid() {
        assertThrows(IllegalArgumentException.class, () -> SUPPER.lot(4));
        assertThrows(IllegalArgumentException.class, () -> SUPPER.dough(0));
        assertThrows(IllegalArgumentException.class, () -> SUPPER.filling(9));
        assertThrows(IllegalArgumentException.class, () -> Styles.get("deep-fried-ball"));
    }

    @Test
    public void aBiggerAppetiteNeverMeansFewerPieces() {
        for (Style style : Styles.all()) {
            int light = style.perEater(Appetite.LIGHT);
            int usual = style.perEater(Appetite.USUAL);
            int hungry = style.perEater(Appetite.HUNGRY);
            assertTrue(light >= 1 && light <= usual && usual < hungry, style.key());
            assertEquals(usual, style.usualPerEater());
        }
        Batch hungry = Hunger.of(SUPPER, Appetite.HUNGRY);
        // Three styles share the appetite: 3 crescents are a quarter of the usual 12, and of 16 for the very hungry.
        assertEquals(SUPPER.lot(1).rule(), new PieceRule.PerEater(3));
        assertEquals(hungry.lot(1).rule(), new PieceRule.PerEater(4));
        Batch counted = Hunger.of(CountField.PIECES.write(SUPPER, Address.lot(1), 50), Appetite.HUNGRY);
        assertEquals(counted.lot(1).rule(), new PieceRule.Counted(50));
    }

    @Test
    public void anotherWayOfCookingBringsItsVesselAndTheSameOneKeepsIt() {
        Vessel mine = Vessel.of(VesselKind.POT, Length.ofMillimetres(300), 1, 2_200);
        Batch own = SUPPER.mapLots(lot -> lot.no() == 1 ? lot.withVessel(mine) : lot);
        Batch simmered = own.withMethod(1, CookMethod.ofKey("boil/steady-simmer"));
        assertEquals(simmered.lot(1).vessel(), mine);
        Batch steamed = own.withMethod(1, CookMethod.ofKey("steam/cold"));
        assertEquals(steamed.lot(1).vessel(), Vessel.usual(VesselKind.BASKET));
        assertEquals(steamed.lot(2), own.lot(2));
    }

    @Test
    public void onlyRawFillingsGetATestPatty() {
        for (Style style : Styles.all()) {
            Filling filling = style.startFilling(1);
            assertEquals(
                    filling.testPatty().isZero(),
                    !SafeCore.of(filling.formula()).mindRaw(),
                    style.key());
        }
    }

    @Test
    public void holdingOneFlourLeavesTheOtherLotsToTheTable() {
        Batch held = DoughField.FLOUR.write(SUPPER, Address.dough(2), 300);
        assertEquals(Pin.of(held, held.lot(1)), Pin.EATERS);
        assertEquals(Pin.of(held, held.lot(2)), Pin.FLOUR);
        Balance balance = Balancer.solve(held);
        assertEquals(balance.lot(1).pieces(), 18);
        assertEquals(balance.lot(3).pieces(), 6);
        assertEquals(balance.dough(2).made().flour(), Mass.ofGrams(300));
        Batch table = TableField.EATERS.write(held, Address.table(), 4);
        assertEquals(Pin.of(table, table.lot(2)), Pin.EATERS);
        assertEquals(Balancer.solve(table).lot(2).pieces(), 16);
    }

    @Test
    public void piecesForTheFreezerAreMadeBesidesAndNeverMoreThanThereAre() {
        Balance balance = Balancer.solve(CountField.TO_FREEZER.write(SUPPER, Address.lot(1), 20));
        assertEquals(balance.lot(1).pieces(), 38);
        assertEquals(balance.lot(1).toTable(), 18);
        Batch little =
                DoughField.FLOUR.write(CountField.TO_FREEZER.write(SUPPER, Address.lot(1), 20), Address.dough(1), 60);
        Balance scarce = Balancer.solve(little);
        assertTrue(scarce.lot(1).pieces() < 20);
        assertEquals(scarce.lot(1).toTable(), 0);
    }
}
