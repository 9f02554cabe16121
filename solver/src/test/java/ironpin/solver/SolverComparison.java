package ironpin.solver;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.clock.Layout;
import ironpin.crew.Crew;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.plan.BatchPlan;
import ironpin.schedule.Draft;
import ironpin.schedule.Problem;
import ironpin.schedule.SmallKitchens;
import ironpin.schedule.Solved;
import ironpin.schedule.Solver;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** The solvers beside one another on the same problems; run it to print the rows of docs/benchmarks.md. */
final class SolverComparison {
    private static final Duration EFFORT = Duration.ofSeconds(2);

    private SolverComparison() {}

    public static void main(String[] args) {
        Solver cpSat = CpSat.orNobody(missing -> {
            throw new IllegalStateException(missing);
        });
        small("first answer", Solver.NOBODY);
        small("CP-SAT", cpSat);
        small("Choco", new ChocoTrial());
        for (int people = 1; people <= 3; people++) {
            Problem problem = Layout.problem(supper(people).day());
            supper(people + " people, first answer", problem, Solver.NOBODY);
            supper(people + " people, CP-SAT", problem, cpSat);
            supper(people + " people, Choco", problem, new ChocoTrial());
        }
    }

    static BatchPlan supper(int people) {
        Batch batch = Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")),
                "Supper",
                LocalDateTime.of(2026, 11, 28, 19, 0),
                12,
                Appetite.USUAL);
        List<Person> all = new ArrayList<>();
        for (int i = 1; i <= people; i++) {
            all.add(Person.cook("Cook " + i));
        }
        Plates plates = new Plates(Plates.Way.AS_READY, Duration.ofMinutes(45), Duration.ofMinutes(60));
        return BatchPlan.of(
                batch.withCrew(Crew.USUAL.withPeople(all).withTrays(8).withPlates(plates)));
    }

    private static void small(String name, Solver solver) {
        SmallKitchens kitchens = new SmallKitchens(27);
        int proven = 0;
        int kept = 0;
        long starts = 0;
        long begun = System.nanoTime();
        for (int i = 0; i < 60; i++) {
            Problem problem = kitchens.next();
            Solved solved = solver.improve(problem, Draft.backwards(problem, 4), EFFORT);
            proven += solved.proof().latestStart() ? 1 : 0;
            kept += solved.checked().score().kept() ? 1 : 0;
            starts += solved.checked().score().kept() ? solved.checked().score().start() : 0;
        }
        System.out.printf(
                "| 60 small kitchens, %s | %d kept | %d proven | mean start %.1f | %.0f ms each |%n",
                name, kept, proven, (double) starts / Math.max(1, kept), (System.nanoTime() - begun) / 60e6);
    }

    private static void supper(String name, Problem problem, Solver solver) {
        long begun = System.nanoTime();
        Solved solved = solver.improve(problem, Draft.backwards(problem, Draft.AT_ONCE), EFFORT);
        System.out.printf(
                "| supper, %s, %d tasks | excess %d | start %.1f min before | another up to %.1f min later | %.0f ms |%n",
                name,
                problem.jobs().size(),
                solved.checked().score().excess(),
                -solved.checked().score().start() / 2.0,
                solved.proof().start() / 2.0,
                (System.nanoTime() - begun) / 1e6);
    }
}
