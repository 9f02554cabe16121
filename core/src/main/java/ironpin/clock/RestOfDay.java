package ironpin.clock;

import ironpin.schedule.Job;
import ironpin.schedule.Mode;
import ironpin.schedule.Problem;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What is left of a day as a problem: what is done stays where it was, what is in hand goes on, and the rest begins no earlier
 * than it was planned, nor than now.
 */
final class RestOfDay {
    private final DayPlan day;
    private final Timetable plan;
    private final Standing standing;
    private final int now;

    private RestOfDay(DayPlan day, Timetable plan, Standing standing) {
        this.day = day;
        this.plan = plan;
        this.standing = standing;
        this.now = Math.floorDiv(
                (int) Duration.between(day.serving(), standing.now()).toSeconds(), (int) Layout.TICK.toSeconds());
    }

    /** @param plan as it was laid out */
    static Problem of(DayPlan day, Timetable plan, Standing standing) {
        RestOfDay rest = new RestOfDay(day, plan, standing);
        Problem whole = Layout.problem(day);
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < whole.jobs().size(); i++) {
            jobs.add(rest.left(whole.jobs().get(i), day.tasks().get(i)));
        }
        return whole.with(jobs);
    }

    private Job left(Job job, Task task) {
        Optional<ZonedDateTime> done = standing.done(task);
        int time = job.modes().isEmpty() || !job.touches().isEmpty()
                ? job.time()
                : job.modes().get(0).time();
        if (done.isPresent()) {
            return Job.alone(job.key(), time).at(Layout.tick(day, done.get()) - time);
        }
        Optional<Timetable.Slot> planned = plan.find(task.of());
        Optional<Duration> left = standing.left(task);
        if (left.isPresent() && !(task.work() instanceof Work.Throughout)) {
            int over = now + Math.max(1, Layout.ticks(left.get()));
            return Job.alone(job.key(), Math.max(1, over - Math.min(now, over - time)))
                    .at(Math.min(now, over - time));
        }
        Optional<ZonedDateTime> begun = standing.begun(task);
        if (begun.isPresent() && planned.isPresent()) {
            return inHand(job, planned.get(), Layout.tick(day, begun.get()));
        }
        int earliest = planned.map(slot -> Math.max(now, Layout.tick(day, slot.start())))
                .orElse(now);
        return job.held().isPresent() && job.held().getAsInt() >= now
                ? job
                : loose(job).from(earliest);
    }

    private static Job loose(Job job) {
        return new Job(
                job.key(),
                job.time(),
                job.modes(),
                job.yields(),
                job.touches(),
                job.trade(),
                job.notBefore(),
                OptionalInt.empty());
    }

    /** It goes on with whoever has it, and takes longer where it has taken longer. */
    private Job inHand(Job job, Timetable.Slot slot, int begun) {
        if (job.modes().isEmpty() || !job.touches().isEmpty()) {
            return loose(job).at(begun + job.time() > now ? begun : now + 1 - job.time());
        }
        int mode = Layout.mode(job, slot.people());
        int time = Math.max(job.modes().get(mode).time(), now + 1 - begun);
        Job same = Job.manned(
                job.key(),
                job.trade(),
                job.yields(),
                List.of(new Mode(job.modes().get(mode).workers(), time)));
        return same.at(begun);
    }
}
