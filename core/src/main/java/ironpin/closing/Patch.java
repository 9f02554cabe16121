package ironpin.closing;

/**
 * A piece of surface: a grid of points.
 *
 * @param tone what it is of
 * @param rows of points, at least 2
 * @param columns of points, at least 2
 * @param xyz mm, row by row, x to the right, y away from the cook, z up
 */
public record Patch(Tone tone, int rows, int columns, double[] xyz) {
    /** What a surface is of. */
    public enum Tone {
        SKIN,
        FILLING,
        LEAF
    }

    /** Where a point of a surface lies. */
    interface Place {
        /**
         * @param row 0 to 1 across the rows
         * @param column 0 to 1 across the columns
         * @return x, y and z, mm
         */
        double[] at(double row, double column);
    }

    static Patch of(Tone tone, int rows, int columns, Place place) {
        double[] xyz = new double[rows * columns * 3];
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < columns; j++) {
                double[] point = place.at((double) i / (rows - 1), (double) j / (columns - 1));
                System.arraycopy(point, 0, xyz, 3 * (i * columns + j), 3);
            }
        }
        return new Patch(tone, rows, columns, xyz);
    }

    /** A point's place. */
    public double[] point(int row, int column) {
        int at = 3 * (row * columns + column);
        return new double[] {xyz[at], xyz[at + 1], xyz[at + 2]};
    }

    /** The same surface, each point moved. */
    Patch moved(Move move) {
        double[] to = new double[xyz.length];
        for (int at = 0; at < xyz.length; at += 3) {
            System.arraycopy(move.of(xyz[at], xyz[at + 1], xyz[at + 2]), 0, to, at, 3);
        }
        return new Patch(tone, rows, columns, to);
    }

    /** Where a point goes. */
    interface Move {
        double[] of(double x, double y, double z);
    }

    /** Its area, mm², by triangles. */
    public double area() {
        double sum = 0;
        for (int i = 0; i + 1 < rows; i++) {
            for (int j = 0; j + 1 < columns; j++) {
                sum += triangle(point(i, j), point(i + 1, j), point(i, j + 1))
                        + triangle(point(i + 1, j + 1), point(i + 1, j), point(i, j + 1));
            }
        }
        return sum;
    }

    /** Length of a row from its first point to its last, mm. */
    public double along(int row) {
        double sum = 0;
        for (int j = 0; j + 1 < columns; j++) {
            double[] a = point(row, j);
            double[] b = point(row, j + 1);
            sum += Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
        }
        return sum;
    }

    private static double triangle(double[] a, double[] b, double[] c) {
        double ux = b[0] - a[0];
        double uy = b[1] - a[1];
        double uz = b[2] - a[2];
        double vx = c[0] - a[0];
        double vy = c[1] - a[1];
        double vz = c[2] - a[2];
        double nx = uy * vz - uz * vy;
        double ny = uz * vx - ux * vz;
        double nz = ux * vy - uy * vx;
        return Math.sqrt(nx * nx + ny * ny + nz * nz) / 2;
    }
}
