package ironpin.heat;

import ironpin.quantity.Temperature;
import java.util.List;

/**
 * Heat into a piece, {@code ρ·∂H/∂t = x^−p·∂/∂x(x^p·k·∂T/∂x)}, by finite volumes over shells of equal thickness and explicit steps in
 * heat content, so that thawing needs nothing of its own and no heat is lost. At the surface {@code h·(T_around − T_surface)}, in
 * series with half a shell. Steps are under half of the longest stable one.
 */
public final class Conduction {
    /** Shells of a piece; a time changes by less than 1 % with twice as many. */
    static final int SHELLS = 48;

    private static final int MOST_SAMPLES = 600;
    private static final double SAFE = 0.45;

    private final HeatPiece piece;
    private final int shells;
    private final double step;
    private final Matter[] matter;
    private final double[] volume;
    private final double[] area;
    private final double[] content;
    private final double[] celsius;
    private final double[] flow;

    private Conduction(HeatPiece piece, double start, int shells) {
        this.piece = piece;
        this.shells = shells;
        step = piece.half().millimetres() / 1_000 / shells;
        double power = piece.form().power();
        double skinFrom = (piece.half().millimetres() - piece.skin().millimetres()) / 1_000;
        matter = new Matter[shells];
        volume = new double[shells];
        area = new double[shells + 1];
        content = new double[shells];
        celsius = new double[shells];
        flow = new double[shells + 1];
        for (int i = 0; i <= shells; i++) {
            area[i] = Math.pow(i * step, power);
        }
        for (int i = 0; i < shells; i++) {
            matter[i] = (i + 0.5) * step < skinFrom ? piece.inside() : piece.outside();
            volume[i] = (Math.pow((i + 1) * step, power + 1) - Math.pow(i * step, power + 1)) / (power + 1);
            content[i] = matter[i].content(start);
            celsius[i] = start;
        }
    }

    /**
     * A piece that is everywhere at one temperature and then stands in one surrounding after another.
     *
     * @param around at least one
     */
    public static HeatRun run(HeatPiece piece, Temperature start, List<Around> around) {
        return run(piece, start.celsius(), around, SHELLS);
    }

    static HeatRun run(HeatPiece piece, double start, List<Around> around, int shells) {
        return new Conduction(piece, start, shells).run(around);
    }

    private HeatRun run(List<Around> around) {
        double all = around.stream().mapToDouble(one -> seconds(one)).sum();
        double every = all / MOST_SAMPLES;
        int samples = MOST_SAMPLES + 1;
        double[] core = new double[samples];
        double[] mean = new double[samples];
        double[] surface = new double[samples];
        double[] outside = new double[samples];
        double[][] profiles = new double[samples][];
        int next = 0;
        double now = 0;
        for (Around one : around) {
            double end = now + seconds(one);
            double dt = stable(one.transfer());
            while (now < end - 1e-9) {
                while (next < samples && next * every <= now + 1e-9) {
                    sample(next++, one, core, mean, surface, outside, profiles);
                }
                double until = Math.min(end, next < samples ? next * every : end);
                int steps = Math.max(1, (int) Math.ceil((until - now) / dt - 1e-9));
                double each = (until - now) / steps;
                for (int i = 0; i < steps; i++) {
                    advance(one, each);
                }
                now = until;
            }
        }
        Around last = around.get(around.size() - 1);
        while (next < samples) {
            sample(next++, last, core, mean, surface, outside, profiles);
        }
        return new HeatRun(every, core, mean, surface, outside, profiles);
    }

    private static double seconds(Around one) {
        return one.time().toMillis() / 1_000.0;
    }

    /** The longest step for which no shell gives away more than it has over its neighbours. */
    private double stable(double transfer) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < shells; i++) {
            Matter one = matter[i];
            double k = Math.max(one.conductivity(), one.frozenConductivity());
            double heat = Math.min(one.heat(), one.frozenHeat());
            double gives = k / step * (area[i] + area[i + 1]);
            if (i == shells - 1) {
                gives = k / step * area[i] + surface(k, transfer) * area[shells];
            }
            least = Math.min(least, one.density() * heat * volume[i] / gives);
        }
        return SAFE * least;
    }

    /** Through half a shell and what surrounds it, W/(m²·K). */
    private double surface(double k, double transfer) {
        return transfer == 0 ? 0 : 1 / (1 / transfer + step / 2 / k);
    }

    private void advance(Around around, double dt) {
        for (int i = 1; i < shells; i++) {
            double a = matter[i - 1].conducts(celsius[i - 1]);
            double b = matter[i].conducts(celsius[i]);
            flow[i] = area[i] * 2 * a * b / (a + b) * (celsius[i - 1] - celsius[i]) / step;
        }
        double k = matter[shells - 1].conducts(celsius[shells - 1]);
        flow[shells] = area[shells] * surface(k, around.transfer()) * (celsius[shells - 1] - around.celsius());
        for (int i = 0; i < shells; i++) {
            content[i] += dt * (flow[i] - flow[i + 1]) / (volume[i] * matter[i].density());
            celsius[i] = matter[i].temperature(content[i]);
        }
    }

    private void sample(
            int at,
            Around around,
            double[] core,
            double[] mean,
            double[] surface,
            double[] outside,
            double[][] profiles) {
        // The middle by the parabola through the two innermost shells, which is level there.
        core[at] = celsius[0] + (celsius[0] - celsius[1]) / 8;
        double mass = 0;
        double sum = 0;
        for (int i = 0; i < shells; i++) {
            double one = volume[i] * matter[i].density();
            mass += one;
            sum += one * celsius[i];
        }
        mean[at] = sum / mass;
        double k = matter[shells - 1].conducts(celsius[shells - 1]);
        double inner = 2 * k / step;
        surface[at] =
                (inner * celsius[shells - 1] + around.transfer() * around.celsius()) / (inner + around.transfer());
        outside[at] = around.celsius();
        profiles[at] = celsius.clone();
    }

    /** Heat content over the start per area of a slab, or the like of other forms; for the test that none is lost. */
    static double heatIn(HeatPiece piece, double[] profile) {
        Conduction made = new Conduction(piece, 0, profile.length);
        double sum = 0;
        for (int i = 0; i < profile.length; i++) {
            sum += made.volume[i] * made.matter[i].density() * made.matter[i].content(profile[i]);
        }
        return sum;
    }
}
