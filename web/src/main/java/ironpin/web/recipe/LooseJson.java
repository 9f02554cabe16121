package ironpin.web.recipe;

import ironpin.recipe.UnreadableRecipe;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** JSON as pages write it: with what is often wrong about it, within limits. */
final class LooseJson {
    private static final int DEEPEST = 60;
    private static final int MOST_VALUES = 50_000;
    private static final int LONGEST = 500_000;

    private static final JsonMapper READER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxStringLength(LONGEST)
                            .maxTokenCount(MOST_VALUES)
                            .build())
                    .enable(JsonReadFeature.ALLOW_TRAILING_COMMA)
                    .enable(JsonReadFeature.ALLOW_UNESCAPED_CONTROL_CHARS)
                    .enable(JsonReadFeature.ALLOW_JAVA_COMMENTS)
                    .enable(JsonReadFeature.ALLOW_BACKSLASH_ESCAPING_ANY_CHARACTER)
                    .build())
            .build();

    private LooseJson() {}

    /** An object or a list. @throws UnreadableRecipe if it is neither, or beyond the limits */
    static JsonNode of(String json) {
        JsonNode tree;
        try {
            tree = READER.readTree(json);
        } catch (StreamConstraintsException beyond) {
            throw new UnreadableRecipe(
                    "This holds more than 50,000 values, or they lie more than 60 deep: paste only the recipe.");
        } catch (JacksonException broken) {
            throw new UnreadableRecipe("This looks like JSON but cannot be read: " + broken.getOriginalMessage() + ".");
        }
        if (tree == null || !tree.isContainer()) {
            throw new UnreadableRecipe("This looks like JSON but holds no object.");
        }
        return tree;
    }
}
