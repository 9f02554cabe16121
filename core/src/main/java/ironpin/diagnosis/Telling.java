package ironpin.diagnosis;

import ironpin.pantry.CsvResource;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What to look at next time, so that two causes that are both likely can be told apart. */
final class Telling {
    /** Less of a difference tells nothing. */
    private static final double TELLS = 0.3;

    private static final Map<String, String> LOOK = CsvResource.rows(Telling.class, "telling.csv", ";").stream()
            .collect(Collectors.toUnmodifiableMap(row -> row.get("symptom"), row -> row.get("look")));

    private Telling() {}

    /** The symptom that the one shows far more often than the other, and whose it is. @param asked symptoms that such a lot can show */
    static Optional<String> apart(Cause one, Cause two, List<String> asked) {
        TreeSet<String> symptoms = new TreeSet<>(one.looks().keySet());
        symptoms.addAll(two.looks().keySet());
        symptoms.retainAll(asked);
        return symptoms.stream()
                .filter(LOOK::containsKey)
                .max(Comparator.comparingDouble(symptom -> Math.abs(one.shows(symptom) - two.shows(symptom))))
                .filter(symptom -> Math.abs(one.shows(symptom) - two.shows(symptom)) >= TELLS)
                .map(symptom -> {
                    Cause shows = one.shows(symptom) > two.shows(symptom) ? one : two;
                    return LOOK.get(symptom) + ": that would be " + shows.name() + ".";
                });
    }
}
