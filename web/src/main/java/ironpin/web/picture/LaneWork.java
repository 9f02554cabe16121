package ironpin.web.picture;

/**
 * How far the work on a lot has come, as its lane shows it.
 *
 * @param shaped part of its pieces that are shaped, 0 to 1
 * @param cooked part of its rounds that are out, 0 to 1
 */
public record LaneWork(double shaped, double cooked) {
    /** A plan: nothing is made yet, and everything is shown as it will be. */
    public static final LaneWork PLANNED = new LaneWork(1, 1);
}
