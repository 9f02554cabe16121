package ironpin.devices.probe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.devices.hob.SimulatedHob;
import ironpin.heat.Around;
import ironpin.heat.Conduction;
import ironpin.heat.HeatPiece;
import ironpin.heat.HeatRun;
import ironpin.heat.Matter;
import ironpin.quantity.Length;
import ironpin.quantity.Temperature;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

/** The stand-ins against the model they stand in, and against what a lag must do. */
public class ProbeTest {
    private static final Instant IN = Instant.parse("2026-11-28T18:00:00Z");
    private static final Temperature KITCHEN = Temperature.ofCelsius(20);
    private static final HeatRun RUN = Conduction.run(
            new HeatPiece(
                    HeatPiece.Form.CRESCENT,
                    Length.ofMillimetres(13),
                    Length.ofMillimetres(2),
                    Matter.FILLING,
                    Matter.DOUGH),
            KITCHEN,
            List.of(new Around(1_800, 99, Duration.ofMinutes(12))));

    private static double shown(ProbeTraits traits, int seconds) {
        return new SimulatedProbe(RUN, IN, traits, KITCHEN, 7)
                .read(IN.plusSeconds(seconds))
                .orElseThrow()
                .celsius();
    }

    private static ProbeTraits exact(double lagSeconds, double off) {
        return new ProbeTraits(Duration.ofMillis(Math.round(1_000 * lagSeconds)), 0, off, 0.01);
    }

    /** Without lag, noise or misplacement it shows what the model has in the middle. */
    @Test
    public void aPostedProbeShowsWhatCameUntilItIsSilent() {
        PostedProbe probe = new PostedProbe();
        assertEquals(probe.read(IN), Optional.empty());
        probe.post(Temperature.ofCelsius(63.2), IN);
        assertEquals(probe.read(IN.plusSeconds(19)), Optional.of(Temperature.ofCelsius(63.2)));
        assertEquals(probe.read(IN.plus(PostedProbe.SILENCE)), Optional.empty());
    }

    @Test
    public void anExactProbeShowsTheModel() {
        for (int seconds : new int[] {60, 180, 300, 500}) {
            double model = RUN.core()[RUN.sample(Duration.ofSeconds(seconds))];
            assertEquals(shown(exact(0, 0), seconds), model, 0.3, seconds + " s");
        }
    }

    /** While it warms evenly a lag of τ shows what was there τ ago. */
    @Test
    public void aLagShowsWhatWasThereBefore() {
        for (double lag : new double[] {3, 8, 15}) {
            double slope = (shown(exact(0, 0), 220) - shown(exact(0, 0), 180)) / 40;
            assertEquals(shown(exact(0, 0), 200) - shown(exact(lag, 0), 200), slope * lag, 0.15 * slope * lag + 0.1);
        }
    }

    /** Off the middle it reads hotter while the piece warms: the error that makes a raw middle look done. */
    @Test
    public void offTheMiddleItReadsTooHot() {
        double before = shown(exact(0, 0), 200);
        for (double off : new double[] {0.3, 0.6, 0.9}) {
            double read = shown(exact(0, off), 200);
            assertTrue(read > before + 1, read + " at " + off);
            before = read;
        }
    }

    @Test
    public void itTremblesAboutTheTruthAndAlwaysTheSame() {
        ProbeTraits noisy = new ProbeTraits(Duration.ZERO, 0.5, 0, 0.01);
        double sum = 0;
        double square = 0;
        int count = 0;
        for (int seconds = 100; seconds < 500; seconds++) {
            double off = shown(noisy, seconds) - shown(exact(0, 0), seconds);
            sum += off;
            square += off * off;
            count++;
        }
        assertEquals(sum / count, 0, 0.1);
        assertEquals(Math.sqrt(square / count), 0.5, 0.08);
        assertEquals(shown(noisy, 222), shown(noisy, 222));
        assertTrue(new SimulatedProbe(RUN, IN, noisy, KITCHEN, 7)
                .read(IN.minusSeconds(1))
                .isEmpty());
        assertThrows(Refused.class, () -> new ProbeTraits(Duration.ZERO, 0.2, 1.2, 0.1));
    }

    /** A plate has 63 % of a step after its time constant; gas has all of it at once. */
    @Test
    public void aHobFollowsItsKnob() {
        SimulatedHob plate = new SimulatedHob(Duration.ofSeconds(20), IN);
        plate.set(1_500, IN);
        assertEquals(plate.watts(IN), 0, 1e-6);
        assertEquals(plate.watts(IN.plusSeconds(20)), 1_500 * (1 - Math.exp(-1)), 1);
        plate.set(500, IN.plusSeconds(200));
        assertTrue(plate.watts(IN.plusSeconds(201)) > 1_400);
        assertEquals(plate.watts(IN.plusSeconds(400)), 500, 1);
        SimulatedHob gas = new SimulatedHob(Duration.ZERO, IN);
        gas.set(900, IN);
        assertEquals(gas.watts(IN), 900, 1e-9);
        assertThrows(Refused.class, () -> gas.set(Double.NaN, IN));
    }
}
