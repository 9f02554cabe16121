package ironpin.format;

import static org.testng.Assert.assertEquals;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.PackField;
import ironpin.batch.edit.PlanField;
import ironpin.batch.edit.RollField;
import ironpin.batch.edit.TableField;
import ironpin.batch.edit.VesselField;
import ironpin.cook.Cooking;
import ironpin.dip.Dip;
import ironpin.filling.FillingFormula;
import ironpin.portion.Cutting;
import ironpin.quantity.Length;
import ironpin.wrapper.Fold;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The published schema allows what the fields of a page allow, and no more. */
public class LimitsTest {
    private static final JsonNode SCHEMA = new JsonMapper().readTree(BatchFormat.schema());

    @DataProvider
    public Object[][] numbers() {
        return new Object[][] {
            {"eaters", TableField.EATERS},
            {"doughs/*/restMinutes", DoughField.REST},
            {"doughs/*/waterC", DoughField.WATER_TEMPERATURE},
            {"doughs/*/lossPercent", DoughField.BENCH_LOSS},
            {"fillings/*/testPattyG", FillingField.TEST_PATTY},
            {"fillings/*/lossPercent", FillingField.BOWL_LOSS},
            {"lots/*/piecesPerEater", CountField.EACH},
            {"lots/*/pieces", CountField.PIECES},
            {"lots/*/toFreezer", CountField.TO_FREEZER},
            {"lots/*/doughEachG", CountField.DOUGH_EACH},
            {"lots/*/fillingEachG", CountField.FILLING_EACH},
            {"lots/*/ropeMm", RollField.ROPE},
            {"lots/*/discMm", RollField.DISC},
            {"lots/*/centreToRim", RollField.CENTRE_TO_RIM},
            {"lots/*/sliceMm", RollField.SLICE},
            {"lots/*/dustingPercent", RollField.DUSTING},
            {"lots/*/vessel/diameterMm", VesselField.VESSEL_WIDTH},
            {"lots/*/vessel/tiers", VesselField.VESSEL_TIERS},
            {"lots/*/vessel/watts", VesselField.VESSEL_WATTS},
            {"lots/*/boughtWrapper/sizeMm", PackField.WRAPPER_SIZE},
            {"lots/*/boughtWrapper/eachG", PackField.WRAPPER_EACH},
            {"lots/*/boughtWrapper/perPack", PackField.WRAPPER_PACK},
        };
    }

    @Test(dataProvider = "numbers")
    public void aNumberHasTheRangeOfItsField(String path, PlanField<?> field) {
        JsonNode number = at(path);
        assertEquals(number.get("minimum").asDouble(), field.low(), path);
        assertEquals(number.get("maximum").asDouble(), field.high(), path);
    }

    @DataProvider
    public Object[][] lists() {
        return new Object[][] {
            {"doughs", Batch.MOST_LOTS},
            {"fillings", Batch.MOST_LOTS},
            {"lots", Batch.MOST_LOTS},
            {"outcomes", Batch.MOST_LOTS},
            {"fillings/*/lines", FillingFormula.MOST_LINES},
            {"lots/*/dip/lines", Dip.MOST_PARTS},
        };
    }

    @Test(dataProvider = "lists")
    public void aListIsAsLongAsAPageCanHold(String path, int most) {
        assertEquals(at(path).get("maxItems").asInt(), most, path);
    }

    @DataProvider
    public Object[][] leftOut() {
        Lot.Shape shape = Lot.Shape.of(Length.ofMillimetres(30), Length.ofMillimetres(90), 2);
        return new Object[][] {
            {"lots/*/sliceMm", shape.slice().millimetres()},
            {"lots/*/dustingPercent", shape.dusting().percent()},
            {"lots/*/givesWay", shape.givesWay().name()},
            {"lots/*/portionSchool", Cutting.USUAL.school().name()},
            {"lots/*/boardMm", Cutting.USUAL.board().millimetres()},
            {"lots/*/cooking/atOnce", (double) Cooking.USUAL.atOnce()},
        };
    }

    @Test(dataProvider = "leftOut")
    public void whatIsLeftOutIsWhatAKitchenUsuallyHas(String path, Object usual) {
        JsonNode left = at(path).get("default");
        assertEquals(left.isNumber() ? left.asDouble() : left.asString(), usual, path);
    }

    @Test
    public void noLineOfADoughHoldsMoreThanItsWaterMay() {
        assertEquals(at("doughs/*/lines/*/flourPercent").get("maximum").asDouble(), DoughField.HYDRATION.high());
    }

    @Test
    public void everyFoldCanBeWritten() {
        List<String> written = at("lots/*/fold")
                .get("enum")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
        assertEquals(written, Arrays.stream(Fold.values()).map(Enum::name).toList());
    }

    private static JsonNode at(String path) {
        JsonNode node = SCHEMA;
        for (String step : path.split("/")) {
            node = step.equals("*") ? node.get("items") : node.get("properties").get(step);
        }
        return node;
    }
}
