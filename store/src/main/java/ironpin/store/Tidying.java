package ironpin.store;

import static ironpin.store.db.Tables.BATCH;
import static ironpin.store.db.Tables.CORRECTION;
import static ironpin.store.db.Tables.REVISION;
import static ironpin.store.db.Tables.TASTING;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.not;
import static org.jooq.impl.DSL.selectOne;

import java.time.Clock;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Keeps the cupboard small in quiet moments: of a batch that was finished 30 days ago the last 20 revisions stay, with the
 * first and with every one in which a dough was corrected or a filling tasted; and room in the file that nothing needs any
 * more is given back.
 */
public final class Tidying {
    /** How long after it was finished a batch keeps all its revisions. */
    static final Duration KEPT_WHOLE = Duration.ofDays(30);

    /** How many changes of it can be taken back after that. */
    static final int KEPT_LAST = 20;

    private final Cupboard cupboard;
    private final Clock clock;
    private final AtomicLong tidied = new AtomicLong();

    public Tidying(Cupboard cupboard, Clock clock) {
        this.cupboard = cupboard;
        this.clock = clock;
    }

    /**
     * Tidies up if nobody has written for a while, and something has been written since the last time.
     *
     * @return whether it did
     */
    public boolean inAQuietMoment(Duration quiet) {
        if (cupboard.writes() == tidied.get() || cupboard.sinceLastWrite().compareTo(quiet) < 0) {
            return false;
        }
        thin();
        cupboard.compact();
        tidied.set(cupboard.writes());
        return true;
    }

    private int thin() {
        return cupboard.write(dsl -> dsl.deleteFrom(REVISION)
                .where(REVISION.NO.gt(1))
                .and(exists(selectOne()
                        .from(BATCH)
                        .where(BATCH.ID.eq(REVISION.BATCH_ID))
                        .and(BATCH.STATUS.eq(Status.DONE.name()))
                        .and(BATCH.FINISHED_AT.lt(Times.kept(clock.instant().minus(KEPT_WHOLE))))
                        .and(REVISION.NO.le(BATCH.CURRENT_REVISION.minus(KEPT_LAST)))))
                .and(not(exists(selectOne()
                        .from(CORRECTION)
                        .where(CORRECTION.BATCH_ID.eq(REVISION.BATCH_ID), CORRECTION.REVISION.eq(REVISION.NO)))))
                .and(not(exists(selectOne()
                        .from(TASTING)
                        .where(TASTING.BATCH_ID.eq(REVISION.BATCH_ID), TASTING.REVISION.eq(REVISION.NO)))))
                .execute());
    }
}
