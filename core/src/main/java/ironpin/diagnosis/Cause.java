package ironpin.diagnosis;

import ironpin.cook.Steam;
import ironpin.cook.VesselKind;
import ironpin.filling.Composition;
import ironpin.filling.FillingKind;
import ironpin.pantry.CsvResource;
import ironpin.plan.LotPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Why something may have gone wrong.
 *
 * @param key short stable name
 * @param name in a few words
 * @param prior how common it is against the others, before anything was seen
 * @param of which lots it can be the cause in
 * @param change the one thing to do about it
 * @param remedy that change as a press, where a number does it
 * @param looks how often it shows as what, 0 to 1, by symptom
 * @param evidence what of a batch speaks for or against it
 */
record Cause(
        String key,
        String name,
        double prior,
        Of of,
        String change,
        Remedy remedy,
        Map<String, Double> looks,
        List<Evidence> evidence) {
    /** Lots a cause can be in. */
    enum Of {
        ALL,
        DOUGH,
        BOUGHT,
        POT,
        STEAM,
        STEAMED_DOUGH,
        PAN,
        SEAT,
        MEAT,
        SOUP,
        SAVOURY,
        SWEET
    }

    /**
     * A fact that weighs.
     *
     * @param fact which
     * @param above whether it speaks for the cause where it is above the edge; below it otherwise
     * @param at the edge
     * @param with how many times likelier the cause is where it is so
     * @param without how many times where it is not
     */
    record Evidence(Fact fact, boolean above, double at, double with, double without) {
        boolean holds(double value) {
            return above ? value > at : value < at;
        }
    }

    /** Seen without this being the cause: one thing in so many is bad luck. */
    static final double BY_ITSELF = 0.03;

    private static final List<Cause> ALL = read();

    Cause {
        looks = Map.copyOf(looks);
        evidence = List.copyOf(evidence);
    }

    /** How likely this shows where it is the cause. */
    double shows(String symptom) {
        return Math.max(BY_ITSELF, looks.getOrDefault(symptom, 0.0));
    }

    /** Whether this is one of the things it shows as. */
    boolean explains(String symptom) {
        return looks.getOrDefault(symptom, 0.0) > BY_ITSELF;
    }

    /** Those that can be in a lot. */
    static List<Cause> in(LotPlan lot) {
        return ALL.stream().filter(cause -> cause.canBeIn(lot)).toList();
    }

    static Optional<Cause> named(String key) {
        return ALL.stream().filter(cause -> cause.key.equals(key)).findFirst();
    }

    private boolean canBeIn(LotPlan lot) {
        boolean bought = lot.lot().bought().isPresent();
        VesselKind vessel = lot.lot().vessel().kind();
        return switch (of) {
            case ALL -> true;
            case DOUGH -> !bought;
            case BOUGHT -> bought;
            case POT -> vessel == VesselKind.POT;
            case STEAM -> lot.lot().method() instanceof Steam;
            case STEAMED_DOUGH -> lot.lot().method() instanceof Steam && !bought;
            case PAN -> vessel == VesselKind.PAN;
            case SEAT -> vessel == VesselKind.PAN || vessel == VesselKind.GRIDDLE;
            case MEAT -> Composition.of(lot.filling().formula()).meat() > 0;
            case SAVOURY -> lot.filling().kind() != FillingKind.SWEET;
            case SOUP -> lot.filling().formula().aspic().isPresent();
            case SWEET -> lot.filling().kind() == FillingKind.SWEET;
        };
    }

    private static List<Cause> read() {
        Map<String, Map<String, Double>> looks = rows("looks.csv").stream()
                .collect(Collectors.groupingBy(
                        row -> row.get("cause"),
                        Collectors.toMap(row -> row.get("symptom"), row -> Double.valueOf(row.get("chance")))));
        Map<String, List<Map<String, String>>> evidence =
                rows("evidence.csv").stream().collect(Collectors.groupingBy(row -> row.get("cause")));
        List<Cause> all = new ArrayList<>();
        for (Map<String, String> row : rows("causes.csv")) {
            String key = row.get("key");
            all.add(new Cause(
                    key,
                    row.get("name"),
                    Double.parseDouble(row.get("prior")),
                    Of.valueOf(row.get("of").toUpperCase(Locale.ROOT).replace('-', '_')),
                    row.get("change"),
                    Remedy.valueOf(row.get("remedy")),
                    looks.getOrDefault(key, Map.of()),
                    evidence.getOrDefault(key, List.of()).stream()
                            .map(Cause::weighs)
                            .toList()));
        }
        return List.copyOf(all);
    }

    private static Evidence weighs(Map<String, String> row) {
        return new Evidence(
                Fact.valueOf(row.get("fact")),
                row.get("side").equals("above"),
                Double.parseDouble(row.get("at")),
                Double.parseDouble(row.get("for")),
                Double.parseDouble(row.get("against")));
    }

    private static List<Map<String, String>> rows(String name) {
        return CsvResource.rows(Cause.class, name, ";");
    }
}
