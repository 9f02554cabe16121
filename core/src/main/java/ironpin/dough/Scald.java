package ironpin.dough;

import ironpin.quantity.Temperature;

/**
 * How much of the starch a mixing temperature scalds (est.): wheat starch swells from about 58 °C, taken as
 * {@code 1/(1+exp(−(T−62)/2.5))}. The first flour the water touches is hotter than the mean, so the truth is less sharp.
 */
public final class Scald {
    private static final double HALF_C = 62;
    private static final double WIDTH_C = 2.5;

    /** Points of hydration a dough wants more when all of it is scalded than when none is: practice says 10 to 12. */
    public static final double POINTS_FROM_NONE_TO_ALL = 11;

    private Scald() {}

    /** The share, 0 to 1. */
    public static double share(Temperature mixed) {
        return 1 / (1 + Math.exp(-(mixed.celsius() - HALF_C) / WIDTH_C));
    }

    /** The mixing temperature that scalds this share, above 0 and below 1. */
    public static Temperature temperatureFor(double share) {
        if (!(share > 0 && share < 1)) {
            throw new IllegalArgumentException("a scald share lies between 0 and 1, not " + share);
        }
        return Temperature.ofCelsius(HALF_C + WIDTH_C * Math.log(share / (1 - share)));
    }
}
