package ironpin.cook;

import ironpin.quantity.Belief;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;

/**
 * How long until the middle of a piece is safe, and how sure that is (est.). Everything that is not known is carried: mass by
 * ±15 %, conductivity over 0.38 to 0.52 W/(m·K), what passes the surface over its usual range, the start by ±3 K, water and steam by
 * height and weak boiling, form and filling that are not the ideal body's. Each is varied by one standard deviation; logarithms of the
 * time are taken as linear in them, and as normal (against sampled courses: {@code SafeTimeTest}).
 *
 * @param course the round as it is taken for
 * @param usual when the middle is safe then
 * @param early when it is safe in one case of ten
 * @param late when the late one is safe, by the edge that was asked for
 * @param lateAtEnd middle of the late case when the spells end, °C
 */
public record SafeTime(
        Course course, Optional<Duration> usual, Optional<Duration> early, Optional<Duration> late, double lateAtEnd) {
    /** Standard deviations of the logarithms; ±15 % of mass, 0.38 to 0.52 and a form off by 8 % hold nine cases of ten. */
    static final double MASS = 0.091;

    static final double CONDUCTIVITY = 0.095;
    static final double FORM = 0.047;
    static final double START_KELVIN = 1.8;
    static final double MEDIUM_KELVIN = 1.2;
    static final Map<Fire, Double> FILM = Map.of(
            Fire.BOIL,
            0.155,
            Fire.STEAM,
            0.28,
            Fire.PAN,
            0.30,
            Fire.GRIDDLE,
            0.30,
            Fire.FRY,
            0.25,
            Fire.BAKE,
            0.30,
            Fire.REST,
            0.30);

    /**
     * A round.
     *
     * @param safe the middle that is wanted
     * @param edge how late a piece is reckoned with
     * @param taught what a probe has taught of such rounds here
     */
    public static SafeTime of(Load load, Temperature safe, LateEdge edge, Belief taught) {
        Course usual = Course.of(load);
        Optional<Duration> time = usual.until(safe);
        double film = FILM.get(load.spells().get(0).fire());
        Unknowns[] one = {
            new Unknowns(1, 1, Math.exp(MASS / 3), 0, 0),
            new Unknowns(Math.exp(-CONDUCTIVITY), 1, 1, 0, 0),
            new Unknowns(1, Math.exp(-film), 1, 0, 0),
            new Unknowns(1, 1, 1, -START_KELVIN, -MEDIUM_KELVIN),
        };
        double[] moves = new double[one.length];
        Optional<Duration> like = Course.rough(load, Unknowns.NONE, safe).until(safe);
        for (int i = 0; i < one.length; i++) {
            moves[i] = later(like, Course.rough(load, one[i], safe), safe);
        }
        // A form that is off makes a piece thicker or thinner, like its mass.
        double form = moves[0] * FORM / (MASS / 3);
        double model = Math.sqrt(square(moves[1]) + square(moves[2]) + square(moves[3]) + square(form));
        double known = taught.lessons() == 0 ? model : Math.min(model, taught.spread() / taught.mean());
        double spread = Math.sqrt(square(moves[0]) + square(known));
        double part = spread == 0 ? 0 : edge.deviations() / spread;
        double shrunk = model == 0 ? 0 : known / model;
        Course late = Course.of(
                load,
                new Unknowns(
                        Math.exp(-CONDUCTIVITY * part * moves[1] * shrunk),
                        Math.exp(-film * part * moves[2] * shrunk),
                        Math.exp(MASS / 3 * part * moves[0] + FORM * part * form * shrunk),
                        -START_KELVIN * part * moves[3] * shrunk,
                        -MEDIUM_KELVIN * part * moves[3] * shrunk));
        return new SafeTime(
                usual,
                time,
                time.map(at -> times(at, -LateEdge.ONE_IN_TEN.deviations() * spread)),
                time.filter(at -> late.until(safe).isPresent()).map(at -> times(at, edge.deviations() * spread)),
                late.coreAtEnd());
    }

    /** By how much later, as a logarithm; what was not safe for as long as it was watched is that late at least. */
    private static double later(Optional<Duration> usual, Course moved, Temperature safe) {
        if (usual.isEmpty()) {
            return 0;
        }
        double end = 1_000 * moved.run().every() * moved.run().samples();
        double then =
                moved.until(safe).map(Duration::toMillis).map(Long::doubleValue).orElse(end);
        return Math.max(0, Math.log(then / Math.max(1, usual.get().toMillis())));
    }

    private static Duration times(Duration time, double logarithm) {
        return Duration.ofMillis(Math.round(time.toMillis() * Math.exp(logarithm)));
    }

    private static double square(double value) {
        return value * value;
    }
}
