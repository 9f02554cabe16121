package ironpin.cook;

import ironpin.caution.Caution;
import ironpin.quantity.Sentence;
import java.time.Duration;
import java.util.Optional;

/**
 * One timed step, as a card says it.
 *
 * @param key short stable name among the spells of its task, as in {@code spell-2} of a round; a timer is found by it, never by its prose
 * @param text what to do, a short sentence
 * @param cue what tells that it is over, may be empty
 * @param caution what can hurt while doing it
 * @param time how long until the next step, est.
 */
public record CookStep(String key, Sentence text, String cue, Optional<Caution> caution, Duration time) {
    /** With nothing to look for and nothing that can hurt. */
    public static CookStep of(String key, String text, Duration time) {
        return new CookStep(key, Sentence.of(text), "", Optional.empty(), time);
    }
}
