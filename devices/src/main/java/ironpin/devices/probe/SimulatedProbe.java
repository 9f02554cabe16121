package ironpin.devices.probe;

import ironpin.heat.HeatRun;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * A stand-in for a probe in a piece whose temperatures are known: it follows them with a lag, from where its tip is, trembles, and shows
 * whole steps. The same seed and moments give the same readings.
 */
public final class SimulatedProbe implements CoreProbe {
    /** As far back as its lag still shows, in time constants, and in how many steps that is added up. */
    private static final double CONSTANTS = 6;

    private static final int STEPS = 60;
    private static final long MEASURE_MILLIS = 500;

    private final HeatRun inside;
    private final Instant since;
    private final ProbeTraits traits;
    private final double kitchen;
    private final long seed;

    /**
     * @param inside temperatures of the piece it is in
     * @param since when the piece went in, and the probe with it
     * @param kitchen what it showed before
     */
    public SimulatedProbe(HeatRun inside, Instant since, ProbeTraits traits, Temperature kitchen, long seed) {
        this.inside = inside;
        this.since = since;
        this.traits = traits;
        this.kitchen = kitchen.celsius();
        this.seed = seed;
    }

    @Override
    public Optional<Temperature> read(Instant now) {
        double seconds = Duration.between(since, now).toMillis() / 1_000.0;
        if (seconds < 0) {
            return Optional.empty();
        }
        long measure = now.toEpochMilli() / MEASURE_MILLIS;
        double trembles =
                traits.noise() == 0 ? 0 : traits.noise() * new SplittableRandom(seed ^ measure * 31).nextGaussian();
        double shown = Math.rint((followed(seconds) + trembles) / traits.resolution()) * traits.resolution();
        return Optional.of(Temperature.ofCelsius(shown));
    }

    /** What a first-order lag makes of the temperatures at its tip: {@code ∫T(t−s)·e^(−s/τ)/τ·ds}. */
    private double followed(double seconds) {
        double lag = traits.lag().toMillis() / 1_000.0;
        if (lag == 0) {
            return tip(seconds);
        }
        double back = Math.min(seconds, CONSTANTS * lag);
        double sum = kitchen * Math.exp(-back / lag);
        for (int i = 0; i < STEPS; i++) {
            double from = back * i / STEPS;
            double to = back * (i + 1) / STEPS;
            sum += tip(seconds - (from + to) / 2) * (Math.exp(-from / lag) - Math.exp(-to / lag));
        }
        return sum;
    }

    private double tip(double seconds) {
        int sample = inside.sample(Duration.ofMillis(Math.round(1_000 * seconds)));
        // Sideways: neither towards the seat nor away from it.
        return inside.at(sample, traits.offCentre(), 0.5);
    }
}
