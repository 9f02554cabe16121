package ironpin.cook;

import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import java.time.Duration;

/** Water turned to steam by a hob: heat of vaporisation 2257 kJ/kg, specific heat 4.18 kJ/(kg·K). */
public final class BoilOff {
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
        return Mass.ofGrams(watts * time.toSeconds() / VAPORISATION_J_PER_G);
    }

    /**
     * Water to pour into a pan so that it is gone after this time: {@code P·t/(2257 + 4.18·(100 − T₀))}.
     *
     * @param watts power that reaches the pan, above 0
     * @param time wanted time of steaming
     * @param poured temperature of the water, at most 100 °C
     */
    public static Mass waterFor(double watts, Duration time, Temperature poured) {
        double perGram = VAPORISATION_J_PER_G + WATER_J_PER_G_K * (BOIL_C - poured.celsius());
        return Mass.ofGrams(watts * time.toSeconds() / perGram);
    }
}
