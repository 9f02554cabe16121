package ironpin.web.recipe;

import com.apicatalog.jsonld.JsonLd;
import com.apicatalog.jsonld.JsonLdError;
import com.apicatalog.jsonld.document.JsonDocument;
import com.apicatalog.jsonld.loader.DocumentLoader;
import ironpin.recipe.RecipeText;
import ironpin.recipe.UnreadableRecipe;
import ironpin.recipe.WrittenRecipe;
import jakarta.json.Json;
import jakarta.json.JsonArray;
import jakarta.json.JsonObject;
import jakarta.json.JsonString;
import jakarta.json.JsonStructure;
import jakarta.json.JsonValue;
import java.time.Duration;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;

/**
 * The Recipe in schema.org data as pages in the wild write it. The data is expanded with a context of its own; no context
 * is ever fetched, and what a property may look like (one or many, text or node, nested in sections) is looked at here.
 */
final class JsonLdRecipe {
    private static final JsonObject SCHEMA_ORG = Json.createObjectBuilder()
            .add("@context", Json.createObjectBuilder().add("@vocab", "http://schema.org/"))
            .build();
    private static final DocumentLoader NO_NETWORK = (url, options) -> JsonDocument.of(SCHEMA_ORG);
    private static final int DEEPEST = 12;

    private final Map<String, JsonObject> byId = new HashMap<>();
    private final List<JsonObject> recipes = new ArrayList<>();

    private JsonLdRecipe() {}

    /** The recipe in this JSON; nothing if there is none. @throws UnreadableRecipe if it is no JSON */
    static Optional<WrittenRecipe> read(String json, String source) {
        JsonArray nodes;
        try {
            JsonStructure tidy = TidyJson.of(json);
            nodes = JsonLd.expand(JsonDocument.of(tidy))
                    .context(JsonDocument.of(SCHEMA_ORG))
                    .loader(NO_NETWORK)
                    .get();
        } catch (JsonLdError broken) {
            throw new UnreadableRecipe("This is not linked data that can be read: " + broken.getCode() + ".");
        }
        JsonLdRecipe found = new JsonLdRecipe();
        found.collect(nodes, 0);
        return found.recipes.stream()
                .max(Comparator.comparingInt(recipe ->
                        found.values(recipe, "recipeIngredient", "ingredients").size()))
                .map(recipe -> found.written(recipe, source));
    }

    /** The same for one of several pieces of data in a page: what cannot be read is passed over. */
    static Optional<WrittenRecipe> tryRead(String json, String source) {
        try {
            return read(
                    json.replaceAll(
                            "(?s)^\\s*(?:<!--|//<!\\[CDATA\\[|<!\\[CDATA\\[)|(?:-->|//\\]\\]>|\\]\\]>)\\s*$", ""),
                    source);
        } catch (UnreadableRecipe passedOver) {
            return Optional.empty();
        }
    }

    private void collect(JsonValue value, int depth) {
        if (value instanceof JsonArray array) {
            array.forEach(item -> collect(item, depth));
        } else if (value instanceof JsonObject object) {
            if (object.containsKey("@id") && object.size() > 1) {
                byId.putIfAbsent(string(object.get("@id")), object);
            }
            if (isA(object, "Recipe")) {
                recipes.add(object);
            }
            object.values().forEach(inner -> collect(inner, depth + 1));
        }
    }

    private static boolean isA(JsonObject object, String type) {
        JsonValue types = object.get("@type");
        return types instanceof JsonArray array
                && array.stream().anyMatch(one -> string(one).matches("https?://schema\\.org/" + type));
    }

    private WrittenRecipe written(JsonObject recipe, String source) {
        List<WrittenRecipe.Line> lines = new ArrayList<>();
        String heading = "";
        for (String item : values(recipe, "recipeIngredient", "ingredients")) {
            for (String line : item.split("\\R|(?<=[a-z)]);\\s")) {
                Optional<String> group = RecipeText.heading(line);
                if (group.isPresent()) {
                    heading = group.get();
                } else if (!line.isBlank()) {
                    lines.add(new WrittenRecipe.Line(heading, line));
                }
            }
        }
        List<String> times = new ArrayList<>();
        time(recipe, "prepTime", "Prep").ifPresent(times::add);
        time(recipe, "cookTime", "Cook").ifPresent(times::add);
        time(recipe, "totalTime", "Total").ifPresent(times::add);
        List<String> steps = new ArrayList<>();
        steps(members(recipe, "recipeInstructions"), steps, 0);
        String yield = String.join("; ", values(recipe, "recipeYield", "yield"));
        String title = values(recipe, "name", "headline").stream().findFirst().orElse("");
        boolean bare = yield.matches("\\d{1,3}");
        return new WrittenRecipe(title, bare ? "Makes " + yield : yield, times, lines, steps, source);
    }

