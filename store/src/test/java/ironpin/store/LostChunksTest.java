package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import org.testng.annotations.Test;

/** A file that H2 2.5.252 wrote over two kills, and to whose last four commits its header does not lead. */
public class LostChunksTest {
    private static final int SEEN = 300;
    private static final int ANSWERED = 304;

    private static Path written(String folder) throws IOException {
        Path database = TestFolder.fresh(folder).resolve("ironpin.mv.db");
        Files.createDirectories(database.getParent());
        try (InputStream packed = LostChunksTest.class.getResourceAsStream("/written-by-h2-2.5.252.zip");
                ZipInputStream zip = new ZipInputStream(packed)) {
            zip.getNextEntry();
            Files.copy(zip, database);
        }
        return database;
    }

    private static int last(Path database) throws SQLException {
        String url = "jdbc:h2:file:" + database.toAbsolutePath().toString().replace(".mv.db", "");
        try (Connection connection = DriverManager.getConnection(url, "ironpin", "");
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select max(n) from said")) {
            row.next();
            return row.getInt(1);
        }
    }

    @Test
    public void whatTheHeaderDoesNotLeadToIsBroughtBack() throws IOException, SQLException {
        Path database = written("lost-chunks");
        byte[] before = Files.readAllBytes(database);
        Path aside = database.resolveSibling("aside.mv.db");
        assertTrue(LostChunks.bringBack(database, aside));
        assertEquals(last(aside), ANSWERED);
        assertEquals(Files.readAllBytes(database), before, "the file itself is left as it was found");
        assertEquals(last(database), SEEN, "what opening it as it is would have seen");
    }

    /** What was written after the loss was seen and acknowledged: the older way is not taken for newer. */
    @Test
    public void whatWasWrittenSinceIsNotOvertaken() throws IOException, SQLException, InterruptedException {
        Path database = written("lost-and-gone-on");
        int now = KilledAgainTest.session(database.getParent(), 2, SEEN, 1);
        Path aside = database.resolveSibling("aside.mv.db");
        assertTrue(LostChunks.bringBack(database, aside), "as it is, the two ways are mixed and it does not open");
        assertEquals(last(aside), now);
    }

    /** Opening a cupboard does it by itself, and keeps the file as it was found. */
    @Test
    public void aCupboardBringsItBackAndKeepsWhatItFound() throws IOException, SQLException {
        Path database = written("lost-in-a-cupboard");
        long before = Files.size(database);
        // It is no kitchen, so that is as far as it comes.
        assertThrows(RuntimeException.class, () -> Cupboard.open(database.getParent(), Clock.systemUTC()));
        assertEquals(last(database), ANSWERED);
        try (Stream<Path> kept = Files.list(database.resolveSibling("backups"))) {
            Path found = kept.filter(one -> one.getFileName().toString().startsWith("as-found-"))
                    .findFirst()
                    .orElseThrow();
            assertEquals(Files.size(found), before);
        }
    }

    @Test
    public void aFileThatWasClosedHasNothingToBringBack() throws IOException, SQLException {
        Path database = written("lost-then-closed");
        assertEquals(last(database), SEEN);
        assertFalse(LostChunks.bringBack(database, database.resolveSibling("aside.mv.db")));
        Files.write(database, new byte[20_000]);
        assertFalse(LostChunks.bringBack(database, database.resolveSibling("aside.mv.db")), "no database at all");
    }
}
