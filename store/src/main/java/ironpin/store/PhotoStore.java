package ironpin.store;

import static ironpin.store.db.Tables.PHOTO;

import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.Cupboard.Question;
import java.time.Instant;
import java.util.List;
import java.util.Set;

/** Photos of batches. */
public final class PhotoStore {
    /** Of one batch. */
    public static final int MOST = 6;

    /** Of one photo as it is kept, bytes. */
    public static final int LARGEST = 1_000_000;

    private final Cupboard cupboard;

    public PhotoStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** Keeps one. @throws Refused if there are {@value #MOST} already */
    public void keep(long batchId, byte[] jpeg, Instant now) {
        cupboard.write(dsl -> {
            BatchStore.locked(dsl, batchId);
            if (dsl.fetchCount(PHOTO, PHOTO.BATCH_ID.eq(batchId)) >= MOST) {
                throw new Refused("a batch has at most " + MOST + " photos: remove one first");
            }
            return dsl.insertInto(PHOTO)
                    .set(PHOTO.BATCH_ID, batchId)
                    .set(PHOTO.TAKEN_AT, Times.kept(now))
                    .set(PHOTO.PICTURE, jpeg)
                    .execute();
        });
    }

    /** Their numbers, the first first. */
    public List<Long> of(long batchId) {
        return cupboard.remembered(
                new Question(Set.of(PHOTO), "photos", batchId),
                dsl -> List.copyOf(dsl.select(PHOTO.ID)
                        .from(PHOTO)
                        .where(PHOTO.BATCH_ID.eq(batchId))
                        .orderBy(PHOTO.ID)
                        .fetch(PHOTO.ID)));
    }

    /** One, as JPEG. @throws NotThere if this batch has none such */
    public byte[] picture(long batchId, long id) {
        return cupboard.read(dsl -> dsl.select(PHOTO.PICTURE)
                .from(PHOTO)
                .where(PHOTO.ID.eq(id), PHOTO.BATCH_ID.eq(batchId))
                .fetchOptional(PHOTO.PICTURE)
                .orElseThrow(() -> NotThere.called("photo", String.valueOf(id))));
    }

    /** Takes one away. */
    public void drop(long batchId, long id) {
        cupboard.write(dsl -> dsl.deleteFrom(PHOTO)
                .where(PHOTO.ID.eq(id), PHOTO.BATCH_ID.eq(batchId))
                .execute());
    }
}
