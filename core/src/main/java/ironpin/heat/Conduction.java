package ironpin.heat;

import ironpin.heat.Mesh.Face;
import ironpin.heat.Mesh.Link;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;

/**
 * Heat into a piece, {@code ρ·∂H/∂t = ∇·(k·∇T)}, by finite volumes over the cells of a {@link Mesh} and explicit steps in heat content,
 * so that thawing and drying need nothing of their own and no heat is lost. At the surface {@code h·(T_around − T_surface)}, in series
 * with half a cell. Steps are under half of the longest stable one.
 */
public final class Conduction {
    /** Shells of a piece; a time changes by less than 1 % with twice as many. Thin pieces need fewer, and get them. */
    static final int SHELLS = 32;

    private static final int FEWEST_SHELLS = 6;
    private static final double THINNEST_SHELL_MM = 0.3;

    /** Cells times steps that are still worked out while somebody waits: about a second. */
    private static final double MOST_WORK = 4e8;

    /** Shells and sectors of a piece that stands on its seat. */
    static final int STANDING_SHELLS = 20;

    static final int SECTORS = 8;
    private static final int ROUGH_SHELLS = 10;

    /** Share of the way from the middle of the seat up and over that lies on the vessel (est.). */
    private static final double SEAT = 0.25;

    private static final int MOST_SAMPLES = 600;
    private static final double SAFE = 0.45;

    /** A core that no piece reaches, °C. */
    private static final double NEVER = Double.MAX_VALUE;

    private final Mesh mesh;
    /** Whether some of it may be frozen, or become so. */
    private boolean freezes;

    private double step;
    private final double[] content;
    private final double[] celsius;
    private final double[] gain;
    private final double[] perHeat;
    private final double[] conducts;

    /** Of each cell's matter: where it is thawed, what it holds there, and what a joule warms it by from there on. */
    private final double[] thaws;

    private final double[] thawed;
    private final double[] perKelvin;

    /** The links in arrays of their own, twice their factor, and what passes each for a kelvin: this is where the time goes. */
    private final int[] from;

    private final int[] to;
    private final double[] factor;
    private final double[] passes;
    private double into;

    private Conduction(Mesh mesh, double start, double coldest) {
        this.mesh = mesh;
        int cells = mesh.volume.length;
        content = new double[cells];
        celsius = new double[cells];
        gain = new double[cells];
        perHeat = new double[cells];
        boolean cold = Math.min(start, coldest) < 0;
        for (int i = 0; i < cells; i++) {
            content[i] = mesh.matter[i].content(start);
            celsius[i] = start;
            perHeat[i] = 1 / (mesh.volume[i] * mesh.matter[i].density());
        }
        conducts = new double[cells];
        thaws = new double[cells];
        thawed = new double[cells];
        perKelvin = new double[cells];
        for (int i = 0; i < cells; i++) {
            Matter one = mesh.matter[i];
            conducts[i] = one.conductivity();
            thaws[i] = one.freezes();
            thawed[i] = one.content(one.freezes());
            perKelvin[i] = 1 / one.heat();
        }
        from = Arrays.stream(mesh.links).mapToInt(Link::from).toArray();
        to = Arrays.stream(mesh.links).mapToInt(Link::to).toArray();
        factor =
                Arrays.stream(mesh.links).mapToDouble(link -> 2 * link.factor()).toArray();
        passes = new double[from.length];
        freezes = cold;
        step = stable(cold);
        link();
    }

    /** Two half cells in series. */
    private void link() {
        for (int i = 0; i < from.length; i++) {
            double a = conducts[from[i]];
            double b = conducts[to[i]];
            passes[i] = factor[i] * a * b / (a + b);
        }
    }

    /**
     * A piece that is everywhere at one temperature and then stands in one surrounding after another.
     *
     * @param around at least one
     */
    public static HeatRun run(HeatPiece piece, Temperature start, List<Around> around) {
        return run(piece, start.celsius(), around, shells(piece, SHELLS));
    }

    static HeatRun run(HeatPiece piece, double start, List<Around> around, int shells) {
        InTurn turns = new InTurn(around);
        return new Conduction(Mesh.even(piece, shells), start, turns.coldest())
                .run(turns, turns.seconds(), MOST_SAMPLES, NEVER);
    }

    /**
     * A piece that is everywhere at one temperature and then stands in something for a time.
     *
     * @param surroundings as they are at the beginning; they go on by themselves
     */
    public static HeatRun run(HeatPiece piece, Temperature start, Surroundings surroundings, Duration time) {
        Mesh mesh = surroundings.sided()
                ? standing(piece, shells(piece, STANDING_SHELLS))
                : Mesh.even(piece, shells(piece, SHELLS));
        return run(mesh, start.celsius(), surroundings, time, MOST_SAMPLES, NEVER);
    }

