package ironpin.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.TableField;
import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import ironpin.dough.Waters;
import ironpin.kit.Kit;
import ironpin.quantity.Mass;
import ironpin.quantity.Temperature;
import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.style.Styles;
import java.io.IOException;
import java.lang.reflect.Field;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Queue;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javax.sql.PooledConnection;
import org.h2.jdbcx.JdbcConnectionPool;
import org.testng.annotations.Test;

/** What many hands, a full drawer and a torn page do to the cupboard. */
public class CupboardTest {
    private static final Clock CLOCK = Clock.systemUTC();
    private static final int CROWD = 24;

    private static Batch batch(String title) {
        return Styles.start(
                Styles.get("boiled-crescent"), title, LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
    }

    private static void together(int crowd, Callable<?> each) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(crowd);
        try {
            List<Future<?>> work = new ArrayList<>();
            for (int i = 0; i < crowd; i++) {
                work.add(hands.submit(each));
            }
            for (Future<?> one : work) {
                one.get();
            }
        } finally {
            hands.shutdownNow();
        }
    }

    /** What another version made is left as it is, and said. */
    @Test
    public void aFolderOfAnotherVersionIsSaidAndLeftAlone() throws Exception {
        Path folder = TestFolder.fresh("another-version");
        Cupboard.open(folder, CLOCK).close();
        String url = "jdbc:h2:file:" + folder.toAbsolutePath().resolve("ironpin");
        try (Connection connection = DriverManager.getConnection(url, "ironpin", "");
                Statement statement = connection.createStatement()) {
            statement.execute("update \"flyway_schema_history\" set \"checksum\" = 4711 where \"version\" = '1'");
        }
        UnusableFolder said = expectThrows(UnusableFolder.class, () -> Cupboard.open(folder, CLOCK));
        assertTrue(said.getMessage().contains("another version"), said.getMessage());
        try (Connection connection = DriverManager.getConnection(url, "ironpin", "")) {
            assertTrue(connection.isValid(1), "it can still be opened by what made it");
        }
    }

