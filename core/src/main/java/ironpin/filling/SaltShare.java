package ironpin.filling;

import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;

/**
 * Salt in a filling and what changes it: to reach a share t of a filling of mass M with S grams of salt in it, add
 * {@code x = (t·M − S)/(1 − t)} of salt, or, if it is too much, {@code y = S/t − M} of the filling without salt.
 *
 * @param filling all of it, above 0
 * @param salt in it, not more than the filling
 */
public record SaltShare(Mass filling, Mass salt) {
    public SaltShare {
        if (filling.micrograms() <= 0 || salt.isNegative() || salt.compareTo(filling) > 0) {
            throw new Refused("a filling above 0 g holds 0 g of salt to all of it");
        }
    }

    /** Salt as a share of the filling. */
    public Percentage share() {
        return Percentage.ofFraction(salt.ratioTo(filling));
    }

    /** Salt to add to reach this share; zero if there is enough. */
    public Mass toReach(Percentage wanted) {
        demand(wanted);
        Mass lacking = wanted.of(filling).minus(salt);
        return lacking.isNegative() ? Mass.ZERO : lacking.dividedBy(1 - wanted.fraction());
    }

    /** Unsalted filling to add to come down to this share; zero if it is not too salty. */
    public Mass toDilute(Percentage wanted) {
        demand(wanted);
        Mass more = salt.dividedBy(wanted.fraction()).minus(filling);
        return more.isNegative() ? Mass.ZERO : more;
    }

    private static void demand(Percentage wanted) {
        if (wanted.percent() <= 0 || wanted.percent() >= 20) {
            throw new Refused("a wanted salt share lies above 0 and below 20 %, not " + wanted);
        }
    }
}
