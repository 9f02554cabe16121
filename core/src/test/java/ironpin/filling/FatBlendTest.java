package ironpin.filling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;

public class FatBlendTest {
    private static FatBlend.Source source(double fat) {
        return new FatBlend.Source("source", Percentage.of(fat), Optional.empty());
    }

    private static FatBlend.Source source(double fat, double atHand) {
        return new FatBlend.Source("source", Percentage.of(fat), Optional.of(Mass.ofGrams(atHand)));
    }

    private static FatBlend blend(double total, double wanted, FatBlend.Source... sources) {
        return FatBlend.of(Mass.ofGrams(total), Percentage.of(wanted), List.of(sources));
    }

    @Test
    public void leanMinceAndBackFatFollowPearsonsSquare() {
        FatBlend blend = blend(700, 25, source(8), source(85));
        assertEquals(blend.parts().get(0).grams(), 545.5, 0.05);
        assertEquals(blend.parts().get(1).grams(), 154.5, 0.05);
        assertTrue(blend.reached());
        assertEquals(blend.fat().percent(), 25, 1e-4);
    }

    @Test
    public void outOfReachGivesTheNearest() {
        FatBlend rich = blend(700, 90, source(8), source(85));
        assertFalse(rich.reached());
        assertEquals(rich.fat().percent(), 85, 1e-4);
        assertEquals(rich.parts().get(0), Mass.ZERO);
        FatBlend short1 = blend(700, 25, source(8), source(85, 50));
        assertFalse(short1.reached());
        assertEquals(short1.parts().get(1).grams(), 50, 1e-3);
        assertEquals(short1.fat().percent(), (650 * 8 + 50 * 85) / 700.0, 1e-3);
        FatBlend less = blend(700, 25, source(8, 200), source(85, 50));
        assertEquals(less.parts().get(0).plus(less.parts().get(1)).grams(), 250, 1e-3);
    }

    @Test
    public void theSourceNearestTheWishIsUsedFirst() {
        FatBlend all = blend(600, 22, source(8), source(22), source(85));
        assertEquals(all.parts().get(1).grams(), 600, 1e-3);
        FatBlend some = blend(600, 25, source(8), source(22, 300), source(85));
        assertEquals(some.parts().get(1).grams(), 300, 1e-3);
        assertEquals(some.fat().percent(), 25, 1e-3);
    }

    /** Against every blend in steps of a fiftieth of the whole. */
    @Test
    public void noOtherBlendComesNearer() {
        Random random = new Random(21);
        for (int i = 0; i < 150; i++) {
            List<FatBlend.Source> sources = new ArrayList<>();
            int count = 2 + random.nextInt(2);
            for (int k = 0; k < count; k++) {
                double fat = random.nextInt(100);
                sources.add(random.nextBoolean() ? source(fat) : source(fat, 50 + random.nextInt(600)));
            }
            double wanted = random.nextInt(100);
            FatBlend blend = FatBlend.of(Mass.ofGrams(500), Percentage.of(wanted), sources);
            double made = blend.parts().stream().mapToDouble(Mass::grams).sum();
            double all = sources.stream()
                    .mapToDouble(one -> one.atHand().map(Mass::grams).orElse(500.0))
                    .sum();
            assertEquals(made, Math.min(500, all), 0.01);
            for (int k = 0; k < count; k++) {
                double most = sources.get(k).atHand().map(Mass::grams).orElse(500.0);
                assertTrue(blend.parts().get(k).grams() >= -1e-6
                        && blend.parts().get(k).grams() <= most + 1e-3);
            }
            double miss = Math.abs(blend.fat().percent() - wanted);
            assertTrue(miss <= nearest(made, wanted, sources) + 0.01, sources + " " + wanted + " " + blend);
        }
    }

    private static double nearest(double made, double wanted, List<FatBlend.Source> sources) {
        double best = Double.POSITIVE_INFINITY;
        int steps = 50;
        for (int a = 0; a <= steps; a++) {
            for (int b = 0; b <= (sources.size() == 3 ? steps - a : 0); b++) {
                double[] parts = sources.size() == 3
                        ? new double[] {made * a / steps, made * b / steps, made * (steps - a - b) / steps}
                        : new double[] {made * a / steps, made * (steps - a) / steps};
                double fat = 0;
                boolean there = true;
                for (int k = 0; k < parts.length; k++) {
                    there &=
                            parts[k] <= sources.get(k).atHand().map(Mass::grams).orElse(500.0) + 1e-9;
                    fat += parts[k] * sources.get(k).fat().percent();
                }
                best = there ? Math.min(best, Math.abs(fat / made - wanted)) : best;
            }
        }
        return best;
    }

    @Test
    public void nonsenseIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> blend(700, 25, source(8)));
        assertThrows(IllegalArgumentException.class, () -> blend(0, 25, source(8), source(9)));
        assertThrows(IllegalArgumentException.class, () -> source(101));
    }
}
