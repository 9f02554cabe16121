package ironpin.clock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Station;
import ironpin.crew.Crew;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

/** Knead 20 min, rest 40 min, serve 15 min: to be over at 19:00 it begins at 17:45. */
public class ForecastTest {
    private static final ZonedDateTime SEVEN = ZonedDateTime.of(2026, 11, 28, 19, 0, 0, 0, ZoneOffset.UTC);
    private static final TaskKey KNEADED = new TaskKey.OfDough(1, TaskKey.OfDough.Step.KNEAD, 1);
    private static final TaskKey RESTED = new TaskKey.OfDough(1, TaskKey.OfDough.Step.REST, 1);
    private static final DayPlan DAY = new DayPlan(
            List.of(
                    Task.hands(KNEADED, Craft.DOUGH, Station.DOUGH, "Knead.", Duration.ofMinutes(20), List.of()),
                    Task.waiting(RESTED, Station.DOUGH, "Rest.", Duration.ofMinutes(40), List.of(KNEADED)),
                    Task.hands(
                            DayPlan.SERVED,
                            Craft.TABLE,
                            Station.TABLE,
                            "Serve.",
                            Duration.ofMinutes(15),
                            List.of(RESTED))),
            List.of(),
            Crew.USUAL,
            List.of(),
            SEVEN);
    private static final Timetable TABLE = Layout.timetable(DAY, Layout.first(DAY));

    private static ZonedDateTime at(int hour, int minute) {
        return SEVEN.withHour(hour).withMinute(minute);
    }

    private static Forecast forecast(ZonedDateTime now, Map<String, ZonedDateTime> done, Map<String, Duration> left) {
        Map<String, Instant> when = new HashMap<>();
        done.forEach((key, time) -> when.put(key, time.toInstant()));
        Map<String, List<Duration>> timers = new HashMap<>();
        left.forEach((key, time) -> timers.put(key, List.of(time)));
        return Forecast.of(DAY, TABLE, Standing.of(TABLE, Optional.empty(), when, timers, now));
    }

    @Test
    public void beforeTheLatestStartNothingIsLate() {
        assertEquals(TABLE.latestStart(), at(17, 45));
        assertFalse(forecast(at(17, 45), Map.of(), Map.of()).isLate());
        assertEquals(forecast(at(12, 0), Map.of(), Map.of()).serving(), SEVEN);
    }

    @Test
    public void afterItTheTableMovesByAsMuch() {
        Forecast late = forecast(at(18, 25), Map.of(), Map.of());
        assertEquals(late.late(), Duration.ofMinutes(40));
        assertEquals(late.serving(), SEVEN.plusMinutes(40));
        // Up to five minutes, so that a table can be called for it.
        assertEquals(forecast(at(18, 26), Map.of(), Map.of()).serving(), SEVEN.plusMinutes(45));
    }

    @Test
    public void whatIsDoneOrUnderWayCountsNoMore() {
        Map<String, ZonedDateTime> kneaded = Map.of(KNEADED.text(), at(18, 5));
        assertFalse(forecast(at(18, 5), kneaded, Map.of()).isLate());
        // It rests from when it was kneaded, whether somebody started its timer or not.
        assertFalse(forecast(at(18, 25), kneaded, Map.of()).isLate());
        Map<String, Duration> rests = Map.of(RESTED.text(), Duration.ofMinutes(10));
        assertFalse(forecast(at(18, 35), kneaded, rests).isLate());
        assertEquals(forecast(at(18, 40), kneaded, rests).late(), Duration.ofMinutes(5));
        Map<String, ZonedDateTime> all =
                Map.of(KNEADED.text(), at(18, 5), RESTED.text(), at(18, 50), DayPlan.SERVE, at(19, 30));
        assertEquals(forecast(at(20, 0), all, Map.of()).late(), Duration.ofMinutes(30));
    }

    /** Kneading was to be over at 18:05; at 18:15 it is still in hand, and the rest is not made shorter for it. */
    @Test
    public void whatTakesLongerPushesWhatFollows() {
        Forecast long10 = forecast(at(18, 15), Map.of(), Map.of(RESTED.text(), Duration.ofMinutes(40)));
        assertTrue(long10.isLate());
        Forecast done = forecast(at(18, 20), Map.of(KNEADED.text(), at(18, 15)), Map.of());
        assertEquals(done.late(), Duration.ofMinutes(10));
        Timetable.Slot rest = done.table().slot(RESTED.text());
        assertEquals(Duration.between(rest.start(), rest.end()), Duration.ofMinutes(40));
    }
}
