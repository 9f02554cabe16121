package ironpin.cook;

import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import java.time.Duration;

/**
 * The largest load that a hob brings back to the boil in time: {@code n = P·t/(m·c·(100 − T₀))}, as if each piece took up
 * its full heat while the pot recovers, which errs towards small rounds.
 */
public final class PotLoad {
    private static final double PIECE_J_PER_G_K = 3.4;
    private static final double BOIL_C = 100;

    /** Longer than this and skins soften before the boil moves them. */
    public static final Duration BACK_TO_BOIL = Duration.ofSeconds(150);

    private PotLoad() {}

    /**
     * @param watts power that reaches the water, above 0
     * @param piece mass of one piece, above 0
     * @param start temperature of the pieces, below 100 °C
     * @return at least 1
     */
    public static int largest(double watts, Mass piece, Temperature start) {
        double joulesEach = piece.grams() * PIECE_J_PER_G_K * (BOIL_C - start.celsius());
        return Math.max(1, (int) Math.floor(watts * BACK_TO_BOIL.toSeconds() / joulesEach));
    }
}
