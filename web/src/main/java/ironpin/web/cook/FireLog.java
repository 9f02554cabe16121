package ironpin.web.cook;

import ironpin.quantity.Sentence;
import ironpin.store.FireStore;
import ironpin.store.WorkStore.Of;
import java.time.ZoneId;
import java.util.List;

/** What happened at the fire, in sentences, for the Book. */
public final class FireLog {
    private FireLog() {}

    /** Every round of a lot with its readings. */
    public static List<Sentence> of(FireStore fire, long batch, int lot, ZoneId zone) {
        return FireView.said(fire.rounds(new Of(batch, lot)), zone);
    }
}
