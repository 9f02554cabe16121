package ironpin.cook;

/**
 * Slices upright in hot broth in an oven. The broth warms through the bottom and the sides of the dish from the oven's air and from what
 * falls on it: {@code m·c·dT/dt = U·A·(T_oven − T) − heat into the pieces}; over the broth there is air, moist under a cover.
 */
final class BrothDish implements Medium {
    private static final double POURED = 95;

    /** Bottom, sides and surface of the dish with air on one side, W/(m²·K). */
    private static final double THROUGH = 25;

    private static final double IN_BROTH = 350;
    private static final double OVEN_AIR = 25;
    private static final double MOIST_AIR = 60;
    private static final double DISH = 900;
    private static final double[] SHIFT = {-20, 0, 20};

    private final double area;
    private final double set;
    private double oven;
    private double grams;
    private double celsius = POURED;
    private boolean lid;

    BrothDish(Vessel dish, double oven) {
        area = 2.2 * dish.areaMm2() / 1e6;
        grams = Math.max(1, dish.water().grams());
        set = oven;
        this.oven = oven;
    }

    @Override
    public void begin(Spell spell) {
        oven = set + SHIFT[spell.flame().ordinal()];
        lid = spell.lid();
        double poured = spell.pour().grams();
        celsius = (grams * celsius + poured * TAP) / (grams + poured);
        grams += poured;
    }

    @Override
    public void advance(double seconds, double intoPieces) {
        double net = THROUGH * area * (oven - celsius) - intoPieces;
        celsius += seconds * net / (grams * WATER + DISH);
        if (celsius > BOILS) {
            grams = Math.max(1, grams - (celsius - BOILS) * (grams * WATER + DISH) / STEAM);
            celsius = BOILS;
        }
    }

    @Override
    public double celsius(boolean below) {
        return below ? celsius : lid ? Math.min(BOILS, oven) : oven;
    }

    @Override
    public double transfer(boolean below) {
        return below ? IN_BROTH : lid ? MOIST_AIR : OVEN_AIR;
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
