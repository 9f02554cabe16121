package ironpin.plan;

import ironpin.clock.Timetable;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** When to begin, how long hands are busy, and which pieces wait too long. */
final class ClockFindings {
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(30);

    private ClockFindings() {}

    static List<Finding> of(BatchPlan plan) {
        List<Finding> found = new ArrayList<>();
        Timetable table = plan.timetable();
        Duration busy = table.slots().stream()
                .filter(slot -> slot.task().busy())
                .map(slot -> slot.task().time())
                .reduce(Duration.ZERO, Duration::plus);
        found.add(Finding.note(
                Words.clock(table.latestStart(), table.serving()),
                "is the latest start (est.).",
                "Everything is as late as it can be, one pair of hands."));
        found.add(Finding.note(hours(busy), "of work for the hands.", "The rest is resting, heating and steaming."));
        for (LotPlan lot : plan.lots()) {
            waiting(table, lot, found);
        }
        return found;
    }

    private static void waiting(Timetable table, LotPlan lot, List<Finding> found) {
        String name = "lot-" + lot.lot().no();
        List<Timetable.Slot> cooked = table.slots().stream()
                .filter(slot -> slot.task().key().startsWith(name + ".cook-"))
                .toList();
        if (cooked.isEmpty()) {
            return;
        }
        LocalDateTime folded = table.slot(name + ".shape").end();
        LocalDateTime lastIn = cooked.get(cooked.size() - 1).start();
        Duration wait = Duration.between(folded, lastIn);
        if (wait.compareTo(LONGEST_WAIT) > 0) {
            found.add(Finding.look(
                    hours(wait),
                    "is how long the last " + lot.lot().name() + " wait for their round: into the fridge, covered.",
                    "Over 30 min at room temperature skins dry out and fillings warm up.",
                    null));
        }
    }

    private static String hours(Duration time) {
        long minutes = time.toMinutes();
        return minutes < 60 ? minutes + " min" : minutes / 60 + " h " + minutes % 60 + " min";
    }
}
