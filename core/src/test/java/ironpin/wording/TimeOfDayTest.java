package ironpin.wording;

import static org.testng.Assert.assertEquals;

import java.time.LocalDateTime;
import org.testng.annotations.Test;

public class TimeOfDayTest {
    private static final LocalDateTime SERVED = LocalDateTime.of(2026, 11, 28, 19, 30);

    @Test
    public void anotherDayIsNamed() {
        assertEquals(TimeOfDay.of(SERVED), "19:30");
        assertEquals(TimeOfDay.of(LocalDateTime.of(2026, 11, 28, 9, 5), SERVED), "09:05");
        assertEquals(TimeOfDay.of(LocalDateTime.of(2026, 11, 27, 22, 0), SERVED), "Fri 22:00");
        assertEquals(TimeOfDay.day(SERVED), "Saturday 28 November");
        assertEquals(TimeOfDay.shortDay(SERVED), "28 Nov 2026");
    }
}
