package ironpin.cook;

/** Which points lie so close that they could touch, listed again only when one has moved so far that the list could be short of one. */
final class Neighbours {
    /** Listed up to so much farther than touching. */
    private static final double SKIN = 0.7;

    private final double[] x;
    private final double[] y;
    private final double[] listedX;
    private final double[] listedY;
    private final int[] ones;
    private final int[] others;
    private final double touching;
    private int pairs;

    /** @param x @param y where the points are, moved by whoever asks @param touching farthest distance that is asked about */
    Neighbours(double[] x, double[] y, double touching) {
        this.x = x;
        this.y = y;
        this.touching = touching;
        listedX = new double[x.length];
        listedY = new double[x.length];
        ones = new int[x.length * (x.length - 1) / 2];
        others = new int[ones.length];
        list();
    }

    /** Lists them again where it must. */
    void look() {
        double far = touching * SKIN / 2;
        for (int i = 0; i < x.length; i++) {
            if (squared(x[i] - listedX[i], y[i] - listedY[i]) > far * far) {
                list();
                return;
            }
        }
    }

    private void list() {
        double reach = touching * (1 + SKIN);
        pairs = 0;
        for (int i = 0; i < x.length; i++) {
            listedX[i] = x[i];
            listedY[i] = y[i];
            for (int j = 0; j < i; j++) {
                if (squared(x[i] - x[j], y[i] - y[j]) < reach * reach) {
                    ones[pairs] = i;
                    others[pairs++] = j;
                }
            }
        }
    }

    /** Whether all that are listed keep this distance. */
    boolean apart(double distance) {
        for (int pair = 0; pair < pairs; pair++) {
            if (squared(x[ones[pair]] - x[others[pair]], y[ones[pair]] - y[others[pair]]) < distance * distance) {
                return false;
            }
        }
        return true;
    }

    int pairs() {
        return pairs;
    }

    int one(int pair) {
        return ones[pair];
    }

    int other(int pair) {
        return others[pair];
    }

    private static double squared(double dx, double dy) {
        return dx * dx + dy * dy;
    }
}
