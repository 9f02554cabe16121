package ironpin.worked;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

public class WorkedOutTest {
    /** What was asked last is known; of three, where two are kept, the one that was asked longest ago is worked out again. */
    @Test
    public void theOldestIsForgotten() {
        List<String> worked = new ArrayList<>();
        WorkedOut<String, Integer> lengths = new WorkedOut<>(2, word -> {
            worked.add(word);
            return word.length();
        });
        for (String word : List.of("rope", "disc", "rope", "purse", "rope", "disc")) {
            assertEquals(lengths.of(word), Integer.valueOf(word.length()));
        }
        assertEquals(worked, List.of("rope", "disc", "purse", "disc"));
    }
}
