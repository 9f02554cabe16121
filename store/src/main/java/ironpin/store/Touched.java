package ironpin.store;

import ironpin.store.db.DefaultSchema;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.ExecuteContext;
import org.jooq.ExecuteListener;
import org.jooq.Table;

/**
 * Counts what has been written, table by table, so that what was answered out of other tables is still true. A row that is taken
 * away may take rows of other tables with it: then, as after anything that is not understood, nothing is taken to be.
 */
final class Touched implements ExecuteListener {
    private static final long serialVersionUID = 1;
    private static final Pattern WRITES =
            Pattern.compile("\\b(insert into|update|merge into|delete from) \"([A-Z_]+)\"");
    private static final Pattern READS = Pattern.compile("\\s*(?:select|with|checkpoint)\\b");
    private static final String EVERYTHING = "*";

    /** Tables with rows in others that go with theirs. */
    private static final Set<String> HELD_TO = DefaultSchema.DEFAULT_SCHEMA.getTables().stream()
            .flatMap(table -> table.getReferences().stream())
            .map(reference -> reference.getKey().getTable().getName())
            .collect(Collectors.toUnmodifiableSet());

    private final Map<String, Long> counts = new ConcurrentHashMap<>();

    /** What the write under way has touched; only whoever holds the pen writes. */
    private final Set<String> now = ConcurrentHashMap.newKeySet();

    @Override
    public void renderEnd(ExecuteContext context) {
        String[] statements = context.batchSQL();
        for (String sql : statements.length == 0 ? new String[] {String.valueOf(context.sql())} : statements) {
            note(sql);
        }
    }

    /** What is made and read back at once is a read whose table is a write. */
    private void note(String sql) {
        Matcher write = WRITES.matcher(sql);
        boolean found = false;
        while (write.find()) {
            found = true;
            boolean takesOthers = write.group(1).startsWith("delete") && HELD_TO.contains(write.group(2));
            now.add(takesOthers ? EVERYTHING : write.group(2));
        }
        if (!found && !READS.matcher(sql).lookingAt()) {
            now.add(EVERYTHING);
        }
    }

    /** The write is over, kept or not. */
    void over() {
        now.forEach(table -> counts.merge(table, 1L, Long::sum));
        now.clear();
    }

    /** Another database stands in the place of the one that was counted. */
    void everything() {
        counts.merge(EVERYTHING, 1L, Long::sum);
    }

    /** Grows with every write that may have changed one of these. */
    long of(Set<? extends Table<?>> tables) {
        return Stream.concat(Stream.of(EVERYTHING), tables.stream().map(Table::getName))
                .mapToLong(name -> counts.getOrDefault(name, 0L))
                .sum();
    }
}
