package ironpin.batch;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The stops on the way from flour to plate, in the order of the work. */
public enum Station {
    TABLE("Table"),
    DOUGH("Dough"),
    FILLING("Filling"),
    PORTION("Portion"),
    ROLL("Roll"),
    FOLD("Fold"),
    COOK("Cook"),
    CLOCK("Clock"),
    BOOK("Book");

    private final String label;

    Station(String label) {
        this.label = label;
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
