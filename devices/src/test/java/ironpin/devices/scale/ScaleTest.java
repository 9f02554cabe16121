package ironpin.devices.scale;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.devices.scale.ScaleReading.State;
import ironpin.quantity.Mass;
import java.time.Duration;
import java.time.Instant;
import org.testng.annotations.Test;

/** Every fault a scale can have, seen from the page's side. */
public class ScaleTest {
    private static final Instant NOON = Instant.parse("2026-11-13T12:00:00Z");

    private static final ScaleTraits STEADY =
            new ScaleTraits(Mass.ofGrams(1), Mass.ofGrams(500), Duration.ofMillis(200), 0, 0, Duration.ofMinutes(3));

    private static Instant at(double seconds) {
        return NOON.plusMillis(Math.round(1_000 * seconds));
    }

    private static void shows(KitchenScale scale, double seconds, double grams, boolean settled) {
        ScaleReading reading = scale.read(at(seconds));
        assertEquals(reading.state(), State.READY);
        assertEquals(reading.shown().grams(), grams, 1e-6, reading.toString());
        assertEquals(reading.settled(), settled, reading.toString());
    }

    /** A time constant after 100 g were put on it has felt 1 − 1/e of them: 63.2 g. */
    @Test
    public void itFollowsWithItsTimeConstantAndShowsWholeSteps() {
        SimulatedScale scale = new SimulatedScale(STEADY, 1, NOON);
        shows(scale, 0, 0, true);
        scale.put(Mass.ofGrams(100.4), at(1));
        shows(scale, 1, 0, false);
        shows(scale, 1.2, 63, false);
        shows(scale, 3, 100, true);
        scale.put(Mass.ofGrams(20), at(3));
        shows(scale, 3.2, 50, false);
        shows(scale, 5, 20, true);
    }

    @Test
    public void tareTakesAwayWhatLiesOnItAndTakingItOffGoesBelowNothing() {
        SimulatedScale scale = new SimulatedScale(STEADY, 1, NOON);
        scale.put(Mass.ofGrams(230), at(0));
        scale.tare(at(2));
        shows(scale, 2, 0, true);
        scale.put(Mass.ofGrams(245), at(2));
        shows(scale, 4, 15, true);
        scale.put(Mass.ZERO, at(4));
        shows(scale, 6, -230, true);
    }

    /** The clock of the house is set right, an hour back: what was put on since is felt as it was, not to the power of an hour. */
    @Test
    public void aClockThatIsSetBackLeavesWhatLiesOnIt() {
        SimulatedScale scale = new SimulatedScale(STEADY, 1, NOON);
        scale.put(Mass.ofGrams(40), at(0));
        scale.put(Mass.ofGrams(100), at(5));
        shows(scale, -3_600, 40, false);
        shows(scale, 7, 100, true);
    }

    @Test
    public void tooMuchIsNoMassAndCannotBeTared() {
        SimulatedScale scale = new SimulatedScale(STEADY, 1, NOON);
        scale.put(Mass.ofGrams(501), at(0));
        assertEquals(scale.read(at(2)).state(), State.OVERLOAD);
        assertFalse(scale.read(at(2)).taken());
        scale.tare(at(2));
        scale.put(Mass.ofGrams(40), at(3));
        shows(scale, 5, 40, true);
    }

    @Test
    public void itSwitchesItselfOffAndComesBackAtNothing() {
        SimulatedScale scale = new SimulatedScale(STEADY, 1, NOON);
        scale.put(Mass.ofGrams(40), at(0));
        assertEquals(scale.read(at(179)).state(), State.READY);
        assertEquals(scale.read(at(180)).state(), State.OFF);
        scale.put(Mass.ofGrams(60), at(200));
        assertEquals(scale.read(at(202)).state(), State.OFF, "a load alone switches nothing on");
        scale.wake(at(203));
        shows(scale, 203, 0, true);
    }

    @Test
    public void aLostConnectionLosesNothing() {
        SimulatedScale scale = new SimulatedScale(STEADY, 1, NOON);
        scale.put(Mass.ofGrams(40), at(0));
        scale.lose(true);
        assertEquals(scale.read(at(2)).state(), State.LOST);
        assertFalse(scale.read(at(2)).taken());
        scale.lose(false);
        shows(scale, 3, 40, true);
    }

    /** A noise of 0.5 g and a zero that wanders 6 g a minute: after half a minute it reads 3 g, give or take. */
    @Test
    public void itTremblesAndWandersAsMuchAsItIsSaidTo() {
        ScaleTraits loose = new ScaleTraits(
                Mass.ofGrams(0.01), Mass.ofGrams(500), Duration.ofMillis(100), 0.5, 6, Duration.ofHours(1));
        SimulatedScale scale = new SimulatedScale(loose, 4, NOON);
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < 1_000; i++) {
            double felt = scale.read(at(i / 10.0)).shown().grams() - 6 * i / 600.0;
            sum += felt;
            squares += felt * felt;
        }
        assertEquals(sum / 1_000, 0, 0.06);
        assertEquals(Math.sqrt(squares / 1_000), 0.5, 0.05);
    }

    @Test
    public void aPostedScaleIsThereAsLongAsItIsHeardOf() {
        PostedScale scale = new PostedScale();
        assertEquals(scale.read(NOON).state(), State.LOST);
        scale.post(Mass.ofGrams(31.5), false, at(0));
        shows(scale, 0, 31.5, false);
        scale.post(Mass.ofGrams(31.5), false, at(0.9));
        shows(scale, 0.9, 31.5, true);
        scale.post(Mass.ofGrams(33), true, at(1));
        shows(scale, 1, 33, true);
        scale.tare(at(1));
        scale.post(Mass.ofGrams(48), true, at(2));
        shows(scale, 2, 15, true);
        assertEquals(scale.read(at(7)).state(), State.LOST);
        scale.post(Mass.ofGrams(48), false, at(8));
        shows(scale, 8, 15, false);
    }

    @Test
    public void aHandSpreadsAndDriftsAsItIsSaidTo() {
        SimulatedHand hand = new SimulatedHand(1.05, 0.06, 0.002, 9);
        int count = 400;
        double sum = 0;
        double squares = 0;
        for (int place = 1; place <= count; place++) {
            double share = hand.cut(place, Mass.ofGrams(10)).grams() / 10;
            double off = share - 1.05 - 0.002 * (place - 1);
            sum += off;
            squares += off * off;
        }
        assertEquals(sum / count, 0, 0.01);
        assertEquals(Math.sqrt(squares / count), 0.06, 0.006);
        assertEquals(hand.cut(7, Mass.ofGrams(10)), hand.cut(7, Mass.ofGrams(10)));
        assertTrue(!hand.cut(7, Mass.ofGrams(10)).equals(hand.cut(8, Mass.ofGrams(10))));
    }
}
