package ironpin.batch.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Guests;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;
import ironpin.batch.RandomBatches;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.Pins;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughFormula;
import ironpin.kit.Kit;
import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

public class BalancerTest {
    private static final LocalDateTime SERVING = LocalDateTime.of(2026, 11, 28, 19, 0);

    private static Batch crescents(int eaters) {
        return Styles.start(Styles.get("boiled-crescent"), "Supper", SERVING, eaters, Appetite.USUAL);
    }

    @Test
    public void flourAtHandGivesWholePiecesAndTheRest() {
        Batch batch = CountField.DOUGH_EACH.write(
                DoughField.FLOUR.write(crescents(6), Address.dough(1), 620), Address.lot(1), 14);
        Balance balance = Balancer.solve(batch);
        assertEquals(balance.dough(1).made().total().grams(), 937.4, 0.05);
        assertEquals(
                balance.dough(1).made().total().minus(balance.dough(1).lost()).grams(), 928.1, 0.05);
        assertEquals(balance.lot(1).pieces(), 66);
        assertEquals(balance.dough(1).left().grams(), 4.1, 0.05);
    }

    @Test
    public void eatersGiveFlourWaterSaltAndFilling() {
        Balance balance = Balancer.solve(crescents(6));
        assertEquals(balance.lot(1).pieces(), 72);
        Balance.OfDough dough = balance.dough(1);
        assertEquals(dough.made().total().grams(), 1_090.9, 0.05);
        assertEquals(dough.made().flour().grams(), 721.5, 0.05);
        assertEquals(dough.made().of(DoughAddition.WATER).grams(), 360.8, 0.06);
        assertEquals(dough.made().of(DoughAddition.SALT).grams(), 8.7, 0.05);
        assertEquals(balance.filling(1).made().grams(), 1_319.1, 0.05);
        assertEquals(dough.left(), Mass.ZERO);
        assertEquals(balance.filling(1).left(), Mass.ZERO);
    }

    @Test
    public void everyGramIsAccountedFor() {
        RandomBatches batches = new RandomBatches(3);
        for (int i = 0; i < 5_000; i++) {
            Batch batch = batches.next();
            Balance balance = Balancer.solve(batch);
            for (Balance.OfDough share : balance.doughs()) {
                Mass inPieces = Mass.ZERO;
                double cutAway = 0;
                for (Lot lot : batch.lots()) {
                    if (lot.doughNo() == share.no() && lot.bought().isEmpty() && !lot.stashed()) {
                        Balance.OfLot of = balance.lot(lot.no());
                        inPieces = inPieces.plus(of.doughEach().times(of.pieces()));
                        cutAway += of.doughEach().grams() * of.pieces() * (lot.taken() - 1);
                    }
                }
                assertEquals(share.trimmings().grams(), cutAway, 1e-4);
                Mass parts = inPieces.plus(share.lost()).plus(share.trimmings()).plus(share.left());
                assertEquals(parts, share.made().total());
                assertTrue(!share.left().isNegative());
                double loss = batch.dough(share.no()).loss().fraction();
                assertEquals(share.lost().grams(), share.made().total().grams() * loss, 1e-4);
            }
            for (Balance.OfFilling share : balance.fillings()) {
                Mass inPieces = Mass.ZERO;
                for (Lot lot : batch.lots()) {
                    if (lot.fillingNo() == share.no() && !lot.stashed()) {
                        Balance.OfLot of = balance.lot(lot.no());
                        inPieces = inPieces.plus(of.fillingEach().times(of.pieces()));
                    }
                }
                Mass parts = inPieces.plus(share.lost()).plus(share.left()).plus(share.patty());
                assertEquals(parts, share.made());
                assertTrue(!share.left().isNegative());
            }
        }
    }

    @Test
    public void whatIsHeldAloneLeavesLessThanAPiece() {
        Random random = new Random(4);
        for (int i = 0; i < 3_000; i++) {
            Batch batch = DoughField.FLOUR.write(
                    crescents(1 + random.nextInt(9)), Address.dough(1), 30 + random.nextInt(3_000));
            Balance balance = Balancer.solve(batch);
            assertTrue(balance.dough(1).left().compareTo(balance.lot(1).doughEach()) < 0);
            assertEquals(balance.filling(1).left(), Mass.ZERO);
        }
    }

