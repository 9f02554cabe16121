package ironpin.web.api;

import ironpin.allergen.AllergenAnswer;
import ironpin.pantry.Allergen;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What some must avoid. "None" is said only by a known answer without any.
 *
 * @param known whether every line was understood
 * @param contains allergens with the lines that bring them
 * @param mayContain allergens that the packets of these lines decide
 * @param notKnown lines that were not understood: they may hold any
 * @param said all of it in words
 */
record AllergenPart(
        boolean known,
        Map<Allergen, List<String>> contains,
        Map<Allergen, List<String>> mayContain,
        List<String> notKnown,
        String said) {
    static AllergenPart of(AllergenAnswer answer) {
        return new AllergenPart(
                answer.known(),
                new TreeMap<>(answer.sure()),
                new TreeMap<>(answer.maybe()),
                answer.unknown(),
                answer.said());
    }
}
