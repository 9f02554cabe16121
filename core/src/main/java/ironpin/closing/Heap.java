package ironpin.closing;

/** The filling: a heap when it is put down, a spindle when it is closed in. */
final class Heap {
    private static final int ROWS = 15;
    private static final int COLUMNS = 29;

    private Heap() {}

    /**
     * An ellipsoid.
     *
     * @param across half axes along x, y and z, mm
     * @param high of its middle over the board, mm
     */
    static Patch of(double[] across, double high) {
        return Patch.of(Patch.Tone.FILLING, ROWS, COLUMNS, (row, column) -> {
            double up = Math.PI * (row - 0.5);
            double round = 2 * Math.PI * column;
            return new double[] {
                across[0] * Math.cos(up) * Math.cos(round),
                across[1] * Math.cos(up) * Math.sin(round),
                Math.max(0.4, high + across[2] * Math.sin(up))
            };
        });
    }
}
