package ironpin.store;

import ironpin.refusal.Refused;

/** A file that is no archive of a kitchen, or one that this Ironpin cannot read; the message says where and why. */
public final class UnreadableArchive extends Refused {
    private static final long serialVersionUID = 1;

    UnreadableArchive(String why) {
        super(why);
    }

    static UnreadableArchive at(String entry, long line, String why) {
        return new UnreadableArchive("line " + line + " of " + entry + ": " + why + "; nothing was brought in");
    }
}
