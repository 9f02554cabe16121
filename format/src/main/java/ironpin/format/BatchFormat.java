package ironpin.format;

import static ironpin.format.Spelling.JSON;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import ironpin.batch.Batch;
import ironpin.batch.Serving;
import ironpin.format.WrittenBatch.Came;
import ironpin.format.WrittenBatch.Told;
import ironpin.refusal.Refused;
import ironpin.style.Styles;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The one written form of a batch and its versions. Every text says its version in {@code format}; an older one is upgraded step
 * by step before it is read, so that only the present form has to be understood.
 */
public final class BatchFormat {
    /** The present version. */
    public static final int VERSION = 1;

    private static final String PREFIX = "ironpin-batch-";
    private static final Pattern SAID = Pattern.compile(PREFIX + "(\\d{1,6})");

    /** What makes a text of one version one of the next; the key is the older one. */
    private static final SortedMap<Integer, UnaryOperator<ObjectNode>> UPGRADES = new TreeMap<>(Map.of());

    private static final class Published {
        static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema(), InputFormat.JSON);
    }

    private BatchFormat() {}

    /** What a text of the present version says of itself. */
    static String name() {
        return PREFIX + VERSION;
    }

    /** The published schema of the present version. */
    public static String schema() {
        try (InputStream text = BatchFormat.class.getResourceAsStream("/schemas/batch-" + VERSION + ".json")) {
            return new String(text.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A batch in its written form. */
    public static String write(WrittenBatch written) {
        ObjectNode whole = JSON.createObjectNode().put("format", name());
        whole.setAll(Loose.written(JSON.valueToTree(written.batch())));
        whole.set("outcomes", JSON.valueToTree(written.outcomes()));
        whole.set("source", JSON.valueToTree(written.source()));
        if (!written.story().isEmpty()) {
            whole.set("story", JSON.valueToTree(written.story()));
        }
        return JSON.writeValueAsString(whole);
    }

    /** A plan alone, as a revision keeps it. */
    public static String write(Batch plan) {
        return write(new WrittenBatch(plan));
    }

    /** A plan that was written by {@link #write(Batch)}, here or by an earlier version: it is trusted to follow the schema. */
    public static Batch plan(String text) {
        return plan(upgraded(JSON.readTree(text)));
    }

    /**
     * The same for one that came from elsewhere, many at a time: it is looked at by the rules, not by the schema, which takes ten times as
     * long.
     *
     * @throws UnreadableBatch if no plan of ours can be written so
     */
    public static void demandPlan(String text) {
        try {
            demandRules(new WrittenBatch(plan(text)));
        } catch (UnreadableBatch said) {
            throw said;
        } catch (RuntimeException odd) {
            throw new UnreadableBatch("its plan cannot be read");
        }
    }

    private static Batch plan(JsonNode whole) {
        return JSON.treeToValue(Loose.complete((ObjectNode) whole), Batch.class);
    }

    /**
     * A batch that somebody else may have written: checked first against the schema, then against the rules.
     *
     * @throws UnreadableBatch if the text is not a batch, with the place and what is allowed there
     */
    public static WrittenBatch read(String text) {
        try {
            JsonNode whole = demandSchema(upgraded(JSON.readTree(text)));
            List<Came> outcomes =
                    JSON.treeToValue(Loose.outcomes(whole.get("outcomes")), new TypeReference<List<Came>>() {});
            Optional<String> source =
                    Optional.ofNullable(whole.path("source").asStringOpt().orElse(null));
            List<Told> story = whole.has("story")
                    ? JSON.treeToValue(whole.get("story"), new TypeReference<List<Told>>() {})
                    : List.of();
            return demandRules(new WrittenBatch(plan(whole), outcomes, source, story));
        } catch (UnreadableBatch said) {
            throw said;
        } catch (Refused refused) {
            throw new UnreadableBatch(refused.getMessage());
        } catch (JacksonException e) {
            if (e.getCause() instanceof Refused refused) {
                throw new UnreadableBatch(refused.getMessage());
            }
            Misread misread = Misread.of(e);
            String what = misread.field().isEmpty() ? "the text" : misread.field();
            throw new UnreadableBatch(what + " must be " + misread.allowed());
        }
    }

    private static JsonNode demandSchema(JsonNode present) {
        // One is told; a document can be wrong in a hundred thousand places.
        List<Error> errors = Published.SCHEMA.validate(
                present, context -> context.executionConfig(settings -> settings.failFast(true)));
        if (errors.isEmpty()) {
            return present;
        }
        Error first = errors.get(0);
        String place = first.getInstanceLocation().toString();
        throw new UnreadableBatch((place.isEmpty() ? "" : "at " + place + ": ") + first.getMessage());
    }

    private static WrittenBatch demandRules(WrittenBatch written) {
        Batch batch = written.batch();
        batch.lots().forEach(lot -> Styles.get(lot.style()));
        written.outcomes().forEach(came -> batch.lot(came.lotNo()));
        if (!Serving.allows(batch.serving())) {
            throw new UnreadableBatch("serving lies in " + Serving.YEARS + ", not in "
                    + batch.serving().getYear());
        }
        return written;
    }

    private static JsonNode upgraded(JsonNode text) {
        if (!(text instanceof ObjectNode written)) {
            return text;
        }
        Matcher said = SAID.matcher(written.path("format").asString(""));
        if (!said.matches()) {
            return written;
        }
        int version = Integer.parseInt(said.group(1));
        if (version > VERSION) {
            throw new UnreadableBatch("at /format: version " + version
                    + " was written by a newer Ironpin; this one reads up to " + VERSION);
        }
        ObjectNode present = written;
        for (UnaryOperator<ObjectNode> step : UPGRADES.tailMap(version).values()) {
            present = step.apply(present);
        }
        return present.put("format", name());
    }
}
