package ironpin.clock;

import ironpin.schedule.Answer;
import ironpin.schedule.Draft;
import ironpin.schedule.Problem;
import ironpin.schedule.Solved;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.Map;
import java.util.Set;

/**
 * Where a day ends when it goes on as it is laid out, from now.
 *
 * @param table the rest as it follows; what is done where it was
 * @param late how much later than planned the plates are on the table
 * @param serving when they are, up to five minutes, so that a table can be called for it
 * @param standing it follows from
 */
public record Forecast(Timetable table, Duration late, ZonedDateTime serving, Standing standing) {
    private static final int STEP_MINUTES = 5;

    /** How often the rest is laid out where it does not fit as planned. */
    private static final int TRIES = 24;

    /** @param plan as it was laid out */
    public static Forecast of(DayPlan day, Timetable plan, Standing standing) {
        return going(day, plan, standing, 1);
    }

    /** The rest planned again from now, in another order where the old one does not keep what must be kept. */
    public static Forecast again(DayPlan day, Timetable plan, Standing standing) {
        return going(day, plan, standing, TRIES);
    }

    /** Nothing has begun, and there is time. */
    public static Forecast planned(Timetable plan) {
        Standing before = new Standing(Map.of(), Map.of(), Set.of(), plan.latestStart(), Map.of());
        return new Forecast(plan, plan.late(), table(plan.serving(), plan.late()), before);
    }

    private static ZonedDateTime table(ZonedDateTime serving, Duration late) {
        return late.isZero() ? serving : rounded(serving.plus(late));
    }

    private static Forecast going(DayPlan day, Timetable plan, Standing standing, int tries) {
        boolean untouched = standing.done().isEmpty() && standing.timed().isEmpty();
        if (untouched && !standing.now().isAfter(plan.latestStart())) {
            return new Forecast(plan, plan.late(), table(plan.serving(), plan.late()), standing);
        }
        Problem rest = RestOfDay.of(day, plan, standing);
        Answer first = Draft.forwards(rest, Layout.like(day, rest, plan), tries);
        Solved solved = Solved.unproven(rest, first);
        Timetable table = Layout.timetable(day, rest, solved).asItWas(standing::touched);
        Duration late = Layout.TICK.multipliedBy(solved.checked().score().late());
        return new Forecast(table, late, table(day.serving(), late), standing);
    }

    private static ZonedDateTime rounded(ZonedDateTime time) {
        ZonedDateTime minute = time.withSecond(0).withNano(0);
        ZonedDateTime whole = minute.equals(time) ? minute : minute.plusMinutes(1);
        int over = whole.getMinute() % STEP_MINUTES;
        return over == 0 ? whole : whole.plusMinutes(STEP_MINUTES - over);
    }

    /** Whether it is too late for the serving time by a minute or more. */
    public boolean isLate() {
        return late.toMinutes() >= 1;
    }
}
