package ironpin.format;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What the schema says stands for what is left out, of one object and of those within it.
 *
 * @param usual name and value of each that has a {@code default}
 * @param within objects and lists of objects in which there are more
 */
record SchemaDefaults(List<Usual> usual, List<Within> within) {
    record Usual(String name, JsonNode value) {}

    record Within(String name, SchemaDefaults defaults) {}

    static SchemaDefaults in(JsonNode schema) {
        List<Usual> usual = new ArrayList<>();
        List<Within> within = new ArrayList<>();
        schema.path("properties").properties().forEach(property -> {
            JsonNode value = property.getValue();
            if (value.has("default")) {
                usual.add(new Usual(property.getKey(), value.get("default")));
            }
            SchemaDefaults below = in(value.has("items") ? value.get("items") : value);
            if (!below.usual.isEmpty() || !below.within.isEmpty()) {
                within.add(new Within(property.getKey(), below));
            }
        });
        return new SchemaDefaults(usual, within);
    }

    /** Puts them where a document has nothing. */
    void fill(JsonNode written) {
        if (written.isArray()) {
            written.forEach(this::fill);
        } else if (written instanceof ObjectNode object) {
            for (Usual one : usual) {
                if (!object.hasNonNull(one.name)) {
                    object.set(one.name, one.value);
                }
            }
            within.forEach(one -> one.defaults.fill(object.path(one.name)));
        }
    }
}
