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
 * @param starts empty where it starts the step's timers, "answer" where it answers those that ring; absent where the step is over
 */
public record Press(String label, Sentence text, Optional<String> starts) {
    /** @param timers of the step that have not been stopped */
    static Press of(Task task, List<Ringing> timers, Instant now) {
        if (task.work() instanceof Work.Throughout) {
            return over("Done, next", Sentence.EMPTY);
        }
        if (task.spells().isEmpty()) {
            return timers.isEmpty()
                    ? new Press("It has begun", Sentence.EMPTY, Optional.of(""))
                    : over("It is over, next", Sentence.EMPTY);
        }
        if (timers.isEmpty()) {
            return new Press("They are in", task.spells().get(0).text(), Optional.of(""));
        }
        List<Ringing> rung =
                timers.stream().filter(timer -> !timer.endsAt().isAfter(now)).toList();
        List<Ringing> running =
                timers.stream().filter(timer -> timer.endsAt().isAfter(now)).toList();
        if (!rung.isEmpty() && !running.isEmpty()) {
            return new Press("That is done", after(task, rung), Optional.of("answer"));
        }
        return over(
                "They are out, next",
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
        return starts.map(what -> what.isEmpty() ? "start" : what).orElse("over");
    }
}
