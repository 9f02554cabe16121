package ironpin.wrapper;

/** How a rim is moistened before it is closed. */
public enum Rim {
    DRY("dry", "fresh dough seals on itself; water makes it slip"),
    HALF("half of it wet", "a wet half meets a dry one: enough for a plain seam"),
    WHOLE("wet all round", "a dry wrapper that is pleated wants every fold to stick"),
    PASTE("flour-and-water paste", "one part flour to two of water: holds where water alone lets go");

    private final String label;
    private final String why;

    Rim(String label, String why) {
        this.label = label;
        this.why = why;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What it is for. */
    public String why() {
        return why;
    }
}
