package ironpin.portion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import ironpin.quantity.Length;
import ironpin.refusal.Refused;
import java.util.List;
import org.testng.annotations.Test;

public class RulerTest {
    private static RopePlan rope(int longest, int pieces) {
        return new RopePlan(Length.ofMillimetres(22), Length.ofMillimetres(28), 2, longest, pieces);
    }

    /** Three cuts of 28 mm fit on 100 mm, and on 84 exactly. */
    @Test
    public void aRopeIsLaidInLinesAsLongAsThePage() {
        Ruler ruler = Ruler.of(rope(10, 20), Length.ofMillimetres(100));
        assertEquals(ruler.lines(), List.of(3, 3, 3, 1));
        assertEquals(ruler.marks(0), new double[] {0, 28, 56, 84});
        assertEquals(ruler.marks(3), new double[] {0, 28});
        assertEquals(List.of(ruler.before(0), ruler.before(1), ruler.before(3)), List.of(0, 3, 9));
        assertEquals(Ruler.of(rope(3, 3), Length.ofMillimetres(84)).lines(), List.of(3));
        assertEquals(Ruler.of(rope(1, 1), Length.ofMillimetres(28)).lines(), List.of(1));
        assertThrows(Refused.class, () -> Ruler.of(rope(3, 3), Length.ofMillimetres(27.9)));
        assertThrows(Refused.class, () -> Ruler.of(rope(0, 0), Length.ofMillimetres(100)));
    }
}
