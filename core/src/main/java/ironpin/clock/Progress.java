package ironpin.clock;

import java.time.Duration;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How far a day's work has come. A step may begin only when everything it depends on is done; a wait is done when its timer has
 * rung or the cook says so, never merely because its timer was started.
 */
public final class Progress {
    private final Timetable table;
    private final Standing standing;
    private final Set<String> done;

    private Progress(Timetable table, Standing standing) {
        this.table = table;
        this.standing = standing;
        this.done = standing.done().keySet();
    }

    /** @param table the rest as it is laid out from where the day stands */
    public static Progress of(Timetable table, Standing standing) {
        return new Progress(table, standing);
    }

    /** Keys of everything that is done. */
    public Set<String> done() {
        return done;
    }

    /** Whether a step is done. */
    public boolean done(Task task) {
        return done.contains(task.key());
    }

    /** Whether a step may begin: it is not done, and everything it depends on is. */
    public boolean ready(Task task) {
        return !done(task) && done.containsAll(task.after());
    }

    /** Whether a step gets on by itself by its timer. */
    public boolean underWay(Task task) {
        Duration left = standing.timed().get(task.key());
        return ready(task) && !(task.work() instanceof Work.Throughout) && left != null && !Standing.rung(left);
    }

    /** What a step still waits for, in the order of the day: of a chain of steps only its last, which stands for the others. */
    public List<Task> before(Task task) {
        Set<String> open = open(task);
        Set<String> implied = new HashSet<>();
        for (String one : open) {
            implied.addAll(open(table.slot(one).task()));
        }
        return slots().filter(one -> open.contains(one.key()) && !implied.contains(one.key()))
                .toList();
    }

    private Set<String> open(Task task) {
        return task.after().stream().filter(key -> !done.contains(key)).collect(Collectors.toSet());
    }

    /** Everybody. */
    public static final int ALL = -1;

    /** The one thing to do now: what calls, what must be begun, what is in hand, what may begin; else the wait that ends first. */
    public Optional<Task> now() {
        return now(ALL);
    }

    /** What comes after it, as things stand. */
    public Optional<Task> then() {
        return then(ALL);
    }

    /** The one thing for somebody to do now. @param who number of the person, from 0, or {@link #ALL} */
    public Optional<Task> now(int who) {
        return inOrder(who).findFirst();
    }

    /** What comes after it for somebody, as things stand. @param who number of the person, from 0, or {@link #ALL} */
    public Optional<Task> then(int who) {
        List<Task> ready = inOrder(who).limit(2).toList();
        if (ready.size() > 1) {
            return Optional.of(ready.get(1));
        }
        return line(who).filter(task -> !done(task) && !ready.contains(task)).findFirst();
    }

    /** The steps of somebody in the order of the day; what gets on by itself is everybody's. */
    public Stream<Task> line(int who) {
        return table.slots().stream()
                .filter(slot ->
                        who == ALL || slot.people().isEmpty() || slot.people().contains(who))
                .map(Timetable.Slot::task);
    }

    private Stream<Task> inOrder(int who) {
        return Stream.concat(
                line(who)
                        .filter(task -> ready(task) && (calls(task) || !underWay(task)))
                        .sorted(Comparator.comparingInt(this::rank)),
                line(who)
                        .filter(task -> underWay(task) && !calls(task))
                        .sorted(Comparator.comparing(task -> standing.timed().get(task.key()))));
    }

    private boolean calls(Task task) {
        return standing.calls().contains(task.key());
    }

    /** What rings is seen to first, then what must go on the fire; only then what is in hand. */
    private int rank(Task task) {
        if (calls(task)) {
            return 0;
        }
        boolean due = !table.slot(task.of()).start().isAfter(standing.now());
        boolean hands = task.work() instanceof Work.Throughout;
        if (due && !hands) {
            return 1;
        }
        return hands && standing.begun(task).isPresent() ? 2 : 3;
    }

    private Stream<Task> slots() {
        return table.slots().stream().map(Timetable.Slot::task);
    }
}
