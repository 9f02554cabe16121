package ironpin.web.page;

import ironpin.clock.DayPlan;
import ironpin.clock.Forecast;
import ironpin.clock.Timetable;
import ironpin.store.LaidStore.At;
import ironpin.store.LaidStore.Laid;
import ironpin.wording.Count;
import ironpin.wording.TimeOfDay;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;

/** What changed when a day was planned again, in one sentence. */
final class Replanned {
    /** A task that moves by less is not worth a word. */
    private static final Duration MOVED = Duration.ofMinutes(3);

    private Replanned() {}

    static String said(Laid before, DayPlan day, Forecast again, ZonedDateTime now) {
        List<String> parts = new ArrayList<>();
        At table = before.tasks().get(DayPlan.SERVE);
        ZonedDateTime served = again.table().slot(DayPlan.SERVE).end();
        if (table != null && !table.end().equals(served.toInstant())) {
            parts.add("first plates at " + TimeOfDay.of(served) + " instead of "
                    + TimeOfDay.of(table.end().atZone(now.getZone())));
        }
        int moved = 0;
        List<String> given = new ArrayList<>();
        for (Timetable.Slot slot : again.table().slots()) {
            At old = before.tasks().get(slot.task().key());
            if (old == null || !slot.end().isAfter(now)) {
                continue;
            }
            Duration by = Duration.between(old.start(), slot.start()).abs();
            moved += by.compareTo(MOVED) >= 0 ? 1 : 0;
            if (!old.people().equals(slot.people())) {
                day.names(slot).stream().limit(1).forEach(given::add);
            }
        }
        if (moved > 0) {
            parts.add(Count.of(moved, "step") + " moved");
        }
        given.stream()
                .distinct()
                .forEach(name -> parts.add(name + " takes over "
                        + Count.of((int) given.stream().filter(name::equals).count(), "step")));
        return parts.isEmpty() ? "" : "Planned again at " + TimeOfDay.of(now) + ": " + String.join(", ", parts) + ".";
    }
}