    private static Mesh standing(HeatPiece piece, int shells) {
        return Mesh.standing(piece, shells, SECTORS, SEAT);
    }

    /** The same on few shells, sampled every two seconds: a quick look at what the surroundings do. */
    public static HeatRun rough(HeatPiece piece, Temperature start, Surroundings surroundings, Duration time) {
        return rough(piece, start, surroundings, time, NEVER);
    }

    /** The same for as long as it takes the core to be so hot, and for a time at most. */
    public static HeatRun roughUntil(
            HeatPiece piece, Temperature start, Surroundings surroundings, Duration time, Temperature hot) {
        return rough(piece, start, surroundings, time, hot.celsius());
    }

    private static HeatRun rough(
            HeatPiece piece, Temperature start, Surroundings surroundings, Duration time, double enough) {
        int samples = (int) Math.max(1, time.toSeconds() / 2);
        Mesh mesh =
                surroundings.sided() ? standing(piece, shells(piece, ROUGH_SHELLS)) : Mesh.even(piece, ROUGH_SHELLS);
        return run(mesh, start.celsius(), surroundings, time, samples, enough);
    }

    static HeatRun run(Mesh mesh, double start, Surroundings surroundings, Duration time, int samples, double enough) {
        return new Conduction(mesh, start, surroundings.coldest())
                .run(surroundings, time.toMillis() / 1_000.0, samples, enough);
    }

    private static int shells(HeatPiece piece, int most) {
        int thin = (int) Math.round(piece.half().millimetres() / THINNEST_SHELL_MM);
        return Math.max(FEWEST_SHELLS, Math.min(most, thin));
    }

    private HeatRun run(Surroundings around, double seconds, int most, double enough) {
        if (seconds / step * content.length > MOST_WORK) {
            throw new Refused("so thin a piece, or one that conducts so well, is followed for at most "
                    + Math.max(1, Math.round(MOST_WORK / content.length * step / 60)) + " min");
        }
        double every = seconds / most;
        Samples samples = new Samples(most + 1);
        double now = 0;
        for (int next = 0; ; next++) {
            samples.take(next, around);
            if (next == most || samples.core[next] >= enough) {
                return samples.run(every, next + 1);
            }
            double until = every * (next + 1);
            while (now < until - 1e-9) {
                double span = Math.min(until - now, Math.max(around.steady(), 1e-6));
                int steps = Math.max(1, (int) Math.ceil(span / step - 1e-9));
                for (int i = 0; i < steps; i++) {
                    advance(around, span / steps);
                }
                now += span;
                if (freezes && around.coldest() >= 0 && thawed()) {
                    thaw();
                }
            }
        }
    }

    private boolean thawed() {
        for (int i = 0; i < celsius.length; i++) {
            if (celsius[i] < thaws[i]) {
                return false;
            }
        }
        return true;
    }

    /** Nothing will freeze it again: what thawed matter conducts stays the same, and steps may be as long as its own. */
    private void thaw() {
        freezes = false;
        for (int i = 0; i < conducts.length; i++) {
            conducts[i] = mesh.matter[i].conductivity();
        }
        link();
        step = stable(false);
    }

    /** The longest step for which no cell gives away more than it has over its neighbours, whatever it stands in. */
    private double stable(boolean cold) {
        double[] gives = new double[mesh.volume.length];
        for (Link link : mesh.links) {
            double k = Math.max(conducts(link.from(), cold), conducts(link.to(), cold)) * link.factor();
            gives[link.from()] += k;
            gives[link.to()] += k;
        }
        for (Face face : mesh.faces) {
            gives[face.cell()] += conducts(face.cell(), cold) / face.depth() * face.area();
        }
        double least = Double.MAX_VALUE;
        for (int i = 0; i < gives.length; i++) {
            Matter one = mesh.matter[i];
            double heat = cold ? Math.min(one.heat(), one.frozenHeat()) : one.heat();
            least = Math.min(least, one.density() * heat * mesh.volume[i] / gives[i]);
        }
        return SAFE * least;
    }

    private double conducts(int cell, boolean cold) {
        Matter one = mesh.matter[cell];
        return cold ? Math.max(one.conductivity(), one.frozenConductivity()) : one.conductivity();
    }

    private double conducts(int cell) {
        return freezes ? mesh.matter[cell].conducts(celsius[cell]) : conducts[cell];
    }

