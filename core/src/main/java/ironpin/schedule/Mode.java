package ironpin.schedule;

import java.util.List;

/**
 * One way to man a job.
 *
 * @param workers numbers of those who do it together, at least one
 * @param time how long they take, in ticks, at least 1; of a job with touches the time of the job
 */
public record Mode(List<Integer> workers, int time) {
    public Mode {
        workers = List.copyOf(workers);
        if (workers.isEmpty() || time < 1) {
            throw new IllegalArgumentException("a mode has workers and takes time");
        }
    }
}
