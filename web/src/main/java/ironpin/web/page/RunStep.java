package ironpin.web.page;

import ironpin.clock.OwnTime;
import ironpin.clock.Progress;
import ironpin.clock.Standing;
import ironpin.clock.Task;
import ironpin.clock.Timetable;
import ironpin.quantity.Sentence;
import ironpin.wording.Span;
import ironpin.wording.TimeOfDay;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A step of the day as the cook works through it.
 *
 * @param slot the task at its time
 * @param progress of the day
 * @param ticked keys of all steps and lines that are ticked off
 * @param timers its timers that have not been stopped
 * @param standing of the day
 * @param now the moment it was looked at
 */
public record RunStep(
        Timetable.Slot slot,
        Progress progress,
        Set<String> ticked,
        List<Ringing> timers,
        Standing standing,
        Instant now) {
    /** It may begin this much before it was to without being called early. */
    private static final Duration GRACE = Duration.ofMinutes(1);

    /**
     * A timer that can be started.
     *
     * @param spell key of the step's timed spell; empty for the whole step
     * @param label what it times
     * @param seconds how long
     * @param length in words
     */
    public record Offer(String spell, Sentence label, long seconds, String length) {}

    /**
     * Something weighed for it, as a line that can be ticked.
     *
     * @param key of the line
     * @param name what
     * @param amount how much
     * @param done whether it is ticked off
     */
    public record Weighed(String key, Sentence name, Sentence amount, boolean done) {}

    /** Key of the task. */
    public String key() {
        return slot.task().key();
    }

    /** Planned start. */
    public String at() {
        return TimeOfDay.of(slot.start());
    }

    /** Whether its spells say what to look for or what can hurt. */
    public boolean cued() {
        return slot.task().spells().stream()
                .anyMatch(spell -> !spell.cue().isEmpty() || spell.caution().isPresent());
    }

    /** How long it takes as it is laid out, in words: two hands are quicker, and what is left for a touch takes longer. */
    public String takes() {
        return Span.of(slot.time());
    }

    /** Whether its minutes are the cook's own to say. */
    public boolean ownTime() {
        return OwnTime.kind(slot.task()).isPresent();
    }

    /** Its minutes, for anybody's hands. */
    public long minutes() {
        return slot.task().time().toMinutes();
    }

    /** Whether it is done: ticked off, or a wait whose timer has rung. */
    public boolean done() {
        return progress.done(slot.task());
    }

    /** Whether it may begin. */
    public boolean ready() {
        return progress.ready(slot.task());
    }

    /** Whether it gets on by itself by its timer. */
    public boolean underWay() {
        return progress.underWay(slot.task());
    }

    /** Whether its time has come. */
    public boolean due() {
        return !slot.start().toInstant().isAfter(now.plus(GRACE));
    }

    /** How long until its time comes, in words. */
    public String until() {
        return Span.inMinutes(Duration.between(now, slot.start().toInstant()));
    }

    /** Whether one of its timers has rung. */
    public boolean rings() {
        return timers.stream().anyMatch(timer -> !timer.endsAt().isAfter(now));
    }

    /** The next move in it. */
    public Press press() {
        return Press.of(slot.task(), timers, now);
    }

    /** What it still waits for, in words; empty if it may begin. */
    public String after() {
        return progress.before(slot.task()).stream().map(Task::name).collect(Collectors.joining("; "));
    }

    /** What is weighed for it. */
    public List<Weighed> weighed() {
        return slot.task().parts().stream()
                .map(part -> new Weighed(part.key(), part.name(), part.amount(), ticked.contains(part.key())))
                .toList();
    }

    /** The timers that can be started and are not under way; none before it may begin. */
    public List<Offer> open() {
        return ready()
                ? offers().stream()
                        .filter(offer ->
                                timers.stream().noneMatch(timer -> timer.spell().equals(offer.spell())))
                        .toList()
                : List.of();
    }

    /** Timers this step has. */
    public List<Offer> offers() {
        return offers(slot.task());
    }

    /** Timers a step has: one for each timed spell, or one for the whole if it gets on by itself. */
    static List<Offer> offers(Task task) {
        List<Offer> offers = new ArrayList<>();
        task.spells().forEach(spell -> offers.add(offer(spell.key(), spell.text(), spell.time())));
        if (offers.isEmpty() && task.timed()) {
            offers.add(offer("", Sentence.of(task.title()), task.time()));
        }
        return offers;
    }

    private static Offer offer(String spell, Sentence label, Duration time) {
        return new Offer(spell, label, time.toSeconds(), Span.of(time));
    }
}
