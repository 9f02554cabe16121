package ironpin.web.filling;

import ironpin.quantity.Sentence;
import ironpin.web.page.FieldError;

/**
 * Two masses that were typed and not taken.
 *
 * @param raw as typed
 * @param left as typed
 * @param message what is allowed
 */
public record RefusedWeighing(String raw, String left, Sentence message) {
    static final String FIELD = "weighed";

    /** Neither field takes a line break. */
    private static final String BETWEEN = "\n";

    static FieldError error(int index, String raw, String left, String rule) {
        return new FieldError(FIELD, index, raw + BETWEEN + left, Sentence.of(rule));
    }

    static RefusedWeighing of(FieldError error) {
        String[] typed = error.typed().split(BETWEEN, 2);
        return new RefusedWeighing(typed[0], typed.length > 1 ? typed[1] : "", error.message());
    }
}
