package ironpin.clock;

import ironpin.cook.VesselKind;
import ironpin.filling.MadeHot;

/** What a task occupies besides hands. What several tasks of a lot occupy stays theirs from the first to the last. */
public sealed interface Means {
    /**
     * A vessel, and the burner or the oven it stands on.
     *
     * @param kind of vessel
     * @param lot number of the lot that is cooked in it
     */
    record OfVessel(VesselKind kind, int lot) implements Means {}

    /**
     * Something in which a filling's part is made hot: any pan or pot of the kitchen and its burner, or the oven, for a while.
     *
     * @param where which
     */
    record ForFilling(MadeHot.Where where) implements Means {}

    /** The machine that kneads. */
    record Machine() implements Means {}
}