    private void advance(Surroundings around, double seconds) {
        if (freezes) {
            for (int i = 0; i < conducts.length; i++) {
                conducts[i] = mesh.matter[i].conducts(celsius[i]);
            }
            link();
        }
        if (mesh.sectors == 1) {
            alongARow();
        } else {
            overLinks();
        }
        into = 0;
        surface(around, false);
        surface(around, true);
        warm(seconds);
        around.advance(seconds, into / mesh.mass / 1_000);
    }

    /**
     * Between thawed and drying, where nearly all of it is nearly always, a cell's temperature is a straight line in its content: all are
     * taken for such at first, in a loop that a processor works through several at a time, and what was not is mended.
     */
    private void warm(double seconds) {
        double[] holds = content;
        double[] now = celsius;
        for (int i = 0; i < holds.length; i++) {
            holds[i] += seconds * gain[i] * perHeat[i];
        }
        for (int i = 0; i < holds.length; i++) {
            now[i] = thaws[i] + (holds[i] - thawed[i]) * perKelvin[i];
        }
        for (int i = 0; i < holds.length; i++) {
            if (!(now[i] >= thaws[i] && now[i] <= Matter.DRIES)) {
                now[i] = mesh.matter[i].temperature(holds[i], thawed[i]);
            }
        }
    }

    /** Each cell's only links are those to the one before and the one after. */
    private void alongARow() {
        double in = 0;
        for (int i = 0; i < passes.length; i++) {
            double out = passes[i] * (celsius[i] - celsius[i + 1]);
            gain[i] = in - out;
            in = out;
        }
        gain[passes.length] = in;
    }

    private void overLinks() {
        Arrays.fill(gain, 0);
        for (int i = 0; i < from.length; i++) {
            double flow = passes[i] * (celsius[from[i]] - celsius[to[i]]);
            gain[from[i]] -= flow;
            gain[to[i]] += flow;
        }
    }

    /** What passes the surface on one side. */
    private void surface(Surroundings around, boolean below) {
        double transfer = around.transfer(below);
        if (transfer <= 0) {
            return;
        }
        double outside = around.celsius(below);
        for (Face face : below ? mesh.below : mesh.above) {
            double flow = face.area()
                    / (1 / transfer + face.depth() / conducts[face.cell()])
                    * (outside - celsius[face.cell()]);
            gain[face.cell()] += flow;
            into += flow;
        }
    }

    /** What is written down at even times. */
    private final class Samples {
        private final double[] core;
        private final double[] mean;
        private final double[] surface;
        private final double[] outside;
        private final double[][] profiles;

        private Samples(int count) {
            core = new double[count];
            mean = new double[count];
            surface = new double[count];
            outside = new double[count];
            profiles = new double[count][];
        }

        private void take(int at, Surroundings around) {
            core[at] = core();
            double sum = 0;
            for (int i = 0; i < celsius.length; i++) {
                sum += mesh.volume[i] * mesh.matter[i].density() * celsius[i];
            }
            mean[at] = sum / mesh.mass;
            surface[at] = surface(around);
            outside[at] = around.medium();
            profiles[at] = celsius.clone();
        }

        private HeatRun run(double every, int count) {
            return new HeatRun(
                    every,
                    Arrays.copyOf(core, count),
                    Arrays.copyOf(mean, count),
                    Arrays.copyOf(surface, count),
                    Arrays.copyOf(outside, count),
                    Arrays.copyOf(profiles, count),
                    new HeatRun.Section(mesh));
        }

        private double core() {
            if (mesh.sectors == 1) {
                // The middle by the parabola through the two innermost shells, which is level there.
                return celsius[0] + (celsius[0] - celsius[1]) / 8;
            }
            double coldest = Double.MAX_VALUE;
            for (double one : celsius) {
                coldest = Math.min(coldest, one);
            }
            return coldest;
        }

        private double surface(Surroundings around) {
            double sum = 0;
            double area = 0;
            for (Face face : mesh.faces) {
                if (!face.below()) {
                    double inner = conducts(face.cell()) / face.depth();
                    double outer = around.transfer(false);
                    sum += face.area()
                            * (inner * celsius[face.cell()] + outer * around.celsius(false))
                            / (inner + outer);
                    area += face.area();
                }
            }
            return sum / area;
        }
    }

    /** Heat content over that at the coldest, in the mesh's own measure; for the test that none is lost. */
    static double heatIn(Mesh mesh, double[] profile) {
        double sum = 0;
        for (int i = 0; i < profile.length; i++) {
            sum += mesh.volume[i] * mesh.matter[i].density() * mesh.matter[i].content(profile[i]);
        }
        return sum;
    }
}
