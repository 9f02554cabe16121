package ironpin.web.page;

import ironpin.clock.Timetable;
import ironpin.store.RunningTimer;
import ironpin.web.picture.Say;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * A step of the day as the cook works through it.
 *
 * @param slot the task at its time
 * @param done whether it is ticked off
 * @param timers its timers that have not been stopped
 * @param now the moment it is looked at
 */
public record RunStep(Timetable.Slot slot, boolean done, List<RunningTimer> timers, Instant now) {
    /**
     * A timer that can be started.
     *
     * @param index which of the step's timers
     * @param label what it times
     * @param seconds how long
     * @param length in words
     */
    public record Offer(int index, String label, long seconds, String length) {}

    /** Key of the task. */
    public String key() {
        return slot.task().key();
    }

    /** Planned start. */
    public String at() {
        return Say.clock(slot.start());
    }

    /** Planned length in words. */
    public String takes() {
        return Say.time(slot.task().time());
    }

    /** Whether it gets on by itself: no hands needed, and its timer has not rung yet. */
    public boolean underWay() {
        return !slot.task().busy()
                && timers.stream().anyMatch(timer -> timer.endsAt().isAfter(now));
    }

    /** The timers that can be started and are not under way. */
    public List<Offer> open() {
        return offers().stream()
                .filter(offer ->
                        timers.stream().noneMatch(timer -> timer.label().equals(offer.label())))
                .toList();
    }

    /** Timers this step has: one for each timed spell, or one for the whole if it runs by itself. */
    public List<Offer> offers() {
        List<Offer> offers = new ArrayList<>();
        slot.task().spells().forEach(spell -> offers.add(offer(offers.size(), spell.text(), spell.time())));
        if (offers.isEmpty() && slot.task().timed()) {
            offers.add(offer(0, slot.task().title(), slot.task().time()));
        }
        return offers;
    }

    private static Offer offer(int index, String label, Duration time) {
        return new Offer(index, label, time.toSeconds(), Say.time(time));
    }
}
