package ironpin.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReentrantLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
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
    private static final String USER = "ironpin";
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);

    static {
        // jOOQ greets on the log; a kitchen needs no banner.
        System.setProperty("org.jooq.no-logo", "true");
        System.setProperty("org.jooq.no-tips", "true");
    }

    private static final Settings SETTINGS =
            new Settings().withExecuteLogging(false).withRenderSchema(false);

    private final String url;
    private JdbcConnectionPool pool;
    private DSLContext dsl;

    /** Open for everybody but while the database is written anew. */
    private final ReentrantReadWriteLock gate = new ReentrantReadWriteLock();

    private final AtomicLong writes = new AtomicLong();

    /** One household writes one change at a time: each sees what the one before it left. */
    private final ReentrantLock pen = new ReentrantLock(true);

    private final List<Runnable> whenRolledBack = new CopyOnWriteArrayList<>();
    private volatile long lastWrite = System.nanoTime();
    private boolean closed;

    private Cupboard(String url) {
        this.url = url;
        open();
    }

    private void open() {
        pool = JdbcConnectionPool.create(url, USER, "");
        dsl = DSL.using(pool, SQLDialect.H2, SETTINGS);
    }

    /**
     * Opens the cupboard in a folder, making both if they are not there, and keeps a copy of what it found.
     *
     * @param folder where the data and the {@code backups} folder live
     * @param clock names the backup
     * @throws UnusableFolder if the folder cannot be used, with the reason in a cook's words
     */
    public static Cupboard open(Path folder, Clock clock) {
        DataFolder home = DataFolder.at(folder);
        try {
            return opened(home, clock);
        } catch (RuntimeException problem) {
            throw UnusableFolder.of(problem);
        }
    }

    private static Cupboard opened(DataFolder home, Clock clock) {
        Cupboard cupboard = new Cupboard(home.url());
        if (home.used()) {
            cupboard.backup(home.backups(), clock);
        }
        int migrations = Flyway.configure()
                .dataSource(cupboard.pool)
                .locations("classpath:db/migration")
                .load()
                .migrate()
                .migrationsExecuted;
        if (migrations == 0) {
            return cupboard;
        }
        // A constraint keeps the session that made it and fails for everybody once that session is closed, as a pool
        // will.
        // Opened again, constraints belong to the database's own session.
        cupboard.close();
        return new Cupboard(home.url());
    }

    /** Reads; never writes. */
    <T> T read(Function<DSLContext, T> query) {
        gate.readLock().lock();
        try {
            return query.apply(dsl);
        } finally {
            gate.readLock().unlock();
        }
    }

    /** How many writes there have been: what was read stays true until it changes. */
    long writes() {
        return writes.get();
    }

    /** How long nobody has written. */
    Duration sinceLastWrite() {
        return Duration.ofNanos(System.nanoTime() - lastWrite);
    }

    /**
     * Gives room in the file that is not needed any more back to the disk. The database is written anew and opened again,
     * in a fraction of a second in which everybody waits; a kill in the middle of it loses nothing, since the new file takes
     * the place of the old one only when it is whole.
     */
    void compact() {
        pen.lock();
        gate.writeLock().lock();
        try {
            shutDown();
            pool.dispose();
            open();
        } finally {
            gate.writeLock().unlock();
            pen.unlock();
        }
    }

    /** What was remembered of a write that failed must not be believed. */
    void onRollback(Runnable forget) {
        whenRolledBack.add(forget);
    }

    /** Writes all or nothing, and returns only when it is on disk. */
    <T> T write(Function<DSLContext, T> change) {
        pen.lock();
        gate.readLock().lock();
        boolean kept = false;
        try {
            T result = dsl.transactionResult(transaction -> change.apply(transaction.dsl()));
            dsl.execute("checkpoint sync");
            kept = true;
            return result;
        } finally {
            writes.incrementAndGet();
            lastWrite = System.nanoTime();
            if (!kept) {
                whenRolledBack.forEach(Runnable::run);
            }
            gate.readLock().unlock();
            pen.unlock();
        }
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
            statement.execute("shutdown compact");
        } catch (SQLException e) {
            throw new IllegalStateException("the cupboard cannot be closed", e);
        }
    }

    private void backup(Path folder, Clock clock) {
        try {
            DataFolder.makePrivate(folder);
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
