package ironpin.store;

import static ironpin.store.db.Tables.BAG;
import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.BURNER;
import static ironpin.store.db.Tables.CARD;
import static ironpin.store.db.Tables.CORRECTION;
import static ironpin.store.db.Tables.DIP;
import static ironpin.store.db.Tables.DIP_LINE;
import static ironpin.store.db.Tables.EXPERIMENT;
import static ironpin.store.db.Tables.FAULT;
import static ironpin.store.db.Tables.FLOUR_LESSON;
import static ironpin.store.db.Tables.FOLD_LESSON;
import static ironpin.store.db.Tables.FORGOTTEN;
import static ironpin.store.db.Tables.GUESS;
import static ironpin.store.db.Tables.HEARD;
import static ironpin.store.db.Tables.KIT;
import static ironpin.store.db.Tables.KIT_BOWL;
import static ironpin.store.db.Tables.KIT_FLOUR;
import static ironpin.store.db.Tables.LAID;
import static ironpin.store.db.Tables.LAID_OUT;
import static ironpin.store.db.Tables.OUTCOME;
import static ironpin.store.db.Tables.OWN_MINUTES;
import static ironpin.store.db.Tables.OWN_START;
import static ironpin.store.db.Tables.OWN_VESSEL;
import static ironpin.store.db.Tables.PACED;
import static ironpin.store.db.Tables.PHOTO;
import static ironpin.store.db.Tables.PRICE;
import static ironpin.store.db.Tables.PROBED;
import static ironpin.store.db.Tables.REHEARSED;
import static ironpin.store.db.Tables.REVISION;
import static ironpin.store.db.Tables.ROUND_COOKED;
import static ironpin.store.db.Tables.SHOPPING;
import static ironpin.store.db.Tables.SQUEEZED;
import static ironpin.store.db.Tables.STEP_DONE;
import static ironpin.store.db.Tables.TAP;
import static ironpin.store.db.Tables.TASTING;
import static ironpin.store.db.Tables.TIMER;
import static ironpin.store.db.Tables.USED_UP;
import static ironpin.store.db.Tables.WEIGHED;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.TableField;

/**
 * The tables that an archive holds, in an order in which they can be put back: whatever a row points at comes before it. What the
 * database works out of others again (the words of the Book) is not among them.
 */
final class Archived {
    /**
     * What belongs to the house, with the columns by which a row is the same one there and here; none where the house has one whole of
     * it: a kit, a stove.
     */
    static final List<House> HOUSE = List.of(
            new House(KIT, List.of()),
            new House(KIT_FLOUR, List.of(KIT_FLOUR.FLOUR_KEY)),
            new House(KIT_BOWL, List.of(KIT_BOWL.BOWL_KEY)),
            new House(DIP, List.of(DIP.NAME)),
            new House(DIP_LINE, List.of(DIP_LINE.DIP, DIP_LINE.POSITION)),
            new House(PRICE, List.of(PRICE.ITEM)),
            new House(BURNER, List.of()),
            new House(OWN_VESSEL, List.of()),
            new House(OWN_MINUTES, List.of(OWN_MINUTES.KIND, OWN_MINUTES.TOOK_MS, OWN_MINUTES.SAID_AT)),
            new House(GUESS, List.of(GUESS.SHAPE, GUESS.GUESSED_AT)),
            new House(OWN_START, List.of(OWN_START.NAME, OWN_START.KEPT_AT)),
            new House(REHEARSED, List.of(REHEARSED.SEED, REHEARSED.LEVEL, REHEARSED.PLAYED_AT)),
            new House(CARD, List.of(CARD.CARD_KEY)),
            new House(FORGOTTEN, List.of(FORGOTTEN.LESSON)));

