package ironpin.cook;

import ironpin.quantity.Mass;
import java.time.Duration;

/**
 * Heat reaches a centre in a time that grows with the square of the thickness, and thickness with the cube root of the
 * mass: {@code t = t₀·(m/m₀)^(2/3)}. The times at the reference masses are kitchen practice.
 */
final class Growth {
    private Growth() {}

    static Duration scaled(double minutesAtReference, double referenceGrams, Mass piece) {
        double minutes = minutesAtReference * Math.pow(piece.grams() / referenceGrams, 2.0 / 3);
        return Duration.ofSeconds(15 * Math.round(minutes * 4));
    }
}
