package ironpin.household;

import ironpin.pantry.Food;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import ironpin.quantity.Measured;
import ironpin.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A dough's lines rounded to cups and spoons together: of the nearest few measures of each line those that are taken keep the dough as
 * wet as it was planned. Flour and water each rounded alone may move a dough by three points, which is the width of half a band.
 */
public final class DoughInCups {
    /**
     * A line of a dough.
     *
     * @param food what it is
     * @param mass of it
     * @param water in a gram of it that wets the flour, 0 to 1
     * @param flour whether the rest is measured against it
     */
    public record Line(Food food, Mass mass, double water, boolean flour) {}

    /** The nearest few of each line are tried against each other. */
    private static final int TRIED = 9;

    /** What a point of hydration costs against a line's own rounding, parts of 1 for each point. */
    private static final double POINT = 0.05;
    /** Beyond half a point it feels another dough. */
    private static final double FELT_POINTS = 0.5;

    private static final double FELT = 1;

    private final List<Line> lines;
    private final double planned;

    private DoughInCups(List<Line> lines) {
        this.lines = lines;
        this.planned = hydration(lines.stream().map(line -> line.mass.grams()).toList());
    }

    /**
     * A dough in cups and spoons.
     *
     * @param lines every line's mass with the measures it fills, in their order
     * @param hydration what the dough holds when it is measured so, for where its planned hydration stands
     */
    public record Filled(List<Measured> lines, Measured hydration) {
        public Filled {
            lines = List.copyOf(lines);
        }
    }

    /**
     * These lines rounded together.
     *
     * @throws IllegalArgumentException if there is no flour in them
     */
    public static Filled of(List<Line> lines) {
        DoughInCups dough = new DoughInCups(lines);
        Rounded metric = dough.in(CupStandard.METRIC);
        Rounded us = dough.in(CupStandard.US);
        List<Measured> said = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Optional<Quantity> mass = Optional.of(Household.asWeighed(lines.get(i).mass));
            said.add(new Measured(mass, metric.said.get(i), us.said.get(i)));
        }
        return new Filled(said, new Measured(Optional.empty(), metric.held(), us.held()));
    }

    /** How wet a dough is that was measured so, %. */
    static double measuredHydration(List<Line> lines, CupStandard standard) {
        return new DoughInCups(lines).in(standard).hydration;
    }

    private record Rounded(List<Optional<Measured.Spooned>> said, double hydration) {
        Optional<Measured.Spooned> held() {
            return said.stream().anyMatch(Optional::isPresent)
                    ? Optional.of(new Measured.Spooned(Decimal.fixed(hydration, 1) + " % in cups and spoons"))
                    : Optional.empty();
        }
    }

    private Rounded in(CupStandard standard) {
        List<List<Spoonful>> tried = new ArrayList<>();
        for (Line line : lines) {
            boolean asked = Household.spoonable(line.food) && !line.mass.isZero();
            tried.add(asked ? Household.nearest(millilitres(line), standard, TRIED) : List.of());
        }
        Search search = new Search(tried);
        search.from(0, new ArrayList<>(), 0);
        List<Optional<Measured.Spooned>> said = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            // An egg is an egg, and its water is counted as it was weighed.
            Optional<Measured.Spooned> whole =
                    line.water > 0 && line.water < 1 ? Household.of(line.food, line.mass, standard) : Optional.empty();
            Optional<Measured.Spooned> filled =
                    Optional.ofNullable(search.best.get(i)).map(one -> Household.said(line.food, one, line.mass));
            said.add(whole.or(() -> filled));
        }
        return new Rounded(said, hydration(grams(search.best)));
    }

    private static double millilitres(Line line) {
        return Household.millilitres(line.food, line.mass);
    }

    /** What was measured weighs; what is not spooned, as it was weighed. */
    private List<Double> grams(List<Spoonful> chosen) {
        List<Double> grams = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Spoonful one = i < chosen.size() ? chosen.get(i) : null;
            Line line = lines.get(i);
            grams.add(one == null ? line.mass.grams() : line.mass.grams() * one.millilitres() / millilitres(line));
        }
        return grams;
    }

    private double hydration(List<Double> grams) {
        double flour = 0;
        double water = 0;
        for (int i = 0; i < lines.size(); i++) {
            flour += lines.get(i).flour ? grams.get(i) : 0;
            water += lines.get(i).water * grams.get(i);
        }
        if (flour <= 0) {
            throw new IllegalArgumentException("a dough without flour has no hydration");
        }
        return 100 * water / flour;
    }

    /** All the tried measures against each other: nine of each of at most a handful of lines that decide. */
    private final class Search {
        private final List<List<Spoonful>> tried;
        private List<Spoonful> best = new ArrayList<>();
        private double least = Double.MAX_VALUE;

        Search(List<List<Spoonful>> tried) {
            this.tried = tried;
        }

        void from(int line, List<Spoonful> chosen, double cost) {
            if (cost >= least) {
                return;
            }
            if (line == lines.size()) {
                double off = Math.abs(DoughInCups.this.hydration(grams(chosen)) - planned);
                double all = cost + off * POINT + Math.max(0, off - FELT_POINTS) * FELT;
                if (all < least) {
                    least = all;
                    best = new ArrayList<>(chosen);
                }
                return;
            }
            boolean decides = lines.get(line).flour || lines.get(line).water > 0;
            List<Spoonful> of = tried.get(line);
            if (of.isEmpty()) {
                next(line, chosen, null, cost);
            }
            for (Spoonful one : of.subList(0, decides ? of.size() : Math.min(1, of.size()))) {
                next(line, chosen, one, cost + Household.cost(one, millilitres(lines.get(line))));
            }
        }

        private void next(int line, List<Spoonful> chosen, Spoonful one, double cost) {
            chosen.add(one);
            from(line + 1, chosen, cost);
            chosen.remove(chosen.size() - 1);
        }
    }
}
