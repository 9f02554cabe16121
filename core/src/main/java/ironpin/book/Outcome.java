package ironpin.book;

import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What came of one lot.
 *
 * @param made pieces made, 0 to 5,000
 * @param burst of them, in the cooking
 * @param leaked of them
 * @param stuck of them
 * @param doughLeft dough left over, not negative
 * @param fillingLeft filling left over, not negative
 * @param skin how the skin was
 * @param filling how the filling was
 * @param core hottest-to-trust reading of a probe in the middle of a piece
 * @param note anything else, at most 2,000 characters
 * @param seen what else was wrong, of what such a lot is asked about
 * @param eaten pieces that were eaten, 0 to those made, if somebody said so
 */
public record Outcome(
        int made,
        int burst,
        int leaked,
        int stuck,
        Mass doughLeft,
        Mass fillingLeft,
        SkinVerdict skin,
        FillingVerdict filling,
        Optional<Temperature> core,
        String note,
        Set<Seen> seen,
        Optional<Integer> eaten) {
    public Outcome {
        seen = seen.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(seen));
        if (eaten.isPresent()) {
            demandPart("eaten", eaten.get(), made);
        }
        if (made < 0 || made > 5_000) {
            throw new Refused("0 to 5,000 pieces made, not " + made);
        }
        demandPart("burst", burst, made);
        demandPart("leaked", leaked, made);
        demandPart("stuck", stuck, made);
        if (doughLeft.isNegative() || fillingLeft.isNegative()) {
            throw new Refused("what is left over is not negative");
        }
        if (note.length() > 2_000) {
            throw new Refused("a note has at most 2,000 characters");
        }
    }

    /** One of which nothing else was said. */
    public Outcome(
            int made,
            int burst,
            int leaked,
            int stuck,
            Mass doughLeft,
            Mass fillingLeft,
            SkinVerdict skin,
            FillingVerdict filling,
            Optional<Temperature> core,
            String note) {
        this(made, burst, leaked, stuck, doughLeft, fillingLeft, skin, filling, core, note, Set.of(), Optional.empty());
    }

    /** Whether nothing was wrong with it. */
    public boolean faultless() {
        return burst + leaked + stuck == 0
                && skin == SkinVerdict.RIGHT
                && filling == FillingVerdict.RIGHT
                && seen.isEmpty();
    }

    private static void demandPart(String what, int part, int made) {
        if (part < 0 || part > made) {
            throw new Refused(what + " pieces are 0 to " + made + " of those made, not " + part);
        }
    }

    /** Share of pieces, 0 to 1; 0 if none were made. */
    public double share(int part) {
        return made == 0 ? 0 : (double) part / made;
    }
}
