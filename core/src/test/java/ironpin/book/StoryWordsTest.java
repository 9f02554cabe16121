package ironpin.book;

import static org.testng.Assert.assertEquals;

import ironpin.dough.BenchFeel;
import ironpin.dough.Correction;
import ironpin.filling.PattyVerdict;
import ironpin.filling.Treatment;
import ironpin.hands.Fault;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Sentence;
import ironpin.quantity.Temperature;
import ironpin.quantity.UnitSystem;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StoryWordsTest {
    private static Sentence felt(BenchFeel feel, double water, double flour, int minutes) {
        Correction made = new Correction(feel, Mass.ofGrams(water), Mass.ofGrams(flour), Duration.ofMinutes(minutes));
        return StoryWords.felt(made, Percentage.of(50), Percentage.of(51.5));
    }

    private static Outcome outcome(String note, Seen... seen) {
        return new Outcome(
                48,
                2,
                1,
                0,
                Mass.ZERO,
                Mass.ZERO,
                SkinVerdict.RIGHT,
                FillingVerdict.DRY,
                Optional.empty(),
                note,
                Set.of(seen),
                Optional.empty());
    }

    @DataProvider
    public Object[][] happened() {
        return new Object[][] {
            {
                felt(BenchFeel.DRY, 9.3, 0, 0),
                "The dough felt dry and cracking: 9.3 g of water, from 50 % to 51.5 % water."
            },
            {felt(BenchFeel.STICKY, 0, 8, 0), "The dough felt sticky: 8.0 g of flour, from 50 % to 51.5 % water."},
            {felt(BenchFeel.SHRINKS, 0, 0, 10), "The dough shrank back: 10 min more rest, from 50 % to 51.5 % water."},
            {StoryWords.tasted(PattyVerdict.BLAND, Mass.ofGrams(1.2), "salt"), "A patty tasted bland: 1.2 g of salt."},
            {StoryWords.tasted(PattyVerdict.RIGHT, Mass.ZERO, ""), "A patty tasted right."},
            {
                StoryWords.left("carrots", Treatment.SALT, Mass.ofGrams(220), Mass.ofGrams(338)),
                "carrots, salted and squeezed: 220 g left of 338 g."
            },
            {StoryWords.onTheScale(true, 12, 15.24), "12 pieces on the scale, dough 15.2 g on the whole."},
            {StoryWords.onTheScale(false, 1, 18), "1 spoonful on the scale, 18.0 g on the whole."},
            {StoryWords.round(2, 11, Optional.of(Duration.ofSeconds(400))), "round 2, 11 pieces, 6 min 40 s."},
            {StoryWords.round(3, 1, Optional.empty()), "round 3, 1 piece, still on."},
            {
                StoryWords.probed(Temperature.ofCelsius(70.96), Duration.ofMinutes(6), Temperature.ofCelsius(73)),
                "70.9 °C in the middle after 6 min; reckoned 73 °C."
            },
            {StoryWords.fault(Fault.values()[0], Optional.of(4)), Fault.values()[0].label() + ", piece 4."},
            {StoryWords.fault(Fault.values()[0], Optional.empty()), Fault.values()[0].label() + "."},
            {StoryWords.verdict(outcome("")), "48 made, 2 burst, 1 leaked, 0 stuck; skin right; filling dry."},
            {
                StoryWords.verdict(outcome(" thin ", Seen.RAW)),
                "48 made, 2 burst, 1 leaked, 0 stuck; skin right; filling dry; raw in the middle. “thin”"
            },
        };
    }

    @Test(dataProvider = "happened")
    public void whatHappenedIsTold(Sentence told, String said) {
        assertEquals(told.render(UnitSystem.METRIC), said);
    }
}
