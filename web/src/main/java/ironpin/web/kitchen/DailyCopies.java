package ironpin.web.kitchen;

import ironpin.store.BackupShelf;
import ironpin.wording.TimeOfDay;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * A backup a day, also in a folder that the cook named when starting Ironpin. It is named there and not on a page: whoever reaches a page
 * must not choose where on this machine is written.
 */
@Component
public class DailyCopies {
    private static final Logger LOG = LoggerFactory.getLogger(DailyCopies.class);

    private final BackupShelf shelf;
    private final Optional<Path> elsewhere;
    private final Clock clock;

    /** Why the last one could not be made; empty if it could. */
    private volatile String trouble = "";

    DailyCopies(BackupShelf shelf, KitchenSettings settings, Clock clock) {
        this.shelf = shelf;
        this.elsewhere = settings.elsewhere();
        this.clock = clock;
    }

    void keep() {
        try {
            shelf.keepDaily();
            if (elsewhere.isPresent()) {
                shelf.copyTo(elsewhere.get());
            }
            trouble = "";
        } catch (IOException | RuntimeException failed) {
            if (trouble.isEmpty()) {
                LOG.warn("no copy of the kitchen could be kept", failed);
            }
            trouble = "The last one could not be made: the folder cannot be written. It is tried again every minute.";
        }
    }

    /** What is to be said of the copies. */
    public String said() {
        if (elsewhere.isEmpty()) {
            return "Nothing is copied to another disk. Start Ironpin with --copies and a folder there, and the newest backup is copied to it"
                    + " every day; the last " + BackupShelf.COPIES + " stay.";
        }
        return "Copied to " + elsewhere.get() + " every day; "
                + shelf.copied(elsewhere.get())
                        .map(at -> at.atZone(clock.getZone()))
                        .map(at ->
                                "the newest one there is of " + TimeOfDay.shortDay(at) + ", " + TimeOfDay.of(at) + ".")
                        .orElse("there is none there yet.");
    }

    /** What went wrong; empty if nothing did. */
    public String trouble() {
        return trouble;
    }
}
