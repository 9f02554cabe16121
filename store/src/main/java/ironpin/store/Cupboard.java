package ironpin.store;

import static ironpin.store.db.Tables.BATCH;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import ironpin.refusal.Refused;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReentrantLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Function;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.h2.jdbcx.JdbcConnectionPool;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.Table;
import org.jooq.conf.Settings;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
import org.jooq.impl.DefaultConfiguration;
import org.jooq.impl.DefaultExecuteListenerProvider;

/**
 * The database file: opened, migrated, backed up on every opening, and written so that an acknowledged change survives
 * the process and the power.
 */
public final class Cupboard implements AutoCloseable {
    private static final String USER = "ironpin";
    private static final int ANSWERS = 400;
    private static final System.Logger LOG = System.getLogger(Cupboard.class.getName());

    static {
        // jOOQ greets on the log; a kitchen needs no banner.
        System.setProperty("org.jooq.no-logo", "true");
        System.setProperty("org.jooq.no-tips", "true");
    }

    private static final Settings SETTINGS =
            new Settings().withExecuteLogging(false).withRenderSchema(false);

    private final DataFolder home;
    private JdbcConnectionPool pool;
    private DSLContext dsl;

    /** Whether the disk has no room even to open the database for writing; the next write tries again. */
    private boolean onlyToRead;

    /** Open for everybody but while the database is written anew. */
    private final ReentrantReadWriteLock gate = new ReentrantReadWriteLock();

    private final AtomicLong writes = new AtomicLong();
    private final AtomicLong kits = new AtomicLong();
    private final Touched touched = new Touched();
    private final Cache<Question, Answer> answers =
            Caffeine.newBuilder().maximumSize(ANSWERS).build();

    /** Whether the write under way changes the kit; only whoever holds the pen looks at it. */
    private boolean kitChanges;

    /** One household writes one change at a time: each sees what the one before it left. */
    private final ReentrantLock pen = new ReentrantLock(true);

    private final List<Runnable> whenRolledBack = new CopyOnWriteArrayList<>();
    /** The transaction that a thread is writing in. */
    private final ThreadLocal<DSLContext> mine = new ThreadLocal<>();

    private volatile long lastWrite = System.nanoTime();
    private boolean closed;

    private Cupboard(DataFolder home) {
        this.home = home;
        open();
    }

    private void open() {
        open(home.url());
        home.closeToOthers();
    }

