package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.Appetite;
import ironpin.batch.Batch;
import ironpin.batch.balance.Balance;
import ironpin.batch.balance.Balancer;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.FillingField;
import ironpin.batch.edit.Pin;
import ironpin.batch.edit.Pins;
import ironpin.store.BatchStore;
import ironpin.style.Styles;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.time.LocalDateTime;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The calculators over HTTP: published figures, and problems that name their field. */
public class CalculatorsTest extends OpenKitchen {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final JsonMapper JSON = new JsonMapper();
    private static final String WATER = "\"flourG\":350,\"waterG\":210,\"roomC\":21,\"coldC\":12,\"boilingC\":96";

    private static final String BLEND = "{\"totalG\":700,\"wantedPercent\":25,\"sources\":["
            + "{\"name\":\"lean mince\",\"fatPercent\":8},{\"name\":\"back fat\",\"fatPercent\":85}]}";
    private static final String RECIPE =
            "{\"text\":\"Half-moons\\nMakes 32\\n2 1/2 cups all-purpose flour\\n3/4 cup water\\n"
                    + "1 lb ground lamb\\nMethod\\nBoil for 6 minutes.\"}";
    private static final String FILLING =
            "{\"linesG\":{\"lamb mince, 20 % fat\":865,\"light soy sauce\":30,\"fine salt\":5}}";

    private static final String BALL =
            "{\"form\":\"SPHERE\",\"halfMm\":18,\"conductivityWmK\":0.45,\"densityKgM3\":1060,"
                    + "\"heatJkgK\":3400,\"startC\":10,\"wantedC\":72,"
                    + "\"around\":[{\"transferWm2K\":2000,\"celsius\":99,\"minutes\":15}]}";
    private static final String POT = "{\"watts\":1500,\"waterG\":4000,\"pieces\":15,\"pieceG\":33.3,\"pieceC\":8}";

    /** Mix 10, rest 30 to 45, filling, shape 30, boil 12 within 30 of shaping, serve 3, over at 19:00. */
    private static String evening(int filling, String people, String shelter) {
        String hands = "\"people\":[" + people + "]";
        return "{\"dueMinutes\":1140,\"last\":\"serve\",\"rooms\":{\"fridge\":1},\"people\":["
                + people.replaceAll("(\"[A-Z]\")", "{\"name\":$1}") + "],\"tasks\":["
                + "{\"key\":\"mix\",\"minutes\":10," + hands + "},"
                + "{\"key\":\"filling\",\"minutes\":" + filling + "," + hands + "},"
                + "{\"key\":\"shape\",\"minutes\":30,\"shared\":true," + hands + "},"
                + "{\"key\":\"boil\",\"minutes\":12},"
                + "{\"key\":\"serve\",\"minutes\":3," + hands + "}],\"gaps\":["
                + "{\"from\":\"mix\",\"to\":\"shape\",\"leastMinutes\":30,\"mostMinutes\":45" + shelter + "},"
                + "{\"from\":\"filling\",\"to\":\"shape\"},"
                + "{\"from\":\"shape\",\"to\":\"boil\",\"mostMinutes\":30},"
                + "{\"from\":\"boil\",\"to\":\"serve\",\"mostMinutes\":10}]}";
    }

    @DataProvider
    public Object[][] evenings() {
        String fridge = ",\"shelter\":\"fridge\"";
        return new Object[][] {
            {evening(20, "\"A\"", ""), 1055},
            {evening(40, "\"A\"", ""), 1045},
            {evening(60, "\"A\"", ""), 995},
            {evening(60, "\"A\"", fridge), 1025},
            {evening(20, "\"A\",\"B\"", ""), 1070},
        };
    }

    /** The latest start of evenings that were worked out by hand, proven. */
    @Test(dataProvider = "evenings")
    public void anEveningIsScheduled(String body, double begins) throws IOException, InterruptedException {
        JsonNode answer = JSON.readTree(ask("schedule", body).body());
        assertTrue(answer.get("kept").asBoolean(), answer.toString());
        assertTrue(answer.get("latestStart").asBoolean(), answer.toString());
        assertEquals(answer.get("startMinutes").asDouble(), begins, 1e-9);
        assertEquals(answer.get("lateMinutes").asDouble(), 0, 1e-9);
        for (JsonNode slot : answer.get("slots")) {
            if (slot.get("key").asString().equals("serve")) {
                assertEquals(slot.get("endMinutes").asDouble(), 1140, 1e-9);
            }
        }
    }

