package ironpin.format;

import ironpin.refusal.Refused;

/** A file that is not a batch; the message says where and why. */
public final class UnreadableBatch extends Refused {
    private static final long serialVersionUID = 1L;

    public UnreadableBatch(String message) {
        super(message);
    }
}