    @Test
    public void flourAndFillingAtHandNeverLeaveAPiecesWorthOfBoth() {
        Random random = new Random(5);
        int bothGone = 0;
        Style style = Styles.get("boiled-crescent");
        for (int i = 0; i < 4_000; i++) {
            Batch batch = Pins.move(crescents(4), 1, Pin.BOTH);
            batch = DoughField.FLOUR.write(batch, Address.dough(1), 20 + random.nextInt(1_500));
            batch = FillingField.FILLING.write(batch, Address.filling(1), 20 + random.nextInt(2_500));
            Balance balance = Balancer.solve(batch);
            Balance.OfLot lot = balance.lot(1);
            boolean doughLeft = balance.dough(1).left().compareTo(lot.doughEach()) >= 0;
            boolean fillingLeft = balance.filling(1).left().compareTo(lot.fillingEach()) >= 0;
            assertTrue(!(doughLeft && fillingLeft), batch.toString());
            if (lot.pieces() > 0) {
                assertTrue(style.doughBand().contains(lot.doughEach()), lot.toString());
                assertTrue(style.fillingBand().contains(lot.fillingEach()), lot.toString());
            }
            boolean nothingLeft = balance.dough(1).left().grams() < 0.01
                    && balance.filling(1).left().grams() < 0.01;
            bothGone += nothingLeft ? 1 : 0;
        }
        assertTrue(bothGone > 800, "both run out together only " + bothGone + " times");
    }

    @Test
    public void bothAtHandIsTheBestCountByExhaustion() {
        Mass dough = Mass.ofGrams(480);
        Mass filling = Mass.ofGrams(590);
        BothAtHand.Size doughSize = new BothAtHand.Size(Mass.ofGrams(15), Band.grams(12, 20));
        BothAtHand.Size fillingSize = new BothAtHand.Size(Mass.ofGrams(18), Band.grams(12, 26));
        BothAtHand found = BothAtHand.solve(dough, filling, doughSize, fillingSize);
        double best = Double.POSITIVE_INFINITY;
        int bestCount = 0;
        for (int n = 24; n <= 40; n++) {
            double strain = Math.pow(Math.log(480.0 / n / 15), 2) + Math.pow(Math.log(590.0 / n / 18), 2);
            if (strain < best) {
                best = strain;
                bestCount = n;
            }
        }
        assertEquals(found.pieces(), bestCount);
        assertEquals(found.doughEach().grams(), 480.0 / bestCount, 1e-5);
    }

    @Test
    public void scalingTheTableScalesEveryMass() {
        RandomBatches batches = new RandomBatches(6);
        for (int i = 0; i < 1_000; i++) {
            Batch batch = batches.unpinned();
            batch = batch.mapLots(lot -> lot.withToFreezer(0)).mapFillings(one -> one.withTestPatty(Mass.ZERO));
            Balance one = Balancer.solve(batch);
            Balance three = Balancer.solve(batch.withEaters(batch.eaters() * 3));
            for (int k = 0; k < one.doughs().size(); k++) {
                double single = one.doughs().get(k).made().total().grams();
                assertEquals(three.doughs().get(k).made().total().grams(), 3 * single, 1e-3);
            }
            for (int k = 0; k < one.fillings().size(); k++) {
                double single = one.fillings().get(k).made().grams();
                assertEquals(three.fillings().get(k).made().grams(), 3 * single, 1e-3);
            }
        }
    }

    @Test
    public void aSharedDoughIsSharedAsTheTableEats() {
        Style style = Styles.get("boiled-crescent");
        Batch one = crescents(5);
        Lot second = style.startLot(2, 1, 1, 12, Kit.usual()).withRule(new PieceRule.PerEater(4));
        Batch batch = new Batch(
                one.title(),
                SERVING,
                5,
                Appetite.USUAL,
                one.waters(),
                Guests.USUAL,
                one.doughs(),
                one.fillings(),
                List.of(one.lot(1), second),
                one.crew(),
                one.held(),
                List.of());
        Balance balance = Balancer.solve(DoughField.FLOUR.write(
                batch,
                Address.dough(1),
                DoughFormula.of(50, 1.2, 0)
                        .forDough(Mass.ofGrams(80 * 15 / 0.99))
                        .flour()
                        .grams()));
        assertEquals(balance.lot(1).pieces(), 60, 1);
        assertEquals(balance.lot(2).pieces(), 20, 1);
        assertTrue(balance.dough(1).left().compareTo(Mass.ofGrams(15)) < 0);
    }
}
