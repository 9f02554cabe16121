package ironpin.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcConnectionPool;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.conf.Settings;
import org.jooq.impl.DSL;

/**
 * The database file: opened, migrated, backed up on every opening, and written so that an acknowledged change survives
 * the process and the power.
 */
public final class Cupboard implements AutoCloseable {
    private static final int BACKUPS_KEPT = 5;
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);

    static {
        // jOOQ greets on the log; a kitchen needs no banner.
        System.setProperty("org.jooq.no-logo", "true");
        System.setProperty("org.jooq.no-tips", "true");
    }

    private static final Settings SETTINGS =
            new Settings().withExecuteLogging(false).withRenderSchema(false);

    private final JdbcConnectionPool pool;
    private final DSLContext dsl;
    private final AtomicLong writes = new AtomicLong();
    private boolean closed;

    private Cupboard(JdbcConnectionPool pool) {
        this.pool = pool;
        this.dsl = DSL.using(pool, SQLDialect.H2, SETTINGS);
    }

    /**
     * Opens the cupboard in a folder, making both if they are not there, and keeps a copy of what it found.
     *
     * @param folder where the data and the {@code backups} folder live
     * @param clock names the backup
     * @throws UncheckedIOException if the folder cannot be made
     */
    public static Cupboard open(Path folder, Clock clock) {
        Path data = folder.toAbsolutePath().resolve("ironpin");
        boolean existed = Files.exists(folder.resolve("ironpin.mv.db"));
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new UncheckedIOException("the data folder " + folder + " cannot be made", e);
        }
        String url = "jdbc:h2:file:" + data + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE";
        JdbcConnectionPool pool = JdbcConnectionPool.create(url, "ironpin", "");
        Cupboard cupboard = new Cupboard(pool);
        if (existed) {
            cupboard.backup(folder.toAbsolutePath().resolve("backups"), clock);
        }
        Flyway.configure()
                .dataSource(pool)
                .locations("classpath:db/migration")
                .load()
                .migrate();
        return cupboard;
    }

    /** Reads; never writes. */
    <T> T read(Function<DSLContext, T> query) {
        return query.apply(dsl);
    }

    /** How many writes there have been: what was read stays true until it changes. */
    long writes() {
        return writes.get();
    }

    /** Writes all or nothing, and returns only when it is on disk. */
    <T> T write(Function<DSLContext, T> change) {
        T result = dsl.transactionResult(transaction -> change.apply(transaction.dsl()));
        dsl.execute("checkpoint sync");
        writes.incrementAndGet();
        return result;
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            shutDown();
            pool.dispose();
        }
    }

    private void shutDown() {
        try (Connection connection = pool.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("shutdown");
        } catch (SQLException e) {
            throw new IllegalStateException("the cupboard cannot be closed", e);
        }
    }

    private void backup(Path folder, Clock clock) {
        try {
            Files.createDirectories(folder);
            Path file = folder.resolve("ironpin-" + STAMP.format(clock.instant()) + ".zip");
            dsl.execute("backup to '" + file.toString().replace("'", "''") + "'");
            try (Stream<Path> files = Files.list(folder)) {
                List<Path> newestFirst = files.filter(
                                old -> old.getFileName().toString().matches("ironpin-.*\\.zip"))
                        .sorted(Comparator.reverseOrder())
                        .toList();
                for (Path old : newestFirst.subList(Math.min(BACKUPS_KEPT, newestFirst.size()), newestFirst.size())) {
                    Files.delete(old);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("the backup folder " + folder + " cannot be written", e);
        }
    }
}
