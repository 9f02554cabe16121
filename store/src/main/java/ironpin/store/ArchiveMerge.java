package ironpin.store;

import static ironpin.store.db.Tables.BAG;
import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.DIP;
import static ironpin.store.db.Tables.DIP_LINE;
import static ironpin.store.db.Tables.EXPERIMENT;
import static ironpin.store.db.Tables.FORGOTTEN;
import static ironpin.store.db.Tables.KIT_FLOUR;
import static ironpin.store.db.Tables.PHOTO;
import static ironpin.store.db.Tables.PROBED;
import static ironpin.store.db.Tables.REVISION;
import static ironpin.store.db.Tables.ROUND_COOKED;
import static ironpin.store.db.Tables.TOLD;
import static ironpin.store.db.Tables.TOLD_LOT;
import static ironpin.store.db.Tables.TOLD_WORD;

import ironpin.store.KitchenArchive.Brought;
import ironpin.store.db.tables.records.FlourLessonRecord;
import ironpin.store.db.tables.records.FoldLessonRecord;
import ironpin.store.db.tables.records.OwnMinutesRecord;
import ironpin.store.db.tables.records.PacedRecord;
import ironpin.store.db.tables.records.ProbedRecord;
import ironpin.store.db.tables.records.SqueezedRecord;
import ironpin.store.db.tables.records.TastingRecord;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.impl.DSL;

/**
 * Puts an archive's rows beside those that are here. A batch carries a name of its own through every kitchen: one that is not here comes
 * in; one to which less has happened here than there is renewed; any other stays as it is here.
 */
final class ArchiveMerge {
    /** The key of each kind of row from which something is learned. */
    private static final Map<Class<?>, Function<Record, String>> LESSONS = Map.ofEntries(
            lesson(FlourLessonRecord.class, KitStore::key),
            lesson(TastingRecord.class, HandStore::key),
            lesson(SqueezedRecord.class, HandStore::key),
            lesson(FoldLessonRecord.class, WorkStore::key),
            lesson(ProbedRecord.class, FireStore::key),
            lesson(OwnMinutesRecord.class, MinuteStore::key),
            lesson(PacedRecord.class, PaceStore::key));

    private final DSLContext dsl;
    private final ArchiveReader archive;
    private final UnaryOperator<byte[]> picture;

    /** Numbers here of the archive's batches that are written; and of all that are here afterwards. */
    private final Map<Long, Long> written = new HashMap<>();

    private final Map<Long, Long> numbers = new HashMap<>();
    private final Map<Long, Long> rounds = new HashMap<>();

    /** Lessons that the archive's kitchen leaves out of account, by their keys there. */
    private final Set<String> unminded = new HashSet<>();

    ArchiveMerge(DSLContext dsl, ArchiveReader archive, UnaryOperator<byte[]> picture) {
        this.dsl = dsl;
        this.archive = archive;
        this.picture = picture;
    }

    /** Batches here that were written. */
    Collection<Long> written() {
        return written.values();
    }

    Brought bring() throws IOException {
        archive.rows(FORGOTTEN, row -> unminded.add(row.get(FORGOTTEN.LESSON)));
        house();
        Brought brought = batches();
        for (Archived.OfBatch one : Archived.ofBatches()) {
            archive.rows(one.table(), row -> ofBatch(one, row));
        }
        archive.rows(PROBED, this::probed);
        archive.rows(BAG, this::bag);
        return brought;
    }

    private void house() throws IOException {
        Set<String> newDips = new HashSet<>();
        for (Archived.House one : Archived.HOUSE) {
            if (one.table().equals(FORGOTTEN)) {
                continue;
            }
            Set<List<?>> here = new HashSet<>();
            dsl.selectFrom(one.table()).forEach(row -> here.add(same(one, row)));
            boolean any = !here.isEmpty();
            Optional<Field<Integer>> position = Archived.position(one.table());
            int[] next = {position.map(column -> next(one.table(), column)).orElse(0)};
            archive.rows(one.table(), row -> {
                boolean known = one.whole() ? any : !here.add(same(one, row));
                if (one.table().equals(DIP) && !known) {
                    newDips.add(row.get(DIP.NAME));
                }
                if (known || one.table().equals(DIP_LINE) && !newDips.contains(row.get(DIP_LINE.DIP))) {
                    return;
                }
                position.ifPresent(column -> row.set(column, next[0]++));
                Optional<String> keyThere = lesson(row);
                leaveOut(keyThere, insert(one.table(), row));
            });
        }
    }

