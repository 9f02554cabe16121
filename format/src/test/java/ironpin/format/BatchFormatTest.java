package ironpin.format;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.RandomBatches;
import ironpin.quantity.Mass;
import ironpin.style.Style;
import ironpin.style.Styles;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

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

    /** Whatever is missing, or stands there as null, is usual or is named; nothing else is thrown. */
    @Test
    public void anyPropertyMayBeMissingOrNullAndIsUsualOrNamed() {
        RandomBatches batches = new RandomBatches(20261129);
        int usual = 0;
        for (int i = 0; i < 6; i++) {
            ObjectNode whole = (ObjectNode) Spelling.JSON.readTree(BatchFormat.write(batches.next()));
            for (List<Object> place : places(whole, List.of())) {
                for (boolean missing : new boolean[] {true, false}) {
                    ObjectNode less = whole.deepCopy();
                    without(less, place, missing);
                    try {
                        BatchFormat.read(less.toString());
                        usual++;
                    } catch (UnreadableBatch named) {
                        assertTrue(named.getMessage().length() > 3, place.toString());
                    }
                }
            }
        }
        assertTrue(usual > 100, "only " + usual + " may be left out");
    }

    /** All that a start writes and a hand need not; whatever else is missing is named. */
    private static final Set<String> NEED_NOT_BE_SAID = Set.of(
            "crew",
            "crew vessels BASKET",
            "crew vessels DISH",
            "crew vessels GRIDDLE",
            "crew vessels PAN",
            "crew vessels POT",
            "crew people comes",
            "crew people goes",
            "doughs bowl",
            "doughs flourAtHandG",
            "doughs flours offsetBatches",
            "doughs flours offsetPoints",
            "doughs flours offsetSpreadPoints",
            "doughs flours pricePerKg",
            "doughs kneadBy",
            "doughs kneadSchool",
            "doughs lines said",
            "fillings atHandG",
            "fillings mixSchool",
            "guests",
            "held",
            "lots boardMm",
            "lots boughtWrapper",
            "lots cooking",
            "lots cooking atOnce",
            "lots cooking correction",
            "lots dustingPercent",
            "lots givesWay",
            "lots handiwork",
            "lots pieces",
            "lots portionSchool",
            "lots rolling",
            "lots sliceMm",
            "lots stashed",
            "lots vessel waterG",
            "source",
            "unread",
            "waters");

    /** Where a start is not as usual: a second pot, wrappers out of a pack, spells of its own. */
    private static final Set<String> NOT_AS_USUAL = Set.of("crew vessels POT", "lots boughtWrapper", "lots cooking");

    /** Starts are as usual, so what is left out of one comes back as it was. */
    @Test
    public void whatIsLeftOutOfAStartIsAsItWas() {
        Set<String> unsaid = new HashSet<>();
        for (Style style : Styles.all()) {
            Batch batch = Styles.start(style, "Supper", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
            ObjectNode whole = (ObjectNode) Spelling.JSON.readTree(BatchFormat.write(batch));
            for (List<Object> place : places(whole, List.of())) {
                String name = place.stream()
                        .filter(String.class::isInstance)
                        .map(String.class::cast)
                        .collect(Collectors.joining(" "));
                ObjectNode less = whole.deepCopy();
                without(less, place, true);
                if (!NEED_NOT_BE_SAID.contains(name)) {
                    expectThrows(UnreadableBatch.class, () -> BatchFormat.read(less.toString()));
                } else {
                    unsaid.add(name);
                    Batch read = BatchFormat.read(less.toString()).batch();
                    assertTrue(read.equals(batch) || NOT_AS_USUAL.contains(name), name + " of " + style.key());
                }
            }
        }
        assertEquals(unsaid, NEED_NOT_BE_SAID);
    }

    private static List<List<Object>> places(JsonNode node, List<Object> at) {
        List<List<Object>> found = new ArrayList<>();
        if (node.isObject()) {
            node.properties().forEach(one -> {
                List<Object> there = new ArrayList<>(at);
                there.add(one.getKey());
                found.add(there);
                found.addAll(places(one.getValue(), there));
            });
        }
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            List<Object> there = new ArrayList<>(at);
            there.add(i);
            found.addAll(places(node.get(i), there));
        }
        return found;
    }

    private static void without(ObjectNode whole, List<Object> place, boolean missing) {
        JsonNode parent = whole;
        for (Object step : place.subList(0, place.size() - 1)) {
            parent = step instanceof Integer index ? parent.get(index) : parent.get((String) step);
        }
        String name = (String) place.get(place.size() - 1);
        if (missing) {
            ((ObjectNode) parent).remove(name);
        } else {
            ((ObjectNode) parent).putNull(name);
        }
    }

    /** A document of nothing but empty lots is refused while it is read. */
    @Test
    public void aDocumentBeyondAnyPlanIsRefused() {
        String lots = BatchFormat.write(new RandomBatches(3).next())
                .replaceFirst("\"lots\":\\[", "\"lots\":[" + "{},".repeat(200_000));
        assertTrue(expectThrows(UnreadableBatch.class, () -> BatchFormat.read(lots))
                .getMessage()
                .contains("size"));
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
