package ironpin.dough;

import ironpin.quantity.Band;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * What happens when water meets flour, by calorimetry: {@code T = Σ(m·c·T)/Σ(m·c)}, with c = 4.18 kJ/(kg·K) for water and
 * 1.75 for flour. An estimate: pouring loses a few degrees and a cold bowl more, unless its heat is given.
 *
 * @param flour mass of the flour, above 0
 * @param flourAt its temperature, that of the room
 * @param water mass of the water, 0 or more; without any, nothing that is poured moves the temperature
 * @param otherJoulesPerKelvin heat that the bowl and the other lines take up for each degree, at the room's temperature; 0
 *     to leave them out
 */
public record Mixing(Mass flour, Temperature flourAt, Mass water, double otherJoulesPerKelvin) {
    private static final double FLOUR_J_PER_G_K = 1.75;
    private static final double WATER_J_PER_G_K = 4.18;

    /** Below this, hands may go in. */
    public static final Temperature HANDS = Temperature.ofCelsius(45);

    /** How fast a covered bowl of half a kilo of dough cools towards the room: practice says 10 to 15 min. */
    private static final double COOLING_MINUTES = 12.5;

    private static final double COOLING_REFERENCE_G = 500;

    public Mixing {
        if (flour.micrograms() <= 0 || water.micrograms() < 0 || !(otherJoulesPerKelvin >= 0)) {
            throw new Refused("mixing needs flour, water or none, and other things that take up 0 J/K or more");
        }
    }

    /** The temperature just after mixing, with water poured at this one (est.). */
    public Temperature mixed(Temperature poured) {
        double heat = dryHeat() * flourAt.celsius() + waterHeat() * poured.celsius();
        return Temperature.ofCelsius(heat / (dryHeat() + waterHeat()));
    }

    /** The temperature the water must be poured at to mix to this one; it may be out of any kettle's reach. */
    public Temperature poured(Temperature mixed) {
        if (water.isZero()) {
            return mixed;
        }
        double celsius = mixed.celsius() + dryHeat() / waterHeat() * (mixed.celsius() - flourAt.celsius());
        return Temperature.ofCelsius(celsius);
    }

    /** Mixing temperatures that water between these two can reach. */
    public Band<Temperature> reach(Temperature cold, Temperature kettle) {
        return new Band<>(mixed(cold), mixed(kettle));
    }

    /**
     * How much of the water comes from the kettle, the rest from the tap, to be poured at a temperature.
     *
     * @throws IllegalArgumentException if the temperature does not lie between the two, or the two are the same
     */
    public Split split(Temperature poured, Temperature cold, Temperature kettle) {
        double span = kettle.celsius() - cold.celsius();
        if (!(span > 0) || poured.compareTo(cold) < 0 || poured.compareTo(kettle) > 0) {
            throw new Refused("water at " + poured + " does not come from " + cold + " and " + kettle);
        }
        Mass hot = water.multipliedBy((poured.celsius() - cold.celsius()) / span);
        return new Split(hot, water.minus(hot));
    }

    /**
     * The two waters.
     *
     * @param kettle from the kettle
     * @param tap from the tap
     */
    public record Split(Mass kettle, Mass tap) {}

    /**
     * How long a dough mixed at this temperature takes to cool until hands may go in, in a covered bowl (est.): Newton
     * cooling, slower for more dough in proportion to the cube root of its mass.
     *
     * @return zero if hands may go in at once
     */
    public Duration untilHands(Temperature mixed) {
        if (mixed.compareTo(HANDS) <= 0) {
            return Duration.ZERO;
        }
        double dough = flour.plus(water).grams();
        double tau = COOLING_MINUTES * Math.cbrt(dough / COOLING_REFERENCE_G);
        double room = flourAt.celsius();
        if (room >= HANDS.celsius()) {
            throw new Refused("in a room of " + flourAt + " the dough never cools");
        }
        double minutes = tau * Math.log((mixed.celsius() - room) / (HANDS.celsius() - room));
        return Duration.ofSeconds(Math.round(minutes * 60));
    }

    private double dryHeat() {
        return flour.grams() * FLOUR_J_PER_G_K + otherJoulesPerKelvin;
    }

    private double waterHeat() {
        return water.grams() * WATER_J_PER_G_K;
    }
}
