package ironpin.heat;

import ironpin.quantity.Temperature;
import java.time.Duration;

/**
 * How long a piece takes to become hard, by Plank's equation (est.): {@code t = ρ·H/(T_f − T∞)·(P·a/h + R·a²/k)}, a the thickness, P and R
 * by form. H is the melting heat of its water with what cooling down to the freezing point takes at a larger difference. Quick, for a
 * day's plan; {@link Freezing} simulates it (within a fifth: {@code PlankTest}).
 */
public final class Plank {
    /** Of the heat of cooling down that counts, since it passes at a larger difference. */
    private static final double COOLING = 0.55;

    /** Beyond the last ice in the middle, until a finger leaves no mark. */
    private static final double HARD = 1.10;

    private Plank() {}

    /**
     * Until it is hard.
     *
     * @param freezer below the freezing point
     * @param transfer at its surface, W/(m²·K), above 0
     */
    public static Duration hard(HeatPiece piece, Temperature start, Temperature freezer, double transfer) {
        double thick = 2 * piece.half().millimetres() / 1_000;
        double power = 2 * (1 + piece.form().power());
        Matter matter = piece.inside();
        double cooling = Math.max(0, start.celsius() - matter.freezes()) * matter.heat() * COOLING;
        double heat = matter.water() * Matter.MELTING + cooling;
        double seconds = matter.density()
                * heat
                / (matter.freezes() - freezer.celsius())
                * (thick / power / transfer + thick * thick / (4 * power) / matter.frozenConductivity());
        return Duration.ofSeconds(Math.round(seconds * HARD));
    }
}
