package ironpin.devices.scale;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.util.SplittableRandom;

/**
 * A stand-in for a hand that cuts pieces: it means one mass and cuts another. The same seed and place give the same piece.
 *
 * @param meanShare what it cuts ÷ what it means, 0.5 to 2
 * @param spread standard deviation ÷ mean, 0 to 0.5
 * @param driftPerPiece by what share of the piece each is heavier than the one before, along a rope, −0.02 to 0.02
 * @param seed of its luck
 */
public record SimulatedHand(double meanShare, double spread, double driftPerPiece, long seed) {
    /** An untrained hand. */
    public static final SimulatedHand USUAL = new SimulatedHand(1.03, 0.07, 0.001, 1);

    private static final double LEAST_SHARE = 0.2;

    public SimulatedHand {
        if (!(meanShare >= 0.5 && meanShare <= 2)
                || !(spread >= 0 && spread <= 0.5)
                || !(Math.abs(driftPerPiece) <= 0.02)) {
            throw new Refused("a hand cuts 50 to 200 % of what it means, spread 0 to 50 %, drifting up to 2 % a piece");
        }
    }

    /** The piece it cuts. @param place from 1 @param meant what it was told to cut */
    public Mass cut(int place, Mass meant) {
        double luck = new SplittableRandom(seed * 1_000_003L + place).nextGaussian();
        double share = meanShare + driftPerPiece * (place - 1) + spread * luck;
        return meant.multipliedBy(Math.max(LEAST_SHARE, share));
    }
}
