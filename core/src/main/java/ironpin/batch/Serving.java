package ironpin.batch;

import java.time.LocalDateTime;

/** When people sit down: any time in a year that a kitchen here may see. */
public final class Serving {
    private static final int FIRST_YEAR = 2000;
    private static final int LAST_YEAR = 2100;

    /** What is allowed, in words. */
    public static final String YEARS = "a year from " + FIRST_YEAR + " to " + LAST_YEAR;

    private Serving() {}

    /** Whether a plan may end then. */
    public static boolean allows(LocalDateTime serving) {
        return serving.getYear() >= FIRST_YEAR && serving.getYear() <= LAST_YEAR;
    }
}
