package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.OWN_START;
import static ironpin.store.db.Tables.PHOTO;
import static ironpin.store.db.Tables.REVISION;

import ironpin.format.BatchFormat;
import java.io.BufferedReader;
import java.io.EOFException;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jooq.JSON;
import org.jooq.Record;
import org.jooq.Table;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An archive that somebody gave: looked at line by line, and trusted with nothing. */
final class ArchiveReader implements AutoCloseable {
    /** A file of little can be written that unpacks to very much. */
    private static final long MOST_BYTES = 8_000_000_000L;

    private static final int LONGEST_LINE = 4_000_000;
    private static final int LONGEST_HEAD = 10_000;

    private final ZipFile zip;
    private long read;

    private ArchiveReader(ZipFile zip) {
        this.zip = zip;
    }

    /** @throws UnreadableArchive if it is none, or a later one than this Ironpin knows */
    static ArchiveReader open(Path file) throws IOException {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (ZipException none) {
            throw new UnreadableArchive("this is no archive of a kitchen: it is not a whole zip file");
        }
        ArchiveReader reader = new ArchiveReader(zip);
        try {
            reader.demandHead();
        } catch (RuntimeException | IOException refused) {
            reader.close();
            throw refused;
        }
        return reader;
    }

    private void demandHead() throws IOException {
        ZipEntry head = zip.getEntry(ArchiveWriter.HEAD);
        if (head == null) {
            throw new UnreadableArchive("this is no archive of a kitchen: it holds no " + ArchiveWriter.HEAD);
        }
        JsonNode said;
        try (InputStream in = zip.getInputStream(head)) {
            said = JsonMapper.shared().readTree(in.readNBytes(LONGEST_HEAD));
        } catch (JacksonException odd) {
            throw new UnreadableArchive(
                    "this is no archive of a kitchen: its " + ArchiveWriter.HEAD + " cannot be read");
        }
        if (!said.path("format").asString("").equals(ArchiveWriter.FORMAT)) {
            throw new UnreadableArchive("this is no archive of a kitchen: it says to be something else");
        }
        int version = said.path("version").asInt(0);
        if (version != ArchiveWriter.VERSION) {
            throw new UnreadableArchive("this archive is of version " + version + ", and this Ironpin reads version "
                    + ArchiveWriter.VERSION);
        }
    }

    /**
     * Hands out the rows of a table in their order; of a table that is not in it, none.
     *
     * @throws UnreadableArchive with the line that cannot be read
     */
    void rows(Table<?> table, Consumer<Record> each) throws IOException {
        String name = Archived.entry(table);
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            return;
        }
        long no = 0;
        try (BufferedReader lines = new BufferedReader(
                new InputStreamReader(new Counted(zip.getInputStream(entry)), StandardCharsets.UTF_8))) {
            StringBuilder line = new StringBuilder();
            while (next(lines, line)) {
                no++;
                each.accept(table.equals(PHOTO) ? withPicture(row(table, line, name, no)) : row(table, line, name, no));
            }
        } catch (ZipException | EOFException broken) {
            throw UnreadableArchive.at(name, no + 1, "the file is broken there");
        }
    }

    private static boolean next(BufferedReader lines, StringBuilder line) throws IOException {
        line.setLength(0);
        int c;
        while ((c = lines.read()) >= 0 && c != '\n') {
            line.append((char) c);
            if (line.length() > LONGEST_LINE) {
                throw new UnreadableArchive(
                        "a line of it is longer than " + LONGEST_LINE + " letters; nothing was brought in");
            }
        }
        return c >= 0 || line.length() > 0;
    }

    private static Record row(Table<?> table, CharSequence line, String name, long no) {
        try {
            Record row = ArchivedRow.read(table, line.toString());
            demandPlan(table, row);
            return row;
        } catch (JacksonException odd) {
            throw UnreadableArchive.at(name, no, "it is not JSON");
        } catch (IllegalArgumentException odd) {
            throw UnreadableArchive.at(name, no, odd.getMessage());
        }
    }

    private static void demandPlan(Table<?> table, Record row) {
        if (table.equals(REVISION) || table.equals(OWN_START)) {
            JSON plan = table.equals(REVISION) ? row.get(REVISION.PLAN) : row.get(OWN_START.PLAN);
            if (plan == null) {
                throw new IllegalArgumentException("it has no plan");
            }
            BatchFormat.demandPlan(plan.data());
            if (table.equals(REVISION)) {
                Labels.demandRead(row.get(REVISION.LABEL));
            }
        }
    }

    private Record withPicture(Record photo) {
        Long id = photo.get(PHOTO.ID);
        ZipEntry entry = id == null ? null : zip.getEntry(Archived.photo(id));
        if (entry == null) {
            throw new UnreadableArchive("a photo is named in it that is not in it; nothing was brought in");
        }
        try (InputStream in = new Counted(zip.getInputStream(entry))) {
            byte[] picture = in.readNBytes(PhotoStore.LARGEST + 1);
            if (picture.length > PhotoStore.LARGEST) {
                throw new UnreadableArchive("a photo in it is larger than " + PhotoStore.LARGEST + " bytes");
            }
            photo.set(PHOTO.PICTURE, picture);
            return photo;
        } catch (IOException broken) {
            throw new UnreadableArchive("a photo in it is broken; nothing was brought in");
        }
    }

    /** Looks at every row once, before anything is written. @param picture a photo as it is kept, of one that came */
    void demandWhole(UnaryOperator<byte[]> picture) throws IOException {
        rows(BATCH, row -> {});
        for (Archived.House one : Archived.HOUSE) {
            rows(one.table(), row -> {});
        }
        for (Archived.OfBatch one : Archived.ofBatches()) {
            rows(one.table(), row -> {
                if (one.table().equals(PHOTO)) {
                    picture.apply(row.get(PHOTO.PICTURE));
                }
            });
        }
        rows(Archived.OF_ROUNDS, row -> {});
        rows(Archived.BAGS, row -> {});
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    private final class Counted extends FilterInputStream {
        Counted(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            count(1);
            return super.read();
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int got = super.read(into, from, length);
            count(got);
            return got;
        }

        private void count(int bytes) {
            read += Math.max(0, bytes);
            if (read > MOST_BYTES) {
                throw new UnreadableArchive("it unpacks to more than " + MOST_BYTES + " bytes; nothing was brought in");
            }
        }
    }
}
