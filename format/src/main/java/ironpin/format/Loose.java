package ironpin.format;

import ironpin.batch.Guests;
import ironpin.batch.Lot;
import ironpin.cook.Cooking;
import ironpin.cook.Vessel;
import ironpin.cook.VesselKind;
import ironpin.crew.Crew;
import ironpin.dough.DoughFamily;
import ironpin.dough.Kneading;
import ironpin.dough.Waters;
import ironpin.filling.FillingKind;
import ironpin.filling.MixSchool;
import ironpin.pantry.Absorption;
import ironpin.quantity.Length;
import ironpin.wrapper.Fold;
import ironpin.wrapper.Handiwork;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a written batch may leave out, and what stands closer together in it than in core. */
final class Loose {
    private static final List<String> RULE = List.of("piecesPerEater", "pieces");

    /** Single values that are always the same stand in the schema; here what depends on something else, lists, and what belongs together. */
    private static final SchemaDefaults CONSTANTS = SchemaDefaults.in(Spelling.JSON.readTree(BatchFormat.schema()));

    private Loose() {}

    /** How many pieces there are stands with the lot. */
    static ObjectNode written(ObjectNode batch) {
        for (JsonNode one : batch.path("lots")) {
            ObjectNode lot = (ObjectNode) one;
            JsonNode rule = lot.remove("rule");
            RULE.forEach(name -> lot.set(name, rule.get(name)));
        }
        return batch;
    }

    /** A batch that says everything, from one after the schema. */
    static ObjectNode complete(ObjectNode batch) {
        CONSTANTS.fill(batch);
        for (JsonNode one : batch.path("lots")) {
            ObjectNode lot = (ObjectNode) one;
            ObjectNode rule = lot.putObject("rule");
            RULE.stream().filter(lot::hasNonNull).findFirst().ifPresent(name -> rule.set(name, lot.get(name)));
            atWork(lot);
        }
        if (!batch.hasNonNull("crew")) {
            batch.set("crew", Spelling.JSON.valueToTree(Crew.USUAL));
        }
        if (!batch.hasNonNull("waters")) {
            batch.set("waters", Spelling.JSON.valueToTree(Waters.USUAL));
        }
        if (!batch.hasNonNull("guests")) {
            batch.set("guests", Spelling.JSON.valueToTree(Guests.USUAL));
        }
        if (!batch.hasNonNull("unread")) {
            batch.putArray("unread");
        }
        if (!batch.hasNonNull("held")) {
            batch.putArray("held");
        }
        for (JsonNode one : batch.path("doughs")) {
            ObjectNode dough = (ObjectNode) one;
            Kneading usual =
                    Kneading.usual(DoughFamily.valueOf(dough.get("family").asString()));
            usually(dough, "kneadSchool", usual.school().name());
            usually(dough, "kneadBy", usual.by().name());
            dough.path("lines").forEach(line -> usually((ObjectNode) line, "said", ""));
            dough.path("flours").forEach(flour -> labelled((ObjectNode) flour));
        }
        for (JsonNode one : batch.path("fillings")) {
            ObjectNode filling = (ObjectNode) one;
            FillingKind kind = FillingKind.valueOf(filling.get("kind").asString());
            usually(filling, "mixSchool", MixSchool.suiting(kind).get(0).name());
        }
        return batch;
    }

    /** How a lot is cut, rolled and closed, where nothing is said of it. */
    private static void atWork(ObjectNode lot) {
        Lot.Shape shape = Lot.Shape.of(
                Length.ofMillimetres(lot.get("ropeMm").asDouble()),
                Length.ofMillimetres(lot.get("discMm").asDouble()),
                lot.get("centreToRim").asDouble());
        usually(lot, "rolling", shape.rolling().name());
        ObjectNode vessel = (ObjectNode) lot.get("vessel");
        VesselKind kind = VesselKind.valueOf(vessel.get("kind").asString());
        usually(vessel, "waterG", Vessel.usualWater(kind).grams());
        if (!lot.hasNonNull("cooking")) {
            lot.set("cooking", Spelling.JSON.valueToTree(Cooking.USUAL));
        }
        ObjectNode cooking = (ObjectNode) lot.get("cooking");
        if (!cooking.hasNonNull("correction")) {
            cooking.set("correction", Spelling.JSON.valueToTree(Cooking.UNTAUGHT));
        }
        if (!lot.hasNonNull("handiwork")) {
            lot.set(
                    "handiwork",
                    Spelling.JSON.valueToTree(
                            Handiwork.usual(Fold.valueOf(lot.get("fold").asString()))));
        }
    }

    /** Older documents say nothing of what else was seen. */
    static JsonNode outcomes(JsonNode outcomes) {
        for (JsonNode one : outcomes) {
            if (!one.hasNonNull("seen")) {
                ((ObjectNode) one).putArray("seen");
            }
        }
        return outcomes;
    }

    private static void usually(ObjectNode node, String name, double usual) {
        if (!node.hasNonNull(name)) {
            node.put(name, usual);
        }
    }

    /** Nothing is known of a flour beyond its label until somebody says so. */
    private static void labelled(ObjectNode flour) {
        Absorption unknown = Absorption.UNKNOWN;
        if (!flour.hasNonNull("offsetPoints")) {
            flour.put("offsetPoints", unknown.offset().percent())
                    .put("offsetSpreadPoints", unknown.spread().percent())
                    .put("offsetBatches", unknown.batches());
        }
        if (!flour.hasNonNull("offsetSpreadPoints")) {
            flour.put("offsetSpreadPoints", unknown.spread().percent());
        }
        if (!flour.hasNonNull("offsetBatches")) {
            flour.put("offsetBatches", unknown.batches());
        }
    }

    private static void usually(ObjectNode node, String name, String usual) {
        if (!node.hasNonNull(name)) {
            node.put(name, usual);
        }
    }
}
