package ironpin.plan;

import ironpin.batch.Batch;
import ironpin.clock.DayPlan;
import ironpin.clock.Gap;
import ironpin.clock.Gaps;
import ironpin.clock.Layout;
import ironpin.clock.Timetable;
import java.util.List;
import java.util.Optional;

/**
 * A day laid out, when somebody asks for it: most of what follows from a batch has nothing to do with the clock. The same day
 * is laid out the same way.
 */
public final class LaidOut {
    private final Batch batch;
    private final DayPlan day;
    private final Optional<Timetable> given;
    private volatile Timetable timetable;
    private volatile List<Gap> gaps;

    private LaidOut(Batch batch, DayPlan day, Optional<Timetable> given) {
        this.batch = batch;
        this.day = day;
        this.given = given;
    }

    /** A good plan at once. */
    static LaidOut first(Batch batch, DayPlan day) {
        return new LaidOut(batch, day, Optional.empty());
    }

    /** As it was laid out by somebody else. */
    static LaidOut as(Batch batch, DayPlan day, Timetable timetable) {
        return new LaidOut(batch, day, Optional.of(timetable));
    }

    Timetable timetable() {
        if (timetable == null) {
            timetable = given.orElseGet(() -> Layout.timetable(day, Layout.first(day)));
        }
        return timetable;
    }

    List<Gap> gaps() {
        if (gaps == null) {
            gaps = Gaps.of(batch, day, timetable());
        }
        return gaps;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof LaidOut one && day.equals(one.day) && given.equals(one.given);
    }

    @Override
    public int hashCode() {
        return 31 * day.hashCode() + given.hashCode();
    }
}