    /**
     * Under the press of more readers than it keeps, a pool closes connections, the first of all among them; here it is done
     * by hand, so that it happens each time.
     */
    @Test
    public void constraintsOutliveTheConnectionThatMadeThem() throws Exception {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("crowd"), CLOCK)) {
            BatchStore batches = new BatchStore(cupboard);
            closeEveryConnectionOf(cupboard);
            for (int i = 0; i < 5; i++) {
                long id = batches.create(batch("After the crowd"), "new", Instant.now());
                batches.start(id, Instant.now());
                assertEquals(batches.load(id).status(), Status.RUNNING);
            }
        }
    }

    private static void closeEveryConnectionOf(Cupboard cupboard) throws ReflectiveOperationException, SQLException {
        Field pool = Cupboard.class.getDeclaredField("pool");
        pool.setAccessible(true);
        Field idle = JdbcConnectionPool.class.getDeclaredField("recycledConnections");
        idle.setAccessible(true);
        // A second one, which is put back first and taken first.
        cupboard.read(dsl -> dsl.connectionResult(first -> cupboard.read(second -> second.fetchValue("select 1"))));
        // It stays open meanwhile, or the database itself would be closed.
        cupboard.read(dsl -> dsl.connectionResult(held -> {
            Queue<?> connections = (Queue<?>) idle.get(pool.get(cupboard));
            while (!connections.isEmpty()) {
                ((PooledConnection) connections.poll()).close();
            }
            return 0;
        }));
    }

    @Test
    public void twoCellsOfTheKitEditedAtOnceBothStay() throws Exception {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("cells"), CLOCK)) {
            KitStore kit = new KitStore(cupboard, new BatchStore(cupboard));
            List<UnaryOperator<Waters>> cells = List.of(
                    waters -> new Waters(plusOne(waters.room()), waters.tap(), waters.kettle()),
                    waters -> new Waters(waters.room(), plusOne(waters.tap()), waters.kettle()));
            Waters before = kit.load().waters();
            int times = 10;
            List<Callable<Object>> work = new ArrayList<>();
            for (int i = 0; i < times; i++) {
                for (UnaryOperator<Waters> cell : cells) {
                    work.add(() -> kit.change("cell", now -> with(now, cell.apply(now.waters())), Instant.now()));
                }
            }
            ExecutorService hands = Executors.newFixedThreadPool(4);
            for (Future<Object> one : hands.invokeAll(work)) {
                one.get();
            }
            hands.shutdown();
            Waters after = kit.load().waters();
            assertEquals(after.room().celsius(), before.room().celsius() + times * STEP, 1e-6);
            assertEquals(after.tap().celsius(), before.tap().celsius() + times * STEP, 1e-6);
        }
    }

    private static final double STEP = 0.25;

    private static Temperature plusOne(Temperature one) {
        return Temperature.ofCelsius(one.celsius() + STEP);
    }

    private static Kit with(Kit kit, Waters waters) {
        return new Kit(waters, kit.cups(), kit.measures(), kit.flours(), kit.bowls(), kit.hand());
    }

    @Test
    public void ticksAndWhatStandsAtHomeDoNotEraseEachOther() throws Exception {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("basket"), CLOCK)) {
            long id = new BatchStore(cupboard).create(batch("Basket"), "new", Instant.now());
            ShoppingStore shopping = new ShoppingStore(cupboard);
            together(CROWD, () -> {
                shopping.change(
                        id,
                        "flour",
                        said -> new ShoppingStore.Said(said.have().plus(Mass.ofGrams(1)), said.inBasket()));
                shopping.change(id, "flour", said -> new ShoppingStore.Said(said.have(), true));
                return null;
            });
            assertEquals(shopping.of(id).get("flour"), new ShoppingStore.Said(Mass.ofGrams(CROWD), true));
        }
    }

    /** A write that fails half-way leaves nothing behind, in no cache either. */
    @Test
    public void whatWasNotKeptIsNotRemembered() throws Exception {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("torn"), CLOCK)) {
            BatchStore batches = new BatchStore(cupboard);
            long id = batches.create(batch("Torn"), "new", Instant.now());
            UnaryOperator<Batch> more = one -> TableField.EATERS.write(one, Address.table(), one.eaters() + 1);
            assertThrows(
                    IllegalStateException.class,
                    () -> batches.change(id, "more", more, Instant.now(), (dsl, revision) -> {
                        throw new IllegalStateException("the pen broke");
                    }));
            assertEquals(batches.redo(id).batch().eaters(), 6, "there is nothing to redo");
            assertEquals(batches.change(id, "more", more, Instant.now()).batch().eaters(), 7);
            assertEquals(batches.load(id).batch().eaters(), 7);
        }
    }

    @Test
    public void aBatchFromElsewhereComesWholeOrNotAtAll() throws Exception {
        try (Cupboard cupboard = Cupboard.open(TestFolder.fresh("brought"), CLOCK)) {
            BatchStore batches = new BatchStore(cupboard);
            BookStore book = new BookStore(cupboard);
            Outcome outcome = new Outcome(
                    10,
                    0,
                    0,
                    0,
                    Mass.ZERO,
                    Mass.ZERO,
                    SkinVerdict.values()[0],
                    FillingVerdict.values()[0],
                    Optional.empty(),
                    "");
            BookStore.Came came = new BookStore.Came(1, "boiled-crescent", outcome, Instant.EPOCH);
            assertThrows(
                    RuntimeException.class,
                    () -> book.bring(batch("Twice"), Optional.empty(), List.of(came, came), List.of(), Instant.now()));
            assertEquals(batches.count(Status.PLANNED) + batches.count(Status.DONE), 0);
            long id = book.bring(batch("Once"), Optional.empty(), List.of(came), List.of(), Instant.now());
            assertEquals(batches.load(id).status(), Status.DONE);
            assertEquals(book.entries(id).size(), 1);
        }
    }

    @Test
    public void theFolderIsItsOwnersAndAnUnusableOneIsSaid() throws IOException {
        Path folder = TestFolder.fresh("owner");
        Cupboard.open(folder, CLOCK).close();
        Cupboard.open(folder, CLOCK).close();
        for (Path one : List.of(folder, folder.resolve("backups"))) {
            assertEquals(
                    PosixFilePermissions.toString(Files.getPosixFilePermissions(one)), "rwx------", one.toString());
        }
        RuntimeException taken = UnusableFolder.of(
                new IllegalStateException(new SQLException("locked", "90020", 90020)), DataFolder.at(folder));
        assertTrue(taken.getMessage().contains("Another Ironpin"), taken.getMessage());
        RuntimeException other = new IllegalStateException("odd");
        assertEquals(UnusableFolder.of(other, DataFolder.at(folder)), other);
        UnusableFolder odd = expectThrows(
                UnusableFolder.class, () -> Cupboard.open(folder.resolve("a;INIT=drop all objects"), CLOCK));
        assertTrue(odd.getMessage().contains("has a ; in its name"), odd.getMessage());
        odd = expectThrows(UnusableFolder.class, () -> Cupboard.open(folder.resolve("two\nlines"), CLOCK));
        assertTrue(odd.getMessage().contains("a line break"), odd.getMessage());
        Path file = Files.writeString(folder.resolve("file"), "no folder");
        UnusableFolder none = expectThrows(UnusableFolder.class, () -> Cupboard.open(file, CLOCK));
        assertTrue(none.getMessage().contains("cannot be made"), none.getMessage());
    }

    /** Others may have business in a folder that was there before; what is ours in it is closed to them. */
    @Test
    public void aSharedFolderKeepsItsRights() throws IOException {
        Path folder = Files.createDirectories(TestFolder.fresh("shared"));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxrwxr-x"));
        try (Cupboard cupboard = Cupboard.open(folder, CLOCK)) {
            assertEquals(rights(folder), "rwxrwxr-x");
            assertEquals(rights(folder.resolve("ironpin.mv.db")), "rw-------");
            cupboard.compact();
            assertEquals(rights(folder.resolve("ironpin.mv.db")), "rw-------", "written anew");
        }
        Cupboard.open(folder, CLOCK).close();
        assertEquals(rights(folder.resolve("backups")), "rwx------");
    }

    private static String rights(Path file) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
    }

    /** A disk that was full leaves an empty file: it is no empty kitchen, and pushes no backup out. */
    @Test
    public void anEmptiedDatabaseBesideABackupIsSaidAndNothingIsTouched() throws IOException {
        Path folder = TestFolder.fresh("emptied");
        Cupboard.open(folder, CLOCK).close();
        Cupboard.open(folder, CLOCK).close();
        List<Path> before = backups(folder);
        Files.write(folder.resolve("ironpin.mv.db"), new byte[0]);
        UnusableFolder said = expectThrows(UnusableFolder.class, () -> Cupboard.open(folder, CLOCK));
        assertTrue(
                said.getMessage()
                        .contains(before.get(before.size() - 1).getFileName().toString()),
                said.getMessage());
        assertEquals(backups(folder), before);
        assertEquals(Files.size(folder.resolve("ironpin.mv.db")), 0);
    }

    /** What is here is kept first, and what was remembered of it is not believed any more. */
    @Test
    public void aCookGoesBackToABackupAndForthAgain() throws IOException {
        Path folder = TestFolder.fresh("back");
        try (Cupboard cupboard = Cupboard.open(folder, CLOCK)) {
            BatchStore batches = new BatchStore(cupboard);
            BackupShelf shelf = new BackupShelf(cupboard, CLOCK);
            long id = batches.create(batch("As it was"), "new", CLOCK.instant());
            shelf.keepNow();
            batches.change(id, "title", one -> one.withTitle("As it is"), CLOCK.instant());
            batches.create(batch("Another"), "new", CLOCK.instant());
            batches.load(id);
            assertEquals(batches.count(Status.PLANNED), 2);
            assertEquals(shelf.all().get(0).batches(), OptionalInt.of(1));
            shelf.goBackTo(shelf.all().get(0).name());
            assertEquals(batches.load(id).batch().title(), "As it was");
            assertEquals(batches.count(Status.PLANNED), 1);
            BackupShelf.Kept before = shelf.all().get(0);
            assertEquals(before.batches(), OptionalInt.of(2), "what stood here was kept first");
            Files.write(folder.resolve("backups").resolve("ironpin-n000900-broken.zip"), new byte[100]);
            expectThrows(Refused.class, () -> shelf.goBackTo("ironpin-n000900-broken.zip"));
            expectThrows(NotThere.class, () -> shelf.goBackTo("../ironpin.mv.db"));
            assertEquals(batches.load(id).batch().title(), "As it was");
            shelf.goBackTo(before.name());
            assertEquals(batches.load(id).batch().title(), "As it is");
            batches.change(id, "title", one -> one.withTitle("And on"), CLOCK.instant());
        }
        try (Cupboard again = Cupboard.open(folder, CLOCK)) {
            assertEquals(new BatchStore(again).called("And on", 2).size(), 1);
        }
    }

    @Test
    public void aDamagedDatabaseIsSaidAndTheNewestBackupThatOpensIsOffered() throws IOException {
        Path folder = TestFolder.fresh("damaged");
        try (Cupboard cupboard = Cupboard.open(folder, CLOCK)) {
            new BatchStore(cupboard).create(batch("Kept"), "new", CLOCK.instant());
            new BackupShelf(cupboard, CLOCK).keepNow();
        }
        byte[] damaged = Files.readAllBytes(folder.resolve("ironpin.mv.db"));
        Arrays.fill(damaged, (byte) 7);
        Files.write(folder.resolve("ironpin.mv.db"), damaged);
        Files.write(folder.resolve("backups").resolve("ironpin-n000900-broken.zip"), new byte[100]);
        UnusableFolder said = expectThrows(UnusableFolder.class, () -> Cupboard.open(folder, CLOCK));
        assertTrue(
                said.getMessage().contains("damaged") && said.getMessage().contains("--from-backup"),
                said.getMessage());
        assertEquals(Files.readAllBytes(folder.resolve("ironpin.mv.db")), damaged, "nothing is touched unasked");
        try (Cupboard cupboard = Cupboard.openFromBackup(folder, CLOCK)) {
            assertEquals(new BatchStore(cupboard).called("Kept", 2).size(), 1);
            new BatchStore(cupboard).create(batch("Written since"), "new", CLOCK.instant());
        }
        try (Cupboard cupboard = Cupboard.openFromBackup(folder, CLOCK)) {
            assertEquals(new BatchStore(cupboard).called("Written since", 2).size(), 1, "not gone back a second time");
        }
        try (Stream<Path> files = Files.list(folder.resolve("backups"))) {
            assertTrue(
                    files.anyMatch(one -> one.getFileName().toString().startsWith("as-found-")), "it is kept beside");
        }
    }

    /** A copy elsewhere outlives the disk; one a day, and the newest is among them. */
    @Test
    public void aDailyCopyGoesToAFolderOfTheCooks() throws IOException {
        Path folder = TestFolder.fresh("daily");
        Path elsewhere = TestFolder.fresh("elsewhere");
        try (Cupboard cupboard = Cupboard.open(folder, CLOCK)) {
            new BackupShelf(cupboard, CLOCK).keepDaily();
            assertEquals(new BackupShelf(cupboard, CLOCK).all(), List.of(), "there is nothing to keep yet");
            new BatchStore(cupboard).create(batch("Kept"), "new", CLOCK.instant());
            for (int day = 0; day < BackupShelf.COPIES + 3; day++) {
                BackupShelf shelf = new BackupShelf(cupboard, Clock.offset(CLOCK, Duration.ofDays(day)));
                shelf.keepDaily();
                shelf.keepDaily();
                shelf.copyTo(elsewhere);
                assertEquals(shelf.copied(elsewhere), shelf.all().get(0).made());
            }
        }
        try (Stream<Path> files = Files.list(elsewhere)) {
            assertEquals(files.count(), BackupShelf.COPIES);
        }
    }

    /** The clock ran years ahead for one start: each backup after it is newer all the same. */
    @Test
    public void backupsAreKeptInTheOrderTheyWereMade() throws IOException {
        Path folder = TestFolder.fresh("ahead");
        Cupboard.open(folder, CLOCK).close();
        Cupboard.open(folder, Clock.fixed(Instant.parse("2031-01-01T00:00:00Z"), ZoneOffset.UTC))
                .close();
        for (int start = 1; start <= Backups.KEPT + 2; start++) {
            List<Path> before = backups(folder);
            Cupboard.open(folder, CLOCK).close();
            List<Path> after = backups(folder);
            assertFalse(before.contains(after.get(after.size() - 1)), "the newest is the one just made");
            assertTrue(after.size() <= Backups.KEPT, after.toString());
        }
        assertFalse(backups(folder).toString().contains("2031"), "the one from the future has gone in its turn");
    }

    private static List<Path> backups(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder.resolve("backups").toAbsolutePath())) {
            return files.sorted().toList();
        }
    }
}
