package ironpin.clock;

import java.time.Duration;

/**
 * A wait in the timetable, held against how long it may be.
 *
 * @param kind what waits
 * @param no of the dough, filling or lot; 0 of the table
 * @param longest how long the one that waits longest waits where it is
 * @param most how long it may
 * @param until how long until the very last of it is used, at least as long as {@code longest}
 * @param away how long the one that is put into the fridge or kept warm longest is there; zero where none is
 */
public record Gap(Kind kind, int no, Duration longest, Duration most, Duration until, Duration away) {
    /** What waits. */
    public enum Kind {
        /** A dough in the room, from the end of kneading until its first piece is cut. */
        DOUGH_RESTS,
        /** Salted greens, from squeezing until the first piece is filled. */
        GREENS_WEEP,
        /** A filling, from the first of it in the bowl until its last piece is in the heat or the freezer. */
        FILLING_IS_OUT,
        /** Wrapped pieces, from the first fold of their tray until the heat. */
        PIECES_WAIT,
        /** Cooked pieces, from the vessel until the table. */
        PLATES_COOL,
        /** Those who have eaten the first plates, until the last. */
        TABLE_WAITS
    }

    /** Whether it is longer than it may be. */
    public boolean broken() {
        return longest.compareTo(most) > 0;
    }

    /** Whether some of it has to be put into the fridge or kept warm meanwhile. */
    public boolean putAway() {
        return !away.isZero();
    }
}
