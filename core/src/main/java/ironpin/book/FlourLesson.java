package ironpin.book;

import ironpin.batch.Dough;
import ironpin.batch.FlourShare;
import ironpin.quantity.Percentage;
import java.util.List;

/**
 * What one batch shows about one flour: it was planned with the offset known then, and the corrections at the bench say how
 * far that was off. A batch that needed none says that the offset was right. Where flours are blended, each is asked as if
 * it alone were off, and counts the less the smaller its share.
 *
 * @param flourKey which flour
 * @param seen the offset this batch wanted, points of hydration
 * @param share of the dough's flour
 */
public record FlourLesson(String flourKey, Percentage seen, Percentage share) {
    private static final double LEAST_SHARE = 0.3;
    private static final double MOST_POINTS = 30;

    /**
     * The lessons of a dough.
     *
     * @param corrected points of hydration that all corrections at the bench added together
     */
    public static List<FlourLesson> of(Dough dough, double corrected) {
        return dough.flours().stream()
                .filter(part -> part.share().fraction() >= LEAST_SHARE)
                .map(part -> lesson(part, corrected))
                .toList();
    }

    private static FlourLesson lesson(FlourShare part, double corrected) {
        double known = part.flour().absorption().offset().percent();
        double seen = known + corrected / part.share().fraction();
        double clamped = Math.max(-MOST_POINTS, Math.min(MOST_POINTS, seen));
        return new FlourLesson(part.flour().key(), Percentage.of(clamped), part.share());
    }
}
