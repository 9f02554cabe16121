package ironpin.web.page;

import ironpin.clock.Task;
import ironpin.clock.Work;
import ironpin.cook.CookStep;
import ironpin.quantity.Sentence;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * The one move that comes next in a step: a timer is started, or the step is over.
 *
 * @param label on the button
 * @param text what hands do with it, where that is more than the step says
 * @param starts {@link #START} where it starts the step's timers, {@link #ANSWER} where it answers those that ring; absent where the
 *     step is over
 */
public record Press(String label, Sentence text, Optional<String> starts) {
    /** As it is sent: the step's timers start. */
    public static final String START = "start";
    /** As it is sent: those that ring are answered. */
    public static final String ANSWER = "answer";
    /** As it is sent: the step is over. */
    public static final String OVER = "over";

    private static final String DONE = "Done, next";
    private static final String BEGUN = "It has begun";
    private static final String WAITED = "It is over, next";
    private static final String IN = "They are in";
    private static final String SEEN_TO = "That is done";
    private static final String OUT = "They are out, next";

    /** On the button that starts a step's timers. */
    public static String starting(Task task) {
        return task.spells().isEmpty() ? BEGUN : IN;
    }

    /** On the button that answers those that ring while others run. */
    public static String answering() {
        return SEEN_TO;
    }

    /** On the button that ends a step. */
    public static String ending(Task task) {
        return task.work() instanceof Work.Throughout ? DONE : task.spells().isEmpty() ? WAITED : OUT;
    }

    /** @param timers of the step that have not been stopped */
    static Press of(Task task, List<Ringing> timers, Instant now) {
        if (task.work() instanceof Work.Throughout) {
            return over(ending(task), Sentence.EMPTY);
        }
        if (task.spells().isEmpty()) {
            return timers.isEmpty()
                    ? new Press(starting(task), Sentence.EMPTY, Optional.of(START))
                    : over(ending(task), Sentence.EMPTY);
        }
        if (timers.isEmpty()) {
            return new Press(starting(task), task.spells().get(0).text(), Optional.of(START));
        }
        List<Ringing> rung =
                timers.stream().filter(timer -> !timer.endsAt().isAfter(now)).toList();
        List<Ringing> running =
                timers.stream().filter(timer -> timer.endsAt().isAfter(now)).toList();
        if (!rung.isEmpty() && !running.isEmpty()) {
            return new Press(answering(), after(task, rung), Optional.of(ANSWER));
        }
        return over(
                ending(task),
                running.isEmpty() ? Sentence.EMPTY : running.get(0).label());
    }

    /** What begins when the last of these spells is over. */
    private static Sentence after(Task task, List<Ringing> rung) {
        int last = rung.stream()
                .mapToInt(timer -> indexOf(task.spells(), timer.spell()))
                .max()
                .orElse(-1);
        return last + 1 < task.spells().size() ? task.spells().get(last + 1).text() : Sentence.EMPTY;
    }

    private static Press over(String label, Sentence text) {
        return new Press(label, text, Optional.empty());
    }

    private static int indexOf(List<CookStep> spells, String key) {
        for (int i = 0; i < spells.size(); i++) {
            if (spells.get(i).key().equals(key)) {
                return i;
            }
        }
        return -1;
    }

    /** As it is sent. A press that was meant for another state of things is not taken. */
    public String sent() {
        return starts.orElse(OVER);
    }
}
