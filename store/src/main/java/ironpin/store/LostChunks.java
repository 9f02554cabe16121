package ironpin.store;

import static java.nio.charset.StandardCharsets.ISO_8859_1;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStoreException;
import org.h2.mvstore.MVStoreTool;

/**
 * Writes that are in a database file but that its header does not lead to. H2 2.5.252 wrote the header before it remembered the
 * chunk just written, so after a kill whole runs of commits lie in the file unseen. A chunk says when it was written, so the
 * latest whole one tells what was acknowledged last, whichever way the header points.
 *
 * <p>Format of the file: blocks of 4 KiB; two copies of the header in the first two; each chunk begins and ends on a block's
 * border, with a line of keys at its head and another, with a checksum, in its last 128 bytes.
 */
final class LostChunks {
    private static final int BLOCK = 4096;
    private static final int FOOTER = 128;
    private static final int HEAD = 1024;
    private static final int HEADERS = 2;
    private static final String CHECKSUM = ",fletcher:";
    private static final byte[] MARK = "chunk:".getBytes(ISO_8859_1);

    private LostChunks() {}

    /**
     * @param time when it was written, ms after the file was made
     * @param next block where the chunk after it was expected to go
     */
    private record Chunk(long block, long length, long id, long version, long time, long next) {}

    /**
     * Looks for writes that opening the file as it is would not see, and if there are any puts a copy that shows them beside it.
     *
     * @param database file that nobody has open; it stays as it is
     * @param aside where the copy goes, written anew so that nothing of another way is left in it; whatever is there is replaced
     * @return whether a copy was made
     * @throws IOException if a file cannot be read or written
     */
    static boolean bringBack(Path database, Path aside) throws IOException {
        try (FileChannel file = FileChannel.open(database, StandardOpenOption.READ)) {
            Optional<Map<String, String>> header = header(file);
            if (header.isEmpty() || "1".equals(header.get().get("clean"))) {
                return false;
            }
            List<Chunk> latestFirst = chunks(file).stream()
                    .sorted(Comparator.comparingLong(Chunk::time)
                            .thenComparingLong(Chunk::version)
                            .reversed())
                    .toList();
            Optional<Chunk> seen = seen(header.get(), latestFirst);
            // Whatever is older than what is seen was overtaken, not lost.
            for (Chunk one : latestFirst) {
                if (seen.isPresent() && (one.equals(seen.get()) || copies(one, seen.get()))) {
                    return false;
                }
                if (leadsTo(one, header.get(), latestFirst, database, aside)) {
                    return true;
                }
            }
            return false;
        }
    }

    /** A chunk that was moved stands twice. */
    private static boolean copies(Chunk one, Chunk other) {
        return one.id() == other.id() && one.version() == other.version() && one.time() == other.time();
    }

    /** The chunk at which the database would open: where the header points or the last of the file, and on from there. */
    private static Optional<Chunk> seen(Map<String, String> header, List<Chunk> chunks) {
        Map<Long, Chunk> byBlock = new HashMap<>();
        chunks.forEach(one -> byBlock.put(one.block(), one));
        Chunk pointed = byBlock.get(DataUtils.readHexLong(header, "block", 0));
        Optional<Chunk> tail = chunks.stream().max(Comparator.comparingLong(Chunk::block));
        Optional<Chunk> newest = Optional.ofNullable(pointed)
                .filter(one -> tail.isEmpty() || tail.get().version() <= one.version())
                .or(() -> tail);
        while (newest.isPresent()) {
            Chunk last = newest.get();
            Chunk next = byBlock.get(last.next());
            if (next == null || next.id() != last.id() + 1 || next.version() <= last.version()) {
                break;
            }
            newest = Optional.of(next);
        }
        return newest;
    }

    private static Optional<Map<String, String>> header(FileChannel file) throws IOException {
        List<Map<String, String>> both = new ArrayList<>();
        for (int i = 0; i < HEADERS; i++) {
            checked(bytes(file, (long) i * BLOCK, BLOCK)).ifPresent(both::add);
        }
        return both.stream().max(Comparator.comparingLong(one -> DataUtils.readHexLong(one, "version", 0)));
    }

    /** A line of keys and values whose checksum is right. */
    private static Optional<Map<String, String>> checked(byte[] written) {
        String line =
                new String(written, ISO_8859_1).strip().split("[\n\0]", 2)[0].strip();
        int check = line.lastIndexOf(CHECKSUM);
        if (check < 0) {
            return Optional.empty();
        }
        byte[] said = line.substring(0, check).getBytes(ISO_8859_1);
        try {
            Map<String, String> keys = DataUtils.parseMap(line);
            return (int) DataUtils.readHexLong(keys, "fletcher", 0) == DataUtils.getFletcher32(said, 0, said.length)
                    ? Optional.of(keys)
                    : Optional.empty();
        } catch (MVStoreException | NumberFormatException odd) {
            return Optional.empty();
        }
    }

