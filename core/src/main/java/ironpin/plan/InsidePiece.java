package ironpin.plan;

import ironpin.cook.Cooking;
import ironpin.cook.Course;
import ironpin.cook.LateEdge;
import ironpin.cook.Load;
import ironpin.cook.SafeTime;
import ironpin.cook.Start;
import ironpin.filling.SafeCore;
import ironpin.pantry.RawKind;
import ironpin.quantity.Belief;
import ironpin.quantity.Temperature;
import ironpin.worked.WorkedOut;
import java.time.Duration;
import java.util.Optional;

/**
 * What happens inside one piece of a lot in its fullest round (est.), and how sure that is ({@link SafeTime}).
 *
 * @param course the round
 * @param safe the middle that is wanted
 * @param usual when it is reached
 * @param least when it is reached in one case of ten
 * @param most when the late ones reach it
 * @param edge how late those are: for poultry, one of forty
 * @param lateAtEnd middle of the late case when the spells end, °C
 */
public record InsidePiece(
        Course course,
        Temperature safe,
        Optional<Duration> usual,
        Optional<Duration> least,
        Optional<Duration> most,
        LateEdge edge,
        double lateAtEnd) {
    /** Where a skin in water begins to dissolve. */
    private static final Temperature SKIN_COOKS = Temperature.ofCelsius(90);

    private static final double STEP = 5;
    private static final int KEPT = 120;
    private static final WorkedOut<Asked, InsidePiece> FOUND = new WorkedOut<>(KEPT, InsidePiece::work);

    private record Asked(Load load, SafeCore core, Belief taught) {}

    /** A piece of this lot as it is planned; absent if there is none. */
    public static Optional<InsidePiece> of(LotPlan lot) {
        return of(lot, lot.load());
    }

    /** The same from somewhere else, in the school's spells for that or in the cook's own. */
    public static Optional<InsidePiece> of(LotPlan lot, Start start) {
        Load load = lot.load();
        Cooking cooking = lot.lot().cooking().from(start);
        return of(
                lot,
                new Load(
                        load.body(),
                        load.piece(),
                        load.count(),
                        cooking.spells(lot.lot().method(), load.piece(), load.vessel()),
                        start.temperature(),
                        load.vessel(),
                        load.ovenCelsius()));
    }

    /** A piece of this lot, cooked in another way. */
    public static Optional<InsidePiece> of(LotPlan lot, Load load) {
        return lot.share().pieces() == 0
                ? Optional.empty()
                : Optional.of(FOUND.of(new Asked(
                        load,
                        SafeCore.of(lot.filling().formula()),
                        lot.lot().cooking().correction())));
    }

    /** How late a piece of this lot is reckoned with. */
    public static LateEdge edge(LotPlan lot) {
        return edge(SafeCore.of(lot.filling().formula()));
    }

    private static LateEdge edge(SafeCore core) {
        return core.raw().contains(RawKind.POULTRY) ? LateEdge.ONE_IN_FORTY : LateEdge.ONE_IN_TEN;
    }

    private static InsidePiece work(Asked asked) {
        Temperature safe = asked.core().core();
        LateEdge edge = edge(asked.core());
        SafeTime time = SafeTime.of(asked.load(), safe, edge, asked.taught());
        return new InsidePiece(time.course(), safe, time.usual(), time.early(), time.late(), edge, time.lateAtEnd());
    }

    /** Whether the late edge too is safe when the spells end. */
    public boolean safeAtEnd() {
        return most.filter(time -> time.compareTo(course.total()) <= 0).isPresent();
    }

    /** How long the skin has been over 90 °C when the spells end. */
    public Duration skinTime() {
        return course.run().skinOver(SKIN_COOKS, course.total());
    }

    /** To five seconds, upwards: as every sentence and picture says it, for no estimate is surer than that. */
    public static Duration up(Duration time) {
        return Duration.ofSeconds((long) (STEP * Math.ceil(time.toMillis() / 1_000.0 / STEP)));
    }
}
