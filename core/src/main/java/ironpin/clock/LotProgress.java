package ironpin.clock;

import java.util.List;
import java.util.function.Predicate;

/**
 * How far the work on one lot has come.
 *
 * @param shaped part of its pieces that are shaped, 0 to 1
 * @param cooked part of its rounds that are out, 0 to 1
 */
public record LotProgress(double shaped, double cooked) {
    /** @param lotNo number of a lot of the day */
    public static LotProgress of(Timetable table, Progress progress, int lotNo) {
        return new LotProgress(
                part(table, progress, key -> key.equals(LotTasks.shape(lotNo))),
                part(table, progress, key -> key.startsWith(LotTasks.rounds(lotNo))));
    }

    /** Steps are counted, not minutes; a lot without such steps has nothing left to do. */
    private static double part(Timetable table, Progress progress, Predicate<String> mine) {
        List<Task> steps =
                table.tasks().stream().filter(task -> mine.test(task.key())).toList();
        long done = steps.stream().filter(progress::done).count();
        return steps.isEmpty() ? 1 : (double) done / steps.size();
    }
}
