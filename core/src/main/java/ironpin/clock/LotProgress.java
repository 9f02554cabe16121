package ironpin.clock;

import java.util.List;
import java.util.function.Predicate;

/**
 * How far the work on one lot has come.
 *
 * @param shaped part of its trays that are shaped, 0 to 1
 * @param cooked part of its rounds that are out, 0 to 1
 */
public record LotProgress(double shaped, double cooked) {
    /** @param lotNo number of a lot of the day */
    public static LotProgress of(Timetable table, Progress progress, int lotNo) {
        return new LotProgress(
                part(table, progress, key -> key instanceof TaskKey.Shaped tray && tray.lot() == lotNo),
                part(table, progress, key -> key instanceof TaskKey.Cooked round && round.lot() == lotNo));
    }

    /** Steps are counted, not minutes; a lot without such steps has nothing left to do. */
    private static double part(Timetable table, Progress progress, Predicate<TaskKey> mine) {
        List<Task> steps = table.slots().stream()
                .map(Timetable.Slot::task)
                .filter(task -> mine.test(task.of()))
                .toList();
        long done = steps.stream().filter(progress::done).count();
        return steps.isEmpty() ? 1 : (double) done / steps.size();
    }
}
