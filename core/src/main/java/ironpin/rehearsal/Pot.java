package ironpin.rehearsal;

import ironpin.cook.Course;
import ironpin.cook.Load;
import ironpin.cook.PieceBody;
import ironpin.cook.PotLoad;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.Optional;

/**
 * A round in the pot on this hob, by the heat that every plan is computed with.
 *
 * @param back seconds until it boils again; as long as it is watched where it does not
 * @param floats seconds until the pieces float: gas and steam inside, not safety (est.)
 * @param safe seconds until the middle of a middling piece is safe
 */
record Pot(double back, double floats, double safe) {
    private static final double NEVER = 1_200;

    /** Steam begins to lift a piece when its middle is about so hot (est.). */
    private static final Temperature FLOATS = Temperature.ofCelsius(58);

    static Pot of(Bench bench, int count) {
        Load planned = Scene.LOT.load();
        Load load = new Load(
                PieceBody.of(
                        bench.fold(),
                        bench.wide(),
                        Scene.LOT.lot().shape().slice(),
                        bench.dough(),
                        bench.piece().minus(bench.dough())),
                bench.piece(),
                count,
                planned.spells(),
                planned.start(),
                planned.vessel()
                        .withWatts(planned.vessel().watts() * bench.truth().hob()),
                planned.ovenCelsius());
        Course course = Course.of(load);
        return new Pot(
                seconds(PotLoad.of(load).back()), seconds(course.until(FLOATS)), seconds(course.until(Scene.SAFE)));
    }

    private static double seconds(Optional<Duration> time) {
        return time.map(Duration::toMillis).map(millis -> millis / 1_000.0).orElse(NEVER);
    }

    /** When they are lifted: so long after they float, or a minute after one that was probed was safe. */
    double lifted(int afterFloating) {
        return afterFloating < 0 ? safe * PROBED : floats + afterFloating;
    }

    /** A probe is asked again until the heaviest of a few is safe. */
    private static final double PROBED = 1.15;
}
