package ironpin.format;

import static org.testng.Assert.assertEquals;

import ironpin.batch.Lanes;
import ironpin.batch.PlanField;
import ironpin.dip.Dip;
import ironpin.filling.FillingFormula;
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
            {"eaters", PlanField.EATERS},
            {"doughs/*/restMinutes", PlanField.REST},
            {"doughs/*/waterC", PlanField.WATER_TEMPERATURE},
            {"doughs/*/lossPercent", PlanField.BENCH_LOSS},
            {"fillings/*/testPattyG", PlanField.TEST_PATTY},
            {"fillings/*/lossPercent", PlanField.BOWL_LOSS},
            {"lots/*/piecesPerEater", PlanField.EACH},
            {"lots/*/pieces", PlanField.PIECES},
            {"lots/*/toFreezer", PlanField.TO_FREEZER},
            {"lots/*/doughEachG", PlanField.DOUGH_EACH},
            {"lots/*/fillingEachG", PlanField.FILLING_EACH},
            {"lots/*/ropeMm", PlanField.ROPE},
            {"lots/*/discMm", PlanField.DISC},
            {"lots/*/centreToRim", PlanField.CENTRE_TO_RIM},
            {"lots/*/vessel/diameterMm", PlanField.VESSEL_WIDTH},
            {"lots/*/vessel/tiers", PlanField.VESSEL_TIERS},
            {"lots/*/vessel/watts", PlanField.VESSEL_WATTS},
            {"lots/*/boughtWrapper/sizeMm", PlanField.WRAPPER_SIZE},
            {"lots/*/boughtWrapper/eachG", PlanField.WRAPPER_EACH},
            {"lots/*/boughtWrapper/perPack", PlanField.WRAPPER_PACK},
        };
    }

    @Test(dataProvider = "numbers")
    public void aNumberHasTheRangeOfItsField(String path, PlanField field) {
        JsonNode number = at(path);
        assertEquals(number.get("minimum").asDouble(), field.low(), path);
        assertEquals(number.get("maximum").asDouble(), field.high(), path);
    }

    @DataProvider
    public Object[][] lists() {
        return new Object[][] {
            {"doughs", Lanes.MOST},
            {"fillings", Lanes.MOST},
            {"lots", Lanes.MOST},
            {"outcomes", Lanes.MOST},
            {"fillings/*/lines", FillingFormula.MOST_LINES},
            {"lots/*/dip/lines", Dip.MOST_PARTS},
        };
    }

    @Test(dataProvider = "lists")
    public void aListIsAsLongAsAPageCanHold(String path, int most) {
        assertEquals(at(path).get("maxItems").asInt(), most, path);
    }

    @Test
    public void noLineOfADoughHoldsMoreThanItsWaterMay() {
        assertEquals(at("doughs/*/lines/*/flourPercent").get("maximum").asDouble(), PlanField.HYDRATION.high());
    }

    private static JsonNode at(String path) {
        JsonNode node = SCHEMA;
        for (String step : path.split("/")) {
            node = step.equals("*") ? node.get("items") : node.get("properties").get(step);
        }
        return node;
    }
}
