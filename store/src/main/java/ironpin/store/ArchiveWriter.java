package ironpin.store;

import static ironpin.store.db.Tables.BAG;
import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.PHOTO;
import static ironpin.store.db.Tables.PROBED;
import static ironpin.store.db.Tables.REVISION;
import static ironpin.store.db.Tables.ROUND_COOKED;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.impl.DSL;
import tools.jackson.databind.json.JsonMapper;

/** Writes everything out, some batches at a time. */
final class ArchiveWriter {
    static final String FORMAT = "ironpin-kitchen";
    static final int VERSION = 1;
    static final String HEAD = "kitchen.json";

    private static final int BATCHES_AT_ONCE = 50;

    private final DSLContext dsl;
    private final ZipOutputStream zip;
    private final List<Long> batches;

    ArchiveWriter(DSLContext dsl, OutputStream out) {
        this.dsl = dsl;
        this.zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        this.batches = dsl.select(BATCH.ID).from(BATCH).orderBy(BATCH.ID).fetch(BATCH.ID);
    }

    void write(Instant now) throws IOException {
        entry(HEAD);
        line(JsonMapper.shared()
                .createObjectNode()
                .put("format", FORMAT)
                .put("version", VERSION)
                .put("written", now.toString())
                .put("batches", batches.size())
                .toString());
        zip.closeEntry();
        for (Archived.House one : Archived.HOUSE) {
            entry(Archived.entry(one.table()));
            rows(one.table(), DSL.noCondition());
            zip.closeEntry();
        }
        table(BATCH, BATCH.ID);
        for (Archived.OfBatch one : Archived.ofBatches()) {
            table(one.table(), one.batch());
        }
        entry(Archived.entry(PROBED));
        for (List<Long> some : chunks()) {
            rows(
                    PROBED,
                    PROBED.ROUND_ID.in(
                            DSL.select(ROUND_COOKED.ID).from(ROUND_COOKED).where(ROUND_COOKED.BATCH_ID.in(some))));
        }
        zip.closeEntry();
        entry(Archived.entry(BAG));
        rows(BAG, DSL.noCondition());
        zip.closeEntry();
        photos();
        documents();
        zip.finish();
    }

    private List<List<Long>> chunks() {
        int count = (batches.size() + BATCHES_AT_ONCE - 1) / BATCHES_AT_ONCE;
        return IntStream.range(0, count)
                .mapToObj(
                        i -> batches.subList(i * BATCHES_AT_ONCE, Math.min(batches.size(), (i + 1) * BATCHES_AT_ONCE)))
                .toList();
    }

    private void table(Table<?> table, Field<Long> batch) throws IOException {
        entry(Archived.entry(table));
        for (List<Long> some : chunks()) {
            rows(table, batch.in(some));
        }
        zip.closeEntry();
    }

    private void rows(Table<?> table, Condition which) throws IOException {
        for (Record row :
                dsl.selectFrom(table).where(which).orderBy(inOrder(table)).fetch()) {
            line(ArchivedRow.written(row).toString());
        }
    }

    /** In the order in which the house has them, where it has one. */
    private static List<? extends Field<?>> inOrder(Table<?> table) {
        return Archived.position(table).<List<? extends Field<?>>>map(List::of).orElseGet(() -> table.getPrimaryKey()
                .getFields());
    }

    private void photos() throws IOException {
        for (long photo : dsl.select(PHOTO.ID).from(PHOTO).orderBy(PHOTO.ID).fetch(PHOTO.ID)) {
            entry(Archived.photo(photo));
            zip.write(dsl.select(PHOTO.PICTURE)
                    .from(PHOTO)
                    .where(PHOTO.ID.eq(photo))
                    .fetchSingle(PHOTO.PICTURE));
            zip.closeEntry();
        }
    }

    /** Each plan as it stands, for whoever wants one batch and not a kitchen. Reading an archive passes them by. */
    private void documents() throws IOException {
        for (List<Long> some : chunks()) {
            for (var plan : dsl.select(BATCH.ID, REVISION.PLAN)
                    .from(BATCH)
                    .join(REVISION)
                    .on(REVISION.BATCH_ID.eq(BATCH.ID), REVISION.NO.eq(BATCH.CURRENT_REVISION))
                    .where(BATCH.ID.in(some))
                    .orderBy(BATCH.ID)
                    .fetch()) {
                entry("batches/" + plan.value1() + ".json");
                line(plan.value2().data());
                zip.closeEntry();
            }
        }
    }

    private void entry(String name) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
    }

    private void line(String text) throws IOException {
        zip.write((text + "\n").getBytes(StandardCharsets.UTF_8));
    }
}
