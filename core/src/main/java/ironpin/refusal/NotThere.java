package ironpin.refusal;

/** Asked for something by a name, number or place that nothing has, or nothing has any more. */
public final class NotThere extends Refused {
    private static final long serialVersionUID = 1L;

    /** @param what is not there, as in "there is no lot number 4" */
    public NotThere(String what) {
        super(what);
    }

    /** Nothing of a kind has this name. @param what kind of thing, as in "flour" */
    public static NotThere called(String what, String name) {
        return new NotThere("there is no " + what + " called '" + name + "'");
    }
}
