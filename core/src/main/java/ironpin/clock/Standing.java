package ironpin.clock;

import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How far a day has come by now.
 *
 * @param done when each finished task was finished, by its key: ticked off, or a wait whose timer has rung
 * @param timed how long the timers that were started still take, by the keys of their tasks: the last to ring counts
 * @param calls keys of the tasks a timer of which has rung and was not answered
 * @param now kitchen time
 * @param begun when the tasks that are in hand were begun (est.), by their keys
 */
public record Standing(
        Map<String, Instant> done,
        Map<String, Duration> timed,
        Set<String> calls,
        ZonedDateTime now,
        Map<String, ZonedDateTime> begun) {
    public Standing {
        done = Map.copyOf(done);
        timed = Map.copyOf(timed);
        calls = Set.copyOf(calls);
        begun = Map.copyOf(begun);
    }

    /**
     * What is in hand follows from the plan: with everybody what they could begin first of what may begin and whose time has
     * come. A wait begins by itself; a pot is not on the fire, and a round not in it, before somebody said so.
     *
     * @param started when it was said that work began; absent where nobody did, and then nothing is in hand before something is
     *     done. Work began no later than what is done must have been begun.
     * @param ticked when each task was ticked off, by its key
     * @param timers how long each timer that was started still takes, by the keys of their tasks; zero or less where one has rung
     */
    public static Standing of(
            Timetable plan,
            Optional<Instant> started,
            Map<String, Instant> ticked,
            Map<String, List<Duration>> timers,
            ZonedDateTime now) {
        Map<String, Duration> timed = new HashMap<>();
        Set<String> calls = new HashSet<>();
        timers.forEach((key, left) -> {
            left.stream().max(Comparator.naturalOrder()).ifPresent(last -> timed.put(key, last));
            if (left.stream().anyMatch(Standing::rung)) {
                calls.add(key);
            }
        });
        Map<String, Instant> done = new HashMap<>(ticked);
        for (Timetable.Slot slot : plan.slots()) {
            String key = slot.task().key();
            if (slot.task().waits() && timed.containsKey(key) && rung(timed.get(key))) {
                done.putIfAbsent(key, now.plus(timed.get(key)).toInstant());
            }
        }
        boolean working = started.isPresent() || !done.isEmpty() || !timed.isEmpty();
        Stream<Instant> mustHave = done.keySet().stream()
                .flatMap(key -> plan.find(key).stream())
                .map(slot -> done.get(slot.task().key()).minus(slot.time()));
        Optional<Instant> first = Stream.concat(started.stream(), mustHave).min(Comparator.naturalOrder());
        return new Standing(
                done, timed, calls, now, working ? begun(plan, first, done, timed.keySet(), now) : Map.of());
    }

    /** Whether a timer that still takes so long has rung. */
    static boolean rung(Duration left) {
        return left.isNegative() || left.isZero();
    }

    private static Map<String, ZonedDateTime> begun(
            Timetable plan, Optional<Instant> first, Map<String, Instant> done, Set<String> timed, ZonedDateTime now) {
        Map<Timetable.Slot, ZonedDateTime> could = new LinkedHashMap<>();
        for (Timetable.Slot slot : plan.slots()) {
            Task task = slot.task();
            boolean open = !done.containsKey(task.key()) && done.keySet().containsAll(task.after());
            boolean goes = task.waits() || task.work() instanceof Work.Throughout;
            if (open && goes && !timed.contains(task.key()) && !slot.start().isAfter(now)) {
                could.put(slot, since(plan, slot, first, done, now));
            }
        }
        Map<String, ZonedDateTime> begun = new HashMap<>();
        Set<Integer> taken = new HashSet<>();
        // Whoever has taken something up goes on with it, whatever comes free meanwhile; only what is hot goes first.
        Comparator<Map.Entry<Timetable.Slot, ZonedDateTime>> order =
                Comparator.comparing(one -> !one.getKey().task().of().equals(DayPlan.SERVED));
        could.entrySet().stream()
                .sorted(order.thenComparing(Map.Entry.comparingByValue()))
                .forEach(one -> {
                    List<Integer> people = one.getKey().people();
                    if (people.stream().noneMatch(taken::contains)) {
                        begun.put(one.getKey().task().key(), one.getValue());
                        taken.addAll(people);
                    }
                });
        return begun;
    }

    /** Begun when it was to begin, or when work began, or when what it waited for and what its people did before was done. */
    private static ZonedDateTime since(
            Timetable plan,
            Timetable.Slot slot,
            Optional<Instant> first,
            Map<String, Instant> done,
            ZonedDateTime now) {
        ZonedDateTime since = first.filter(slot.start().toInstant()::isBefore)
                .map(at -> at.atZone(now.getZone()))
                .orElse(slot.start());
        for (Timetable.Slot other : plan.slots()) {
            Instant at = done.get(other.task().key());
            if (at != null && at.isAfter(since.toInstant()) && before(other, slot)) {
                since = at.atZone(now.getZone());
            }
        }
        return since.isAfter(now) ? now : since;
    }

    /** A touch is no work before: something else stays in hand meanwhile. */
    private static boolean before(Timetable.Slot other, Timetable.Slot slot) {
        boolean same = other.task().work() instanceof Work.Throughout
                && other.people().stream().anyMatch(slot.people()::contains);
        return same || slot.task().after().contains(other.task().key());
    }

    /** Whether a task is done, in hand or under way: it is where it is, whatever the plan says. */
    public boolean touched(String key) {
        return done.containsKey(key) || begun.containsKey(key) || timed.containsKey(key);
    }

    /** When it was finished. */
    Optional<ZonedDateTime> done(Task task) {
        return Optional.ofNullable(done.get(task.key())).map(at -> at.atZone(now.getZone()));
    }

    /** How long its timer still takes. */
    Optional<Duration> left(Task task) {
        return Optional.ofNullable(timed.get(task.key()));
    }

    /** When it was begun (est.), if it is in hand. */
    public Optional<ZonedDateTime> begun(Task task) {
        return Optional.ofNullable(begun.get(task.key()));
    }
}
