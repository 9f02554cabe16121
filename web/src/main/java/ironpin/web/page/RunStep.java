package ironpin.web.page;

import ironpin.clock.Timetable;
import ironpin.store.RunningTimer;
import ironpin.web.picture.Say;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * A step of the day as the cook works through it.
 *
 * @param slot the task at its time
 * @param done whether it is ticked off
 * @param timers its timers that have not been stopped
 */
public record RunStep(Timetable.Slot slot, boolean done, List<RunningTimer> timers) {
    /**
     * A timer that can be started.
     *
     * @param label what it times
     * @param seconds how long
     * @param length in words
     */
    public record Offer(String label, long seconds, String length) {}

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

    /** Timers this step has: one for each timed spell, or one for the whole if it runs by itself. */
    public List<Offer> offers() {
        List<Offer> offers = new ArrayList<>();
        slot.task().spells().forEach(spell -> offers.add(offer(spell.text(), spell.time())));
        if (offers.isEmpty() && slot.task().timed()) {
            offers.add(offer(slot.task().title(), slot.task().time()));
        }
        return offers;
    }

    private static Offer offer(String label, Duration time) {
        return new Offer(label, time.toSeconds(), Say.time(time));
    }
}
