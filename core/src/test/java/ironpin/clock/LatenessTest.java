package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Station;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/** Knead 20 min, rest 40 min, cook 15 min: to be served at 19:00 it begins at 17:45. */
public class LatenessTest {
    private static final LocalDateTime SEVEN = LocalDateTime.of(2026, 11, 28, 19, 0);
    private static final Task KNEAD = Task.hands("knead", Station.DOUGH, "Knead.", Duration.ofMinutes(20), List.of());
    private static final Task REST =
            Task.waiting("rest", Station.DOUGH, "Rest.", Duration.ofMinutes(40), List.of("knead"));
    private static final Task COOK = Task.hands("cook", Station.COOK, "Cook.", Duration.ofMinutes(15), List.of("rest"));
    private static final Timetable TABLE = Timetable.backwards(List.of(KNEAD, REST, COOK), SEVEN);

    private static Lateness at(int hour, int minute, Set<String> done, Map<String, Duration> left) {
        return Lateness.of(TABLE, done, left, LocalDateTime.of(2026, 11, 28, hour, minute));
    }

    @Test
    public void beforeTheLatestStartNothingIsLate() {
        assertFalse(at(17, 45, Set.of(), Map.of()).isLate());
        assertEquals(at(12, 0, Set.of(), Map.of()).serving(), SEVEN);
    }

    @Test
    public void afterItTheTableMovesByAsMuch() {
        Lateness late = at(18, 25, Set.of(), Map.of());
        assertEquals(late.late(), Duration.ofMinutes(40));
        assertEquals(late.serving(), SEVEN.plusMinutes(40));
        // Up to five minutes, so that a table can be called for it.
        assertEquals(at(18, 26, Set.of(), Map.of()).serving(), SEVEN.plusMinutes(45));
    }

    @Test
    public void whatIsDoneOrUnderWayCountsNoMore() {
        assertFalse(at(18, 5, Set.of("knead"), Map.of()).isLate());
        assertEquals(at(18, 25, Set.of("knead"), Map.of()).late(), Duration.ofMinutes(20));
        // It has rested for half an hour already.
        assertFalse(at(18, 35, Set.of("knead"), Map.of("rest", Duration.ofMinutes(10)))
                .isLate());
        assertEquals(
                at(18, 40, Set.of("knead"), Map.of("rest", Duration.ofMinutes(10)))
                        .late(),
                Duration.ofMinutes(5));
        // A timer that has rung leaves only what comes after it.
        assertTrue(at(18, 46, Set.of("knead"), Map.of("rest", Duration.ofMinutes(-5)))
                .isLate());
        assertFalse(at(20, 0, Set.of("knead", "rest", "cook"), Map.of()).isLate());
    }
}
