package ironpin.cook;

import ironpin.heat.Conduction;
import ironpin.heat.HeatPiece;
import ironpin.heat.HeatRun;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How a round goes (est.): what its vessel and the inside of a piece do while its spells pass, and on, in the last of them, for as long
 * as it takes to see the end.
 *
 * @param run temperatures; around is what a thermometer in the vessel shows
 * @param marks when each spell begins
 * @param total how long the spells last
 * @param dry when the vessel's water is gone; absent if it never is, or there was none
 */
public record Course(HeatRun run, List<Mark> marks, Duration total, Optional<Duration> dry) {
    /** How long is watched after the last spell ought to have ended. */
    private static final double ON = 1.6;

    private static final Duration LEAST_ON = Duration.ofMinutes(6);
    private static final Duration LONGEST = Duration.ofHours(4);

    /** The beginning of a spell. @param from after the pieces went in */
    public record Mark(Spell spell, Duration from) {}

    /** A round. */
    public static Course of(Load load) {
        return of(load, Unknowns.NONE);
    }

    /** The same as it may really be. */
    static Course of(Load load, Unknowns unknowns) {
        return of(load, unknowns, Optional.empty());
    }

    /** The same on few cells until the core is so hot: for how much later that is, not for when. */
    static Course rough(Load load, Unknowns unknowns, Temperature hot) {
        return of(load, unknowns, Optional.of(hot));
    }

    private static Course of(Load load, Unknowns unknowns, Optional<Temperature> roughUntil) {
        Duration total = Cooking.time(load.spells());
        long on = Math.max(Math.round(total.toSeconds() * (ON - 1)), LEAST_ON.toSeconds());
        Duration watched = total.plusSeconds(on);
        Hearth hearth = new Hearth(load, unknowns);
        double half = unknowns.half();
        HeatPiece body = load.body().scaled(half * half * half).conducting(unknowns.conductivity());
        Temperature start = Temperature.ofCelsius(load.start().celsius() + unknowns.startKelvin());
        Duration seen = watched.compareTo(LONGEST) > 0 ? LONGEST : watched;
        HeatRun run = roughUntil
                .map(hot -> Conduction.roughUntil(body, start, hearth, seen, hot))
                .orElseGet(() -> Conduction.run(body, start, hearth, seen));
        List<Mark> marks = new ArrayList<>();
        hearth.began().forEach(one -> marks.add(new Mark(one.spell(), seconds(one.from()))));
        Optional<Duration> dry = Double.isNaN(hearth.dryAt()) ? Optional.empty() : Optional.of(seconds(hearth.dryAt()));
        return new Course(run, marks, total, dry);
    }

    private static Duration seconds(double seconds) {
        return Duration.ofMillis(Math.round(1_000 * seconds));
    }

    /** When the coldest place is first as hot as this. */
    public Optional<Duration> until(Temperature core) {
        return run.until(core);
    }

    /** How hot the coldest place is when the spells end, °C. */
    public double coreAtEnd() {
        return run.core()[run.sample(total)];
    }
}
