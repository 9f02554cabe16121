package ironpin.store;

/** Nothing is kept under this number. */
public final class NoSuchBatch extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NoSuchBatch(long id) {
        super("there is no batch " + id);
    }
}
