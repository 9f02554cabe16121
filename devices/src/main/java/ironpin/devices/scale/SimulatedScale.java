package ironpin.devices.scale;

import ironpin.quantity.Mass;
import java.time.Duration;
import java.time.Instant;
import java.util.SplittableRandom;

/**
 * A stand-in for a kitchen scale: it follows what is put on it with a lag, trembles, wanders, shows whole steps, and can be
 * overloaded, switch itself off and lose its connection. The same seed and calls give the same readings.
 */
public final class SimulatedScale implements KitchenScale {
    /** Noise comes in as many independent steps a second as such a scale measures. */
    private static final long MEASURE_MILLIS = 100;

    /** Settled: within so many time constants of what lies on it. */
    private static final double TIME_CONSTANTS = 5;

    private final long seed;
    private ScaleTraits traits;
    private Mass load = Mass.ZERO;
    private double before;
    private Instant changed;
    private Instant zeroed;
    private Instant touched;
    private double tare;
    private boolean off;
    private boolean lost;

    /** @param seed of its trembling */
    public SimulatedScale(ScaleTraits traits, long seed, Instant now) {
        this.traits = traits;
        this.seed = seed;
        changed = now.minus(Duration.ofMinutes(1));
        zeroed = now;
        touched = now;
    }

    /** Other traits from now on. */
    public void behave(ScaleTraits other, Instant now) {
        put(load, now);
        traits = other;
    }

    /** What lies on it. */
    public Mass load() {
        return load;
    }

    /** So much lies on it from now on. */
    public void put(Mass mass, Instant now) {
        before = felt(now);
        load = mass;
        changed = now;
        touched = now;
    }

    /** Somebody presses its switch. */
    public void wake(Instant now) {
        off = false;
        touched = now;
        tare = felt(now);
        zeroed = now;
    }

    /** Its connection is lost, or found again. What lies on it stays. */
    public void lose(boolean gone) {
        lost = gone;
    }

    @Override
    public ScaleReading read(Instant now) {
        if (Duration.between(touched, now).compareTo(traits.off()) >= 0) {
            off = true;
        }
        if (lost) {
            return new ScaleReading(ScaleReading.State.LOST, Mass.ZERO, false, now);
        }
        if (off) {
            return new ScaleReading(ScaleReading.State.OFF, Mass.ZERO, false, now);
        }
        if (load.compareTo(traits.most()) > 0) {
            return new ScaleReading(ScaleReading.State.OVERLOAD, Mass.ZERO, false, now);
        }
        double grams = felt(now) - tare + wandered(now) + trembles(now);
        double step = traits.resolution().grams();
        Mass shown = Mass.ofGrams(Math.rint(grams / step) * step);
        return new ScaleReading(ScaleReading.State.READY, shown, rests(now), now);
    }

    @Override
    public void tare(Instant now) {
        if (read(now).state() == ScaleReading.State.READY) {
            tare = felt(now);
            zeroed = now;
            touched = now;
        }
    }

    private boolean rests(Instant now) {
        return seconds(changed, now) >= TIME_CONSTANTS * traits.settling().toMillis() / 1_000.0;
    }

    /** What it feels: from what lay on it before to what lies on it now. */
    private double felt(Instant now) {
        double constant = traits.settling().toMillis() / 1_000.0;
        double gone = constant == 0 ? 0 : Math.exp(-seconds(changed, now) / constant);
        return load.grams() + (before - load.grams()) * gone;
    }

    private double wandered(Instant now) {
        return traits.driftPerMinute() * seconds(zeroed, now) / 60;
    }

    private double trembles(Instant now) {
        long measure = now.toEpochMilli() / MEASURE_MILLIS;
        return traits.noise() == 0 ? 0 : traits.noise() * new SplittableRandom(seed ^ measure * 31).nextGaussian();
    }

    /** None where a clock was set back: a load that has not been put on yet would be felt beyond every measure. */
    private static double seconds(Instant from, Instant to) {
        return Math.max(0, Duration.between(from, to).toNanos() / 1e9);
    }
}
