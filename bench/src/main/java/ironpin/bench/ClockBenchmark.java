package ironpin.bench;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.clock.DayPlan;
import ironpin.clock.Forecast;
import ironpin.clock.Layout;
import ironpin.clock.Standing;
import ironpin.clock.Timetable;
import ironpin.crew.Crew;
import ironpin.crew.Person;
import ironpin.crew.Plates;
import ironpin.plan.BatchPlan;
import ironpin.schedule.Answer;
import ironpin.schedule.Draft;
import ironpin.schedule.Problem;
import ironpin.style.Styles;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

/** How long a day takes: a first answer for some sixty tasks and two cooks, and the rest of it planned again half-way through. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class ClockBenchmark {
    /** As many layings as a page's first answer takes for a day of this size. */
    private static final int TRIES = 10;

    private final DayPlan day = supper();
    private final Problem problem = Layout.problem(day);
    private final Timetable table = Layout.timetable(day, Layout.first(day));
    private final Standing half = half();

    private static DayPlan supper() {
        Batch batch = Styles.start(
                List.of(Styles.get("boiled-crescent"), Styles.get("steamed-leaf"), Styles.get("griddle-bread")),
                "Supper",
                LocalDateTime.of(2026, 11, 28, 19, 0),
                12,
                Appetite.USUAL);
        Plates plates = new Plates(Plates.Way.AS_READY, Duration.ofMinutes(45), Duration.ofMinutes(60));
        List<Person> people = List.of(Person.cook("One"), Person.cook("Other"));
        return BatchPlan.of(batch.withCrew(
                        Crew.USUAL.withPeople(people).withTrays(8).withPlates(plates)))
                .day();
    }

    /** Everything that was to be over by the middle is, ten minutes late. */
    private Standing half() {
        Map<String, Instant> done = new HashMap<>();
        ZonedDateTime middle = table.serving().minusMinutes(60);
        for (Timetable.Slot slot : table.slots()) {
            if (slot.end().isBefore(middle)) {
                done.put(slot.task().key(), slot.end().plusMinutes(10).toInstant());
            }
        }
        return Standing.of(table, Optional.empty(), done, Map.of(), middle.plusMinutes(10));
    }

    @Benchmark
    public Answer firstAnswer() {
        return Draft.backwards(problem, TRIES);
    }

    @Benchmark
    public Forecast goingOn() {
        return Forecast.of(day, table, half);
    }

    @Benchmark
    public Forecast plannedAgain() {
        return Forecast.again(day, table, half);
    }
}
