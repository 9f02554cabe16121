package ironpin.batch;

import ironpin.pantry.Allergen;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/**
 * Who the filling is for.
 *
 * @param avoided what somebody at the table must not eat
 * @param salt of a filling that they like, 0.2 to 3 %
 */
public record Guests(Set<Allergen> avoided, Percentage salt) {
    /** Nobody avoids anything, salt as usual. */
    public static final Guests USUAL = new Guests(Set.of(), Percentage.of(1.2));

    public Guests {
        avoided = Collections.unmodifiableSet(new TreeSet<>(avoided));
        if (salt.percent() < 0.2 || salt.percent() > 3) {
            throw new Refused("salt of a filling lies between 0.2 and 3 %, not " + salt);
        }
    }

    /** The same guests, somebody of whom avoids something, or nobody any more. */
    public Guests avoiding(Set<Allergen> changed) {
        return new Guests(changed, salt);
    }

    /** The same guests with another liking of salt, kept within what is sensible. */
    public Guests liking(double percent) {
        return new Guests(avoided, Percentage.of(Math.min(3, Math.max(0.2, percent))));
    }
}
