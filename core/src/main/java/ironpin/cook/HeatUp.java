package ironpin.cook;

import java.time.Duration;

/**
 * How long a vessel takes until the first round can go in, turned up all the way and covered where it has a lid (est.):
 * {@code t = C·(T₁ − T₀)/(P − losses halfway)}, with what the vessel and what is in it hold. An oven and its dish take as long as
 * ovens do.
 */
public final class HeatUp {
    private static final Duration OVEN = Duration.ofMinutes(15);

    /** What begins cold is only put on. */
    private static final Duration PUT_ON = Duration.ofMinutes(1);

    private HeatUp() {}

    /**
     * @param first spell of the round
     * @return whole minutes, up, at least one and at most {@link Spell#LONGEST}
     */
    public static Duration of(Vessel vessel, Spell first) {
        if (first.cold()) {
            return PUT_ON;
        }
        Duration time =
                switch (vessel.kind()) {
                    case POT -> PotWater.warmUp(vessel);
                    case BASKET -> SteamSpace.warmUp(vessel);
                    case PAN -> first.fire() == Fire.FRY ? OilBath.warmUp(vessel) : HotMetal.panWarmUp(vessel);
                    case GRIDDLE -> HotMetal.griddleWarmUp(vessel);
                    case DISH -> OVEN;
                };
        return Duration.ofMinutes(Math.max(1, (time.toSeconds() + 59) / 60));
    }

    /**
     * @param holds heat of it all, J/K
     * @param watts that come in
     * @param loses W/K to the kitchen, counted halfway
     * @param from °C
     * @param to °C
     */
    static Duration heated(double holds, double watts, double loses, double from, double to) {
        double net = watts - loses * ((from + to) / 2 - Medium.ROOM);
        double seconds = net <= 0 ? Spell.LONGEST.toSeconds() : holds * (to - from) / net;
        return Duration.ofSeconds(Math.min(Spell.LONGEST.toSeconds(), Math.round(seconds)));
    }
}
