package ironpin.closing;

import java.util.List;

/**
 * A piece at one moment.
 *
 * @param patches its surfaces, in the same order and of the same size at every moment of a motion
 */
public record Frame(List<Patch> patches) {
    public Frame {
        patches = List.copyOf(patches);
    }

    Frame moved(Patch.Move move) {
        return new Frame(patches.stream().map(one -> one.moved(move)).toList());
    }

    /** Set down on the board: its lowest point at z = 0. */
    Frame grounded() {
        double low = Double.MAX_VALUE;
        for (Patch patch : patches) {
            for (int at = 2; at < patch.xyz().length; at += 3) {
                low = Math.min(low, patch.xyz()[at]);
            }
        }
        double lowest = low;
        return moved((x, y, z) -> new double[] {x, y, z - lowest});
    }

    /** The same piece in a left hand: everything from the other side. */
    public Frame mirrored() {
        return moved((x, y, z) -> new double[] {-x, y, z});
    }
}
