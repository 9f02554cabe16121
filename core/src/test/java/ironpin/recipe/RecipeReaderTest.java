package ironpin.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.dough.DoughAddition;
import ironpin.filling.Composition;
import ironpin.kit.Kit;
import ironpin.pantry.CsvResource;
import ironpin.plan.BatchPlan;
import ironpin.plan.Finding;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RecipeReaderTest {
    private static final LocalDateTime EVENING = LocalDateTime.of(2026, 11, 28, 19, 0);

    @DataProvider
    Object[][] recipes() {
        return CsvResource.rows(RecipeReaderTest.class, "expected.csv").stream()
                .map(row -> new Object[] {row.get("file"), row})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "recipes")
    public void readsWhatTheRecipeSays(String file, Map<String, String> expected) {
        ReadRecipe read = read(text(file));
        assertEquals(said(read.pieces()), expected.get("pieces"), "pieces");
        assertEquals(said(read.yield().eaters()), expected.get("eaters"), "eaters");
        assertEquals(
                read.doughs().stream().map(dough -> dough.family().name()).collect(Collectors.joining("|")),
                expected.get("families"));
        if (!read.doughs().isEmpty()) {
            RecipeDough dough = read.doughs().get(0);
            assertEquals(dough.flour().usual(), number(expected, "flour"), 0.06, "flour");
            assertEquals(dough.hydration().usual(), number(expected, "hydration"), 0.06, "hydration");
        }
        assertTrue(!read.fillings().isEmpty(), "a filling");
        RecipeFilling filling = read.fillings().get(0);
        assertEquals(filling.mass().usual(), number(expected, "filling"), 0.06, "filling");
        assertEquals(100 * Composition.of(filling.formula()).salt().usual(), number(expected, "salt"), 0.006, "salt");
        assertEquals(read.style().method().vessel().name(), expected.get("vessel"));
        assertEquals(contradictions(read), expected.get("contradictions"));
    }

    @Test(dataProvider = "recipes")
    public void becomesABatchOfTheSameProportions(String file, Map<String, String> expected) {
        ReadRecipe read = read(text(file));
        Batch batch = RecipeBatch.of(read, EVENING, 5, Appetite.USUAL, Kit.usual());
        assertEquals(batch.eaters(), 5);
        assertEquals(
                batch.lots().size(),
                Math.max(1, Math.max(read.doughs().size(), read.fillings().size())));
        for (int i = 0; i < read.doughs().size(); i++) {
            if (read.doughs().get(i).wet() && read.doughs().get(i).openWater().isEmpty()) {
                assertEquals(
                        batch.doughs().get(i).formula().hydration().percent(),
                        read.doughs().get(i).percent(DoughAddition.WATER),
                        1e-4);
            }
        }
        for (int i = 0; i < read.fillings().size(); i++) {
            assertEquals(
                    batch.fillings().get(i).formula(), read.fillings().get(i).formula());
        }
        // It can be planned, and for as many pieces as it makes it weighs what it weighed.
        int pieces = BatchPlan.of(batch).balance().pieces();
        assertTrue(pieces > 0);
        if (read.pieces().isPresent() && batch.lots().size() == 1) {
            double serves = read.yield().eaters().orElse(5);
            assertEquals(pieces, read.pieces().get() * 5 / serves, 0.51, "as many as it makes, for as many as eat");
        }
        if (read.doughs().size() == 1
                && read.fillings().size() == 1
                && read.doughs().get(0).open().isEmpty()
                && read.pieces().isPresent()) {
            Balance balance = Balancer.solve(batch);
            double scale = (double) read.pieces().get() / balance.pieces();
            double dough =
                    balance.dough(batch.doughs().get(0).no()).made().total().grams();
            double whole =
                    read.doughs().get(0).wet() ? read.doughs().get(0).mass().usual() : dough * scale;
            assertEquals(dough * scale, whole, 0.01 * whole);
        }
    }

    /**
     * Every line of every text, as a cook would weigh and place it. What is not read is marked and counts in no sum; what is
     * counted as read and is not right is an error that nobody sees, and there may be none.
     */
    @Test
    public void readsTheLines() {
        Map<String, List<Map<String, String>>> byFile = text("lines.csv")
                .lines()
                .skip(1)
                .map(RecipeReaderTest::row)
                .collect(Collectors.groupingBy(row -> row.get("file"), TreeMap::new, Collectors.toList()));
        List<String> marked = new ArrayList<>();
        List<String> silent = new ArrayList<>();
        int lines = 0;
        for (Map.Entry<String, List<Map<String, String>>> file : byFile.entrySet()) {
            List<RecipeLine> read = read(text(file.getKey())).lines();
            lines += file.getValue().size();
            assertEquals(read.size(), file.getValue().size(), "lines of " + file.getKey());
            for (int i = 0; i < read.size(); i++) {
                RecipeLine line = read.get(i);
                if (!right(line, file.getValue().get(i))) {
                    boolean counted = line.status() == RecipeLine.Status.READ;
                    (counted ? silent : marked)
                            .add(file.getKey() + ": " + file.getValue().get(i) + " but " + line);
                }
            }
        }
        assertTrue(byFile.size() >= 60 && lines >= 500, byFile.size() + " texts, " + lines + " lines");
        assertTrue(silent.isEmpty(), "wrong, and not said: " + silent);
        assertTrue(marked.size() <= 0.03 * lines, marked.toString());
    }

    /** A line may hold the semicolon that parts the cells: it stands between the first and the last four. */
    private static Map<String, String> row(String line) {
        Matcher cells =
                Pattern.compile("([^;]*);(.*);([^;]*);([^;]*);([^;]*);([^;]*)").matcher(line);
        assertTrue(cells.matches(), line);
        return Map.of(
                "file", cells.group(1),
                "line", cells.group(2),
                "place", cells.group(3),
                "meaning", cells.group(4),
                "grams", cells.group(5),
                "status", cells.group(6));
    }

    private static boolean right(RecipeLine line, Map<String, String> row) {
        boolean amount = row.get("grams").isEmpty()
                ? line.reading().isEmpty()
                : line.reading()
                        .filter(one ->
                                Math.abs(one.mass().grams() * line.share() - Double.parseDouble(row.get("grams")))
                                        <= 0.06)
                        .isPresent();
        return amount
                && line.text().equals(row.get("line"))
                && line.place().key().equals(row.get("place"))
                && line.meaning().map(Meaning::key).orElse("").equals(row.get("meaning"))
                && line.status().name().equals(row.get("status"));
    }

    private static String contradictions(ReadRecipe read) {
        return RecipeCheck.of(read, Corrections.NONE).contradictions().stream()
                .map(Finding::figure)
                .map(one -> one.render(UnitSystem.METRIC))
                .collect(Collectors.joining("|"));
    }

    @Test
    public void saysWhichReadingOfTheCupsFits() {
        List<CupFit> fits = RecipeCheck.of(read(text("02-us-cups")), Corrections.NONE)
                .cups()
                .get(1);
        CupFit spooned = fits.get(0);
        CupFit scooped = fits.get(1);
        assertEquals(spooned.flourGrams(), 301.65, 0.01);
        assertEquals(spooned.hydration(), 58.82, 0.01);
        assertTrue(!spooned.fits() && scooped.fits(), "the scooped cups make a dough to boil");
        assertEquals(scooped.flourGrams(), 2.5 * 236.588 * 0.613, 0.01);
        assertTrue(RecipeCheck.of(read(text("01-grams-and-headings")), Corrections.NONE)
                .cups()
                .isEmpty());
    }

    @Test
    public void followsWhatTheCookCorrects() {
        WrittenRecipe written = RecipeText.read(text("09-two-doughs"), "");
        RecipeReader reader = new RecipeReader(CupStandard.US);
        assertEquals(reader.read(written).doughs().get(1).hydration().usual(), 65, 1e-9);
        int juice = 4;
        assertEquals(written.lines().get(juice).text(), "30 g spinach juice");
        Map<Integer, RecipeLine.Choice> asMilk =
                Map.of(juice, new RecipeLine.Choice(Optional.empty(), Meaning.ofKey("dough:MILK")));
        assertEquals(
                reader.read(written, Corrections.of(asMilk))
                        .doughs()
                        .get(1)
                        .hydration()
                        .usual(),
                50 + 15 * 0.87,
                1e-9);
        Map<Integer, RecipeLine.Choice> elsewhere =
                Map.of(juice, new RecipeLine.Choice(Place.ofKey("filling-1"), Meaning.ofKey("food:spinach")));
        assertEquals(
                reader.read(written, Corrections.of(elsewhere))
                        .fillings()
                        .get(0)
                        .mass()
                        .usual(),
                761,
                1e-6);
    }

    /** Boiling water first and a little cold after it scald as boiling water does; half and half meet mixed. */
    @Test
    public void theWaterThatIsPouredFirstScalds() {
        String first =
                "30 pieces\n\nDOUGH                %\nPlain flour 300 g\nBoiling water 165 g\nCold water 30 g\n\nSteam 9 min.";
        RecipeDough scalded = read(first).doughs().get(0);
        assertEquals(scalded.waterC().orElseThrow(), 96, 1e-9);
        assertEquals(scalded.name(), "Dough");
        RecipeDough half = read(first.replace("165 g", "90 g").replace("30 g", "90 g"))
                .doughs()
                .get(0);
        assertEquals(half.waterC().orElseThrow(), 54, 1e-9);
    }

    @Test
    public void namesTheCautionsItForgot() {
        List<Sentence> forgot =
                RecipeCheck.of(read(text("02-us-cups")), Corrections.NONE).forgotten();
        assertTrue(forgot.get(0).render(UnitSystem.METRIC).startsWith("71 °C in the core"), forgot.toString());
        List<Sentence> told = RecipeCheck.of(read(text("01-grams-and-headings")), Corrections.NONE)
                .forgotten();
        assertTrue(
                told.stream().noneMatch(one -> one.render(UnitSystem.METRIC).contains("in the core")), told.toString());
    }

    @Test
    public void refusesWhatIsNoRecipe() {
        assertThrows(UnreadableRecipe.class, () -> read("   "));
        assertThrows(UnreadableRecipe.class, () -> read("a".repeat(RecipeText.MOST + 1)));
        assertThrows(
                UnreadableRecipe.class, () -> read("A walk in the woods.\nIt rained, and nobody cooked anything."));
        assertThrows(UnreadableRecipe.class, () -> read("Title\n" + "1 g flour\n".repeat(121)));
    }

    /** Whatever is pasted, it is read or refused with a sentence; nothing else ever comes out. */
    @Test
    public void anyTextIsReadOrRefused() {
        Random random = new Random(4);
        List<String> bits = List.of(
                "300 g flour",
                "½",
                "cups",
                "(",
                ")",
                "\n",
                " ",
                "water, divided",
                "0 g salt",
                "99999999 kg lamb",
                "\u0000",
                "dough:",
                "Filling",
                "1/0 cup milk",
                "-5 g oil",
                "makes 0",
                "makes 99999",
                "divide into 400 pieces",
                "é",
                "🥟",
                "<script>",
                "boil for 9999999 min",
                "roll to 9/0 inch circles",
                "pieces of 0 g",
                "1 tbsp filling",
                "serves 0",
                "Method\n",
                "20 g dough each",
                "\t",
                "≠",
                "1,5",
                "1.2.3",
                "a a a",
                "2 eggs",
                "wrappers");
        for (int i = 0; i < 1_500; i++) {
            StringBuilder text = new StringBuilder("Anything\n");
            for (int k = random.nextInt(25); k > 0; k--) {
                text.append(bits.get(random.nextInt(bits.size()))).append(random.nextInt(3) == 0 ? "\n" : " ");
            }
            try {
                ReadRecipe read = read(text.toString());
                RecipeCheck.of(read, Corrections.NONE);
                BatchPlan.of(RecipeBatch.of(read, EVENING, 1 + random.nextInt(12), Appetite.HUNGRY, Kit.usual()));
            } catch (UnreadableRecipe refused) {
                assertTrue(refused.getMessage().endsWith("."), refused.getMessage());
            } catch (RuntimeException broke) {
                throw new AssertionError("broke on: " + text, broke);
            }
        }
    }

    /** Matching must not run away on text without end: the guard is against hanging, not for speed. */
    @Test(timeOut = 120_000)
    public void textWithoutEndIsReadOrRefusedToo() {
        for (String bit : List.of("1 ", "(", "½", "a ", "divide into ", "water lid ", "300 g flour, ", "1 cup (")) {
            String run = bit.repeat(48_000 / bit.length());
            for (String text : List.of("Title\n" + run, "Title\n300 g flour\n150 g water\nMethod\n" + run)) {
                try {
                    RecipeCheck.of(read(text), Corrections.NONE);
                } catch (UnreadableRecipe refused) {
                    assertTrue(refused.getMessage().endsWith("."), refused.getMessage());
                }
            }
        }
    }

    @Test
    public void aLongStoryBeforeTheRecipeDoesNotHideIt() {
        String story = "It was a cold evening and the lanterns swung over the yard while we kneaded. ".repeat(6);
        assertEquals(
                read("Crescents\n" + story + "\nMakes 20\n200 g flour\n100 g water\n250 g lamb mince")
                        .lines()
                        .size(),
                3);
    }

    private static ReadRecipe read(String text) {
        return new RecipeReader(CupStandard.US).read(RecipeText.read(text, ""));
    }

    private static String said(Optional<Integer> number) {
        return number.map(String::valueOf).orElse("");
    }

    private static double number(Map<String, String> row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static String text(String file) {
        try (InputStream in = RecipeReaderTest.class.getResourceAsStream(file.contains(".") ? file : file + ".txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
