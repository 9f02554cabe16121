package ironpin.wrapper;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.quantity.Belief;
import ironpin.refusal.Refused;

/**
 * What a pair of hands does with one fold. A number without lessons is usual practice.
 *
 * @param comfort percent of the geometric room that closes with ease, 30 to 95
 * @param seconds for one piece, cut, rolled, filled and closed, 3 to 900
 */
@RecordBuilder
public record Handiwork(Belief comfort, Belief seconds) implements HandiworkBuilder.With {
    /** Practice says 60–70 %; one pair of hands may lie as far again to either side. */
    private static final Belief USUAL_COMFORT = Belief.within(55, 75);

    /** How far one pair of hands is from the usual, as a share of the time (est.). */
    private static final double HANDS_DIFFER = 0.3;

    public Handiwork {
        if (comfort.mean() < 30 || comfort.mean() > 95) {
            throw new Refused("30 to 95 % of the room closes with ease, not " + comfort.mean());
        }
        if (seconds.mean() < 3 || seconds.mean() > 900) {
            throw new Refused("a piece takes 3 to 900 s, not " + seconds.mean());
        }
    }

    /** Until something is learned. */
    public static Handiwork usual(Fold fold) {
        return new Handiwork(USUAL_COMFORT, usualSeconds(fold));
    }

    /** Seconds a piece, until something is learned. */
    public static Belief usualSeconds(Fold fold) {
        return new Belief(fold.usualSeconds(), HANDS_DIFFER * fold.usualSeconds(), 0);
    }

    /** Share of the room that closes with ease. */
    public double comfortable() {
        return comfort.mean() / 100;
    }
}
