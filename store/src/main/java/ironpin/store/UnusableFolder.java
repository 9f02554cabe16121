package ironpin.store;

/** A data folder that cannot be used; the message says why in a cook's words. */
public final class UnusableFolder extends RuntimeException {
    private static final long serialVersionUID = 1;

    UnusableFolder(String message, Throwable cause) {
        super(message, cause);
    }
}
