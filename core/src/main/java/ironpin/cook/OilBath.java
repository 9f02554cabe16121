package ironpin.cook;

import java.time.Duration;

/** Shallow oil in a pan, half-way up the pieces: {@code C·dT/dt = P − losses − heat into the pieces}, kept under its limit by the cook. */
final class OilBath implements Medium {
    /** Half a litre of oil and the pan, J/K. */
    private static final double HOLDS = 1_600;

    private static final double LOSES = 2;

    /** Bubbling oil moves over a skin. */
    private static final double BUBBLING = 450;

    private static final double AIR = 15;
    private static final double[] HOTTEST = {150, 170, 180};

    private final double watts;
    private double celsius = HOTTEST[Flame.MEDIUM.ordinal()];
    private Flame flame = Flame.MEDIUM;

    OilBath(Vessel pan) {
        watts = pan.watts();
    }

    /** From the kitchen's to the oil's temperature. */
    static Duration warmUp(Vessel pan) {
        return HeatUp.heated(HOLDS, pan.watts(), LOSES, ROOM, HOTTEST[Flame.MEDIUM.ordinal()]);
    }

    @Override
    public void begin(Spell spell) {
        flame = spell.flame();
    }

    @Override
    public void advance(double seconds, double intoPieces) {
        double next = celsius + seconds * (watts * flame.share() - LOSES * (celsius - ROOM) - intoPieces) / HOLDS;
        celsius = Math.max(ROOM, Math.min(HOTTEST[flame.ordinal()], next));
    }

    @Override
    public double celsius(boolean below) {
        return below ? celsius : ROOM + 0.3 * (celsius - ROOM);
    }

    @Override
    public double transfer(boolean below) {
        return below ? BUBBLING : AIR;
    }

    @Override
    public double thermometer() {
        return celsius;
    }

    @Override
    public double water() {
        return 0;
    }
}