    /** The place behind the last one. */
    private int next(Table<?> table, Field<Integer> position) {
        return dsl.select(DSL.coalesce(DSL.max(position).plus(1), DSL.inline(0)))
                .from(table)
                .fetchSingle()
                .value1();
    }

    private static List<?> same(Archived.House one, Record row) {
        return one.same().stream()
                .map(column -> ArchivedRow.written(row.into(column)).toString())
                .toList();
    }

    private Brought batches() throws IOException {
        Map<UUID, Long> here = dsl.select(BATCH.KNOWN_AS, BATCH.ID).from(BATCH).fetchMap(BATCH.KNOWN_AS, BATCH.ID);
        List<Record> came = new ArrayList<>();
        archive.rows(BATCH, row -> {
            if (row.get(BATCH.ID) == null || row.get(BATCH.KNOWN_AS) == null) {
                throw new UnreadableArchive(
                        "a batch in it has no number or no name of its own; nothing was brought in");
            }
            came.add(row);
        });
        Map<Long, Long> both = new HashMap<>();
        for (Record row : came) {
            Long there = here.get(row.get(BATCH.KNOWN_AS));
            if (there != null) {
                both.put(row.get(BATCH.ID), there);
            }
        }
        Map<Long, Set<String>> happenedThere = happenedThere(both.keySet());
        int renewed = 0;
        int same = 0;
        List<String> parted = new ArrayList<>();
        for (Record row : came) {
            long there = row.get(BATCH.ID);
            Long known = both.get(there);
            if (known == null) {
                add(row, there);
                continue;
            }
            numbers.put(there, known);
            Set<String> mine = happenedHere(known);
            Set<String> theirs = happenedThere.getOrDefault(there, Set.of());
            if (mine.containsAll(theirs)) {
                same++;
            } else if (theirs.containsAll(mine)) {
                renew(row, there, known);
                renewed++;
            } else {
                parted.add(title(known));
            }
        }
        return new Brought(written.size() - renewed, renewed, same, parted);
    }

    private void add(Record row, long there) {
        row.reset(BATCH.ID);
        long id = insert(BATCH, row).get(BATCH.ID);
        written.put(there, id);
        numbers.put(there, id);
    }

    /** Everything of it is taken away and written anew, under the number that it has here. */
    private void renew(Record row, long there, long here) {
        List<Archived.OfBatch> tables = Archived.ofBatches();
        for (int i = tables.size() - 1; i >= 0; i--) {
            dsl.deleteFrom(tables.get(i).table())
                    .where(tables.get(i).batch().eq(here))
                    .execute();
        }
        // The Book's words of it are found anew at the next search.
        dsl.deleteFrom(TOLD_WORD).where(TOLD_WORD.BATCH_ID.eq(here)).execute();
        dsl.deleteFrom(TOLD_LOT).where(TOLD_LOT.BATCH_ID.eq(here)).execute();
        dsl.deleteFrom(TOLD).where(TOLD.BATCH_ID.eq(here)).execute();
        row.set(BATCH.ID, here);
        dsl.update(BATCH).set(row.into(BATCH)).where(BATCH.ID.eq(here)).execute();
        written.put(there, here);
    }

    private String title(long here) {
        return dsl.select(REVISION.TITLE)
                .from(REVISION)
                .join(BATCH)
                .on(BATCH.ID.eq(REVISION.BATCH_ID), BATCH.CURRENT_REVISION.eq(REVISION.NO))
                .where(BATCH.ID.eq(here))
                .fetchSingle()
                .value1();
    }

    private Map<Long, Set<String>> happenedThere(Set<Long> which) throws IOException {
        Map<Long, Set<String>> found = new HashMap<>();
        if (which.isEmpty()) {
            return found;
        }
        for (Archived.OfBatch one : Archived.ofBatches()) {
            if (one.happened()) {
                archive.rows(one.table(), row -> {
                    Long batch = row.get(one.batch());
                    if (which.contains(batch)) {
                        found.computeIfAbsent(batch, key -> new HashSet<>()).add(fact(one, row));
                    }
                });
            }
        }
        return found;
    }

