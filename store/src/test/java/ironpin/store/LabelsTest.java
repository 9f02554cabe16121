package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Mass;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A label comes back as it was, in whatever units; and one that was kept as marked text becomes a sentence. */
public class LabelsTest {
    private static final Instant NOW = Instant.parse("2026-11-28T15:00:00Z");

    @DataProvider
    public Object[][] labels() {
        return new Object[][] {
            {Sentence.EMPTY},
            {Sentence.of("eaters \"7\" [1,2]")},
            {Sentence.of("Water to ", Quantity.mass(331.25, 0), " at ", Quantity.celsius(55), ".")},
            {Sentence.of(Quantity.length(1.6, 1), " rim")},
        };
    }

    @Test(dataProvider = "labels")
    public void whatIsWrittenReadsBack(Sentence label) {
        assertEquals(Labels.read(Labels.written(label)), label);
    }

    @Test
    public void aLongOneIsCutToWords() {
        Sentence label = Sentence.of("a".repeat(3_000), Quantity.mass(5, 0));
        assertTrue(Labels.written(label).length() <= Labels.LONGEST);
        assertEquals(Labels.read(Labels.written(label)), Sentence.of("a".repeat(200)));
    }

    @DataProvider
    public Object[][] old() {
        return new Object[][] {
            {"eaters 7", "eaters 7", "eaters 7"},
            {"water \uE000m00331.4\uE001 warm", "water 331 g warm", "water 11.7 oz warm"},
            {"\uE000t1055.0\uE001", "55 °C", "131 °F"},
            {"cut short \uE000m00331", "cut short m00331", "cut short m00331"},
            {"not ours \uE000x99y\uE001", "not ours x99y", "not ours x99y"},
        };
    }

    @Test(dataProvider = "old")
    public void aMarkBecomesAQuantity(String marked, String metric, String us) {
        assertEquals(LabelsAsSentences.sentence(marked).render(UnitSystem.METRIC), metric);
        assertEquals(LabelsAsSentences.sentence(marked).render(UnitSystem.US), us);
    }

    /** A kitchen as the version before left it: its labels are marked text. */
    @Test
    public void aKitchenOfBeforeOpensWithItsLabels() throws Exception {
        Path folder = TestFolder.fresh("marked-labels");
        String url = "jdbc:h2:file:" + folder.toAbsolutePath().resolve("ironpin");
        long id;
        FreezerStore.Bag leaves = new FreezerStore.Bag(
                0, "Leaves", Optional.empty(), 1, 9, 9, Mass.ofGrams(20), Sentence.of("Steam"), "egg", LocalDate.EPOCH);
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            id = new BatchStore(cupboard).create(StoreTest.supper(), "new", NOW);
            // Each gets a name of its own that no other has.
            new BatchStore(cupboard).create(StoreTest.supper(), "another", NOW);
            new BatchStore(cupboard).change(id, "later", batch -> batch.withTitle("Later"), NOW);
            new FreezerStore(cupboard).put(leaves);
        }
        try (Connection connection = DriverManager.getConnection(url, "ironpin", "");
                Statement statement = connection.createStatement()) {
            statement.execute("update revision set label = 'water \uE000m00331.4\uE001'");
            statement.execute("update bag set cooking = 'at least \uE000t1071.0\uE001'");
            statement.execute("alter table bag alter column cooking varchar(200)");
            statement.execute("alter table revision alter column label varchar(200)");
            // And without everything that came after.
            for (String table : List.of(
                    "meanwhile",
                    "device",
                    "heard",
                    "photo",
                    "used_up",
                    "card",
                    "told_lot",
                    "forgotten",
                    "rehearsed",
                    "told_word",
                    "told",
                    "experiment",
                    "own_start",
                    "own_minutes")) {
                statement.execute("drop table " + table);
            }
            statement.execute("alter table outcome drop column seen, eaten");
            statement.execute("alter table kit drop column measures");
            statement.execute("drop index batch_known_as");
            statement.execute("alter table batch drop column known_as");
            statement.execute("delete from \"flyway_schema_history\" where cast(\"version\" as int) >= 6");
        }
        try (Cupboard cupboard = Cupboard.open(folder, Clock.systemUTC())) {
            assertEquals(
                    new BatchStore(cupboard).load(id).undo(),
                    Optional.of(Sentence.of("water ", Quantity.mass(331.4, 0))));
            assertEquals(
                    new FreezerStore(cupboard).stock().get(0).cooking(),
                    Sentence.of("at least ", Quantity.celsius(71)));
        }
    }
}
