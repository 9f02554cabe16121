package ironpin.schedule;

import java.util.List;
import java.util.OptionalInt;

/**
 * Something that takes time and perhaps workers.
 *
 * @param key name, for whoever asked
 * @param time in ticks, 0 or more; of a job that keeps workers busy throughout each {@link Mode} has its own
 * @param modes who may do it; empty where it gets on by itself
 * @param yields whether its workers may leave it for a touch of another job and go on afterwards
 * @param touches when it wants its worker; empty where it keeps them throughout
 * @param trade what kind of work it is: going from one to another is a change
 * @param notBefore no earlier than this tick
 * @param held where it has been put, if it has
 */
public record Job(
        String key,
        int time,
        List<Mode> modes,
        boolean yields,
        List<Touch> touches,
        String trade,
        int notBefore,
        OptionalInt held) {
    /** The beginning of time: a job that may begin at any tick. */
    public static final int ANY_TIME = -100_000;

    public Job {
        modes = List.copyOf(modes);
        touches = List.copyOf(touches);
        if (time < 0 || (modes.isEmpty() && !touches.isEmpty())) {
            throw new IllegalArgumentException(key + " takes no time backwards, and nobody touches it");
        }
        for (Touch touch : touches) {
            if (touch.offset() < 0 || touch.length() < 1 || touch.offset() + touch.length() > time) {
                throw new IllegalArgumentException(key + " is touched outside its time");
            }
        }
    }

    /** A job that gets on by itself. */
    public static Job alone(String key, int time) {
        return new Job(key, time, List.of(), false, List.of(), "", ANY_TIME, OptionalInt.empty());
    }

    /** A job that keeps its workers busy throughout. */
    public static Job manned(String key, String trade, boolean yields, List<Mode> modes) {
        return new Job(key, modes.get(0).time(), modes, yields, List.of(), trade, ANY_TIME, OptionalInt.empty());
    }

    /** A job that wants one of these workers now and then. */
    public static Job touched(String key, String trade, int time, List<Integer> workers, List<Touch> touches) {
        List<Mode> modes =
                workers.stream().map(one -> new Mode(List.of(one), time)).toList();
        return new Job(key, time, modes, false, touches, trade, ANY_TIME, OptionalInt.empty());
    }

    /** The same, no earlier than this. */
    public Job from(int tick) {
        return new Job(key, time, modes, yields, touches, trade, tick, held);
    }

    /** The same, begun at this tick and no other. */
    public Job at(int tick) {
        return new Job(key, time, modes, yields, touches, trade, notBefore, OptionalInt.of(tick));
    }

    /** Whether it keeps its workers from its start to its end. */
    boolean manned() {
        return !modes.isEmpty() && touches.isEmpty();
    }

    /** Ticks it takes in a mode, leaving aside what interrupts it. */
    int time(int mode) {
        return manned() ? modes.get(mode).time() : time;
    }
}
