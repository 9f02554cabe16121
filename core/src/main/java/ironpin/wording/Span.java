package ironpin.wording;

import java.time.Duration;

/** Lengths of time in words. */
public final class Span {
    private static final int MINUTE = 60;
    private static final long SECONDS_COUNT = 600;
    private static final long HOURS_ALONE = 120;

    private Span() {}

    /** As in "40 s", "1 min 50 s", "18 min", "1 h 20 min": seconds count in what takes less than ten minutes. */
    public static String of(Duration time) {
        long seconds = time.toSeconds();
        if (seconds < MINUTE) {
            return seconds + " s";
        }
        if (seconds < SECONDS_COUNT && seconds % MINUTE != 0) {
            return seconds / MINUTE + " min " + seconds % MINUTE + " s";
        }
        return inMinutes(time);
    }

    /** To the minute, as in "0 min", "18 min", "1 h 20 min". */
    public static String inMinutes(Duration time) {
        long minutes = Math.round(time.toSeconds() / (double) MINUTE);
        if (minutes < MINUTE) {
            return minutes + " min";
        }
        return minutes / MINUTE + " h" + (minutes % MINUTE == 0 ? "" : " " + minutes % MINUTE + " min");
    }

    /** As in "30 to 60 min", "2 to 12 h", or one of them if both are the same. */
    public static String between(Duration low, Duration high) {
        if (low.equals(high)) {
            return inMinutes(high);
        }
        boolean hours =
                high.toMinutes() >= HOURS_ALONE && low.toMinutes() % MINUTE == 0 && high.toMinutes() % MINUTE == 0;
        String most = hours ? high.toHours() + " h" : high.toMinutes() + " min";
        long least = hours ? low.toHours() : low.toMinutes();
        return least + " to " + most;
    }
}
