package ironpin.wording;

/** How many, in words. */
public final class Count {
    private Count() {}

    /** "1 piece", "2 pieces". @param one what a single one is called */
    public static String of(int count, String one) {
        return of(count, one, one + "s");
    }

    /** "1 is", "2 are". */
    public static String of(int count, String one, String many) {
        return count + " " + (count == 1 ? one : many);
    }
}
