package ironpin.refusal;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertThrows;

import java.util.List;
import org.testng.annotations.Test;

public class NumberedTest {
    @Test
    public void aPlaceThatIsNotThereIsNeverAnother() {
        List<String> lines = List.of("lamb", "leek", "salt");
        assertEquals(Numbered.of(lines, 2, "line"), "salt");
        for (int index : new int[] {-1, 3, Integer.MAX_VALUE, Integer.MIN_VALUE}) {
            assertThrows(NotThere.class, () -> Numbered.of(lines, index, "line"));
        }
    }

    @Test
    public void whatComesOrGoesBeforeALineMovesIt() {
        List<String> seen = List.of("lamb", "egg", "egg", "salt");
        assertEquals(bearer(seen, 0), bearer(List.of("lamb", "egg", "salt"), 0));
        assertNotEquals(bearer(seen, 3), bearer(List.of("lamb", "egg", "egg", "oil"), 3));
        // Of two alike, one left out twice is one too many.
        assertNotEquals(bearer(seen, 1), bearer(List.of("lamb", "egg", "salt"), 1));
    }

    private static String bearer(List<String> lines, int index) {
        return Numbered.bearer(lines, index, "line", line -> line);
    }
}
