package ironpin.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/** What one worker has taken on, the first first. */
final class Diary {
    /** How an entry stands to others. */
    enum Kind {
        THROUGHOUT,
        INTERRUPTIBLE,
        TOUCH
    }

    /**
     * A spell of one job.
     *
     * @param from first tick
     * @param until tick it is over
     */
    record Entry(int from, int until, Kind kind, int job) {
        private boolean meets(int begin, int over) {
            return begin < until && over > from;
        }

        private Entry longer(int ticks) {
            return new Entry(from, until + ticks, kind, job);
        }
    }

    private final List<Entry> entries = new ArrayList<>();

    /** The earliest start from here at which the worker is free throughout; touches may come into what can be interrupted. */
    int free(int from, int length, boolean interruptible) {
        int next = from;
        for (Entry one : entries) {
            boolean comesIn = interruptible && one.kind == Kind.TOUCH && one.from > next;
            if (one.meets(next, next + length) && !comesIn) {
                next = one.until;
            }
        }
        return next;
    }

    /** The first entry that a spell meets and may not come into; null if none. */
    Entry inTheWay(int from, int until, Predicate<Entry> mayComeInto) {
        for (Entry one : entries) {
            if (one.meets(from, until)
                    && !(one.kind == Kind.INTERRUPTIBLE && from > one.from && mayComeInto.test(one))) {
                return one;
            }
        }
        return null;
    }

    /** Whether nothing else is in the way of an entry that takes this much longer. */
    boolean mayGrow(Entry one, int ticks) {
        return entries.stream()
                .noneMatch(other -> !other.equals(one) && other.from < one.until + ticks && other.until > one.until);
    }

    /** Touches from this tick on are added to the list. */
    void touchesFrom(int tick, List<Entry> touches) {
        for (Entry one : entries) {
            if (one.kind == Kind.TOUCH && one.from >= tick) {
                touches.add(one);
            }
        }
    }

    /** Takes in a job that keeps the worker from its start to its end. */
    void keep(Entry entry) {
        entries.add(entry);
        entries.sort(Comparator.comparingInt(Entry::from));
    }

    /** Takes in a touch. What it interrupts lasts longer by it. @return that, as it is now */
    List<Entry> touch(int from, int length, int job) {
        List<Entry> longer = new ArrayList<>();
        entries.replaceAll(one -> {
            if (one.kind != Kind.INTERRUPTIBLE || from <= one.from || from >= one.until) {
                return one;
            }
            longer.add(one.longer(length));
            return longer.get(longer.size() - 1);
        });
        keep(new Entry(from, from + length, Kind.TOUCH, job));
        return longer;
    }
}
