package ironpin.cook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.heat.Around;
import ironpin.heat.Conduction;
import ironpin.heat.HeatPiece;
import ironpin.heat.HeatRun;
import ironpin.heat.Matter;
import ironpin.quantity.Belief;
import ironpin.quantity.Length;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

public class ProbeLessonTest {
    private static final HeatPiece PIECE = new HeatPiece(
            HeatPiece.Form.CRESCENT, Length.ofMillimetres(13), Length.ofMillimetres(2), Matter.FILLING, Matter.DOUGH);

    private static HeatRun run(double slower) {
        return Conduction.run(
                PIECE.slower(slower),
                Temperature.ofCelsius(20),
                List.of(new Around(1_800, 99, Duration.ofMinutes(15))));
    }

    private static Temperature core(HeatRun run, int seconds) {
        return Temperature.ofCelsius(run.core()[run.sample(Duration.ofSeconds(seconds))]);
    }

    /** A piece that takes up a fifth more heat is a fifth later, at every temperature. */
    @Test
    public void slowerIsLaterByAsMuch() {
        for (double celsius : new double[] {40, 60, 71, 85}) {
            Temperature wanted = Temperature.ofCelsius(celsius);
            double ratio = run(1.2).until(wanted).orElseThrow().toMillis()
                    / (double) run(1).until(wanted).orElseThrow().toMillis();
            // The surface has its own resistance, which the heat that is taken up does not change.
            assertEquals(ratio, 1.2, 0.03, celsius + " °C");
        }
    }

    /** From readings of a kitchen that is a quarter slower the cook's own correction comes to a quarter, with less and less doubt. */
    @Test
    public void readingsTeachTheKitchensOwnCorrection() {
        Random luck = new Random(3);
        Belief known = Cooking.UNTAUGHT;
        double doubt = known.spread();
        for (int round = 0; round < 12; round++) {
            int at = 150 + luck.nextInt(200);
            Temperature read = Temperature.ofCelsius(core(run(1.25), at).celsius() + luck.nextGaussian());
            Belief before = known;
            known = ProbeLesson.seen(run(known.mean()), known, Duration.ofSeconds(at), read)
                    .map(seen -> ProbeLesson.after(before, seen))
                    .orElse(known);
            assertTrue(known.spread() < doubt);
            doubt = known.spread();
        }
        assertEquals(known.mean(), 1.25, 0.06);
        assertEquals(known.lessons(), 12);
    }

    /** Too soon, too cold and too close to the end nothing is learned; what nobody would believe moves little. */
    @Test
    public void whatSaysNothingTeachesNothing() {
        Belief known = Cooking.UNTAUGHT;
        HeatRun run = run(1);
        assertTrue(ProbeLesson.seen(run, known, Duration.ofSeconds(10), Temperature.ofCelsius(60))
                .isEmpty());
        assertTrue(ProbeLesson.seen(run, known, Duration.ofSeconds(300), Temperature.ofCelsius(24))
                .isEmpty());
        assertTrue(ProbeLesson.seen(run, known, Duration.ofSeconds(800), Temperature.ofCelsius(97))
                .isEmpty());
        assertEquals(ProbeLesson.after(known, 2).mean(), 1.61, 0.05);
        assertTrue(ProbeLesson.seen(run, known, Duration.ofSeconds(3_600), Temperature.ofCelsius(60))
                        .orElseThrow()
                <= 2);
    }
}