    private Set<String> happenedHere(long batch) {
        Set<String> found = new HashSet<>();
        for (Archived.OfBatch one : Archived.ofBatches()) {
            if (one.happened()) {
                dsl.selectFrom(one.table()).where(one.batch().eq(batch)).forEach(row -> found.add(fact(one, row)));
            }
        }
        return found;
    }

    private static String fact(Archived.OfBatch one, Record row) {
        Record said = row;
        if (one.table().equals(EXPERIMENT)) {
            // The batch that it follows has another number in every kitchen.
            said = row.into(EXPERIMENT.LOT_NO, EXPERIMENT.CAUSE, EXPERIMENT.BEGUN_AT);
        }
        return one.table().getName() + ArchivedRow.sameAnywhere(said, one.table());
    }

    private void ofBatch(Archived.OfBatch one, Record row) {
        Long id = written.get(row.get(one.batch()));
        if (id == null) {
            return;
        }
        Optional<String> keyThere = lesson(row);
        if (row instanceof FlourLessonRecord lesson
                && !dsl.fetchExists(KIT_FLOUR, KIT_FLOUR.FLOUR_KEY.eq(lesson.getFlourKey()))) {
            return;
        }
        if (one.table().equals(EXPERIMENT)) {
            Long from = numbers.get(row.get(EXPERIMENT.FROM_BATCH));
            if (from == null) {
                return;
            }
            row.set(EXPERIMENT.FROM_BATCH, from);
        }
        row.set(one.batch(), id);
        if (one.table().equals(PHOTO)) {
            row.set(PHOTO.PICTURE, picture.apply(row.get(PHOTO.PICTURE)));
        }
        Long round = one.table().equals(ROUND_COOKED) ? row.get(ROUND_COOKED.ID) : null;
        Record here = insert(one.table(), row);
        if (round != null) {
            rounds.put(round, here.get(ROUND_COOKED.ID));
        }
        leaveOut(keyThere, here);
    }

    private void probed(Record row) {
        Long round = rounds.get(row.get(PROBED.ROUND_ID));
        if (round != null) {
            Optional<String> keyThere = lesson(row);
            row.set(PROBED.ROUND_ID, round);
            leaveOut(keyThere, insert(PROBED, row));
        }
    }

    private void bag(Record row) {
        Long batch = row.get(BAG.BATCH_ID);
        Long here = batch == null ? null : numbers.get(batch);
        boolean known = dsl.fetchExists(
                BAG,
                BAG.NAME.eq(row.get(BAG.NAME)),
                BAG.FROZEN_ON.eq(row.get(BAG.FROZEN_ON)),
                BAG.PIECES.eq(row.get(BAG.PIECES)),
                BAG.LOT_NO.eq(row.get(BAG.LOT_NO)),
                here == null ? BAG.BATCH_ID.isNull() : BAG.BATCH_ID.eq(here));
        if (!known) {
            row.set(BAG.BATCH_ID, here);
            insert(BAG, row);
        }
    }

    /** Writes a row under a number of this kitchen's own. */
    private Record insert(Table<?> table, Record row) {
        Field<?> identity =
                table.getIdentity() == null ? null : table.getIdentity().getField();
        if (identity != null) {
            row.reset(identity);
        }
        Map<Field<?>, Object> values = new HashMap<>();
        for (Field<?> column : row.fields()) {
            if (row.get(column) != null) {
                values.put(column, row.get(column));
            }
        }
        return dsl.insertInto(table)
                .set(values)
                .returningResult(table.fields())
                .fetchSingle()
                .into(table);
    }

    private void leaveOut(Optional<String> keyThere, Record here) {
        if (keyThere.filter(unminded::contains).isPresent()) {
            dsl.insertInto(FORGOTTEN)
                    .set(FORGOTTEN.LESSON, lesson(here).orElseThrow())
                    .set(FORGOTTEN.FORGOTTEN_AT, DSL.currentOffsetDateTime())
                    .execute();
        }
    }

    /** The key of a lesson, if this row is one. */
    private static Optional<String> lesson(Record row) {
        return Optional.ofNullable(LESSONS.get(row.getClass())).map(key -> key.apply(row));
    }

    private static <R extends Record> Map.Entry<Class<?>, Function<Record, String>> lesson(
            Class<R> kind, Function<R, String> key) {
        return Map.entry(kind, row -> key.apply(kind.cast(row)));
    }
}
