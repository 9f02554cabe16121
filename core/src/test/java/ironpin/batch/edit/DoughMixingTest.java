package ironpin.batch.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.RandomBatches;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.dough.BenchFeel;
import ironpin.dough.Bowl;
import ironpin.dough.DoughAddition;
import ironpin.dough.DoughMasses;
import ironpin.dough.Mixing;
import ironpin.dough.Scald;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import java.util.Random;
import org.testng.annotations.Test;

/** Heat and mass in the bowl of whole batches, with eggs, cold bowls and corrections. */
public class DoughMixingTest {
    private static Batch enriched(RandomBatches batches, Random random) {
        Batch batch = batches.unpinned();
        for (Dough dough : batch.doughs()) {
            DoughAddition addition = DoughAddition.values()[random.nextInt(DoughAddition.values().length)];
            batch = Composing.add(batch, dough.no(), addition);
        }
        return batch;
    }

    @Test
    public void heatGivenIsHeatTakenWithEverythingInTheBowl() {
        RandomBatches batches = new RandomBatches(131);
        Random random = new Random(132);
        for (int i = 0; i < 500; i++) {
            Batch batch = enriched(batches, random);
            Balance balance = Balancer.solve(batch);
            for (Dough dough : batch.doughs()) {
                DoughMasses made = balance.dough(dough.no()).made();
                if (made.flour().isZero()) {
                    continue;
                }
                Mixing mixing = DoughMixing.of(batch, balance, dough.no());
                double mixed = mixing.mixed(dough.water()).celsius();
                double room = batch.waters().room().celsius();
                double given = made.of(DoughAddition.WATER).grams()
                        * 4.18
                        * (dough.water().celsius() - mixed);
                double taken = made.flour().grams() * 1.75 * (mixed - room);
                for (DoughMasses.Part part : made.parts()) {
                    if (part.addition() != DoughAddition.WATER) {
                        taken += part.mass().grams() * part.addition().joulesPerGramKelvin() * (mixed - room);
                    }
                }
                taken += dough.bowl().map(Bowl::joulesPerKelvin).orElse(0.0) * (mixed - room);
                // A temperature is exact to a thousandth of a degree.
                assertEquals(given, taken, 2 + made.total().grams() * 4.18e-3);
            }
        }
    }

    @Test
    public void everyWishThatIsTakenComesTrue() {
        RandomBatches batches = new RandomBatches(133);
        Random random = new Random(134);
        int taken = 0;
        for (int i = 0; i < 400; i++) {
            Batch batch = enriched(batches, random);
            int no = batch.doughs().get(0).no();
            double celsius = 16 + random.nextInt(50);
            try {
                Batch mixed = DoughField.MIXED.write(batch, Address.dough(no), celsius);
                assertEquals(DoughField.MIXED.read(mixed, Balancer.solve(mixed), Address.dough(no)), celsius, 0.01);
                double share = 100 * Scald.share(Temperature.ofCelsius(celsius));
                if (share >= 1 && share <= 99) {
                    Batch scalded = DoughField.SCALD.write(batch, Address.dough(no), share);
                    assertEquals(
                            scalded.dough(no).water().celsius(),
                            mixed.dough(no).water().celsius(),
                            0.05);
                }
                double kettle = DoughField.KETTLE_WATER.read(mixed, Balancer.solve(mixed), Address.dough(no));
                Batch poured = DoughField.KETTLE_WATER.write(batch, Address.dough(no), kettle);
                assertEquals(
                        poured.dough(no).water().celsius(),
                        mixed.dough(no).water().celsius(),
                        0.05);
                taken++;
            } catch (OutOfRange refused) {
                assertTrue(refused.allowed().render(UnitSystem.METRIC).contains(" to "), refused.getMessage());
            }
        }
        assertTrue(taken > 200, "only " + taken + " wishes could be met");
    }

    @Test
    public void aCorrectionAddsWhatItSaysAndNothingElse() {
        RandomBatches batches = new RandomBatches(135);
        Random random = new Random(136);
        for (int i = 0; i < 400; i++) {
            Batch batch = enriched(batches, random);
            Dough dough = batch.doughs().get(0);
            DoughMasses before = Balancer.solve(batch).dough(dough.no()).made();
            if (before.flour().isZero()) {
                continue;
            }
            BenchFeel feel = BenchFeel.values()[random.nextInt(BenchFeel.values().length)];
            BenchCorrection step = BenchCorrection.of(batch, dough.no(), feel);
            DoughMasses after = Balancer.solve(step.batch()).dough(dough.no()).made();
            double added = step.correction()
                    .waterToAdd()
                    .plus(step.correction().flourToAdd())
                    .grams();
            assertEquals(after.total().grams(), before.total().grams() + added, 0.01);
            assertTrue(added <= before.flour().grams() * 0.015 + 0.051, added + " g into " + before.flour());
            for (DoughMasses.Part part : before.parts()) {
                boolean water = part.addition() == DoughAddition.WATER;
                double more = water ? step.correction().waterToAdd().grams() : 0;
                assertEquals(after.of(part.addition()).grams(), part.mass().grams() + more, 0.01);
            }
            boolean wetter = step.hydration().minus(step.before()).percent() > 1e-3;
            assertEquals(wetter, !step.correction().waterToAdd().isZero());
            Percentage now = step.batch().dough(dough.no()).formula().hydration();
            assertEquals(now.percent(), step.hydration().percent(), 1e-3);
        }
    }
}
