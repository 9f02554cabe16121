package ironpin.web.api;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import ironpin.batch.Batch;
import ironpin.batch.Dough;
import ironpin.batch.Lot;
import ironpin.batch.OutOfRange;
import ironpin.batch.PlanField;
import ironpin.batch.Serving;
import ironpin.batch.Station;
import ironpin.batch.Styles;
import ironpin.plan.BatchPlan;
import ironpin.plan.Findings;
import ironpin.quantity.UnitSystem;
import ironpin.web.picture.RibbonPicture;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
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
            document.outcomes().forEach(part -> batch.lot(part.lotNo()));
            document.outcomes().forEach(OutcomePart::outcome);
            demandShown(batch);
        } catch (IllegalArgumentException e) {
            throw new UnreadableBatch(UnitSystem.METRIC.say(String.valueOf(e.getMessage())));
        }
        return document;
    }

    /** What is kept must be shown by every page: its numbers in the ranges of the fields, its plan and sentences worked out once. */
    private static void demandShown(Batch batch) {
        if (!Serving.allows(batch.serving())) {
            throw new UnreadableBatch("serving lies in " + Serving.YEARS + ", not in "
                    + batch.serving().getYear());
        }
        try {
            BatchPlan plan = BatchPlan.of(batch);
            for (Station station : Station.values()) {
                plan.lots().forEach(lot -> Findings.at(station, plan, lot.lot().no()));
            }
            plan.lots().forEach(lot -> RibbonPicture.narrow(plan, lot.lot().no()));
            for (Dough dough : batch.doughs()) {
                demandRange(PlanField.REST, batch, plan, dough.no());
            }
            for (Lot lot : batch.lots()) {
                demandRange(PlanField.DISC, batch, plan, lot.no());
                demandRange(PlanField.ROPE, batch, plan, lot.no());
                demandRange(PlanField.VESSEL_WIDTH, batch, plan, lot.no());
            }
        } catch (ArithmeticException | DateTimeException | IndexOutOfBoundsException | IllegalStateException e) {
            throw new UnreadableBatch("its numbers cannot be planned together");
        }
    }

    private static void demandRange(PlanField field, Batch batch, BatchPlan plan, int no) {
        double value = field.read(batch, plan.balance(), no);
        if (!(value >= field.low() && value <= field.high())) {
            throw new IllegalArgumentException(
                    field.label() + " lies between " + OutOfRange.allowed(field).replace(" to ", " and "));
        }
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
            Misread misread = Misread.of(e);
            throw new UnreadableBatch(misread.field() + " must be " + misread.allowed());
        } catch (IllegalArgumentException e) {
            throw new UnreadableBatch("it is not JSON");
        }
    }
}
