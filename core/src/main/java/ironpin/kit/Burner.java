package ironpin.kit;

import ironpin.cook.BoilOff;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import ironpin.wording.Typed;
import java.time.Duration;

/**
 * A burner, and what of it reaches a vessel when it is turned up all the way.
 *
 * @param name what the cook calls it, 1 to 40 characters
 * @param watts 100 to 6,000 W
 * @param tests boil-off tests it rests on; 0 where it is a guess
 */
public record Burner(String name, double watts, int tests) {
    /** A test counts for as much as all that went before, up to this many. */
    private static final int REMEMBERED = 4;

    public Burner {
        name = Typed.name(name);
        if (name.isBlank() || name.length() > 40) {
            throw new Refused("a burner's name has 1 to 40 characters");
        }
        if (!(watts >= 100 && watts <= 6_000)) {
            throw new Refused("100 to 6,000 W reach a vessel, not " + watts);
        }
    }

    /**
     * After a boil-off test: the mean of the latest tests; a guess counts for nothing any more.
     *
     * @param water that was weighed in and is gone
     * @param time from pouring until the last of it was gone
     * @throws Refused if no burner gives that much or that little
     */
    public Burner tested(Mass water, Duration time, Temperature poured) {
        double seen = BoilOff.watts(water, time, poured);
        if (!(seen >= 100 && seen <= 6_000)) {
            throw new Refused("that would be " + Math.round(seen) + " W; 100 to 6,000 W reach a vessel");
        }
        int before = Math.min(tests, REMEMBERED - 1);
        return new Burner(name, (watts * before + seen) / (before + 1), tests + 1);
    }
}
