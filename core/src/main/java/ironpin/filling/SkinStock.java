package ironpin.filling;

import ironpin.quantity.Mass;
import java.time.Duration;

/**
 * Stock that sets by what skin gives to it (est.). Fresh skin is about a quarter collagen, and two hours draw a little under half of
 * it: a third of the stock's mass in skin brings gelatin to about 3 %, the middle of {@link Aspic#GELATIN}.
 */
public final class SkinStock {
    /** Blanched, scraped, cut. */
    public static final Duration HANDS = Duration.ofMinutes(15);

    /** At a simmer, the lid ajar. */
    public static final Duration SIMMERS = Duration.ofHours(2);

    private static final double SKIN = 1 / 3.0;

    /** Evaporated in two hours under a lid ajar, of the water. */
    private static final double BOILED_OFF = 1 / 3.0;

    private SkinStock() {}

    /** Raw skin for so much stock. */
    public static Mass skin(Mass stock) {
        return stock.multipliedBy(SKIN);
    }

    /** Water at the beginning for so much stock at the end. */
    public static Mass water(Mass stock) {
        return stock.dividedBy(1 - BOILED_OFF);
    }
}
