package ironpin.pantry;

import ironpin.quantity.Percentage;
import ironpin.refusal.NotThere;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The flours that ship with Ironpin, read once from {@code flours.csv}. */
public final class Flours {
    private static final Map<String, Flour> BY_KEY = read();

    private Flours() {}

    /** The flour with this key, if there is one. */
    public static Optional<Flour> find(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    /** Every one of them, in the order of the table. */
    public static List<Flour> all() {
        return List.copyOf(BY_KEY.values());
    }

    /** The flour with this key. @throws IllegalArgumentException if there is none */
    public static Flour get(String key) {
        return find(key).orElseThrow(() -> new NotThere("no flour is called '" + key + "'"));
    }

    private static Map<String, Flour> read() {
        Map<String, Flour> flours = new LinkedHashMap<>();
        for (Map<String, String> row : CsvResource.rows(Flours.class, "flours.csv")) {
            Flour flour = Flour.labelled(
                    row.get("key"),
                    row.get("name"),
                    FlourKind.valueOf(row.get("kind")),
                    Percentage.of(Double.parseDouble(row.get("protein"))));
            flours.put(flour.key(), flour);
        }
        return Collections.unmodifiableMap(flours);
    }
}
