package ironpin.batch;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The stops on the way from flour to plate, in the order of the work. */
public enum Station {
    TABLE("Table", false),
    DOUGH("Dough", true),
    FILLING("Filling", true),
    PORTION("Portion", true),
    ROLL("Roll", true),
    FOLD("Fold", true),
    COOK("Cook", false),
    CLOCK("Clock", false),
    BOOK("Book", false);

    private final String label;
    private final boolean makes;

    Station(String label, boolean makes) {
        this.label = label;
        this.makes = makes;
    }

    /** Whether pieces are made here: nothing is to do for those that lie in the freezer. */
    public boolean makes() {
        return makes;
    }

    /** The station with this {@link #key()}. */
    public static Optional<Station> ofKey(String key) {
        return Arrays.stream(values()).filter(one -> one.key().equals(key)).findFirst();
    }

    /** A short stable name, lower case. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What it is called. */
    public String label() {
        return label;
    }
}
