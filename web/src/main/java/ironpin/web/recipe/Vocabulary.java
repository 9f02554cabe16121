package ironpin.web.recipe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/**
 * The names of schema.org as linked data writes them: bare, in full, behind a prefix, or under a name of its own that a context gives
 * them. No context is ever fetched.
 */
final class Vocabulary {
    private static final Pattern FULL = Pattern.compile("https?://schema\\.org/(\\w*)");

    /** What a name of the data stands for; a prefix stands for nothing. */
    private final Map<String, String> own = new HashMap<>(Map.of("schema", ""));

    /** What this part of the data calls things by, besides what is known already. */
    void learn(JsonNode context) {
        for (JsonNode one : context.isArray() ? context : List.of(context)) {
            one.properties().forEach(name -> {
                JsonNode meant = name.getValue();
                String full = (meant.isObject() ? meant.path("@id") : meant).asString("");
                Matcher known = FULL.matcher(full);
                if (known.matches()) {
                    own.put(name.getKey(), known.group(1));
                } else if (full.contains(":")) {
                    own.put(name.getKey(), bare(full));
                }
            });
        }
    }

    /** The bare name, where it is one of schema.org's; otherwise as it is written. */
    String bare(String name) {
        Matcher full = FULL.matcher(name);
        if (full.matches()) {
            return full.group(1);
        }
        int colon = name.indexOf(':');
        if (colon > 0 && "".equals(own.get(name.substring(0, colon)))) {
            return name.substring(colon + 1);
        }
        return own.getOrDefault(name, name);
    }
}
