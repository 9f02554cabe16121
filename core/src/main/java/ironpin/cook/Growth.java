package ironpin.cook;

import ironpin.quantity.Mass;
import java.time.Duration;

/**
 * Heat reaches a centre in a time that grows with the square of the thickness, and thickness with the cube root of the
 * mass: {@code t = t₀·(m/m₀)^(2/3)}. The times at the reference masses are kitchen practice.
 */
final class Growth {
    private static final int TO = 15;

    private Growth() {}

    static Duration scaled(double minutesAtReference, double referenceGrams, Mass piece) {
        return scaled(minutesAtReference, referenceGrams, piece, Start.ROOM);
    }

    static Duration scaled(double minutesAtReference, double referenceGrams, Mass piece, Start from) {
        double minutes = minutesAtReference * from.longer() * Math.pow(piece.grams() / referenceGrams, 2.0 / 3);
        return Duration.ofSeconds(TO * Math.max(1, Math.round(minutes * 60 / TO)));
    }

    /** A share of a time, to five seconds. */
    static Duration share(Duration whole, double share) {
        return Duration.ofSeconds(Math.max(10, 5 * Math.round(whole.toSeconds() * share / 5)));
    }
}
