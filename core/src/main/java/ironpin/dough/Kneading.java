package ironpin.dough;

/**
 * How a dough is kneaded.
 *
 * @param school by work or by time
 * @param by hand or machine
 */
public record Kneading(KneadSchool school, By by) {
    /** What does the work. */
    public enum By {
        HAND("by hand"),
        MACHINE("by machine, lowest speed");

        private final String label;

        By(String label) {
            this.label = label;
        }

        /** In a cook's words. */
        public String label() {
            return label;
        }
    }

    /** The family's first school, by hand. */
    public static Kneading usual(DoughFamily family) {
        return new Kneading(family.schools().get(0), By.HAND);
    }
}
