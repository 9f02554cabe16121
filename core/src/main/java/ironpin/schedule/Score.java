package ironpin.schedule;

import java.util.Comparator;

/**
 * How good an answer is, the weightiest first.
 *
 * @param broken ticks by which what must be kept is not: orders, workers' hours, rooms
 * @param excess ticks by which gaps are longer than they may be, by their weight
 * @param late ticks by which the target is late
 * @param start of the first job that has not been put anywhere; later is better
 * @param waiting ticks that gaps last beyond their least, in all
 * @param changes how often a worker goes from one trade to another
 */
public record Score(int broken, int excess, int late, int start, int waiting, int changes)
        implements Comparable<Score> {
    private static final Comparator<Score> ORDER = Comparator.comparingInt(Score::broken)
            .thenComparingInt(Score::excess)
            .thenComparingInt(Score::late)
            .thenComparing(Comparator.comparingInt(Score::start).reversed())
            .thenComparingInt(Score::waiting)
            .thenComparingInt(Score::changes);

    /** Smaller is better. */
    @Override
    public int compareTo(Score other) {
        return ORDER.compare(this, other);
    }

    /** Whether everything is kept that must and may be. */
    public boolean kept() {
        return broken == 0 && excess == 0;
    }
}