    /** What happened to a batch: by these two batches that are the same one are compared. */
    private static final List<OfBatch> HAPPENED = List.of(
            new OfBatch(REVISION, REVISION.BATCH_ID),
            new OfBatch(CORRECTION, CORRECTION.BATCH_ID),
            new OfBatch(TASTING, TASTING.BATCH_ID),
            new OfBatch(SQUEEZED, SQUEEZED.BATCH_ID),
            new OfBatch(OUTCOME, OUTCOME.BATCH_ID),
            new OfBatch(FLOUR_LESSON, FLOUR_LESSON.BATCH_ID),
            new OfBatch(WEIGHED, WEIGHED.BATCH_ID),
            new OfBatch(TAP, TAP.BATCH_ID),
            new OfBatch(FAULT, FAULT.BATCH_ID),
            new OfBatch(FOLD_LESSON, FOLD_LESSON.BATCH_ID),
            new OfBatch(ROUND_COOKED, ROUND_COOKED.BATCH_ID),
            new OfBatch(PACED, PACED.BATCH_ID),
            new OfBatch(EXPERIMENT, EXPERIMENT.BATCH_ID),
            new OfBatch(USED_UP, USED_UP.BATCH_ID),
            new OfBatch(HEARD, HEARD.BATCH_ID),
            new OfBatch(PHOTO, PHOTO.BATCH_ID));

    /** What comes and goes beside them; it follows the batch. */
    private static final List<OfBatch> BESIDE = List.of(
            new OfBatch(STEP_DONE, STEP_DONE.BATCH_ID),
            new OfBatch(TIMER, TIMER.BATCH_ID),
            new OfBatch(SHOPPING, SHOPPING.BATCH_ID),
            new OfBatch(LAID, LAID.BATCH_ID),
            new OfBatch(LAID_OUT, LAID_OUT.BATCH_ID));

    /** Rows that hang on a round, not on a batch. */
    static final Table<?> OF_ROUNDS = PROBED;

    /** What is in the freezer outlives its batch. */
    static final Table<?> BAGS = BAG;

    /** Columns that say where a row lies in this kitchen, and nothing about it. */
    private static final Set<Field<?>> PLACES = Set.of(
            BATCH.ID,
            TIMER.ID,
            TAP.ID,
            FAULT.ID,
            GUESS.ID,
            ROUND_COOKED.ID,
            PROBED.ID,
            BAG.ID,
            PACED.ID,
            OWN_MINUTES.ID,
            OWN_START.ID,
            REHEARSED.ID,
            PHOTO.ID,
            PROBED.ROUND_ID,
            BAG.BATCH_ID);

    private Archived() {}

    /** @param same columns by which a row is the same one in two kitchens */
    record House(Table<?> table, List<? extends TableField<?, ?>> same) {
        /** Whether the house has one whole of it. */
        boolean whole() {
            return same.isEmpty();
        }
    }

    /** @param batch column that says whose it is */
    record OfBatch(Table<?> table, TableField<?, Long> batch) {
        /** Whether it says what happened. */
        boolean happened() {
            return HAPPENED.contains(this);
        }
    }

    /** Everything that belongs to a batch, parents first. */
    static List<OfBatch> ofBatches() {
        List<OfBatch> all = new ArrayList<>(HAPPENED);
        all.addAll(BESIDE);
        return all;
    }

    /** Whether a column says where a row lies here, and not what it is. */
    static boolean place(Field<?> column, Table<?> table) {
        return PLACES.contains(column)
                || ofBatches().stream()
                        .anyMatch(
                                one -> one.table().equals(table) && one.batch().equals(column));
    }

    /** The column by which the house has its rows in an order of its own; nothing where they have none, or where it is part of what they are. */
    static Optional<Field<Integer>> position(Table<?> table) {
        Field<Integer> position = table.field("POSITION", Integer.class);
        return Optional.ofNullable(position).filter(column -> !table.equals(DIP_LINE) && !table.equals(HEARD));
    }

    /** Where the rows of a table stand in an archive. */
    static String entry(Table<?> table) {
        return "tables/" + table.getName().toLowerCase(Locale.ROOT) + ".jsonl";
    }

    /** Where a photo stands in it. */
    static String photo(long id) {
        return "photos/" + id + ".jpg";
    }
}
