package ironpin.household;

import static org.testng.Assert.assertEquals;

import ironpin.quantity.CupStandard;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

public class SpoonRackTest {
    /** What a look at every one of them finds, measures that cost the same and what holds exactly as much among them. */
    @Test
    public void nearestIsWhatALookAtAllFinds() {
        Random random = new Random(7);
        for (CupStandard standard : List.of(CupStandard.US, CupStandard.METRIC)) {
            List<Spoonful> all = Spoonful.all(standard);
            SpoonRack rack = new SpoonRack(all);
            for (int i = 0; i < 2_000; i++) {
                double millilitres = i % 4 == 0
                        ? all.get(random.nextInt(all.size())).millilitres()
                        : Math.exp(-3 + 12 * random.nextDouble());
                int most = 1 + i % 9;
                List<Spoonful> looked = all.stream()
                        .sorted(Comparator.comparingDouble(one -> Household.cost(one, millilitres)))
                        .limit(most)
                        .toList();
                assertEquals(rack.nearest(millilitres, most), looked, most + " nearest to " + millilitres + " ml");
            }
        }
    }
}
