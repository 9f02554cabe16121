package ironpin.diagnosis;

import ironpin.book.FillingVerdict;
import ironpin.book.Outcome;
import ironpin.book.SkinVerdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What was seen of a lot, by a short stable name, as {@code looks.csv} knows it. */
final class Symptom {
    /** From this share of the pieces on it is more than bad luck. */
    private static final double WORTH_NAMING = 0.04;

    /** Those of which pieces are counted. */
    static final List<String> COUNTED = List.of("burst", "leaked", "stuck");

    private Symptom() {}

    /** Everything that was wrong. */
    static List<String> of(Outcome outcome) {
        List<String> seen = new ArrayList<>();
        add(seen, outcome, outcome.burst(), "burst");
        add(seen, outcome, outcome.leaked(), "leaked");
        add(seen, outcome, outcome.stuck(), "stuck");
        if (outcome.skin() != SkinVerdict.RIGHT) {
            seen.add(key(outcome.skin()));
        }
        if (outcome.filling() != FillingVerdict.RIGHT) {
            seen.add(key(outcome.filling()));
        }
        outcome.seen().stream().sorted().map(Symptom::key).forEach(seen::add);
        return seen;
    }

    private static void add(List<String> seen, Outcome outcome, int count, String key) {
        if (outcome.share(count) >= WORTH_NAMING) {
            seen.add(key);
        }
    }

    /** Of a verdict or of something else that was seen. */
    static String key(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT).replace('_', '-')
                + (one instanceof FillingVerdict ? "-filling" : "");
    }
}
