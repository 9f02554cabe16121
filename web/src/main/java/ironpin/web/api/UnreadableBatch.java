package ironpin.web.api;

/** A file that is not a batch; the message says where and why. */
class UnreadableBatch extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnreadableBatch(String message) {
        super(message);
    }
}
