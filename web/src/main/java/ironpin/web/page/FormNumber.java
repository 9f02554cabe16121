package ironpin.web.page;

import ironpin.quantity.Dimension;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.util.Optional;

/**
 * A number of a form that is sent as a whole.
 *
 * @param id of its input
 * @param key it is sent by
 * @param label what it is
 * @param unit its unit, may be empty
 * @param value as it is shown, or as it was typed
 * @param error what is allowed, if what was typed is not
 * @param pad whether a number pad can type it; what has a measure is said in words too
 */
public record FormNumber(
        String id, String key, String label, Sentence unit, Sentence value, Sentence error, boolean pad) {
    /** One with a measure, of which words are understood. */
    public static FormNumber measured(
            String form, String key, String label, Dimension dimension, Sentence value, Sentence error) {
        return new FormNumber(form + "-" + key, key, label, Quantity.unit(dimension), value, error, false);
    }

    /** A bare one. */
    public static FormNumber plain(String form, String key, String label, String unit, Sentence value, Sentence error) {
        return new FormNumber(form + "-" + key, key, label, Sentence.of(unit), value, error, true);
    }

    public boolean refused() {
        return !error.isEmpty();
    }

    /** Where its error stands; nothing where there is none. */
    public Optional<String> errorId() {
        return refused() ? Optional.of(id + "-error") : Optional.empty();
    }
}
