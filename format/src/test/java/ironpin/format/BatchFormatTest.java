package ironpin.format;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.quantity.Mass;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is written can be read again, and follows the schema that is published. */
public class BatchFormatTest {
    @Test
    public void anyBatchIsWrittenAfterTheSchemaAndReadAgain() {
        RandomBatches batches = new RandomBatches(91);
        for (int i = 0; i < 150; i++) {
            Batch batch = batches.next();
            String text = BatchFormat.write(batch);
            assertEquals(BatchFormat.read(text).batch(), batch);
            assertEquals(BatchFormat.plan(text), batch);
        }
    }

    @DataProvider
    public Object[][] damage() {
        return new Object[][] {
            {"\"eaters\":", "\"eaterz\":", "eater"},
            {"\"no\":1", "\"no\":0", "no"},
            {"\"centreToRim\":2.0", "\"centreToRim\":5", "centreToRim"},
            {"\"watts\":1500.0", "\"watts\":\"strong\"", "watts"},
            {"\"fold\":\"PLEATED_CRESCENT\"", "\"fold\":\"CRUMPLED\"", "fold"},
            {"\"piecesPerEater\":12", "\"piecesPerEater\":null", "pieces"},
            {"ironpin-batch-1", "ironpin-batch-9", "format"},
            {"2026-11-28T19:00:00", "tonight", "serving"},
            {"\"lossPercent\":1.0", "\"lossPercent\":99", "lossPercent"},
            {"\"outcomes\":[]", "\"outcomes\":[{}]", "outcomes"},
        };
    }

    @Test(dataProvider = "damage")
    public void damageIsNamedAtItsPlace(String from, String to, String named) {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        String good = BatchFormat.write(batch);
        String bad = good.replace(from, to);
        assertTrue(!bad.equals(good), from + " is not in " + good);
        UnreadableBatch refused = expectThrows(UnreadableBatch.class, () -> BatchFormat.read(bad));
        assertTrue(refused.getMessage().contains(named), refused.getMessage());
    }

    @Test
    public void whatAHandWroteMayLeaveOutWhatIsUsual() {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        String whole = BatchFormat.write(batch);
        String brief = whole.replaceAll(
                ",\"(?:kneadSchool|kneadBy|mixSchool|said|offsetPoints|offsetSpreadPoints|offsetBatches|source|boughtWrapper"
                        + "|flourAtHandG|atHandG|bowl|pricePerKg|pieces)\":[^,{}\\]]+",
                "");
        assertTrue(brief.length() < whole.length() - 200, brief);
        assertEquals(BatchFormat.read(brief).batch(), batch);
    }

    @Test
    public void quantitiesSayTheirUnitInTheirName() {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        String text = BatchFormat.write(batch.mapLot(1, lot -> lot.withDoughEach(Mass.ofGrams(16.5))));
        for (String said : new String[] {
            "\"doughEachG\":16.5",
            "\"restMinutes\":40.0",
            "\"waterC\":20.0",
            "\"ropeMm\":28.0",
            "\"proteinPercent\":11.5",
            "\"piecesPerEater\":12",
            "\"pieces\":null",
            "\"method\":\"boil/cold-additions\""
        }) {
            assertTrue(text.contains(said), said + " is not in " + text);
        }
    }
}
