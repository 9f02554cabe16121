package ironpin.web.portion;

/**
 * What a ruler is drawn with, whatever file it is drawn into.
 *
 * @param <E> what drawing may fail with
 */
interface RulerPen<E extends Exception> {
    /** Millimetres from the page's upper left corner. */
    void line(double x1, double y1, double x2, double y2) throws E;

    /** Millimetres from the page's upper left corner to the foot of the first letter. */
    void text(double x, double y, String said) throws E;
}
