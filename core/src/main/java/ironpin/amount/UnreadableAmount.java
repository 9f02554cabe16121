package ironpin.amount;

import ironpin.refusal.Refused;

/** Text that is no amount; says where it stops making sense. */
public final class UnreadableAmount extends Refused {
    private static final long serialVersionUID = 1L;

    private final String text;
    private final int from;
    private final int to;

    UnreadableAmount(String text, int from, int to, String message) {
        super(message);
        this.text = text;
        this.from = Math.min(from, text.length());
        this.to = Math.max(this.from, Math.min(to, text.length()));
    }

    /** What was written. */
    public String text() {
        return text;
    }

    /** Where the trouble starts, in characters from 0. */
    public int from() {
        return from;
    }

    /** Where it ends, exclusive; the same as the start if something is missing there. */
    public int to() {
        return to;
    }
}
