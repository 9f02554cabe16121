package ironpin.rehearsal;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.testng.annotations.Test;

public class EveningTest {
    /** Water as planned, nothing corrected, 25 min, every fifth weighed, as wide as planned, begun at once, half the pot, probed. */
    private static final List<Integer> BOOK = List.of(1, 1, 1, 1, 1, 1, 0, 1, 3, 1);

    private static Evening played(long seed, int level, List<Integer> ways) {
        return new Evening(seed, level, ways);
    }

    private static List<Integer> but(Decision decision, int way) {
        return new Chosen(BOOK).but(decision, way).ways();
    }

    private static double mean(int level, List<Integer> ways, ToDoubleFunction<Evening> of) {
        double sum = 0;
        for (long seed = 1; seed <= 30; seed++) {
            sum += of.applyAsDouble(played(seed, level, ways));
        }
        return sum / 30;
    }

    @Test
    public void oneSeedIsOneEveningAndAnotherIsAnother() {
        Random random = new Random(3);
        Set<Truth> truths = new HashSet<>();
        for (int i = 0; i < 20; i++) {
            long seed = random.nextInt(1_000_000);
            List<Integer> ways = new ArrayList<>();
            for (Decision decision : Decision.values()) {
                ways.add(random.nextInt(decision.options()));
            }
            Evening once = played(seed, 3, ways);
            Evening again = played(seed, 3, List.of());
            for (int way : ways) {
                again = again.deciding(way);
            }
            assertEquals(again.supper(), once.supper());
            assertEquals(again.hindsight(), once.hindsight());
            truths.add(once.truth());
        }
        assertEquals(truths.size(), 20);
        assertThrows(Refused.class, () -> played(1, 1, List.of(4)));
        assertThrows(Refused.class, () -> played(1, 4, List.of()));
    }

    /** What is said before a decision names what is felt, and never what is hidden. */
    @Test
    public void cuesFollowTheTruthWithoutTellingIt() {
        Evening thirsty = firstWith(1, truth -> truth.thirst());
        Evening sated = firstWith(1, truth -> -truth.thirst());
        Sign dry = thirsty.deciding(1).sign();
        Sign wet = sated.deciding(1).sign();
        assertTrue(dry.amount() < -0.6 && wet.amount() > 0.6, dry + " " + wet);
        assertNotEquals(dry.said(), wet.said());
        assertFalse(dry.said().render(UnitSystem.METRIC).matches(".*\\d.*"), dry.toString());
        // Water to the point makes it feel right.
        double off = thirsty.truth().thirst();
        assertTrue(
                Math.abs(thirsty.deciding(2).sign().amount())
                        < Math.abs(thirsty.deciding(0).sign().amount()),
                off + "");
    }

    private static Evening firstWith(int level, ToDoubleFunction<Truth> most) {
        List<Evening> all = new ArrayList<>();
        for (long seed = 1; seed <= 30; seed++) {
            all.add(played(seed, level, List.of()));
        }
        return all.stream()
                .max(Comparator.comparingDouble(one -> most.applyAsDouble(one.truth())))
                .orElseThrow();
    }

    /** Each decision moves what it is about, in the direction that the kitchen knows. */
    @Test
    public void decisionsTell() {
        double asPlanned = mean(2, BOOK, one -> one.supper().burst());
        assertTrue(mean(2, but(Decision.FILL, 3), one -> one.supper().burst()) > asPlanned + 2);
        assertTrue(mean(2, but(Decision.CUT, 0), one -> one.supper().made())
                < mean(2, but(Decision.CUT, 2), one -> one.supper().made()) - 1);
        assertTrue(mean(2, but(Decision.LIFT, 0), one -> one.supper().raw()) > 8, "lifted as soon as they float");
        assertEquals(mean(2, BOOK, one -> one.supper().raw()), 0, 0.4, "probed");
        List<Integer> crowded =
                new Chosen(but(Decision.LOAD, 2)).but(Decision.AGAIN, 1).ways();
        assertTrue(mean(2, crowded, one -> one.supper().stuck())
                > mean(2, BOOK, one -> one.supper().stuck()) + 0.5);
        assertTrue(mean(3, but(Decision.SEAM, 2), one -> one.supper().late())
                > mean(3, BOOK, one -> one.supper().late()) + 2);
        assertTrue(
                mean(1, but(Decision.REST, 0), one -> one.supper().full())
                        > mean(1, BOOK, one -> one.supper().full()) * 1.1,
                "an unrested disc draws back and holds less");
    }

    /** What hindsight says a decision cost is what another way saves, and with a thirsty flour that is the water. */
    @Test
    public void hindsightIsWhatAnotherWayWouldHaveSaved() {
        int water = 0;
        for (long seed = 1; seed <= 30; seed++) {
            Evening evening = played(seed, 1, BOOK);
            List<Hindsight> hindsight = evening.hindsight();
            assertEquals(hindsight.size(), Decision.values().length);
            for (Hindsight one : hindsight) {
                double least = evening.supper().cost();
                for (int way = 0; way < one.decision().options(); way++) {
                    least = Math.min(
                            least,
                            played(seed, 1, but(one.decision(), way)).supper().cost());
                }
                assertEquals(one.cost(), evening.supper().cost() - least, 1e-9);
                assertTrue(one.cost() >= 0);
            }
            List<Decision> worst = hindsight.stream()
                    .sorted(Comparator.comparingDouble(Hindsight::cost).reversed())
                    .limit(2)
                    .map(Hindsight::decision)
                    .toList();
            water += worst.contains(Decision.WATER) || worst.contains(Decision.CORRECT) ? 1 : 0;
        }
        assertTrue(water >= 24, water + " of 30 say the water");
    }

    /** A lost piece counts one, an unsafe one three, as of all that were planned, five minutes one: 2 + 1 + 0.5·3 + 3·24/22 + 1. */
    @Test
    public void theCostIsCountedInPieces() {
        assertEquals(new Supper(24, 22, 1, 2, 1, 1, 0.5, 0.8, 5).cost(), 5.5 + 72 / 22.0, 1e-9);
        // Where all are unsafe, making fewer of them is no way out.
        assertTrue(
                new Supper(24, 21, 0, 0, 0, 21, 0, 0.8, 0).cost() > new Supper(24, 24, 0, 0, 0, 24, 0, 0.8, 0).cost());
        // A skin half a step too far off, on each of 20: 20 × 0.25 × 0.5.
        assertEquals(new Supper(20, 20, 0, 0, 0, 0, 1.5, 0.8, 0).cost(), 2.5, 1e-9);
    }
}
