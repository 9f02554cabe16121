package ironpin.web.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.recipe.UnreadableRecipe;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.Test;

public class PatienceTest {
    @Test
    public void whatTakesTooLongIsGivenUpAndToldToStop() throws InterruptedException {
        CountDownLatch stopped = new CountDownLatch(1);
        assertThrows(
                UnreadableRecipe.class,
                () -> Patience.with(Duration.ofMillis(50), () -> {
                    try {
                        return new CountDownLatch(1).await(1, TimeUnit.MINUTES);
                    } catch (InterruptedException told) {
                        stopped.countDown();
                        return false;
                    }
                }));
        assertTrue(stopped.await(20, TimeUnit.SECONDS), "it reads on for nobody");
    }

    @Test
    public void whatIsReadInTimeIsHandedOverWithItsTroubles() {
        assertEquals(Patience.with(() -> "read"), "read");
        assertThrows(UnreadableRecipe.class, () -> Patience.with(() -> RecipeFile.read("", "")));
    }
}
