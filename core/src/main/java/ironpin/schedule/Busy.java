package ironpin.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What a worker is busy with in an answer.
 *
 * @param start from, tick
 * @param end until, tick
 * @param job number of the job
 * @param touch whether it is a touch of a job that gets on by itself for the rest
 */
record Busy(int start, int end, int job, boolean touch) {
    /** Everything a worker does, the first first. @param worker number of the worker */
    static List<Busy> of(Problem problem, Answer answer, int worker) {
        List<Busy> all = new ArrayList<>();
        for (int i = 0; i < problem.jobs().size(); i++) {
            Job job = problem.jobs().get(i);
            Answer.Slot slot = answer.slots().get(i);
            if (job.modes().isEmpty() || !job.modes().get(slot.mode()).workers().contains(worker)) {
                continue;
            }
            if (job.touches().isEmpty()) {
                all.add(new Busy(slot.start(), slot.end(), i, false));
            }
            for (Touch touch : job.touches()) {
                int from = slot.start() + touch.offset();
                all.add(new Busy(from, from + touch.length(), i, true));
            }
        }
        all.sort(Comparator.comparingInt(Busy::start).thenComparingInt(Busy::job));
        return all;
    }
}
