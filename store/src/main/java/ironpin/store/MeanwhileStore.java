package ironpin.store;

import static ironpin.store.db.Tables.MEANWHILE;

import java.time.Duration;
import java.time.Instant;
import java.util.function.Supplier;

/** What was pressed while a device could not reach the kitchen: each press is taken once, and answered alike however often it is sent. */
public final class MeanwhileStore {
    /** A device that comes back later than this presses anew. */
    private static final Duration REMEMBERED = Duration.ofDays(30);

    private static final int LONGEST = 300;

    private final Cupboard cupboard;

    public MeanwhileStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /**
     * Takes a press, or says again what was said of it. What it does and that it was taken are kept together or not at all.
     *
     * @param press its own name, at most 40 letters
     * @param take does it, and says what there is to say; empty where it was taken as it was meant
     */
    public String once(String press, long batchId, Instant now, Supplier<String> take) {
        return cupboard.together(() -> {
            String before = cupboard.read(dsl -> dsl.select(MEANWHILE.SAID)
                    .from(MEANWHILE)
                    .where(MEANWHILE.PRESS.eq(press))
                    .fetchOne(MEANWHILE.SAID));
            if (before != null) {
                return before;
            }
            String said = take.get();
            String kept = said.substring(0, Math.min(LONGEST, said.length()));
            cupboard.write(dsl -> {
                dsl.deleteFrom(MEANWHILE)
                        .where(MEANWHILE.TAKEN_AT.lt(Times.kept(now.minus(REMEMBERED))))
                        .execute();
                return dsl.insertInto(MEANWHILE)
                        .set(MEANWHILE.PRESS, press)
                        .set(MEANWHILE.BATCH_ID, batchId)
                        .set(MEANWHILE.TAKEN_AT, Times.kept(now))
                        .set(MEANWHILE.SAID, kept)
                        .execute();
            });
            return kept;
        });
    }
}
