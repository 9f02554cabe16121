package ironpin.web.recipe;

import ironpin.recipe.RecipeText;
import ironpin.recipe.UnreadableRecipe;
import ironpin.recipe.WrittenRecipe;
import java.time.Duration;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import tools.jackson.databind.JsonNode;

/**
 * The Recipe in schema.org data as pages in the wild write it, found in one walk: what a property may look like (one or many, text or
 * node, nested in sections) is looked at here, what it may be called in {@link Vocabulary}.
 */
final class JsonLdRecipe {
    private static final int DEEPEST = 12;

    private final Vocabulary vocabulary = new Vocabulary();

    /** Every node's members by their bare names. */
    private final Map<JsonNode, Map<String, JsonNode>> members = new IdentityHashMap<>();

    private final Map<String, JsonNode> byId = new HashMap<>();
    private final List<JsonNode> recipes = new ArrayList<>();

    private JsonLdRecipe() {}

    /** The recipe in this JSON; nothing if there is none. @throws UnreadableRecipe if it is no JSON */
    static Optional<WrittenRecipe> read(String json, String source) {
        JsonLdRecipe found = new JsonLdRecipe();
        found.collect(LooseJson.of(json));
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

    private void collect(JsonNode node) {
        if (node.isObject()) {
            vocabulary.learn(node.path("@context"));
            Map<String, JsonNode> bare = new LinkedHashMap<>();
            node.properties().forEach(member -> bare.putIfAbsent(vocabulary.bare(member.getKey()), member.getValue()));
            members.put(node, bare);
            String id = node.path("@id").asString("");
            if (!id.isEmpty() && node.size() > 1) {
                byId.putIfAbsent(id, node);
            }
            if (isA(bare.get("@type"), "Recipe")) {
                recipes.add(node);
            }
        }
        node.forEach(this::collect);
    }

    private boolean isA(JsonNode types, String type) {
        return types != null
                && (types.isArray()
                        ? types.valueStream().anyMatch(one -> isA(one, type))
                        : vocabulary.bare(types.asString("")).equals(type));
    }

    private WrittenRecipe written(JsonNode recipe, String source) {
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

    private Optional<String> time(JsonNode recipe, String property, String label) {
        return values(recipe, property).stream().findFirst().flatMap(iso -> {
            try {
                return Optional.of(label + ": " + Duration.parse(iso.strip()).toMinutes() + " min");
            } catch (DateTimeParseException written) {
                return iso.matches(".*\\d.*") ? Optional.of(label + ": " + iso) : Optional.empty();
            }
        });
    }

    /** Steps may be one text, a list, nodes with a text or a name, or sections that hold any of these. */
    private void steps(List<JsonNode> values, List<String> steps, int depth) {
        if (depth > DEEPEST) {
            return;
        }
        for (JsonNode value : values) {
            if (value.isObject() && !value.has("@value")) {
                JsonNode node = resolved(value);
                List<JsonNode> inner = new ArrayList<>(members(node, "itemListElement"));
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
    private List<String> values(JsonNode node, String... properties) {
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

    private List<JsonNode> members(JsonNode node, String property) {
        List<JsonNode> found = new ArrayList<>();
        flat(members.getOrDefault(node, Map.of()).get(property), found, 0);
        return found;
    }

    private static void flat(JsonNode value, List<JsonNode> into, int depth) {
        if (value == null || value.isNull() || depth > DEEPEST) {
            return;
        }
        JsonNode list = value.has("@list") ? value.get("@list") : value.has("@set") ? value.get("@set") : value;
        if (list.isArray()) {
            list.forEach(item -> flat(item, into, depth + 1));
        } else {
            into.add(list);
        }
    }

    /** A value as text: a literal, or of a node its amount and name. */
    private Optional<String> said(JsonNode value, int depth) {
        if (!value.isObject()) {
            return Optional.of(plain(value.asString()));
        }
        if (value.has("@value")) {
            return Optional.of(plain(value.get("@value").asString("")));
        }
        if (depth > DEEPEST) {
            return Optional.empty();
        }
        JsonNode node = resolved(value);
        List<String> parts = new ArrayList<>();
        for (String property : List.of("requiredQuantity", "value", "unitText", "name", "text")) {
            for (JsonNode member : members(node, property)) {
                said(member, depth + 1).ifPresent(parts::add);
            }
            if (property.equals("name") && !parts.isEmpty()) {
                break;
            }
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", parts));
    }

    private JsonNode resolved(JsonNode node) {
        boolean reference = node.size() == 1 && node.has("@id");
        return reference ? byId.getOrDefault(node.get("@id").asString(""), node) : node;
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
}
