package ironpin.store;

import static ironpin.store.db.Tables.OWN_MINUTES;

import ironpin.crew.OwnMinutes;
import ironpin.store.db.tables.records.OwnMinutesRecord;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;

/** How long kinds of work take this cook. */
public final class MinuteStore {
    private final Cupboard cupboard;

    public MinuteStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** The cook says how long it takes. @param usual what is counted with for anybody */
    public void said(String kind, Duration usual, Duration takes, Instant now) {
        write(kind, usual, takes, true, now);
    }

    /** It took so long. @param usual what is counted with for anybody */
    public void took(String kind, Duration usual, Duration took, Instant now) {
        write(kind, usual, took, false, now);
    }

    private void write(String kind, Duration usual, Duration took, boolean typed, Instant now) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            return dsl.insertInto(OWN_MINUTES)
                    .set(OWN_MINUTES.KIND, kind)
                    .set(OWN_MINUTES.USUAL_MS, usual.toMillis())
                    .set(OWN_MINUTES.TOOK_MS, took.toMillis())
                    .set(OWN_MINUTES.TYPED, typed)
                    .set(OWN_MINUTES.SAID_AT, Times.kept(now))
                    .execute();
        });
    }

    /** It takes as long as anybody again. */
    public void forget(String kind) {
        cupboard.write(dsl -> {
            cupboard.changesKit();
            return dsl.deleteFrom(OWN_MINUTES).where(OWN_MINUTES.KIND.eq(kind)).execute();
        });
    }

    static OwnMinutes minutes(DSLContext dsl) {
        Unminded unminded = Unminded.of(dsl);
        return after(rows(dsl).stream().filter(row -> !unminded.is(key(row))).toList());
    }

    static OwnMinutes after(List<OwnMinutesRecord> rows) {
        OwnMinutes own = OwnMinutes.NONE;
        for (OwnMinutesRecord row : rows) {
            own = row.getTyped() ? own.said(row.getKind(), percent(row)) : own.after(row.getKind(), percent(row));
        }
        return own;
    }

    static List<OwnMinutesRecord> rows(DSLContext dsl) {
        return dsl.selectFrom(OWN_MINUTES)
                .orderBy(OWN_MINUTES.SAID_AT, OWN_MINUTES.ID)
                .fetch();
    }

    static double percent(OwnMinutesRecord row) {
        return 100.0 * row.getTookMs() / row.getUsualMs();
    }

    static String key(OwnMinutesRecord row) {
        return Unminded.key("minutes", row.getId());
    }
}
