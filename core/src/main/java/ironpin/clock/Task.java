package ironpin.clock;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.batch.Station;
import ironpin.cook.CookStep;
import ironpin.quantity.Sentence;
import java.time.Duration;
import java.util.List;
import java.util.Set;

/**
 * Something to do on the way to the table.
 *
 * @param of which
 * @param station where on the ribbon it belongs
 * @param title what hands do, a short sentence
 * @param detail figures and cautions, may be empty
 * @param time how long it takes (est.), above 0
 * @param work how it wants hands
 * @param means what else it occupies
 * @param prior what must be done before
 * @param spells timed steps within, for the cook's timers; may be empty
 * @param parts what is weighed for it, each a line that can be ticked; may be empty
 * @param ahead whether it may be done the day before, kept cold
 */
@RecordBuilder
public record Task(
        TaskKey of,
        Station station,
        String title,
        Sentence detail,
        Duration time,
        Work work,
        Set<Means> means,
        List<TaskKey> prior,
        List<CookStep> spells,
        List<Part> parts,
        boolean ahead)
        implements TaskBuilder.With {
    /**
     * Something weighed or counted for a task.
     *
     * @param key short stable name within the batch
     * @param name what
     * @param amount how much, with its unit
     */
    public record Part(String key, Sentence name, Sentence amount) {}

    public Task {
        means = Set.copyOf(means);
        prior = List.copyOf(prior);
        spells = List.copyOf(spells);
        parts = List.copyOf(parts);
        if (time.isNegative() || time.isZero()) {
            throw new IllegalArgumentException("the task " + of.text() + " takes no time");
        }
    }

    /** A task of the hands. */
    static Task hands(TaskKey of, Craft craft, Station station, String title, Duration time, List<TaskKey> after) {
        Work work = new Work.Throughout(craft, false);
        return new Task(of, station, title, Sentence.EMPTY, time, work, Set.of(), after, List.of(), List.of(), false);
    }

    /** A task that gets on by itself. */
    static Task waiting(TaskKey of, Station station, String title, Duration time, List<TaskKey> after) {
        return new Task(
                of, station, title, Sentence.EMPTY, time, Work.ALONE, Set.of(), after, List.of(), List.of(), false);
    }

    /** Its key as it is kept and sent. */
    public String key() {
        return of.text();
    }

    /** Its title within a sentence, without the full stop. */
    public String name() {
        return title.replaceAll("\\.$", "");
    }

    /** Keys of what must be done before, as they are kept and sent. */
    public List<String> after() {
        return prior.stream().map(TaskKey::text).toList();
    }

    /** Whether hands are wanted for it, throughout or now and then. */
    public boolean busy() {
        return !(work instanceof Work.Alone);
    }

    /** How long hands are busy with it. */
    public Duration handsTime() {
        if (work instanceof Work.Touched touched) {
            return touched.touches().stream().map(Work.Touch::time).reduce(Duration.ZERO, Duration::plus);
        }
        return busy() ? time : Duration.ZERO;
    }

    /** Whether it gets on by itself: nobody and nothing is busy with it. */
    public boolean waits() {
        return !busy() && means.isEmpty();
    }

    /** Whether it begins by itself the moment that what is before it is over: a rest, a cooling, something that sets or hardens. */
    boolean beginsByItself() {
        return waits() && !prior.isEmpty();
    }

    /** Whether a timer makes sense: it gets on by itself for a while, or has timed steps. */
    public boolean timed() {
        return !(work instanceof Work.Throughout) || !spells.isEmpty();
    }
}
