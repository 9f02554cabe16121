package ironpin.clock;

import java.time.Duration;

/**
 * A wait in the timetable, held against how long it may be.
 *
 * @param kind what waits
 * @param no of the dough, filling or lot
 * @param longest how long the one that waits longest waits
 * @param most how long it may
 * @param until how long until the very last of it is used, at least as long as {@code longest}
 */
public record Gap(Kind kind, int no, Duration longest, Duration most, Duration until) {
    /** What waits. */
    public enum Kind {
        /** A dough in the room, from the end of kneading until its first piece is cut. */
        DOUGH_RESTS,
        /** Salted greens, from squeezing until the first piece is filled. */
        GREENS_WEEP,
        /** A filling, from the first of it in the bowl until its last piece is in the heat or the freezer. */
        FILLING_IS_OUT,
        /** Wrapped pieces, from the fold until the heat. */
        PIECES_WAIT,
        /** Cooked pieces, from the vessel until the table. */
        PLATES_COOL
    }

    /** Whether it is longer than it may be. */
    public boolean broken() {
        return longest.compareTo(most) > 0;
    }
}
