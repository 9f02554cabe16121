package ironpin.bench;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.cook.Cooking;
import ironpin.cook.Course;
import ironpin.cook.LateEdge;
import ironpin.cook.Load;
import ironpin.cook.PotLoad;
import ironpin.cook.SafeTime;
import ironpin.cook.Start;
import ironpin.plan.BatchPlan;
import ironpin.quantity.Temperature;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * How long it takes to see inside a piece: one round boiled from the board and from the freezer, one in a pan, what a drag asks for (the
 * usual time and its band), a comparison of twelve, and the largest load of a pot. Nothing is remembered between.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class HeatBenchmark {
    private static final Temperature HOT = Temperature.ofCelsius(75);

    private final Load boiled = load("boiled-crescent", Start.ROOM);
    private final Load frozen = load("boiled-crescent", Start.FREEZER);
    private final Load fried = load("pan-crescent", Start.ROOM);
    private final List<Load> twelve = twelve();

    private static Load load(String style, Start start) {
        Batch batch =
                Styles.start(Styles.get(style), "Bench", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        Batch from = batch.mapLot(1, lot -> lot.withCooking(lot.cooking().from(start)));
        return BatchPlan.of(from).lot(1).load();
    }

    private static List<Load> twelve() {
        List<Load> all = new ArrayList<>();
        for (String style : List.of("boiled-crescent", "steamed-leaf", "pan-crescent", "griddle-bread")) {
            for (Start start : Start.values()) {
                all.add(load(style, start));
            }
        }
        return all;
    }

    @Benchmark
    public Course boiledFromTheBoard() {
        return Course.of(boiled);
    }

    @Benchmark
    public Course boiledFromTheFreezer() {
        return Course.of(frozen);
    }

    @Benchmark
    public Course inAPan() {
        return Course.of(fried);
    }

    /** What every move of a drag asks for. */
    @Benchmark
    public SafeTime whileDragging() {
        return SafeTime.of(boiled, HOT, LateEdge.ONE_IN_TEN, Cooking.UNTAUGHT);
    }

    @Benchmark
    public List<Course> twelveBesideOneAnother() {
        List<Course> all = new ArrayList<>();
        twelve.forEach(load -> all.add(Course.of(load)));
        return all;
    }

    @Benchmark
    public int largestLoad() {
        return PotLoad.largest(boiled);
    }
}