    /** Mixing that took twenty minutes is where it was: the table is ten minutes later, and no rest is shorter. */
    @Test
    public void whatIsPutLateMakesTheTableLate() throws IOException, InterruptedException {
        String put = evening(20, "\"A\"", "")
                .replace("{\"key\":\"mix\",\"minutes\":10,", "{\"key\":\"mix\",\"minutes\":20,\"at\":1055,");
        JsonNode answer = JSON.readTree(ask("schedule", put).body());
        assertTrue(answer.get("kept").asBoolean() && answer.get("latestStart").asBoolean(), answer.toString());
        assertEquals(answer.get("lateMinutes").asDouble(), 10, 1e-9);
        assertEquals(answer.get("wrong").size(), 0);
    }

    /** What cannot be kept is named with by how much; tasks that wait for each other are called wrong, not laid out for ever. */
    @Test
    public void whatCannotBeScheduledIsSaid() throws IOException, InterruptedException {
        String tight = evening(20, "\"A\"", "")
                .replace(
                        "\"mostMinutes\":10}]",
                        "\"leastMinutes\":5,\"mostMinutes\":10},"
                                + "{\"from\":\"shape\",\"to\":\"serve\",\"mostMinutes\":10}]");
        JsonNode answer = JSON.readTree(ask("schedule", tight).body());
        assertFalse(answer.get("kept").asBoolean(), answer.toString());
        assertEquals(answer.at("/tooLong").get("shape → serve").asDouble(), 7, 1e-9);
        String circle = evening(20, "\"A\"", "")
                .replace("{\"from\":\"filling\"", "{\"from\":\"shape\",\"to\":\"mix\"},{\"from\":\"filling\"");
        assertFalse(JSON.readTree(ask("schedule", circle).body()).get("wrong").isEmpty());
    }

    /** 4 kg of water at the boil and 500 g at 8 °C never fall under their mixture, and more is back later. */
    @Test
    public void heatAndFrostAreAsked() throws IOException, InterruptedException {
        assertEquals(JSON.readTree(ask("heat", BALL).body()).get("seconds").asDouble(), 507, 5);
        String slab = BALL.replace("SPHERE", "SLAB").replace(":18", ":6").replace("2000", "500");
        assertEquals(
                JSON.readTree(ask("heat", slab.replace(":99", ":98").replace(":10,", ":5,"))
                                .body())
                        .get("seconds")
                        .asDouble(),
                231,
                2.3);
        JsonNode usual = JSON.readTree(ask("pot", POT).body());
        assertTrue(
                usual.get("lowestC").asDouble() > 91.5 && usual.get("lowestC").asDouble() < 100);
        JsonNode more = JSON.readTree(ask("pot", POT.replace(":15,", ":45,")).body());
        assertTrue(more.get("lowestC").asDouble() < usual.get("lowestC").asDouble());
        assertTrue(more.get("backSeconds").asDouble() > usual.get("backSeconds").asDouble());
        assertEquals(more.get("largest").asInt(), usual.get("largest").asInt());
        JsonNode frost = JSON.readTree(ask("freezing", "{\"form\":\"CRESCENT\",\"halfMm\":13,\"skinMm\":2}")
                .body());
        assertTrue(frost.get("leastMinutes").asDouble() < frost.get("minutes").asDouble());
        assertTrue(
                frost.get("minutes").asDouble() > 40 && frost.get("mostMinutes").asDouble() < 360, frost.toString());
    }

