package ironpin.web.kitchen;

/** Somebody who may look at one batch and change nothing. */
public final class Looking {
    /** Attribute of such a request. */
    public static final String LOOKING = "ironpin.looking";

    private Looking() {}
}
