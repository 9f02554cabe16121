package ironpin.bench;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Lanes;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.Pins;
import ironpin.plan.BatchPlan;
import ironpin.quantity.CupStandard;
import ironpin.recipe.Corrections;
import ironpin.recipe.ReadRecipe;
import ironpin.recipe.RecipeCheck;
import ironpin.recipe.RecipeReader;
import ironpin.recipe.RecipeText;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * How long the sums take: a whole plan of one lot and of three, the balance of what is at hand for one lot and for five over
 * three doughs, and a recipe read and checked.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlanBenchmark {
    /** In cups, so that every reading of them is tried. */
    private static final String RECIPE =
            "Crescents\nMakes 40, serves 4\nFor the dough\n3 cups all-purpose flour\n1 cup water\n"
                    + "1 tsp salt\nFor the filling\n400 g lamb mince\n200 g carrot, grated, salted and squeezed\n2 tbsp stock\n"
                    + "3 spring onions\n1 tbsp light soy sauce\n1 tsp salt, divided\nMethod\nKnead and rest for 1 hour. Divide into 30 "
                    + "pieces, roll each to a 7 cm circle. Put 20 g of filling on each. Boil for 5 minutes.";

    private final Batch one = batch(List.of(Styles.get("boiled-crescent")));
    private final Batch three =
            batch(List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")));
    private final Batch five = fiveAtHand();
    private final Batch both = Pins.move(one, 1, Pin.BOTH);

    private static Batch batch(List<Style> styles) {
        return Styles.start(styles, "Bench", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    }

    /** Five lots over three doughs and five fillings, everything of it at hand. */
    private static Batch fiveAtHand() {
        Batch batch = batch(List.of(
                Styles.get("boiled-crescent"),
                Styles.get("steamed-leaf"),
                Styles.get("griddle-bread"),
                Styles.get("pan-crescent"),
                Styles.get("boiled-crescent")));
        batch = Lanes.shareDough(Lanes.shareDough(batch, 4, 1), 5, 1);
        for (int no = 1; no <= 5; no++) {
            batch = Pins.move(batch, no, Pin.BOTH);
        }
        return batch;
    }

    @Benchmark
    public BatchPlan planOfOneLot() {
        return BatchPlan.of(one);
    }

    @Benchmark
    public BatchPlan planOfThreeLots() {
        return BatchPlan.of(three);
    }

    @Benchmark
    public RecipeCheck recipeReadAndChecked() {
        ReadRecipe read = new RecipeReader(CupStandard.US).read(RecipeText.read(RECIPE, ""));
        return RecipeCheck.of(read, Corrections.NONE);
    }

    @Benchmark
    public Balance balanceOfFiveLotsOverThreeDoughs() {
        return Balancer.solve(five);
    }

    @Benchmark
    public Balance balanceOfBothAtHand() {
        return Balancer.solve(both);
    }
}
