package ironpin.web.recipe;

import ironpin.recipe.UnreadableRecipe;
import jakarta.json.Json;
import jakarta.json.JsonArrayBuilder;
import jakarta.json.JsonObjectBuilder;
import jakarta.json.JsonStructure;
import jakarta.json.JsonValue;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** JSON as pages write it, brought into a shape that can be expanded: within limits, with known keywords only. */
final class TidyJson {
    private static final int DEEPEST = 60;
    private static final int MOST_NODES = 50_000;
    private static final int LONGEST = 500_000;
    private static final Set<String> KEYWORDS = Set.of("@graph", "@id", "@value", "@list", "@set");

    private static final JsonMapper LENIENT = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxStringLength(LONGEST)
                            .maxTokenCount(2L * MOST_NODES)
                            .build())
                    .enable(JsonReadFeature.ALLOW_TRAILING_COMMA)
                    .enable(JsonReadFeature.ALLOW_UNESCAPED_CONTROL_CHARS)
                    .enable(JsonReadFeature.ALLOW_JAVA_COMMENTS)
                    .enable(JsonReadFeature.ALLOW_BACKSLASH_ESCAPING_ANY_CHARACTER)
                    .build())
            .build();

    private int nodes;

    private TidyJson() {}

    /** @throws UnreadableRecipe if it is no JSON, or beyond the limits */
    static JsonStructure of(String json) {
        JsonNode tree;
        try {
            tree = LENIENT.readTree(json);
        } catch (StreamConstraintsException beyond) {
            throw new UnreadableRecipe(
                    "This holds more than 50,000 values, or they lie more than 60 deep: paste only the recipe.");
        } catch (JacksonException broken) {
            throw new UnreadableRecipe("This looks like JSON but cannot be read: " + broken.getOriginalMessage() + ".");
        }
        if (tree == null || !tree.isContainer()) {
            throw new UnreadableRecipe("This looks like JSON but holds no object.");
        }
        return (JsonStructure) new TidyJson().tidy(tree);
    }

    private JsonValue tidy(JsonNode node) {
        nodes++;
        if (nodes > MOST_NODES) {
            throw new UnreadableRecipe("This holds more than 50,000 values: paste only the recipe.");
        }
        if (node.isArray()) {
            JsonArrayBuilder array = Json.createArrayBuilder();
            node.forEach(item -> array.add(tidy(item)));
            return array.build();
        }
        if (!node.isObject()) {
            return literal(node);
        }
        JsonObjectBuilder object = Json.createObjectBuilder();
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            String key = member.getKey();
            JsonNode value = member.getValue();
            if (key.equals("@type")) {
                types(value, object);
            } else if (key.equals("@context")) {
                object.add(key, context(value));
            } else if (key.equals("@id") ? value.isString() : !key.startsWith("@") || KEYWORDS.contains(key)) {
                object.add(key, tidy(value));
            }
        }
        return object.build();
    }

    private static void types(JsonNode value, JsonObjectBuilder object) {
        JsonArrayBuilder types = Json.createArrayBuilder();
        if (value.isString()) {
            types.add(value.stringValue());
        }
        if (value.isArray()) {
            value.forEach(one -> {
                if (one.isString()) {
                    types.add(one.stringValue());
                }
            });
        }
        object.add("@type", types);
    }

    /** Prefixes and vocabularies are kept; whatever else a context says is for other readers. */
    private static JsonValue context(JsonNode value) {
        JsonObjectBuilder kept = Json.createObjectBuilder().add("@vocab", "http://schema.org/");
        for (JsonNode one : value.isArray() ? value : Set.of(value)) {
            if (one.isObject()) {
                for (Map.Entry<String, JsonNode> member : one.properties()) {
                    String key = member.getKey();
                    boolean prefix = !key.startsWith("@") && member.getValue().isString();
                    if (prefix && member.getValue().stringValue().matches("https?://[\\w./#-]+")) {
                        kept.add(key, member.getValue().stringValue());
                    }
                }
            }
        }
        return kept.build();
    }

    private static JsonValue literal(JsonNode node) {
        if (node.isNumber()) {
            return Json.createValue(node.decimalValue());
        }
        if (node.isBoolean()) {
            return node.booleanValue() ? JsonValue.TRUE : JsonValue.FALSE;
        }
        return node.isNull() ? JsonValue.NULL : Json.createValue(node.asString());
    }
}