    private void open(String url) {
        pool = JdbcConnectionPool.create(url, USER, "");
        dsl = DSL.using(new DefaultConfiguration()
                .set(pool)
                .set(SQLDialect.H2)
                .set(SETTINGS)
                .set(new DefaultExecuteListenerProvider(touched)));
        // The file is there once a connection has been made.
        dsl.execute("select 1");
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
            throw UnusableFolder.of(problem, home);
        }
    }

    /**
     * The same, after putting the newest backup that opens in the place of a database that does not; that one is kept beside the backups.
     * One that opens is opened: whoever starts again the same way does not lose what was written since.
     *
     * @throws UnusableFolder if there is no backup that opens
     */
    public static Cupboard openFromBackup(Path folder, Clock clock) {
        DataFolder home = DataFolder.at(folder);
        try {
            return open(folder, clock);
        } catch (UnusableFolder unusable) {
            if (!unusable.isDamaged()) {
                throw unusable;
            }
        }
        if (!home.takeNewestAside(Cupboard::opens)) {
            throw new UnusableFolder("There is no backup in " + home.backups() + " that opens.", null);
        }
        if (home.used()) {
            home.keepAsFound(Backups.STAMP.format(clock.instant()));
        }
        home.takeFromAside();
        return open(folder, clock);
    }

    private static Cupboard opened(DataFolder home, Clock clock) {
        home.demandNotEmptied();
        if (home.used()) {
            if (home.bringBackAside()) {
                home.keepAsFound(Backups.STAMP.format(clock.instant()));
                // Written anew, so that nothing of the other way lies in it any more.
                shutDown(JdbcConnectionPool.create(home.urlAside(), USER, ""));
                home.takeFromAside();
            }
            Cupboard cupboard = new Cupboard(home);
            cupboard.backup(home.backups(), clock);
            Flyway known = migrations(cupboard.pool);
            if (known.info().pending().length == 0) {
                validated(known, cupboard);
                return cupboard;
            }
            cupboard.close();
        }
        // Tables are made and changed in a file beside, which then takes the place of the old one: a kill in the middle
        // of it leaves the old one as it was. And a constraint keeps the session that made it and fails for everybody
        // once a pool closes that session; opened again, constraints belong to the database's own session.
        home.copyAside();
        JdbcConnectionPool aside = JdbcConnectionPool.create(home.urlAside(), USER, "");
        migrations(aside).migrate();
        shutDown(aside);
        home.takeFromAside();
        return new Cupboard(home);
    }

    /** What another version of Ironpin made of the folder is not touched. */
    private static void validated(Flyway known, Cupboard cupboard) {
        try {
            known.validate();
        } catch (FlywayException other) {
            cupboard.close();
            throw other;
        }
    }

    private static Flyway migrations(DataSource database) {
        return Flyway.configure()
                .dataSource(database)
                .locations("classpath:db/kitchen")
                .javaMigrations(new LabelsAsSentences())
                .load();
    }

    /** Reads; never writes. What this thread is writing it reads as it will be. */
    <T> T read(Function<DSLContext, T> query) {
        if (writing()) {
            return query.apply(mine.get());
        }
        gate.readLock().lock();
        try {
            return query.apply(dsl);
        } finally {
            gate.readLock().unlock();
        }
    }

    /** Reads everything as it is at one moment, for as long as that takes; others go on writing. */
    <T> T asItStands(Function<DSLContext, T> query) {
        gate.readLock().lock();
        try {
            return dsl.connectionResult(connection -> {
                connection.setAutoCommit(false);
                connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
                try {
                    return query.apply(DSL.using(connection, SQLDialect.H2, SETTINGS));
                } finally {
                    connection.rollback();
                    connection.setTransactionIsolation(Connection.TRANSACTION_READ_COMMITTED);
                    connection.setAutoCommit(true);
                }
            });
        } finally {
            gate.readLock().unlock();
        }
    }

    /**
     * What was answered is answered again without asking until one of its tables is written: answers are values. Within a write it is
     * asked anew.
     */
    <T> T remembered(Question question, Function<DSLContext, T> query) {
        if (writing()) {
            return read(query);
        }
        // Counted before it is asked: what is written meanwhile may be in the answer, but never the other way round.
        long now = touched.of(question.of());
        Answer known = answers.getIfPresent(question);
        if (known == null || known.touched() != now) {
            known = new Answer(now, read(query));
            answers.put(question, known);
        }
        @SuppressWarnings("unchecked")
        T value = (T) known.value();
        return value;
    }

    /**
     * What is asked; equal whenever the same is.
     *
     * @param of all tables that the answer is read from
     * @param batch which one; 0 for none
     */
    record Question(Set<Table<?>> of, String what, long batch) {}

    /** @param touched how often its tables had been written when it was asked */
    private record Answer(long touched, Object value) {}

    /** How many writes there have been: what was read stays true until it changes. */
    long writes() {
        return writes.get();
    }

    /** Says, in the middle of a write, that what is known of the kit or of the cook's hand changes with it. */
    void changesKit() {
        kitChanges = true;
    }

    /** How many such writes there have been. */
    long kits() {
        return kits.get();
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
            if (!onlyToRead) {
                shutDown(pool);
                open();
            }
        } finally {
            gate.writeLock().unlock();
            pen.unlock();
        }
    }

    /** What was remembered of a write that failed must not be believed. */
    void onRollback(Runnable forget) {
        whenRolledBack.add(forget);
    }

    /** Rows stand there by now that nobody of here has written: nothing that is remembered is true. */
    void notAsRemembered() {
        answers.invalidateAll();
        whenRolledBack.forEach(Runnable::run);
    }

    /** Whether this thread is in the middle of a write: what it reads is not yet true for others. */
    boolean writing() {
        return mine.get() != null;
    }

    /** All that is written in it is kept, or nothing of it. */
    public <T> T together(Supplier<T> work) {
        return write(dsl -> work.get());
    }

    private <T> T within(DSLContext transaction, Function<DSLContext, T> change) {
        mine.set(transaction);
        try {
            return change.apply(transaction);
        } finally {
            mine.remove();
        }
    }

    /** Writes all or nothing, and returns only when it is on disk; within a write of this thread, as part of it. */
    <T> T write(Function<DSLContext, T> change) {
        if (writing()) {
            return change.apply(mine.get());
        }
        pen.lock();
        if (onlyToRead) {
            reopen();
        }
        gate.readLock().lock();
        boolean kept = false;
        boolean broken = false;
        try {
            T result = dsl.transactionResult(transaction -> within(transaction.dsl(), change));
            dsl.execute("checkpoint sync");
            kept = true;
            return result;
        } catch (RuntimeException problem) {
            broken = NotWritten.is(problem);
            throw broken ? new NotWritten(problem) : problem;
        } finally {
            writes.incrementAndGet();
            touched.over();
            if (kitChanges) {
                kitChanges = false;
                kits.incrementAndGet();
            }
            lastWrite = System.nanoTime();
            if (!kept) {
                whenRolledBack.forEach(Runnable::run);
            }
            gate.readLock().unlock();
            if (broken) {
                reopen();
            }
            pen.unlock();
        }
    }

    /**
     * A database that could not write is closed by itself; what it kept can be read again at once, and written once there is
     * room.
     */
    private void reopen() {
        gate.writeLock().lock();
        try {
            pool.dispose();
            open();
            onlyToRead = false;
        } catch (RuntimeException full) {
            pool.dispose();
            onlyToRead = true;
            openToRead();
        } finally {
            gate.writeLock().unlock();
        }
    }

    private void openToRead() {
        try {
            open(home.urlToRead());
        } catch (RuntimeException still) {
            // Every reading tries again, and so does the next write.
            LOG.log(System.Logger.Level.WARNING, "the database cannot be opened", still);
        }
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            if (onlyToRead) {
                pool.dispose();
            } else {
                shutDown(pool);
            }
        }
    }

    private static void shutDown(JdbcConnectionPool pool) {
        try (Connection connection = pool.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("shutdown compact");
        } catch (SQLException e) {
            throw new IllegalStateException("the cupboard cannot be closed", e);
        }
        pool.dispose();
    }

    private void backup(Path folder, Clock clock) {
        try {
            Backups.in(folder)
                    .keep(
                            part -> dsl.execute("backup to '" + part.toString().replace("'", "''") + "'"),
                            batches(),
                            clock.instant());
        } catch (IOException e) {
            throw new UnusableFolder("The backup folder " + folder + " cannot be written: " + e.getMessage() + ".", e);
        }
    }

    /** How many there are; nothing for a database that has no such table yet. */
    OptionalInt batches() {
        try {
            return OptionalInt.of(dsl.fetchCount(BATCH));
        } catch (DataAccessException none) {
            return OptionalInt.empty();
        }
    }

    DataFolder home() {
        return home;
    }

    /** Keeps a copy as everything is now. */
    void keepBackup(Clock clock) {
        pen.lock();
        try {
            backup(home.backups(), clock);
        } catch (RuntimeException refused) {
            throw ofTheDisk(refused);
        } finally {
            pen.unlock();
        }
    }

    /**
     * Goes back to a backup. What stands here now is kept as a backup first; everybody waits meanwhile, and a kill in the middle of it
     * leaves either the one or the other.
     *
     * @throws Refused if the backup does not open
     */
    void goBackTo(Path backup, Clock clock) {
        pen.lock();
        gate.writeLock().lock();
        try {
            if (!home.takeAside(backup, Cupboard::opens)) {
                throw new Refused("this backup is damaged and does not open; what stands here stays as it is");
            }
            backup(home.backups(), clock);
            shutDown(pool);
            try {
                home.takeFromAside();
            } finally {
                open();
            }
            touched.everything();
            writes.incrementAndGet();
            kits.incrementAndGet();
            lastWrite = System.nanoTime();
        } catch (RuntimeException refused) {
            throw ofTheDisk(refused);
        } finally {
            gate.writeLock().unlock();
            pen.unlock();
        }
        notAsRemembered();
    }

    private static RuntimeException ofTheDisk(RuntimeException refused) {
        return NotWritten.is(refused) ? new NotWritten(refused) : refused;
    }

    /** Whether a database opens, with all that later versions want of it. */
    private static boolean opens(String url) {
        JdbcConnectionPool aside = JdbcConnectionPool.create(url, USER, "");
        try {
            migrations(aside).migrate();
            DSL.using(aside, SQLDialect.H2).fetchCount(BATCH);
            shutDown(aside);
            return true;
        } catch (RuntimeException damaged) {
            aside.dispose();
            return false;
        }
    }
}