    private static HttpResponse<String> ask(String calculator, String body) throws IOException, InterruptedException {
        return CLIENT.send(
                HttpRequest.newBuilder(URI.create(address() + "/api/v1/calculate/" + calculator))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    @DataProvider
    public Object[][] figures() {
        return new Object[][] {
            {"boil-off", "{\"watts\":750,\"minutes\":4,\"waterC\":18}", "/waterG", 69.2},
            {"boil-off", "{\"watts\":750,\"waterG\":69.22,\"waterC\":18}", "/minutes", 4},
            {"boil-off", "{\"minutes\":4,\"waterG\":69.2371,\"waterC\":18}", "/watts", 750},
            {"boil-off", "{\"watts\":1000,\"minutes\":12}", "/boiledAwayG", 319},
            {"steamer", "{\"watts\":1000,\"waterG\":1000,\"minutes\":12,\"rounds\":2}", "/dryMinutes", 37.6},
            {"steamer", "{\"watts\":1000,\"waterG\":1000,\"minutes\":12,\"rounds\":2}", "/wantedG", 957},
            {"packing", "{\"lengthMm\":100,\"vesselMm\":300.1}", "/count", 7},
            {"packing", "{\"lengthMm\":100,\"vesselMm\":300.1,\"breadthMm\":200.1}", "/count", 6},
            {"portion", "{\"pieces\":40,\"pieceG\":13,\"ropeMm\":22}", "/gramsPerCm", 4.638},
            {"portion", "{\"pieces\":40,\"pieceG\":13,\"ropeMm\":22}", "/cutMm", 28.03},
            {"portion", "{\"pieces\":17,\"pieceG\":15,\"ropeMm\":28}", "/nearest/1", 18},
            {"sheet", "{\"doughG\":499.6,\"thicknessMm\":2,\"widthMm\":455,\"cutterMm\":80}", "/pieces", 30},
            {"sheet", "{\"doughG\":500,\"thicknessMm\":2,\"widthMm\":455,\"cutterMm\":80}", "/areaCm2", 2049.18},
            {"wrapper", "{\"massG\":13,\"widthMm\":85,\"centreToRim\":2}", "/rimMm", 1.41},
            {"wrapper", "{\"massG\":13,\"widthMm\":85,\"centreToRim\":2}", "/centreMm", 2.82},
            {"wrapper", "{\"massG\":13,\"rimMm\":1.0,\"centreToRim\":2}", "/widthMm", 100.87},
            {"bread", "{\"doughG\":60,\"fillingG\":66,\"widthMm\":190}", "/skinMm", 0.867},
            {"bread", "{\"doughG\":60,\"fillingG\":66,\"widthMm\":190}", "/thicknessMm", 4.017},
            {"tally", "{\"doughG\":60,\"pieces\":4,\"weighedG\":[18,12]}", "/targetG", 15},
            {"tally", "{\"doughG\":60,\"pieces\":4,\"weighedG\":[18,12]}", "/trade/pinchG", 2},
            {"amount", "{\"text\":\"2 1/4 cups flour\"}", "/grams", 271.5},
            {"amount", "{\"text\":\"2\",\"of\":\"egg\"}", "/highG", 114.0},
            {"amount", "{\"text\":\"1 cup water\",\"cups\":\"JAPANESE\"}", "/grams", 200.0},
            {
                "dough",
                "{\"family\":\"SOFT_ENRICHED\",\"flourG\":400,\"linesG\":{\"WATER\":150,\"EGG\":50,\"SOURED_CREAM\":30}}",
                "/effectiveHydrationPercent",
                52.275
            },
            {
                "dough",
                "{\"family\":\"FULL_SCALD\",\"method\":\"steam/boiling\",\"flourG\":500,\"proteinPercent\":13,"
                        + "\"offsetPoints\":1,\"linesG\":{\"WATER\":320}}",
                "/bandLowPercent",
                58 + 2 + 2.5 + 1
            },
            {"recipe", RECIPE, "/doughs/0/hydrationPercent/usual", 58.82},
            {"recipe", RECIPE, "/doughs/0/cups/1/hydration", 48.94},
            {"recipe", RECIPE, "/lines/2/grams/usual", 453.59},
            {"recipe", RECIPE, "/pieces", 32},
            {"water-temperature", "{" + WATER + ",\"wantedC\":55}", "/boilingG", 166.8},
            {"water-temperature", "{" + WATER + ",\"wantedC\":55}", "/coldG", 43.2},
            {"water-temperature", "{" + WATER + ",\"boilingG\":210}", "/mixedC", 65.17},
            {"water-temperature", "{" + WATER + ",\"boilingG\":210}", "/scaldShare", 0.78},
            {"water-temperature", "{" + WATER + ",\"wantedScaldShare\":0.5}", "/mixedC", 62.0},
            {"correction", "{\"flourG\":300,\"waterG\":138,\"wantedPercent\":50}", "/wholeWaterG", 12.0},
            {"correction", "{\"flourG\":300,\"waterG\":138,\"wantedPercent\":50}", "/stepWaterG", 4.5},
            {"correction", "{\"flourG\":300,\"waterG\":174,\"wantedPercent\":54}", "/wholeFlourG", 22.2},
            {"correction", "{\"flourG\":300,\"waterG\":150,\"feel\":\"SHRINKS\"}", "/restMinutes", 10.0},
            {"rest-plan", "{\"family\":\"COLD_WATER\",\"school\":\"THREE_RESTS\"}", "/steps/5/minutes", 15.0},
            {"fat-blend", BLEND, "/grams/0", 545.5},
            {"fat-blend", BLEND, "/grams/1", 154.5},
            {"salt", "{\"fillingG\":900,\"saltG\":9.8,\"wantedPercent\":1.3}", "/addSaltG", 1.925},
            {"salt", "{\"fillingG\":900,\"saltG\":9.8,\"wantedPercent\":1.3}", "/saltPercent", 1.089},
            {"salt", "{\"fillingG\":900,\"saltG\":18,\"wantedPercent\":1.2}", "/addFillingG", 600.0},
            {"aspic", "{\"depthMm\":6}", "/chillMinutes", 90.8},
            {"aspic", "{\"depthMm\":50}", "/chillMinutes", 756.85},
            {"aspic", "{\"depthMm\":6,\"stockG\":485,\"gelatinPercent\":3}", "/gelatinG", 15.0},
            {"filling", FILLING, "/salt/lowPercent", 1.089},
            {"filling", FILLING, "/salt/highPercent", 1.089},
            {"filling", FILLING, "/fatOfMeatPercent", 20.0},
            {"filling", FILLING, "/partsG/SALT", 9.8},
            {"rest-plan", "{\"family\":\"EGG\",\"school\":\"OVERNIGHT\",\"restMinutes\":600}", "/restMinutes", 600.0},
        };
    }

    @Test(dataProvider = "figures")
    public void calculatorsAnswerWithTheFigure(String calculator, String body, String at, double figure)
            throws IOException, InterruptedException {
        HttpResponse<String> response = ask(calculator, body);
        assertEquals(response.statusCode(), 200, response.body());
        double slack = at.equals("/scaldShare") ? 0.005 : Math.min(0.05, figure * 0.01);
        assertEquals(JSON.readTree(response.body()).at(at).asDouble(), figure, slack, response.body());
    }

    private static final String PLAN = "{\"style\":\"boiled-crescent\",\"eaters\":6,\"serving\":\"2026-11-28T19:00\"}";

    @DataProvider
    public Object[][] problems() {
        return new Object[][] {
            {"amount", "{}", "text"},
            {"amount", "{\"text\":\"three flurbs\"}", "text"},
            {"amount", "{\"text\":\"2 cups\",\"of\":\"gravel\"}", "of"},
            {"amount", "{\"text\":\"2 cups flour\",\"cups\":\"BATH\"}", "cups"},
            {"dough", "{\"family\":\"BRIOCHE\",\"flourG\":1,\"linesG\":{}}", "family"},
            {"dough", "{\"family\":\"EGG\",\"flourG\":-5,\"linesG\":{}}", "flourG"},
            {"dough", "{\"family\":\"EGG\",\"flourG\":500}", "linesG"},
            {"dough", "{\"family\":\"EGG\",\"flourG\":500,\"linesG\":{\"WATER\":4500}}", "linesG.WATER"},
            {"dough", "{\"family\":\"EGG\",\"flourG\":500,\"linesG\":{\"SAND\":5}}", "linesG"},
            {"dough", "{\"family\":\"EGG\",\"flourG\":500,\"linesG\":{},\"method\":\"fry\"}", "method"},
            {"water-temperature", "{" + WATER + ",\"wantedC\":100}", "wantedC"},
            {"water-temperature", "{" + WATER + ",\"wantedC\":5}", "wantedC"},
            {"water-temperature", "{" + WATER + "}", "wantedC"},
            {"water-temperature", "{" + WATER + ",\"wantedC\":50,\"boilingG\":3}", "wantedC"},
            {"water-temperature", "{" + WATER + ",\"wantedScaldShare\":0.99}", "wantedScaldShare"},
            {"water-temperature", "{" + WATER + ",\"boilingG\":400}", "boilingG"},
            {"water-temperature", "{" + WATER + ",\"wantedC\":50,\"bowlMaterial\":\"PAPER\"}", "bowlMaterial"},
            {"water-temperature", "{" + WATER + ",\"wantedC\":50,\"bowlMaterial\":\"STEEL\"}", "bowlG"},
            {"correction", "{\"flourG\":300,\"waterG\":0,\"feel\":\"DRY\"}", "waterG"},
            {"correction", "{\"flourG\":300,\"waterG\":150,\"feel\":\"SAD\"}", "feel"},
            {"correction", "{\"flourG\":300,\"waterG\":150,\"wantedPercent\":900}", "wantedPercent"},
            {"rest-plan", "{\"family\":\"MAIZE\",\"school\":\"OVERNIGHT\"}", "school"},
            {"rest-plan", "{\"family\":\"EGG\",\"restMinutes\":99999}", "restMinutes"},
            {"fat-blend", "{\"totalG\":700,\"wantedPercent\":25}", "sources"},
            {"fat-blend", "{\"totalG\":700,\"wantedPercent\":25,\"sources\":[{\"fatPercent\":8}]}", "sources"},
            {"fat-blend", BLEND.replace(":85", ":185"), "sources[1].fatPercent"},
            {"fat-blend", BLEND.replace(":700", ":-7"), "totalG"},
            {"salt", "{\"fillingG\":900,\"saltG\":901}", "saltG"},
            {"salt", "{\"fillingG\":900,\"saltG\":9,\"wantedPercent\":99}", "wantedPercent"},
            {"heat", BALL.replace("SPHERE", "CUBE"), "form"},
            {"heat", BALL.replace(":10,", ":-300,"), "startC"},
            {"heat", BALL.replace(":99", ":1e9"), "around[0].celsius"},
            {"heat", BALL.replace("2000", "-1"), "around[0].transferWm2K"},
            {"heat", "{\"form\":\"SPHERE\",\"halfMm\":18,\"startC\":5,\"around\":[]}", "around"},
            {"heat", "{\"form\":\"SPHERE\",\"halfMm\":18,\"startC\":5,\"around\":[null]}", "around[0]"},
            {"schedule", evening(20, "\"A\"", "").replace("\"last\":\"serve\"", "\"last\":\"eat\""), "last"},
            {"schedule", evening(20, "\"A\"", ",\"shelter\":\"cellar\""), "gaps[0].shelter"},
            {"schedule", evening(-5, "\"A\"", ""), "tasks[1].minutes"},
            {"schedule", evening(20, "\"A\",\"A\"", ""), "people[1].name"},
            {"schedule", evening(20, "\"A\"", "").replace("\"gaps\":[", "\"gaps\":[null,"), "gaps[0]"},
            {"schedule", "{\"tasks\":[],\"people\":[]}", "tasks"},
            {"boil-off", "{\"watts\":0,\"minutes\":4}", "watts"},
            {"boil-off", "{\"watts\":750}", "minutes"},
            {"boil-off", "{\"watts\":750,\"minutes\":4,\"waterG\":50}", "waterG"},
            {"pot", POT.replace("1500", "0"), "watts"},
            {"pot", POT.replace("4000", "0"), "waterG"},
            {"pot", POT.replace(":15,", ":1.5,"), "pieces"},
            {"steamer", "{\"watts\":1000,\"waterG\":0,\"minutes\":12}", "waterG"},
            {"packing", "{\"lengthMm\":400,\"vesselMm\":300}", "lengthMm"},
            {"freezing", "{\"form\":\"SPHERE\",\"halfMm\":15,\"freezerC\":-3}", "freezerC"},
            {"aspic", "{}", "depthMm"},
            {"aspic", "{\"depthMm\":900}", "depthMm"},
            {"aspic", "{\"depthMm\":6,\"sides\":3}", "sides"},
            {"aspic", "{\"depthMm\":6,\"setC\":2}", "setC"},
            {"plan", PLAN.replace("6,", "6.5,"), "eaters"},
            {"plan", PLAN.replace("6,", "\"6\","), "eaters"},
            {"plan", PLAN.replace("6,", "true,"), "eaters"},
            {"plan", PLAN.replace("6,", "1e999,"), "eaters"},
            {"plan", PLAN.replace("2026-", "2626-"), "serving"},
            {"plan", PLAN.replace("2026-11-28T19:00", "tomorrow"), "serving"},
            {"plan", PLAN.replace("\"boiled-crescent\"", "1"), "style"},
            {"plan", PLAN.replace("style", "stile"), "stile"},
            {"plan", PLAN.replace("}", ",\"numbers\":{\"hydration\":null}}"), "numbers.hydration"},
            {"plan", PLAN.replace("}", ",\"numbers\":{\"hydration\":\"50\"}}"), "numbers.hydration"},
            {"plan", PLAN.replace("}", ",\"numbers\":{\"hydration\":1e999}}"), "numbers.hydration"},
            {"plan", PLAN.replace("}", ",\"numbers\":{\"pieces\":50.5}}"), "numbers.pieces"},
            {"plan", PLAN.replace("}", ",\"appetite\":\"HUGE\"}"), "appetite"},
            {"fat-blend", "{\"totalG\":700,\"wantedPercent\":25,\"sources\":[null,null]}", "sources[0]"},
            {"filling", "{}", "linesG"},
            {"filling", "{\"linesG\":{}}", "linesG"},
            {"filling", "{\"linesG\":{\"lamb\":-4}}", "linesG.lamb"},
        };
    }

    @Test(dataProvider = "problems")
    public void whatCannotBeWorkedOutNamesItsField(String calculator, String body, String field)
            throws IOException, InterruptedException {
        HttpResponse<String> response = ask(calculator, body);
        assertEquals(response.statusCode(), 400, response.body());
        assertFalse(response.body().contains("ironpin.") || response.body().contains("java."), response.body());
        JsonNode problem = JSON.readTree(response.body());
        assertEquals(problem.path("field").asString(""), field, response.body());
        assertTrue(problem.path("allowed").asString("").length() > 3, response.body());
    }

    @Test
    public void theReachAndThePlaceAreTold() throws IOException, InterruptedException {
        JsonNode hot = JSON.readTree(
                ask("water-temperature", "{" + WATER + ",\"wantedC\":100}").body());
        assertEquals(hot.get("allowed").asString(), "15.7 to 65.1 °C");
        JsonNode odd =
                JSON.readTree(ask("amount", "{\"text\":\"2 cups dragonfruit\"}").body());
        assertEquals(odd.get("from").asInt(), 7);
        assertEquals(odd.get("to").asInt(), 18);
        String described = CLIENT.send(
                        HttpRequest.newBuilder(URI.create(address() + "/api/v1/openapi.json"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
        for (String calculator : new String[] {
            "heat",
            "boil-off",
            "pot",
            "steamer",
            "packing",
            "freezing",
            "amount",
            "dough",
            "water-temperature",
            "correction",
            "rest-plan",
            "filling",
            "fat-blend",
            "salt",
            "aspic"
        }) {
            assertTrue(described.contains("/api/v1/calculate/" + calculator), calculator);
        }
    }

    @Test
    public void theBalanceOfABatchIsTheSameAsOnItsPages() throws IOException, InterruptedException {
        Batch batch = Styles.start(
                Styles.get("boiled-crescent"), "Balance", LocalDateTime.of(2026, 11, 28, 19, 0), 6, Appetite.USUAL);
        batch = FillingField.FILLING.write(
                DoughField.FLOUR.write(Pins.move(batch, 1, Pin.BOTH), Address.dough(1), 200),
                Address.filling(1),
                1_000);
        long id = bean(BatchStore.class).create(batch, "new", Instant.now());
        String document = CLIENT.send(
                        HttpRequest.newBuilder(URI.create(address() + "/api/v1/batches/" + id))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
        JsonNode answer = JSON.readTree(ask("balance", document).body());
        Balance balance = Balancer.solve(batch);
        assertEquals(answer.at("/lots/0/pieces").asInt(), balance.lot(1).pieces());
        assertEquals(
                answer.at("/fillings/0/leftG").asDouble(),
                balance.filling(1).left().grams(),
                1e-6);
        assertEquals(answer.at("/changes/0/number").asString(), "flour");
        bean(BatchStore.class).delete(id);
    }
}
