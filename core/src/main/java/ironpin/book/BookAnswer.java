package ironpin.book;

import ironpin.quantity.Sentence;
import java.util.List;

/**
 * A question that the Book answers.
 *
 * @param question as it is asked
 * @param answer in a sentence; says so where there is too little to tell
 * @param unit of the bars, where their numbers do not say it
 * @param bars the least first
 */
public record BookAnswer(String question, Sentence answer, String unit, List<Bar> bars) {
    /**
     * One group.
     *
     * @param label of it
     * @param value of it
     * @param low lower end of where it really lies nine times in ten (est.); the value where that is not known
     * @param high upper end
     * @param said the value as it stands beside the bar
     * @param of what it is drawn from, as in "166 pieces"
     */
    public record Bar(String label, double value, double low, double high, Sentence said, String of) {}

    public BookAnswer {
        bars = List.copyOf(bars);
    }
}
