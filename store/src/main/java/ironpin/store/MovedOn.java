package ironpin.store;

/** A batch has changed since it was looked at, so that what was pointed at may be something else now. */
public final class MovedOn extends RuntimeException {
    private static final long serialVersionUID = 1;

    MovedOn(long id) {
        super("Batch " + id + " was changed meanwhile.");
    }
}