    private Optional<String> time(JsonObject recipe, String property, String label) {
        return values(recipe, property).stream().findFirst().flatMap(iso -> {
            try {
                return Optional.of(label + ": " + Duration.parse(iso.strip()).toMinutes() + " min");
            } catch (DateTimeParseException written) {
                return iso.matches(".*\\d.*") ? Optional.of(label + ": " + iso) : Optional.empty();
            }
        });
    }

    /** Steps may be one text, a list, nodes with a text or a name, or sections that hold any of these. */
    private void steps(List<JsonValue> values, List<String> steps, int depth) {
        if (depth > DEEPEST) {
            return;
        }
        for (JsonValue value : values) {
            if (value instanceof JsonObject object && !object.containsKey("@value")) {
                JsonObject node = resolved(object);
                List<JsonValue> inner = new ArrayList<>(members(node, "itemListElement"));
                inner.addAll(members(node, "item"));
                inner.addAll(members(node, "steps"));
                if (!inner.isEmpty()) {
                    steps(inner, steps, depth + 1);
                } else {
                    List<String> said = values(node, "text");
                    steps.addAll(said.isEmpty() ? values(node, "name", "description") : said);
                }
            } else {
                said(value, depth).ifPresent(text -> text.lines()
                        .map(String::strip)
                        .filter(line -> !line.isEmpty())
                        .forEach(steps::add));
            }
        }
    }

    /** All texts of the first of these properties that has any. */
    private List<String> values(JsonObject node, String... properties) {
        for (String property : properties) {
            List<String> found = members(node, property).stream()
                    .map(value -> said(value, 0))
                    .flatMap(Optional::stream)
                    .filter(text -> !text.isBlank())
                    .toList();
            if (!found.isEmpty()) {
                return found;
            }
        }
        return List.of();
    }

    private List<JsonValue> members(JsonObject node, String property) {
        List<JsonValue> found = new ArrayList<>();
        for (String scheme : List.of("http", "https")) {
            flat(node.get(scheme + "://schema.org/" + property), found, 0);
        }
        return found;
    }

    private static void flat(JsonValue value, List<JsonValue> into, int depth) {
        if (value instanceof JsonArray array && depth <= DEEPEST) {
            array.forEach(item -> flat(item, into, depth + 1));
        } else if (value instanceof JsonObject object && object.get("@list") instanceof JsonArray list) {
            flat(list, into, depth + 1);
        } else if (value != null) {
            into.add(value);
        }
    }

    /** A value as text: a literal, or of a node its amount and name. */
    private Optional<String> said(JsonValue value, int depth) {
        if (!(value instanceof JsonObject object) || depth > DEEPEST) {
            return Optional.empty();
        }
        if (object.containsKey("@value")) {
            return Optional.of(plain(string(object.get("@value"))));
        }
        JsonObject node = resolved(object);
        List<String> parts = new ArrayList<>();
        for (String property : List.of("requiredQuantity", "value", "unitText", "name", "text")) {
            for (JsonValue member : members(node, property)) {
                said(member, depth + 1).ifPresent(parts::add);
            }
            if (property.equals("name") && !parts.isEmpty()) {
                break;
            }
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", parts));
    }

    private JsonObject resolved(JsonObject node) {
        boolean reference = node.size() == 1 && node.containsKey("@id");
        return reference ? byId.getOrDefault(string(node.get("@id")), node) : node;
    }

    /** Without markup; entities are sometimes escaped twice. */
    private static String plain(String text) {
        String once = Parser.unescapeEntities(text, false);
        String twice = once.contains("&") ? Parser.unescapeEntities(once, false) : once;
        if (!twice.contains("<")) {
            return twice.strip();
        }
        String broken = twice.replaceAll("(?i)<(?:br|/p|/li|/h\\d|/div)\\s*/?>", "\n");
        return Jsoup.parse(broken).wholeText().strip();
    }

    private static String string(JsonValue value) {
        return value instanceof JsonString text ? text.getString() : String.valueOf(value);
    }
}
