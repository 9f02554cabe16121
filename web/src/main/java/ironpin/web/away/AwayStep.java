package ironpin.web.away;

import ironpin.clock.Task;
import ironpin.clock.TaskKey;
import ironpin.clock.Work;
import ironpin.web.page.Press;
import ironpin.web.page.RunStep;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A step with all that a page needs to know of it to go on by itself.
 *
 * @param step as it stands
 * @param pictures numbers of its pictures among those of the day
 */
public record AwayStep(RunStep step, List<Integer> pictures) {
    private Task task() {
        return step.slot().task();
    }

    /** Keys of what must be done before, one after the other. */
    public String after() {
        return String.join(" ", task().after());
    }

    /** Numbers of who does it; none where it gets on by itself. */
    public String people() {
        return step.slot().people().stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    public long start() {
        return step.slot().start().toInstant().toEpochMilli();
    }

    /** Whether hands are busy with it from its beginning to its end. */
    public boolean hands() {
        return task().work() instanceof Work.Throughout;
    }

    /** Whether it is over when its time is. */
    public boolean waits() {
        return task().waits();
    }

    public long seconds() {
        return task().time().toSeconds();
    }

    public String starting() {
        return Press.starting(task());
    }

    public String answering() {
        return Press.answering();
    }

    public String ending() {
        return Press.ending(task());
    }

    /** The lot whose pieces are shaped in it; 0 where none are. */
    public int shapes() {
        return task().of() instanceof TaskKey.Shaped tray ? tray.lot() : 0;
    }
}
