package ironpin.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * What is to be laid out: every number below counts ticks from an origin of the asker's.
 *
 * @param jobs each with a key of its own
 * @param lags between them
 * @param holds of rooms
 * @param rooms there are
 * @param workers there are
 * @param target number of the job everything is done for
 * @param due when that is to be over
 */
public record Problem(
        List<Job> jobs, List<Lag> lags, List<Hold> holds, List<Room> rooms, List<Worker> workers, int target, int due) {
    public Problem {
        jobs = List.copyOf(jobs);
        lags = List.copyOf(lags);
        holds = List.copyOf(holds);
        rooms = List.copyOf(rooms);
        workers = List.copyOf(workers);
        if (target < 0 || target >= jobs.size()) {
            throw new IllegalArgumentException("there is no job " + target);
        }
    }

    /** The same with other jobs of the same number. */
    public Problem with(List<Job> changed) {
        return new Problem(changed, lags, holds, rooms, workers, target, due);
    }

    /** The same seen from the other end of time: what is done last is done first. Held jobs keep the time of their first mode. */
    Problem mirrored() {
        List<Job> turned = new ArrayList<>();
        for (Job job : jobs) {
            List<Touch> touches = job.touches().stream()
                    .map(one -> new Touch(job.time() - one.offset() - one.length(), one.length()))
                    .sorted((a, b) -> Integer.compare(a.offset(), b.offset()))
                    .toList();
            OptionalInt held =
                    job.held().isPresent() ? OptionalInt.of(-job.held().getAsInt() - job.time()) : OptionalInt.empty();
            turned.add(new Job(
                    job.key(), job.time(), job.modes(), job.yields(), touches, job.trade(), Job.ANY_TIME, held));
        }
        return new Problem(
                turned,
                lags.stream()
                        .map(lag -> new Lag(
                                lag.key(),
                                lag.to().mirrored(),
                                lag.from().mirrored(),
                                lag.least(),
                                lag.most(),
                                lag.shelter(),
                                lag.weight()))
                        .toList(),
                holds.stream()
                        .map(one -> new Hold(
                                one.room(),
                                one.units(),
                                one.to().mirrored(),
                                one.from().mirrored()))
                        .toList(),
                rooms,
                workers.stream()
                        .map(one -> new Worker(one.key(), -one.until(), -one.from()))
                        .toList(),
                target,
                -due);
    }
}
