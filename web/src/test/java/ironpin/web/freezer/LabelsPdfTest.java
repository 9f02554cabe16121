package ironpin.web.freezer;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.web.paper.Paper;
import java.io.IOException;
import java.text.Normalizer;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LabelsPdfTest {
    private static final String HOLDS =
            "In it: gluten, crustaceans, egg, fish, peanuts, soy, milk, nuts, celery, mustard, sesame, sulphites; may hold"
                    + " lupin (stock powder, hot sauce, dried fruit: read the packet); not known: “relish”, “aunt's paste”.";
    private static final String RAW = "Raw. Boiled from frozen, not thawed: 12 min; at least 74 °C in the middle.";

    private static byte[] pdf(String title) throws IOException {
        return LabelsPdf.of(
                List.of(new LabelsPdf.Label(
                        title, List.of(HOLDS, RAW), List.of("Frozen 2026-11-29; at its best until about 2027-02-27"))),
                Paper.LETTER);
    }

    private static String text(String title) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf(title))) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            return stripper.getText(document).replaceAll("\\s+", " ");
        }
    }

    /** How many letters are drawn of a label with this name. */
    private static int glyphs(String title) throws IOException {
        AtomicInteger drawn = new AtomicInteger();
        try (PDDocument document = Loader.loadPDF(pdf(title))) {
            new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition one) {
                    drawn.incrementAndGet();
                }
            }.getText(document);
        }
        return drawn.get();
    }

    @DataProvider
    public Object[][] titles() {
        return new Object[][] {
            {"20 Crescents"},
            {"5000 " + "very long names of dumplings ".repeat(10)},
            {"12 " + "Unbrokenword".repeat(15)},
        };
    }

    /** However long the name, what protects is there whole. */
    @Test(dataProvider = "titles")
    public void theNameGivesWayAndWhatProtectsDoesNot(String title) throws IOException {
        String said = text(title);
        assertTrue(said.contains(HOLDS), said);
        assertTrue(said.contains(RAW), said);
    }

    @Test
    public void lettersOfOtherScriptsArePrinted() throws IOException {
        for (String name : List.of("Пельмени", "Μαντί", "饺子", "ぎょうざ", "मोमो", "만두", "ხინკალი", "כיסנים")) {
            String said = text("12 " + name);
            assertFalse(said.contains("?") || said.contains("□"), name + " became " + said);
        }
        // A reader may give radicals for the letters that look the same.
        assertTrue(Normalizer.normalize(text("12 饺子"), Normalizer.Form.NFKC).contains("饺子"));
        // Read from the right, and read so again by whoever reads the file.
        assertTrue(text("12 כיסנים").contains("כיסנים"), text("12 כיסנים"));
        // Two consonants that join are drawn as one.
        assertEquals(glyphs("क्ष") + 1, glyphs("कक"));
        String beyond = text("12 \u1200\u1201");
        assertTrue(beyond.contains("write it by hand"), beyond);
        assertEquals(beyond.contains(HOLDS), true);
    }
}
