package ironpin.clock;

import ironpin.refusal.NotThere;
import ironpin.schedule.Solved;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Tasks with their times, in the order they start.
 *
 * @param serving when it is to be on the table
 * @param slots in the order of their starts
 * @param putAway waits during which something is in the fridge or kept warm
 * @param chain keys of the tasks that keep the day from beginning later, each right before the next
 * @param proof what is known of how good it is
 * @param clashes what cannot be as it is laid out
 */
public record Timetable(
        ZonedDateTime serving,
        List<Slot> slots,
        Set<Wait> putAway,
        List<String> chain,
        Solved.Proof proof,
        List<Clash> clashes) {
    /**
     * A task at its time.
     *
     * @param task what
     * @param start from
     * @param end until
     * @param people numbers of those who do it, from 0
     * @param slack how much earlier or later it could be with everybody in the same order and the day beginning no earlier
     */
    public record Slot(Task task, ZonedDateTime start, ZonedDateTime end, List<Integer> people, Duration slack) {
        public Slot {
            people = List.copyOf(people);
        }

        /** Whether the day would begin earlier or the table be later if it were any longer. */
        public boolean critical() {
            return slack.isZero();
        }

        /** How long it takes as it is laid out. */
        public Duration time() {
            return Duration.between(start, end);
        }
    }

    public Timetable {
        slots = List.copyOf(slots);
        putAway = Set.copyOf(putAway);
        chain = List.copyOf(chain);
        clashes = List.copyOf(clashes);
    }

    /** The latest moment to begin: the first slot's start. */
    public ZonedDateTime latestStart() {
        return slots.get(0).start();
    }

    /** How much later than they should be the plates are on the table, as it is laid out. */
    public Duration late() {
        return find(DayPlan.SERVED)
                .map(slot -> Duration.between(serving, slot.end()))
                .filter(late -> !late.isNegative())
                .orElse(Duration.ZERO);
    }

    /** When the first plates are on the table, as it is laid out. */
    public ZonedDateTime served() {
        return serving.plus(late());
    }

    /** The same for a table that much later: what nobody has touched yet is later too, the rest stays where it is. */
    public Timetable forATable(Duration later, Predicate<String> stays) {
        List<Slot> moved = slots.stream()
                .map(slot -> stays.test(slot.task().key())
                        ? slot
                        : new Slot(
                                slot.task(),
                                slot.start().plus(later),
                                slot.end().plus(later),
                                slot.people(),
                                slot.slack()))
                .toList();
        return new Timetable(serving, moved, putAway, chain, proof, clashes);
    }

    /** The same, of which it is asked no more whether these tasks can be as they are laid out: they were. */
    Timetable asItWas(Predicate<String> these) {
        List<Clash> still = clashes.stream()
                .filter(clash -> clash.about().stream().noneMatch(these))
                .toList();
        return new Timetable(serving, slots, putAway, chain, proof, still);
    }

    /** How much later another plan might begin; nothing where that is not known. */
    public Optional<Duration> beyond() {
        return proof.start() < 0 ? Optional.empty() : Optional.of(Layout.TICK.multipliedBy(proof.start()));
    }

    /** When the last plates are on the table; with the first where all go out at once. */
    public ZonedDateTime lastPlates() {
        return find(DayPlan.LAST).map(Slot::end).orElseGet(this::served);
    }

    /** The end of the last slot, which may come after the meal: frozen pieces are bagged then. */
    public ZonedDateTime over() {
        return slots.stream().map(Slot::end).max(ZonedDateTime::compareTo).orElse(serving);
    }

    /** The slot of this task, if it is in the table. */
    public Optional<Slot> find(String key) {
        return slots.stream().filter(slot -> slot.task().key().equals(key)).findFirst();
    }

    /** The slot of this task. @throws NotThere if it is not in the table */
    public Slot slot(String key) {
        return find(key).orElseThrow(() -> new NotThere("there is no task " + key));
    }

    /** The slot of this task. @throws NotThere if it is not in the table */
    Slot slot(TaskKey key) {
        return find(key).orElseThrow(() -> new NotThere("there is no task " + key.text()));
    }

    /** The slot of this task, if it is in the table. */
    Optional<Slot> find(TaskKey key) {
        return slots.stream().filter(slot -> slot.task().of().equals(key)).findFirst();
    }

    /** The moments a wait lies between, as a length; what waits before it included. */
    Duration waited(Wait wait) {
        Slot from = slot(wait.from());
        Slot to = slot(wait.to());
        return wait.before()
                .plus(Duration.between(
                        wait.fromEnd() ? from.end() : from.start(), wait.toEnd() ? to.end() : to.start()));
    }
}
