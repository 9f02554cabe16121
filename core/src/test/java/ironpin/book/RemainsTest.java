package ironpin.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.time.Instant;
import org.testng.annotations.Test;

public class RemainsTest {
    private static final Instant THEN = Instant.parse("2026-11-28T20:00:00Z");

    private static Remains of(double grams, boolean raw) {
        return new Remains(Remains.What.FILLING, Mass.ofGrams(grams), Mass.ofGrams(18), THEN, raw);
    }

    @Test
    public void itDoesForWholePieces() {
        assertEquals(of(60, true).pieces(), 3);
        assertEquals(of(54, true).pieces(), 3);
        assertEquals(of(17.9, true).pieces(), 0);
        assertThrows(Refused.class, () -> of(0, true));
    }

    @Test
    public void whatIsRawKeepsADayAndTheRestTwo() {
        assertFalse(of(60, true).old(THEN.plusSeconds(24 * 3_600)));
        assertTrue(of(60, true).old(THEN.plusSeconds(24 * 3_600 + 1)));
        assertFalse(of(60, false).old(THEN.plusSeconds(48 * 3_600)));
        assertTrue(of(60, false).old(THEN.plusSeconds(48 * 3_600 + 1)));
    }
}
