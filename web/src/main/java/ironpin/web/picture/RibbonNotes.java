package ironpin.web.picture;

import ironpin.quantity.Sentence;
import java.util.Map;

/**
 * What the ribbon shows besides the plan.
 *
 * @param corrected the latest correction of each dough, in a few words, by the dough's number
 * @param work how far each lot has come, by its number; a lot that is not named is shown as it will be
 * @param link where a lane's name leads, before the lot's number; empty if nowhere
 */
public record RibbonNotes(Map<Integer, Sentence> corrected, Map<Integer, LaneWork> work, String link) {
    /** Nothing is known yet, and names lead nowhere. */
    public static final RibbonNotes NONE = new RibbonNotes(Map.of(), Map.of(), "");
}
