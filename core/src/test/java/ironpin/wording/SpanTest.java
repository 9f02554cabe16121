package ironpin.wording;

import static org.testng.Assert.assertEquals;

import java.time.Duration;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SpanTest {
    @DataProvider
    public Object[][] spans() {
        return new Object[][] {
            {0, "0 s", "0 min"},
            {59, "59 s", "1 min"},
            {60, "1 min", "1 min"},
            {110, "1 min 50 s", "2 min"},
            {599, "9 min 59 s", "10 min"},
            {600, "10 min", "10 min"},
            {601, "10 min", "10 min"},
            {3_569, "59 min", "59 min"},
            {3_570, "1 h", "1 h"},
            {4_800, "1 h 20 min", "1 h 20 min"},
            {36_000, "10 h", "10 h"},
        };
    }

    @Test(dataProvider = "spans")
    public void aLengthOfTimeIsSaidShort(long seconds, String said, String minutes) {
        assertEquals(Span.of(Duration.ofSeconds(seconds)), said);
        assertEquals(Span.inMinutes(Duration.ofSeconds(seconds)), minutes);
    }

    @Test
    public void aRangeSaysItsUnitOnce() {
        assertEquals(Span.between(Duration.ofMinutes(30), Duration.ofMinutes(60)), "30 to 60 min");
        assertEquals(Span.between(Duration.ZERO, Duration.ofHours(3)), "0 to 3 h");
        assertEquals(Span.between(Duration.ofHours(1), Duration.ofHours(2)), "1 to 2 h");
        assertEquals(Span.between(Duration.ofHours(8), Duration.ofHours(24)), "8 to 24 h");
        assertEquals(Span.between(Duration.ofMinutes(90), Duration.ofHours(2)), "90 to 120 min");
        assertEquals(Span.between(Duration.ofMinutes(12), Duration.ofMinutes(12)), "12 min");
    }

    @Test
    public void oneIsNotMany() {
        assertEquals(Count.of(1, "piece"), "1 piece");
        assertEquals(Count.of(0, "piece"), "0 pieces");
        assertEquals(Count.of(2, "batch", "batches"), "2 batches");
    }
}
