package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.Styles;
import ironpin.dip.Dips;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.StringJoiner;
import org.flywaydb.core.Flyway;
import org.jooq.impl.DSL;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The tables themselves refuse what no plan may hold, and an older kitchen's data comes along. */
public class SchemaTest {
    private static final Instant NOW = Instant.parse("2026-11-28T15:00:00Z");
    private static final Clock CLOCK = Clock.fixed(NOW, ZoneOffset.UTC);

    private Cupboard cupboard;

    private static Batch supper() {
        return Styles.start(
                        Styles.get("griddle-bread"), "Breads", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL)
                .withDip(1, Dips.SESAME_CHIVE);
    }

    @BeforeClass
    public void open() throws Exception {
        cupboard = Cupboard.open(TestFolder.fresh("schema"), CLOCK);
        new BatchStore(cupboard).create(supper(), "new", NOW);
    }

    @AfterClass
    public void close() {
        cupboard.close();
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {"update batch set status = 'BURNT'"},
            {"update lot set per_eater = null"},
            {"update lot set counted = 12"},
            {"update lot set dough_no = 7"},
            {"update lot set filling_no = 7"},
            {"delete from dough"},
            {"insert into revision values (99, 1, 'x', now(), 'x', now(), 1, 'USUAL')"},
            {"insert into revision values (1, 1, 'x', now(), 'x', now(), 1, 'USUAL')"},
            {"insert into step_done values (99, 'x', now())"},
            {"insert into timer (batch_id, task_key, label, started_at, seconds) values (1, 'x', 'x', now(), 0)"},
            {"insert into correction values (1, 9, 1, 'DRY', 1, 0, 0, 1, now())"},
            {"insert into dough_line values (1, 1, 4, 0, 'WATER', 1)"},
        };
    }

    @Test(dataProvider = "refused")
    public void theTablesKeepTheirRules(String sql) {
        boolean cascades = sql.startsWith("delete");
        if (cascades) {
            // Taking a dough away takes its lines and lots along; looked at inside a write that is then taken back.
            int[] lotsLeft = {-1};
            assertThrows(
                    IllegalStateException.class,
                    () -> cupboard.write(dsl -> {
                        dsl.execute(sql);
                        lotsLeft[0] = dsl.fetchCount(DSL.table("lot"));
                        throw new IllegalStateException("taken back");
                    }));
            assertEquals(lotsLeft[0], 0);
        } else {
            assertThrows(RuntimeException.class, () -> cupboard.write(dsl -> dsl.execute(sql)));
        }
        assertEquals(new BatchStore(cupboard).load(1).batch(), supper());
    }

    @Test
    public void aFailedWriteLeavesNothingBehind() {
        assertThrows(
                IllegalStateException.class,
                () -> cupboard.write(dsl -> {
                    dsl.execute("update batch set current_revision = 5");
                    throw new IllegalStateException("the power went");
                }));
        assertEquals(new BatchStore(cupboard).load(1).revision(), 1);
    }

    @Test
    public void aKitchenOfTheFirstVersionIsBroughtAlong() throws Exception {
        Path folder = TestFolder.fresh("first-version");
        Path file = folder.toAbsolutePath().resolve("ironpin");
        String url = "jdbc:h2:file:" + file;
        Flyway.configure()
                .dataSource(url, "ironpin", "")
                .locations("classpath:db/migration")
                .target("1")
                .load()
                .migrate();
        copyPlan(url);
        try (Cupboard newer = Cupboard.open(folder, CLOCK)) {
            BatchStore batches = new BatchStore(newer);
            StoredBatch old = batches.load(1);
            assertEquals(old.batch(), supper());
            assertEquals(new CorrectionStore(newer, batches).standing(1), List.of());
        }
    }

    /** The rows as the first version wrote them: the present ones, without what came later. */
    private void copyPlan(String url) throws SQLException {
        String[] tables = {"batch", "revision", "dough", "dough_flour", "dough_line", "filling", "filling_line", "lot"};
        try (Connection connection = DriverManager.getConnection(url, "ironpin", "");
                Statement statement = connection.createStatement()) {
            for (String table : tables) {
                String columns = columns(connection, table);
                List<String> inserts = cupboard.read(dsl -> dsl.fetch("select " + columns + " from " + table).stream()
                        .map(row -> dsl.renderInlined(dsl.insertInto(DSL.table(table))
                                .columns(row.fields())
                                .values(row.intoList())))
                        .toList());
                for (String insert : inserts) {
                    statement.execute(insert);
                }
            }
            statement.execute("update lot set dip = 'SESAME_CHIVE'");
        }
    }

    private static String columns(Connection connection, String table) throws SQLException {
        StringJoiner names = new StringJoiner(", ");
        try (ResultSet columns =
                connection.getMetaData().getColumns(null, "PUBLIC", table.toUpperCase(Locale.ROOT), null)) {
            while (columns.next()) {
                names.add(columns.getString("COLUMN_NAME"));
            }
        }
        return names.toString();
    }
}
