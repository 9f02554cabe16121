package ironpin.web.keeping;

import ironpin.store.BackupShelf.Kept;
import ironpin.wording.Count;
import ironpin.wording.TimeOfDay;
import java.time.ZoneId;
import java.util.Locale;

/**
 * A backup, ready to be shown.
 *
 * @param name of its file
 * @param when it was made
 * @param holds how many batches are in it
 * @param size of its file
 */
record KeptRow(String name, String when, String holds, String size) {
    private static final double MEGABYTE = 1e6;

    static KeptRow of(Kept kept, ZoneId zone) {
        return new KeptRow(
                kept.name(),
                kept.made()
                        .map(at -> at.atZone(zone))
                        .map(at -> TimeOfDay.day(at) + ", " + TimeOfDay.of(at))
                        .orElse("of an unknown day"),
                kept.batches().isPresent() ? Count.of(kept.batches().getAsInt(), "batch", "batches") : "not counted",
                String.format(Locale.ROOT, "%.1f MB", kept.bytes() / MEGABYTE));
    }
}
