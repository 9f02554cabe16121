package ironpin.web.picture;

import ironpin.book.Arose;
import ironpin.quantity.Sentence;
import java.util.List;
import java.util.Map;

/**
 * What the ribbon shows besides the plan.
 *
 * @param corrected the latest correction of each dough, in a few words, by the dough's number
 * @param work how far each lot has come, by its number; a lot that is not named is shown as it will be
 * @param link where a lane's name leads, before the lot's number; empty if nowhere
 * @param faults what was wrong with each lot that was judged, by where it arose, by the lot's number
 */
public record RibbonNotes(
        Map<Integer, Sentence> corrected,
        Map<Integer, LaneWork> work,
        String link,
        Map<Integer, Map<Arose.Where, List<String>>> faults) {
    /** Nothing is known yet, and names lead nowhere. */
    public static final RibbonNotes NONE = new RibbonNotes(Map.of(), Map.of(), "", Map.of());
}
