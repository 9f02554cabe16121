package ironpin.amount;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.pantry.Food;
import ironpin.pantry.Foods;
import ironpin.quantity.CupStandard;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AmountReaderTest {
    /** Worked out by hand from the sizes of the units and the densities of practice. */
    @DataProvider
    public Object[][] amounts() throws IOException {
        try (BufferedReader table = new BufferedReader(new InputStreamReader(
                AmountReaderTest.class.getResourceAsStream("amounts.csv"), StandardCharsets.UTF_8))) {
            return table.lines().skip(1).map(line -> line.split(";")).toArray(Object[][]::new);
        }
    }

    private static Reading read(String text, String of, String cups) {
        Optional<Food> known = of.isEmpty() ? Optional.empty() : Optional.of(Foods.get(of));
        return new AmountReader(CupStandard.valueOf(cups)).read(text, known);
    }

    @Test(dataProvider = "amounts")
    public void writtenAmountsAreRead(
            String text, String of, String cups, String grams, String low, String high, String said) {
        Reading reading = read(text, of, cups);
        assertEquals(reading.mass().grams(), Double.parseDouble(grams), 1e-3, text);
        assertEquals(reading.range().low().grams(), Double.parseDouble(low), 1e-3, text);
        assertEquals(reading.range().high().grams(), Double.parseDouble(high), 1e-3, text);
        assertEquals(reading.said(), said);
        Reading again = read(reading.said(), of, cups);
        assertEquals(again.said(), reading.said());
        assertEquals(again.mass(), reading.mass());
        boolean exact = low.equals(high);
        assertEquals(
                reading.assumption().isEmpty(),
                exact || text.matches("(.*, )?(about|~|approx|roughly|around).*"),
                text);
        for (String other : reading.alternatives()) {
            assertFalse(read(other, of, cups).mass().equals(reading.mass()) && !other.contains("spooned"), other);
        }
    }

    @Test
    public void theTableIsLong() throws IOException {
        assertTrue(amounts().length >= 150, "only " + amounts().length);
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {"", 0, 0, "starts with a number"},
            {"salt", 0, 4, "starts with a number"},
            {"cups of flour", 0, 4, "starts with a number"},
            {"-3 g", 0, 2, "above 0"},
            {"0 g", 0, 1, "above 0"},
            {"3 flurbs flour", 2, 14, "say how much plain flour"},
            {"2 cups", 6, 6, "of what?"},
            {"2 cups dragonfruit", 7, 18, "'dragonfruit' is not known"},
            {"5 dragonfruit", 2, 13, "'dragonfruit' is not known"},
            {"2 cm flour", 5, 10, "only a root"},
            {"4–3 tbsp oil", 2, 3, "upwards"},
            {"99999999999 g", 0, 11, "more than any kitchen"},
            {"5000 kg flour", 0, 8, "more than 100 kg"},
            {"1/0 cup water", 0, 3, "starts with a number"},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsRefusedWithItsPlace(String text, int from, int to, String message) {
        UnreadableAmount refused = expectThrows(UnreadableAmount.class, () -> read(text, "", "US"));
        assertTrue(refused.getMessage().contains(message), refused.getMessage());
        assertEquals(List.of(refused.from(), refused.to()), List.of(from, to), refused.getMessage());
        assertEquals(refused.text(), text);
    }

    @Test
    public void twoMeasuresThatDisagreeAreSaid() {
        assertTrue(read("300 g (2 1/2 cups) plain flour", "", "US")
                .second()
                .orElseThrow()
                .agrees());
        Reading.Second off =
                read("300 g or 3 1/2 cups flour", "", "US").second().orElseThrow();
        assertFalse(off.agrees());
        assertEquals(off.mass().grams(), 3.5 * 236.5882365 * 0.51, 1e-6);
    }

    @Test
    public void cupsAndWaysAreAlternatives() {
        Reading cup = read("1 cup flour", "", "US");
        assertEquals(
                cup.alternatives(),
                List.of(
                        "1 US cup flour, scooped",
                        "1 metric cup flour",
                        "1 Japanese cup flour",
                        "1 imperial cup flour"));
        assertEquals(read("2 eggs", "", "US").alternatives(), List.of("2 small eggs", "2 large eggs"));
        assertTrue(read("300 g", "flour-plain", "US").alternatives().isEmpty());
    }

    @Test
    public void noTextBreaksTheReader() {
        Random random = new Random(2);
        String[] pieces = {
            "2", "1/4", "½", "–", "-", " ", "cups", "g", "tbsp", "(", ")", "or", "a", "flour", "x", ".", ",", "/", "İ",
            "\uE000", "<b>", "knob", "of", "\u00a0", "99999", "egg", "plus", "and", "about", "%", "\n"
        };
        for (int i = 0; i < 20_000; i++) {
            StringBuilder text = new StringBuilder();
            for (int k = random.nextInt(9); k >= 0; k--) {
                text.append(pieces[random.nextInt(pieces.length)]).append(random.nextBoolean() ? " " : "");
            }
            try {
                Reading reading = read(text.toString(), random.nextBoolean() ? "flour-plain" : "", "US");
                assertTrue(reading.mass().micrograms() >= 0);
                assertTrue(reading.range().contains(reading.mass()), text.toString());
            } catch (UnreadableAmount refused) {
                assertTrue(refused.from() <= refused.to() && refused.to() <= text.length(), text.toString());
                assertFalse(refused.getMessage().isBlank());
            }
        }
    }
}
