package ironpin.cook;

import java.time.Duration;

/**
 * Water in a pot: {@code (W·c + pot)·dT/dt = P − losses − heat into the pieces}, at most 100 °C, where what is over boils away. Stirred,
 * so that it is everywhere the same. Losses rise evenly with the temperature: 4 W/K without a lid, most of it steam, 1 W/K with one.
 */
final class PotWater implements Medium {
    private static final double POT = 750;
    private static final double OPEN = 4;
    private static final double COVERED = 1;

    /** Water moves over a skin: at rest, and at a rolling boil; practice of food engineering says 1,500–2,500 W/(m²·K). */
    private static final double STILL = 1_500;

    private static final double ROLLING = 2_500;

    /** Watts over the losses at which it rolls. */
    private static final double ROLLS = 1_000;

    private final double watts;
    private double grams;
    private double celsius;
    private double share = 1;
    private double loses = OPEN;
    private double over;

    PotWater(Vessel pot, double celsius) {
        watts = pot.watts();
        grams = Math.max(1, pot.water().grams());
        this.celsius = celsius;
    }

    /** From the tap to the boil, under a lid. */
    static Duration warmUp(Vessel pot) {
        return HeatUp.heated(pot.water().grams() * WATER + POT, pot.watts(), COVERED, TAP, BOILS);
    }

    @Override
    public void begin(Spell spell) {
        share = spell.flame().share();
        loses = spell.lid() ? COVERED : OPEN;
        double poured = spell.pour().grams();
        celsius = ((grams * WATER + POT) * celsius + poured * WATER * TAP) / ((grams + poured) * WATER + POT);
        grams += poured;
    }

    @Override
    public void advance(double seconds, double intoPieces) {
        double net = watts * share - loses * (celsius - ROOM) - intoPieces;
        double holds = grams * WATER + POT;
        celsius += seconds * net / holds;
        over = 0;
        if (celsius > BOILS) {
            over = (celsius - BOILS) * holds / seconds;
            grams = Math.max(1, grams - over * seconds / STEAM);
            celsius = BOILS;
        }
    }

    @Override
    public double celsius(boolean below) {
        return celsius;
    }

    @Override
    public double transfer(boolean below) {
        return STILL + (ROLLING - STILL) * Math.min(1, over / ROLLS);
    }

    @Override
    public double thermometer() {
        return celsius;
    }

    @Override
    public double water() {
        return grams;
    }
}
