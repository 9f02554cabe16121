package ironpin.cook;

import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;

/** Water turned to steam by a hob: heat of vaporisation 2257 kJ/kg, specific heat 4.18 kJ/(kg·K). */
public final class BoilOff {
    /** Water out of the tap, where nothing else is known. */
    public static final Temperature TAP = Temperature.ofCelsius(15);

    private static final double VAPORISATION_J_PER_G = 2257;
    private static final double WATER_J_PER_G_K = 4.18;
    private static final double BOIL_C = 100;

    private BoilOff() {}

    /**
     * Water that boils away: {@code P·t/2257}.
     *
     * @param watts power that reaches the water, above 0
     * @param time of boiling
     */
    public static Mass of(double watts, Duration time) {
        return Mass.ofGrams(demand(watts) * time.toSeconds() / VAPORISATION_J_PER_G);
    }

    /**
     * Water to pour into a pan so that it is gone after this time: {@code P·t/(2257 + 4.18·(100 − T₀))}.
     *
     * @param watts power that reaches the pan, above 0
     * @param time wanted time of steaming
     * @param poured temperature of the water, 0 to 100 °C
     */
    public static Mass waterFor(double watts, Duration time, Temperature poured) {
        return Mass.ofGrams(demand(watts) * time.toSeconds() / perGram(poured));
    }

    /** How long water takes to boil away: the same the other way round. @param water above 0 */
    public static Duration timeFor(double watts, Mass water, Temperature poured) {
        return Duration.ofSeconds(Math.round(water.grams() * perGram(poured) / demand(watts)));
    }

    /**
     * The boil-off test: the power that reaches a pan in which this much water was gone after this time, W.
     *
     * @param water that was weighed in, above 0
     * @param time until the last of it was gone, above 0
     */
    public static double watts(Mass water, Duration time, Temperature poured) {
        if (water.micrograms() <= 0 || time.isZero() || time.isNegative()) {
            throw new Refused("a boil-off test has some water and takes some time");
        }
        return water.grams() * perGram(poured) / time.toSeconds();
    }

    private static double perGram(Temperature poured) {
        if (!(poured.celsius() >= 0 && poured.celsius() <= BOIL_C)) {
            throw new Refused("water is 0 to 100 °C, not " + poured);
        }
        return VAPORISATION_J_PER_G + WATER_J_PER_G_K * (BOIL_C - poured.celsius());
    }

    private static double demand(double watts) {
        if (!(watts > 0)) {
            throw new Refused("a hob that is on gives more than 0 W, not " + watts);
        }
        return watts;
    }
}
