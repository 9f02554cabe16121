package ironpin.store;

/** Where a batch stands. */
public enum Status {
    /** Being planned. */
    PLANNED,
    /** Under way. */
    RUNNING,
    /** Eaten, and in the Book. */
    DONE
}