    private static byte[] bytes(FileChannel file, long from, int length) throws IOException {
        ByteBuffer read = ByteBuffer.allocate(length);
        while (read.hasRemaining() && file.read(read, from + read.position()) >= 0) {
            // Until it is full or the file ends.
        }
        return read.array();
    }

    private static List<Chunk> chunks(FileChannel file) throws IOException {
        List<Chunk> found = new ArrayList<>();
        long blocks = file.size() / BLOCK;
        for (long block = HEADERS; block < blocks; block++) {
            chunk(file, block, blocks).ifPresent(found::add);
        }
        return found;
    }

    private static Optional<Chunk> chunk(FileChannel file, long block, long blocks) throws IOException {
        byte[] head = bytes(file, block * BLOCK, HEAD);
        return Arrays.equals(head, 0, MARK.length, MARK, 0, MARK.length)
                ? whole(file, block, blocks, head)
                : Optional.empty();
    }

    private static Optional<Chunk> whole(FileChannel file, long block, long blocks, byte[] head) throws IOException {
        String line = new String(head, ISO_8859_1).split("[\n\0]", 2)[0].strip();
        try {
            Map<String, String> said = DataUtils.parseMap(line);
            long id = DataUtils.readHexLong(said, "chunk", 0);
            long length = DataUtils.readHexLong(said, "len", 0);
            long version = DataUtils.readHexLong(said, "version", 0);
            if (length <= 0 || block + length > blocks) {
                return Optional.empty();
            }
            return checked(bytes(file, (block + length) * BLOCK - FOOTER, FOOTER))
                    .filter(foot -> DataUtils.readHexLong(foot, "chunk", -1) == id)
                    .filter(foot -> DataUtils.readHexLong(foot, "version", -1) == version)
                    .map(foot -> new Chunk(
                            block,
                            length,
                            id,
                            version,
                            DataUtils.readHexLong(said, "time", 0),
                            DataUtils.readHexLong(said, "next", 0)));
        } catch (MVStoreException | NumberFormatException noChunk) {
            return Optional.empty();
        }
    }

    /** Writes a copy whose header leads to this chunk, and sees whether all that the chunk needs can still be read. */
    private static boolean leadsTo(Chunk last, Map<String, String> header, List<Chunk> all, Path database, Path aside)
            throws IOException {
        Path tried = aside.resolveSibling("being-tried.mv.db");
        Files.copy(database, tried, StandardCopyOption.REPLACE_EXISTING);
        try (FileChannel file = FileChannel.open(tried, StandardOpenOption.WRITE)) {
            byte[] line = pointingAt(last, header);
            for (int i = 0; i < HEADERS; i++) {
                file.write(ByteBuffer.wrap(line), (long) i * BLOCK);
            }
            // What another way of the same file wrote must not be taken for what came after it.
            for (Chunk other : all) {
                if (other.version() >= last.version() && other.block() != last.block()) {
                    file.write(ByteBuffer.wrap(new byte[FOOTER]), other.block() * BLOCK);
                    file.write(ByteBuffer.wrap(new byte[FOOTER]), (other.block() + other.length()) * BLOCK - FOOTER);
                }
            }
        }
        try {
            // Reads every page of every table.
            MVStoreTool.compact(tried.toString(), false);
            Files.move(tried, aside, StandardCopyOption.REPLACE_EXISTING);
            return true;
        } catch (MVStoreException | IllegalArgumentException incomplete) {
            return false;
        } finally {
            Files.deleteIfExists(tried);
        }
    }

    private static byte[] pointingAt(Chunk last, Map<String, String> header) {
        StringBuilder line = new StringBuilder();
        header.forEach((key, value) -> {
            switch (key) {
                case "block", "chunk", "version", "clean", "fletcher" -> {}
                default -> DataUtils.appendMap(line, key, value);
            }
        });
        DataUtils.appendMap(line, "block", last.block());
        DataUtils.appendMap(line, "chunk", last.id());
        DataUtils.appendMap(line, "version", last.version());
        byte[] said = line.toString().getBytes(ISO_8859_1);
        DataUtils.appendMap(line, "fletcher", DataUtils.getFletcher32(said, 0, said.length));
        byte[] block = new byte[BLOCK];
        byte[] whole = line.append('\n').toString().getBytes(ISO_8859_1);
        System.arraycopy(whole, 0, block, 0, whole.length);
        return block;
    }
}
