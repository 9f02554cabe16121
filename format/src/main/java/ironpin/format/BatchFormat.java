package ironpin.format;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import ironpin.batch.Batch;
import ironpin.batch.Serving;
import ironpin.batch.Styles;
import ironpin.quantity.UnitSystem;
import ironpin.refusal.Refused;
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
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
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

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

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
    public static String write(WrittenBatch batch) {
        return JSON.writeValueAsString(batch);
    }

    /** A plan alone, as a revision keeps it. */
    public static String write(Batch plan) {
        return write(WrittenBatch.of(plan, List.of(), Optional.empty()));
    }

    /** A plan that was written by {@link #write(Batch)}, here or by an earlier version: it is trusted to follow the schema. */
    public static Batch plan(String text) {
        return JSON.treeToValue(upgraded(JSON.readTree(text)), WrittenBatch.class)
                .batch();
    }

    /**
     * A batch that somebody else may have written: checked first against the schema, then against the rules.
     *
     * @throws UnreadableBatch if the text is not a batch, with the place and what is allowed there
     */
    public static WrittenBatch read(String text) {
        WrittenBatch written = parsed(text);
        try {
            Batch batch = written.batch();
            batch.lots().forEach(lot -> Styles.get(lot.style()));
            written.outcomes().forEach(part -> batch.lot(part.lotNo()));
            written.outcomes().forEach(WrittenOutcome::outcome);
            if (!Serving.allows(batch.serving())) {
                throw new UnreadableBatch("serving lies in " + Serving.YEARS + ", not in "
                        + batch.serving().getYear());
            }
        } catch (UnreadableBatch said) {
            throw said;
        } catch (Refused refused) {
            throw new UnreadableBatch(UnitSystem.METRIC.say(refused.getMessage()));
        }
        return written;
    }

    private static WrittenBatch parsed(String text) {
        try {
            JsonNode present = upgraded(JSON.readTree(text));
            List<Error> errors = Published.SCHEMA.validate(present);
            if (!errors.isEmpty()) {
                Error first = errors.get(0);
                String place = first.getInstanceLocation().toString();
                throw new UnreadableBatch((place.isEmpty() ? "" : "at " + place + ": ") + first.getMessage());
            }
            return JSON.treeToValue(present, WrittenBatch.class);
        } catch (JacksonException e) {
            Misread misread = Misread.of(e);
            String what = misread.field().isEmpty() ? "the text" : misread.field();
            throw new UnreadableBatch(what + " must be " + misread.allowed());
        }
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
