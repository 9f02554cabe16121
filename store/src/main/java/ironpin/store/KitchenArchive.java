package ironpin.store;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jooq.exception.DataAccessException;
import org.jooq.exception.SQLStateClass;

/**
 * The whole kitchen as one file: a zip of lines of JSON, a file for each table, with the photos and each plan beside them. Brought into
 * a kitchen it is merged: what is the same there is there once.
 */
public final class KitchenArchive {
    private final Cupboard cupboard;
    private final BatchStore batches;

    public KitchenArchive(Cupboard cupboard, BatchStore batches) {
        this.cupboard = cupboard;
        this.batches = batches;
    }

    /**
     * What came of bringing one in.
     *
     * @param added batches that were not here
     * @param renewed batches of which less had happened here than there
     * @param here batches that were here already, with all that had happened to them
     * @param parted titles of batches to which something else happened here than there; they stay as they are here
     */
    public record Brought(int added, int renewed, int here, List<String> parted) {
        public Brought {
            parted = List.copyOf(parted);
        }
    }

    /** Writes everything, as it is at one moment; others go on writing meanwhile. */
    public void write(OutputStream out, Instant now) throws IOException {
        try {
            cupboard.asItStands(dsl -> {
                try {
                    new ArchiveWriter(dsl, out).write(now);
                    return null;
                } catch (IOException gone) {
                    throw new UncheckedIOException(gone);
                }
            });
        } catch (UncheckedIOException gone) {
            throw gone.getCause();
        }
    }

    /**
     * Brings one in, all of it or nothing.
     *
     * @param picture a photo as it is kept, of one that came; throws if it is none
     * @throws UnreadableArchive if it is none, or holds what no kitchen of ours holds
     */
    public Brought bring(Path file, UnaryOperator<byte[]> picture, Instant now) throws IOException {
        try (ArchiveReader archive = ArchiveReader.open(file)) {
            archive.demandWhole(picture);
            Brought brought = cupboard.write(dsl -> {
                cupboard.changesKit();
                try {
                    ArchiveMerge merge = new ArchiveMerge(dsl, archive, picture);
                    Brought done = merge.bring();
                    cupboard.notAsRemembered();
                    new ArchiveTrial(cupboard, batches).demandReadable(merge.written());
                    return done;
                } catch (IOException broken) {
                    throw new UncheckedIOException(broken);
                }
            });
            cupboard.notAsRemembered();
            return brought;
        } catch (UncheckedIOException broken) {
            throw broken.getCause();
        } catch (DataAccessException refused) {
            if (refused.sqlStateClass() == SQLStateClass.C22_DATA_EXCEPTION
                    || refused.sqlStateClass() == SQLStateClass.C23_INTEGRITY_CONSTRAINT_VIOLATION) {
                throw new UnreadableArchive(
                        "the archive holds rows that do not belong together; nothing was brought in");
            }
            throw refused;
        }
    }
}
