package ironpin.web.api;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import ironpin.batch.Batch;
import ironpin.batch.Styles;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reads a batch from JSON that somebody else may have written: first against the schema, then against the rules. */
@Component
class BatchReader {
    private final JsonMapper json;
    private final Schema schema;

    BatchReader(JsonMapper json) {
        this.json = json;
        this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schemaText(), InputFormat.JSON);
    }

    /** The published schema. */
    static String schemaText() {
        try {
            return new ClassPathResource("schemas/batch-1.json").getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws UnreadableBatch if the text is not a batch, with the place and what is allowed there */
    BatchDocument read(String text) {
        BatchDocument document = parsed(text);
        try {
            Batch batch = document.batch();
            batch.lots().forEach(lot -> Styles.get(lot.style()));
            document.outcomes().forEach(OutcomePart::outcome);
        } catch (IllegalArgumentException e) {
            throw new UnreadableBatch(e.getMessage());
        }
        return document;
    }

    private BatchDocument parsed(String text) {
        try {
            List<Error> errors = schema.validate(text, InputFormat.JSON);
            if (!errors.isEmpty()) {
                Error first = errors.get(0);
                String place = first.getInstanceLocation().toString();
                throw new UnreadableBatch((place.isEmpty() ? "" : "at " + place + ": ") + first.getMessage());
            }
            return json.readValue(text, BatchDocument.class);
        } catch (JacksonException e) {
            throw new UnreadableBatch("it is not JSON: " + e.getOriginalMessage());
        } catch (IllegalArgumentException e) {
            throw new UnreadableBatch("it is not JSON");
        }
    }
}
