package ironpin.hands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Mass;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

public class HandsTest {
    private static final Instant NOON = Instant.parse("2026-11-13T12:00:00Z");

    private static Beat beat(int... seconds) {
        List<Instant> taps = new ArrayList<>();
        for (int second : seconds) {
            taps.add(NOON.plusSeconds(second));
        }
        return Beat.of(taps);
    }

    @Test
    public void aPaceIsTheMeanOfItsGaps() {
        Beat beat = beat(0, 40, 82, 120);
        assertEquals(beat.pieces(), 4);
        assertEquals(beat.secondsEach().orElseThrow(), 40, 1e-9);
        assertEquals(beat.perHour(), Optional.of(90));
        assertEquals(beat.left(6).orElseThrow(), Duration.ofMinutes(4));
    }

    /** Ten minutes on the telephone are no slow piece. */
    @Test
    public void aPauseDoesNotCount() {
        Beat beat = beat(0, 40, 80, 680, 720, 760);
        assertEquals(beat.secondsEach().orElseThrow(), 40, 1e-9);
        assertEquals(beat.pieces(), 6);
    }

    /** Gaps of 40, 40, 120, 40 and 40 s: three times the middle one still counts, (4 × 40 + 120)/5 = 56 s; a second more does not. */
    @Test
    public void aPauseIsLongerThanThreeTimesTheMiddleGap() {
        assertEquals(beat(0, 40, 80, 200, 240, 280).secondsEach().orElseThrow(), 56, 1e-9);
        assertEquals(beat(0, 40, 80, 201, 241, 281).secondsEach().orElseThrow(), 40, 1e-9);
    }

    @Test
    public void onePieceOrTwoSayNothing() {
        assertTrue(beat().secondsEach().isEmpty());
        assertTrue(beat(0).perHour().isEmpty());
        assertTrue(beat(0, 40).left(3).isEmpty());
        assertTrue(beat(0, 0, 0).secondsEach().isEmpty(), "three taps in one moment are no pace");
    }

    @Test
    public void theSlowerOfTwoSetsThePace() {
        Beat quick = beat(0, 20, 40, 60, 80);
        Beat slow = beat(0, 50, 100);
        InStep ahead = new InStep(quick, slow);
        assertEquals(ahead.secondsEach().orElseThrow(), 50, 1e-9);
        assertEquals(ahead.waiting(), Optional.of(InStep.Waiting.ROLLER));
        assertEquals(ahead.waitEach().orElseThrow(), Duration.ofSeconds(30));
        assertEquals(ahead.ahead(), 2);
        InStep behind = new InStep(slow, quick);
        assertEquals(behind.waiting(), Optional.of(InStep.Waiting.FOLDER));
        assertEquals(behind.ahead(), 0);
        assertEquals(new InStep(slow, beat(0, 52, 104)).waiting(), Optional.of(InStep.Waiting.NOBODY));
        assertTrue(new InStep(slow, beat(0)).waiting().isEmpty());
    }

    /** Guesses of 12, 12, 8 and 8 g at 10 g: no bias, and a spread of 2/√3 · 20 % = 23.1 %. */
    @Test
    public void guessesHaveABiasAndASpread() {
        List<Drill.Guess> guesses = new ArrayList<>();
        for (double grams : new double[] {12, 12, 8, 8}) {
            guesses.add(new Drill.Guess(Mass.ofGrams(grams), Mass.ofGrams(10)));
        }
        Drill drill = Drill.of(guesses).orElseThrow();
        assertEquals(drill.bias(), 0, 1e-9);
        assertEquals(drill.spread(), 0.2309, 1e-4);
        assertTrue(drill.trend().isEmpty());
        for (int i = 0; i < 4; i++) {
            guesses.add(new Drill.Guess(Mass.ofGrams(11), Mass.ofGrams(10)));
        }
        Drill better = Drill.of(guesses).orElseThrow();
        assertEquals(better.trend().orElseThrow(), 0.1, 1e-9);
        assertEquals(better.bias(), 0.05, 1e-9);
        assertTrue(Drill.of(guesses.subList(0, 1)).isEmpty());
    }

    @Test
    public void onlySomeFaultsComeOfFullness() {
        assertTrue(Fault.BURST.fromFullness() && Fault.GAP.fromFullness());
        assertFalse(Fault.GUMMY.fromFullness() || Fault.TORN.fromFullness());
    }
}
