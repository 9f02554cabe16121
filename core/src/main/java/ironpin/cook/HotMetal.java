package ironpin.cook;

import java.time.Duration;

/**
 * A pan or a griddle: {@code C·dT/dt = P − losses − heat into the pieces}, turned down by the cook before it gets too hot. While there is
 * water in it the metal stays near 100 °C, pieces stand in water and, under a lid, in steam, until it has boiled away:
 * {@code t = m·(2257 + 4.18·(100 − T₀))/P}.
 */
final class HotMetal implements Medium {
    /** Heat that they hold, J/K, and what they are heated to, °C. */
    private static final double PAN = 700;

    private static final double PAN_HOT = 165;
    private static final double GRIDDLE = 1_500;
    private static final double GRIDDLE_HOT = 195;

    /** Heat that it loses to the kitchen, W/K. */
    private static final double LOSES = 2;

    /** Contact of dough with metal, W/(m²·K): dry, and over a film of fat. */
    private static final double DRY = 200;

    private static final double FATTED = 280;
    private static final double UNDER_WATER = 800;
    private static final double IN_STEAM = 500;
    private static final double AIR = 12;
    private static final double COVERED_AIR = 25;
    private static final double STEAM_CELSIUS = 98;

    private final double watts;
    private final double holds;
    private final double[] hottest;
    private double celsius;
    private double water;
    private double waterCelsius;
    private boolean lid;
    private boolean fat;
    private Flame flame = Flame.MEDIUM;

    private HotMetal(Vessel vessel, double holds, double celsius, double... hottest) {
        watts = vessel.watts();
        this.holds = holds;
        this.celsius = celsius;
        this.hottest = hottest;
    }

    /** A pan, hot or cold. */
    static HotMetal pan(Vessel vessel, boolean cold) {
        return new HotMetal(vessel, PAN, cold ? ROOM : PAN_HOT, 140, 170, 200);
    }

    static Duration panWarmUp(Vessel vessel) {
        return HeatUp.heated(PAN, vessel.watts(), LOSES, ROOM, PAN_HOT);
    }

    /** A heavy plate, heated through. */
    static HotMetal griddle(Vessel vessel) {
        return new HotMetal(vessel, GRIDDLE, GRIDDLE_HOT, 170, GRIDDLE_HOT, 220);
    }

    static Duration griddleWarmUp(Vessel vessel) {
        return HeatUp.heated(GRIDDLE, vessel.watts(), LOSES, ROOM, GRIDDLE_HOT);
    }

    @Override
    public void begin(Spell spell) {
        flame = spell.flame();
        lid = spell.lid();
        fat = fat || spell.fat();
        double poured = spell.pour().grams();
        if (poured > 0) {
            double all = water + poured;
            // The hot metal gives what it has over a boil to the water at once.
            double gained = Math.max(0, celsius - BOILS) * holds / (all * WATER);
            waterCelsius = Math.min(BOILS, (water * waterCelsius + poured * TAP) / all + gained);
            celsius = Math.min(celsius, BOILS + 5);
            water = all;
        }
    }

    @Override
    public void advance(double seconds, double intoPieces) {
        double power = watts * flame.share();
        if (water <= 0) {
            double most = hottest[flame.ordinal()];
            double next = celsius + seconds * (power - LOSES * (celsius - ROOM) - intoPieces) / holds;
            celsius = Math.max(ROOM, celsius <= most ? Math.min(most, next) : Math.min(celsius, next));
            return;
        }
        if (waterCelsius < BOILS) {
            waterCelsius = Math.min(BOILS, waterCelsius + seconds * power / (water * WATER));
            celsius = Math.max(celsius, Math.min(BOILS + 5, waterCelsius + 5));
        } else {
            water = Math.max(0, water - seconds * power / STEAM);
        }
    }

    @Override
    public double celsius(boolean below) {
        if (below) {
            return water > 0 ? waterCelsius : celsius;
        }
        if (!lid) {
            return ROOM + 0.2 * (celsius - ROOM);
        }
        return water > 0 ? Math.min(STEAM_CELSIUS, waterCelsius) : Math.min(120, ROOM + 0.6 * (celsius - ROOM));
    }

    @Override
    public double transfer(boolean below) {
        if (below) {
            return water > 0 ? UNDER_WATER : fat ? FATTED : DRY;
        }
        return !lid ? AIR : water > 0 && waterCelsius >= BOILS ? IN_STEAM : COVERED_AIR;
    }

    @Override
    public double thermometer() {
        return celsius(true);
    }

    @Override
    public double water() {
        return water;
    }
}
