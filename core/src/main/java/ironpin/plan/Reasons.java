package ironpin.plan;

import ironpin.clock.Task;
import ironpin.clock.TaskKey;
import ironpin.clock.Timetable;
import ironpin.clock.Work;
import ironpin.wording.Count;
import ironpin.wording.Span;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Why a day begins when it does: the chain of tasks of which none can wait, in a few words. */
final class Reasons {
    /** Parts of a day, in the words of a reason. */
    private enum Part {
        DOUGH("the dough is made"),
        REST("it rests"),
        FILLING("the filling is made"),
        SHAPING("shaping"),
        HEATING("heating up"),
        COOKING("cooking"),
        DIP("the dip"),
        TABLE("plates");

        private final String words;

        Part(String words) {
            this.words = words;
        }
    }

    private Reasons() {}

    /** As in "the dough is made 19 min, it rests 40 min, shaping 61 min, 3 rounds 21 min, plates 4 min". */
    static String of(Timetable table) {
        Map<Part, Duration> parts = new LinkedHashMap<>();
        int rounds = 0;
        for (String key : table.chain()) {
            Timetable.Slot slot = table.slot(key);
            parts.merge(part(slot.task()), slot.time(), Duration::plus);
            rounds += slot.task().of() instanceof TaskKey.Cooked ? 1 : 0;
        }
        List<String> said = new ArrayList<>();
        for (Map.Entry<Part, Duration> part : parts.entrySet()) {
            boolean cooking = part.getKey() == Part.COOKING;
            String words = cooking ? Count.of(rounds, "round") : part.getKey().words;
            // A rest that comes before its dough in the chain is somebody else's.
            String what = part.getKey() == Part.REST && !parts.containsKey(Part.DOUGH) ? "a rest" : words;
            said.add(what + " " + Span.inMinutes(part.getValue()));
        }
        return String.join(", ", said);
    }

    private static Part part(Task task) {
        TaskKey of = task.of();
        if (of instanceof TaskKey.OfDough) {
            return task.work() instanceof Work.Alone && task.means().equals(Set.of()) ? Part.REST : Part.DOUGH;
        }
        if (of instanceof TaskKey.OfFilling) {
            return Part.FILLING;
        }
        if (of instanceof TaskKey.Shaped) {
            return Part.SHAPING;
        }
        if (of instanceof TaskKey.Heated) {
            return Part.HEATING;
        }
        if (of instanceof TaskKey.AtTable table && table.step() == TaskKey.AtTable.Step.DIP) {
            return Part.DIP;
        }
        return of instanceof TaskKey.Cooked ? Part.COOKING : Part.TABLE;
    }
}
