package ironpin.book;

import ironpin.wording.Count;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Where on its way each thing that was wrong with a lot shows that it arose: for the eye, before anybody has asked why. Set by hand, by what
 * hands or heat did to it last (est.); {@code diagnosis.Diagnosis} weighs what really led to it.
 */
public final class Arose {
    private Arose() {}

    /** A part of the way from flour to plate, in its order. */
    public enum Where {
        DOUGH("in the dough"),
        FILLING("in the filling"),
        PORTION("at the portioning"),
        ROLL("at the rolling"),
        FOLD("at the fold"),
        COOK("in the cooking");

        private final String label;

        Where(String label) {
            this.label = label;
        }

        /** As in "at the fold". */
        public String label() {
            return label;
        }
    }

    /** What was wrong, by where it arose; empty of one with which nothing was. */
    public static Map<Where, List<String>> of(Outcome outcome) {
        Map<Where, List<String>> all = new EnumMap<>(Where.class);
        counted(all, Where.COOK, outcome.burst(), "burst");
        counted(all, Where.FOLD, outcome.leaked(), "leaked");
        counted(all, Where.COOK, outcome.stuck(), "stuck");
        if (outcome.skin() != SkinVerdict.RIGHT) {
            add(all, of(outcome.skin()), "skin " + outcome.skin().label());
        }
        if (outcome.filling() != FillingVerdict.RIGHT) {
            add(all, Where.FILLING, "filling " + outcome.filling().label());
        }
        outcome.seen().forEach(one -> add(all, of(one), one.label()));
        return all;
    }

    private static Where of(SkinVerdict skin) {
        return switch (skin) {
            case RIGHT, TOUGH -> Where.DOUGH;
            case TORN, SPRANG_BACK -> Where.ROLL;
            case GUMMY, CRACKED -> Where.FOLD;
        };
    }

    private static Where of(Seen seen) {
        return switch (seen) {
            case UNEVEN -> Where.PORTION;
            case DRY_RIM, THIN_PLACES -> Where.ROLL;
            case SOUP_LOST, SYRUP_OUT -> Where.FOLD;
            case NOT_SWEET, TOO_SWEET -> Where.FILLING;
            case RAW, SEAT_PALE, SEAT_BURNT, SOGGY, LACE_SOFT, LEATHERY, WATERY, NOT_PUFFED, OILY, CLOUDY -> Where.COOK;
        };
    }

    private static void counted(Map<Where, List<String>> all, Where where, int count, String what) {
        if (count > 0) {
            add(all, where, Count.of(count, what, what));
        }
    }

    private static void add(Map<Where, List<String>> all, Where where, String said) {
        all.computeIfAbsent(where, none -> new ArrayList<>()).add(said);
    }
}
