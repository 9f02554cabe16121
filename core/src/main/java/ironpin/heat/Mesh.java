package ironpin.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A piece cut into cells, and what heat passes between them. Shells of equal thickness from the middle outwards; if its two sides
 * stand in different surroundings, each shell is cut into sectors from the seat up as well, so that a flat piece has two and a round
 * one several. The share of a sector at the angle θ from the seat grows as {@code sin^(p−1)θ}, as on a roll (p = 1) and a ball (p = 2).
 *
 * <p>Volumes and areas are those of one unit of whatever a form has besides: of area for a slab, of length for a roll.
 */
final class Mesh {
    /** Shells in the middle of a round piece that are not cut: a share of its radius. */
    private static final double UNCUT = 0.25;

    private static final int ANGLES = 40;

    /** Heat from one cell to another. @param factor area by distance, m by whatever a form has besides */
    record Link(int from, int to, double factor) {}

    /** Heat through a cell's outer face. @param depth from the cell's middle to the face, m @param below whether it is on the seat's side */
    record Face(int cell, double area, double depth, boolean below) {}

    final int shells;
    final int sectors;
    final double step;
    final double[] volume;
    final Matter[] matter;
    final Link[] links;
    final Face[] faces;

    /** Those on the seat, and the others. */
    final Face[] below;

    final Face[] above;

    /** In the same measure as the volumes, kg. */
    final double mass;

    /** Where a shell's cells begin, the innermost first. */
    private final int[] first;

    private final int uncut;
    private final int standing;

    private Mesh(HeatPiece piece, int shells, int sectors, double seat) {
        this.shells = shells;
        this.sectors = sectors;
        double power = piece.form().power();
        step = piece.half().millimetres() / 1_000 / shells;
        uncut = sectors == 1 ? shells : power == 0 ? 0 : Math.max(1, (int) Math.round(UNCUT * shells));
        standing = sectors == 1 ? 0 : Math.max(1, (int) Math.round(seat * sectors));
        first = new int[shells + 1];
        for (int i = 0; i < shells; i++) {
            first[i + 1] = first[i] + (i < uncut ? 1 : sectors);
        }
        volume = new double[first[shells]];
        matter = new Matter[first[shells]];
        double[] share = shares(power, sectors);
        double skinFrom = (piece.half().millimetres() - piece.skin().millimetres()) / 1_000;
        for (int i = 0; i < shells; i++) {
            double shell = (Math.pow((i + 1) * step, power + 1) - Math.pow(i * step, power + 1)) / (power + 1);
            for (int cell = first[i]; cell < first[i + 1]; cell++) {
                volume[cell] = shell * (first[i + 1] - first[i] == 1 ? 1 : share[cell - first[i]]);
                matter[cell] = (i + 0.5) * step < skinFrom ? piece.inside() : piece.outside();
            }
        }
        double sum = 0;
        for (int i = 0; i < volume.length; i++) {
            sum += volume[i] * matter[i].density();
        }
        mass = sum;
        links = links(power, share);
        faces = new Face[first[shells] - first[shells - 1]];
        double area = Math.pow(shells * step, power);
        for (int j = 0; j < faces.length; j++) {
            double part = faces.length == 1 ? 1 : share[j];
            faces[j] = new Face(first[shells - 1] + j, area * part, step / 2, j < standing);
        }
        below = Arrays.copyOf(faces, Math.min(faces.length, standing));
        above = Arrays.copyOfRange(faces, below.length, faces.length);
    }

    /** Heated alike from all sides. */
    static Mesh even(HeatPiece piece, int shells) {
        return new Mesh(piece, shells, 1, 0);
    }

    /**
     * Standing on its seat.
     *
     * @param seat share of the way from the middle of the seat up and over that is its seat, 0 to 1
     */
    static Mesh standing(HeatPiece piece, int shells, int sectors, double seat) {
        return piece.form() == HeatPiece.Form.SLAB
                ? new Mesh(piece, shells, 2, 0.5)
                : new Mesh(piece, shells, sectors, seat);
    }

    /** Share of a shell that each sector has; they add up to 1, or to 1 on each side for a slab, which has two. */
    private static double[] shares(double power, int sectors) {
        double[] share = new double[sectors];
        double all = 0;
        for (int j = 0; j < sectors; j++) {
            for (int i = 0; i < ANGLES; i++) {
                double angle = Math.PI * (j + (i + 0.5) / ANGLES) / sectors;
                share[j] += power == 0 ? 1 : Math.pow(Math.sin(angle), power - 1);
            }
            all += share[j];
        }
        for (int j = 0; j < sectors; j++) {
            share[j] = power == 0 ? 1 : share[j] / all;
        }
        return share;
    }

    private Link[] links(double power, double[] share) {
        List<Link> found = new ArrayList<>();
        for (int i = 1; i < shells; i++) {
            double passes = Math.pow(i * step, power) / step;
            for (int j = 0; j < first[i + 1] - first[i]; j++) {
                boolean cut = first[i + 1] - first[i] > 1;
                int inner = first[i] - first[i - 1] > 1 ? first[i - 1] + j : first[i - 1];
                found.add(new Link(inner, first[i] + j, passes * (cut ? share[j] : 1)));
            }
        }
        if (power == 0 && sectors == 2) {
            found.add(new Link(0, 1, 1 / step));
        }
        if (power > 0 && sectors > 1) {
            around(power, found);
        }
        return found.toArray(Link[]::new);
    }

    /** From one sector to the next within a shell: {@code ∫r^(p−2)dr·sin^(p−1)θ/Δθ} in the same measure as the shares. */
    private void around(double power, List<Link> found) {
        double all = 0;
        for (int i = 0; i < ANGLES * sectors; i++) {
            all += Math.pow(Math.sin(Math.PI * (i + 0.5) / ANGLES / sectors), power - 1) * Math.PI / ANGLES / sectors;
        }
        double apart = Math.PI / sectors;
        for (int i = uncut; i < shells; i++) {
            double middle = (i + 0.5) * step;
            for (int j = 1; j < sectors; j++) {
                double wide = Math.pow(Math.sin(Math.PI * j / sectors), power - 1) / all;
                double factor = Math.pow(middle, power - 2) * step * wide / apart;
                found.add(new Link(first[i] + j - 1, first[i] + j, factor));
            }
        }
    }

    /** The cell at a share of the way out and a share of the way from the seat up and over. */
    int cell(double out, double up) {
        int shell = Math.max(0, Math.min(shells - 1, (int) (out * shells)));
        int count = first[shell + 1] - first[shell];
        return first[shell] + Math.max(0, Math.min(count - 1, (int) (up * count)));
    }
}
