package ironpin.quantity;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;

import java.util.List;
import java.util.Locale;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** One sentence, whoever reads it. */
public class SentenceTest {
    private static final Sentence SAID = Sentence.of(
            "Warm ",
            Quantity.mass(1_361.4, 0),
            " of water to ",
            Quantity.celsius(55),
            "; roll to ",
            Quantity.length(1.6, 1),
            ".");

    @DataProvider
    public Object[][] readers() {
        return new Object[][] {
            {UnitSystem.METRIC, Locale.ENGLISH, "Warm 1,361 g of water to 55 °C; roll to 1.6 mm."},
            {UnitSystem.US, Locale.ENGLISH, "Warm 3.00 lb of water to 131 °F; roll to 0.063 in."},
            {UnitSystem.METRIC, Locale.GERMANY, "Warm 1.361 g of water to 55 °C; roll to 1,6 mm."},
            {UnitSystem.METRIC, Locale.forLanguageTag("en-XA"), "Wàrm 1,361 g öf wàtér tö 55 °C; röll tö 1.6 mm."},
        };
    }

    @Test(dataProvider = "readers")
    public void aSentenceIsSaidToItsReader(UnitSystem units, Locale locale, String text) {
        assertEquals(SAID.render(units, locale), text);
    }

    @Test
    public void sentencesAreMadeOfSentences() {
        Sentence both = Sentence.join("; ", List.of(Quantity.mass(5, 1), Sentence.EMPTY, Sentence.of("a", "b", 7)));
        assertEquals(both.render(UnitSystem.METRIC), "5.0 g; ; ab7");
        assertEquals(both.parts().size(), 2, "words beside each other are one part");
        assertEquals(both, Sentence.of(Quantity.mass(5, 1), "; ; ab7"));
        assertSame(Sentence.of("", Sentence.EMPTY), Sentence.EMPTY);
    }

    @Test
    public void onlyWordsBeginOtherwise() {
        assertEquals(
                Sentence.of("water ", Quantity.mass(5, 0)).beginning(String::toUpperCase),
                Sentence.of("WATER ", Quantity.mass(5, 0)));
        Sentence quantity = Sentence.of(Quantity.mass(5, 0), " of water");
        assertSame(quantity.beginning(String::toUpperCase), quantity);
    }

    /** What was never rendered does not pass for text. */
    @Test
    public void aSentenceIsNoText() {
        assertEquals(Sentence.of("x").toString(), "Sentence[Words[text=x]]");
    }
}
