package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import ironpin.batch.edit.DoughField;
import ironpin.batch.edit.OutOfRange;
import ironpin.batch.edit.PlanField;
import ironpin.caution.Caution;
import ironpin.plan.BatchPlan;
import ironpin.quantity.UnitSystem;
import ironpin.store.BatchStore;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What the server answers when asked without a browser: the API, the headers, and everything rude. */
public class HttpTest extends OpenKitchen {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return CLIENT.send(
                HttpRequest.newBuilder(URI.create(address() + path))
                        .header("Accept", path.startsWith("/api") ? "application/json" : "text/html,*/*")
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static HttpResponse<String> post(String path, String type, String body, String... headers)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address() + path))
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private static String[] token() throws IOException, InterruptedException {
        String cookie = get("/batches/new").headers().firstValue("Set-Cookie").orElseThrow();
        String value = cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
        return new String[] {"Cookie", "XSRF-TOKEN=" + value, "X-XSRF-TOKEN", value};
    }

    @Test
    public void aChangeWithoutItsTokenIsRefused() throws IOException, InterruptedException {
        String form = "application/x-www-form-urlencoded";
        String before = get("/api/v1/batches/4").body();
        for (String path :
                new String[] {"/batches/4/plan", "/batches/4/undo", "/batches/4/start", "/batches/4/delete"}) {
            assertEquals(post(path, form, "field=hydration&at=dough-1&value=60").statusCode(), 403, path);
        }
        assertEquals(post("/api/v1/batches", "application/json", before).statusCode(), 403);
        assertEquals(get("/api/v1/batches/4").body(), before);
    }

    @Test
    public void pagesRunOnlyWhatWeShip() throws IOException, InterruptedException {
        HttpResponse<String> home = get("/");
        String policy = home.headers().firstValue("Content-Security-Policy").orElseThrow();
        assertTrue(policy.contains("default-src 'none'") && !policy.contains("unsafe"), policy);
        assertEquals(home.headers().firstValue("X-Content-Type-Options").orElseThrow(), "nosniff");
        for (String path : new String[] {"/", "/batches/4/dough", "/batches/4/run", "/batches/new", "/book"}) {
            String body = get(path).body();
            assertFalse(
                    Pattern.compile("<script(?![^>]*src=)|<style|\\sstyle=|\\son[a-z]+=\"|javascript:")
                            .matcher(body)
                            .find(),
                    path);
            assertFalse(
                    Pattern.compile("(src|href)=\"(https?:)?//").matcher(body).find(), path);
        }
    }

    @Test
    public void theFirstPageIsSmallAndItsAssetsAreKept() throws IOException, InterruptedException {
        String home = get("/").body();
        long bytes = compressed("/");
        Matcher asset = Pattern.compile("(?:src|href)=\"(/assets/[^\"]+)\"").matcher(home);
        int found = 0;
        while (asset.find()) {
            bytes += compressed(asset.group(1));
            found++;
        }
        Matcher font = Pattern.compile("url\\([\"']?([^)\"']+woff2)")
                .matcher(get(home.replaceAll("(?s).*href=\"(/assets/app[^\"]+css)\".*", "$1"))
                        .body());
        while (font.find()) {
            bytes += compressed(font.group(1).startsWith("/") ? font.group(1) : "/assets/" + font.group(1));
            found++;
        }
        assertTrue(found >= 5, "only " + found + " assets were found");
        assertTrue(bytes < 200_000, "the first page takes " + bytes + " bytes");
    }

    private static long compressed(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> response = CLIENT.send(
                HttpRequest.newBuilder(URI.create(address() + path))
                        .header("Accept-Encoding", "gzip")
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
        assertEquals(response.statusCode(), 200, path);
        if (path.startsWith("/assets")) {
            assertTrue(response.headers().firstValue("Cache-Control").orElse("").contains("max-age=31536000"), path);
        }
        return response.body().length;
    }

    @Test
    public void aBatchGoesOutAndComesBackTheSame() throws IOException, InterruptedException {
        for (int id : new int[] {1, 2, 3, 4}) {
            String out = get("/api/v1/batches/" + id).body();
            HttpResponse<String> in = post("/api/v1/batches", "application/json", out, token());
            assertEquals(in.statusCode(), 201, in.body());
            long copy = JSON.readTree(in.body()).get("id").asLong();
            assertEquals(JSON.readTree(get("/api/v1/batches/" + copy).body()), JSON.readTree(out));
            bean(BatchStore.class).delete(copy);
        }
    }

    @DataProvider
    public Object[][] hostile() throws IOException, InterruptedException {
        String good = get("/api/v1/batches/4").body();
        return new Object[][] {
            {"", "JSON"},
            {"{", "JSON"},
            {"[]", ""},
            {"null", ""},
            {"{\"format\":\"ironpin-batch-1\"}", "title"},
            {"[".repeat(50_000), ""},
            {good.replace("\"eaters\":12", "\"eaters\":0"), "eaters"},
            {good.replace("\"eaters\":12", "\"eaters\":1e999"), ""},
            {good.replaceFirst("\"flourPercent\":[\\d.]+", "\"flourPercent\":900"), "flourPercent"},
            {good.replace("\"doughNo\":2", "\"doughNo\":9"), "dough"},
            {good.replace("steamed-leaf", "deep-fried-leaf"), "style"},
            {good.replace("steam/boiling", "steam/lukewarm"), "cooking"},
            {good.replace("\"sharePercent\":55.2", "\"sharePercent\":65.2"), "100 %"},
            {good.replace("\"title\":\"Lantern-night supper\"", "\"title\":\"" + "x".repeat(5_000) + "\""), "title"},
        };
    }

    @Test(dataProvider = "hostile")
    public void whatIsNotABatchIsRefusedWithAReason(String body, String reason)
            throws IOException, InterruptedException {
        HttpResponse<String> response = post("/api/v1/batches", "application/json", body, token());
        assertEquals(response.statusCode(), 400, response.body());
        JsonNode problem = body.isEmpty() ? JSON.readTree("{}") : JSON.readTree(response.body());
        String detail = problem.path("detail").asString("JSON");
        assertTrue(detail.contains(reason), detail);
        assertFalse(response.body().contains("ironpin.web"), response.body());
    }

    @Test
    public void markupInATitleStaysText() throws IOException, InterruptedException {
        String evil = "<script>alert(1)</script>\\\"><img src=x>";
        String body = get("/api/v1/batches/2").body().replace("First leaves", evil);
        HttpResponse<String> in = post("/api/v1/batches", "application/json", body, token());
        assertEquals(in.statusCode(), 201, in.body());
        long id = JSON.readTree(in.body()).get("id").asLong();
        for (String path : new String[] {"/book", "/batches/" + id + "/table", "/batches/" + id + "/sheet"}) {
            String page = get(path).body();
            assertTrue(page.contains("&lt;script&gt;"), path);
            assertFalse(page.contains("<script>alert") || page.contains("<img src=x"), path);
        }
        bean(BatchStore.class).delete(id);
    }

    @Test
    public void thePlanCalculatorAnswersWithFiguresAndProblems() throws IOException, InterruptedException {
        String path = "/api/v1/calculate/plan";
        String ask = "{\"style\":\"boiled-crescent\",\"eaters\":6,\"serving\":\"2026-11-28T19:00:00\"%s}";
        JsonNode plan =
                JSON.readTree(post(path, "application/json", ask.formatted("")).body());
        assertEquals(plan.get("flourG").asDouble(), 721.5, 0.05);
        assertEquals(plan.get("fillingTotalG").asDouble(), 1_319.1, 0.05);
        JsonNode held = JSON.readTree(
                post(path, "application/json", ask.formatted(",\"numbers\":{\"flour\":620,\"dough-each\":14}"))
                        .body());
        assertEquals(held.get("pieces").asInt(), 66);
        assertEquals(held.get("doughLeftG").asDouble(), 4.1, 0.05);
        HttpResponse<String> bad = post(path, "application/json", ask.formatted(",\"numbers\":{\"hydration\":900}"));
        assertEquals(bad.statusCode(), 400);
        assertEquals(bad.headers().firstValue("Content-Type").orElseThrow(), "application/problem+json");
        assertEquals(JSON.readTree(bad.body()).get("field").asString(), "numbers.hydration");
        assertEquals(JSON.readTree(bad.body()).get("allowed").asString(), "20 to 220 %");
        assertEquals(post(path, "application/json", "{\"eaters\":true}").statusCode(), 400);
        assertTrue(get("/api/v1/openapi.json").body().contains(path));
    }

    @Test
    public void flourAndFillingAtHandAreHeldTogetherAndWhatConflictsIsRefused()
            throws IOException, InterruptedException {
        String path = "/api/v1/calculate/plan";
        String ask =
                "{\"style\":\"boiled-crescent\",\"eaters\":6,\"serving\":\"2026-11-28T19:00:00\",\"numbers\":{%s}}";
        JsonNode both = JSON.readTree(post(path, "application/json", ask.formatted("\"flour\":620,\"filling\":1400"))
                .body());
        assertEquals(both.get("flourG").asDouble(), 620, 0.5);
        assertEquals(both.get("fillingTotalG").asDouble(), 1400, 0.5);
        for (String numbers : new String[] {"\"each\":9,\"pieces\":60", "\"flour\":620,\"pieces\":60"}) {
            HttpResponse<String> refused = post(path, "application/json", ask.formatted(numbers));
            assertEquals(refused.statusCode(), 400, numbers);
            assertTrue(refused.body().contains("one of each, pieces, or what is at hand"), refused.body());
        }
    }

    @Test
    public void aFillingAtHandThatNoLotUsesIsLeftWhole() throws IOException, InterruptedException {
        ObjectNode batch = (ObjectNode) JSON.readTree(get("/api/v1/batches/4").body());
        ArrayNode fillings = (ArrayNode) batch.get("fillings");
        ObjectNode idle = (ObjectNode) fillings.get(0).deepCopy();
        idle.put("no", 4).put("atHandG", 500.0);
        fillings.add(idle);
        HttpResponse<String> answer = post("/api/v1/calculate/balance", "application/json", batch.toString());
        assertEquals(answer.statusCode(), 200, answer.body());
        JsonNode left = JSON.readTree(answer.body()).get("fillings").get(3);
        assertEquals(left.get("leftG").asDouble() + left.get("lostG").asDouble(), 500, 0.5);
        assertEquals(left.get("inPiecesG").asDouble(), 0, 1e-9);
    }

    @Test
    public void theApiSaysWhichBodyEachPathTakes() throws IOException, InterruptedException {
        JsonNode api = JSON.readTree(get("/api/v1/openapi.json").body());
        Map<String, String> bodies = Map.of(
                "/api/v1/calculate/plan", "numbers",
                "/api/v1/calculate/amount", "text",
                "/api/v1/calculate/recipe", "text",
                "/api/v1/calculate/balance", "doughs",
                "/api/v1/batches", "lots");
        for (Map.Entry<String, String> body : bodies.entrySet()) {
            String path = body.getKey();
            String ref = api.at("/paths/" + path.replace("/", "~1")
                            + "/post/requestBody/content/application~1json/schema/$ref")
                    .asString("none");
            JsonNode schema = ref.startsWith("#") ? api.at(ref.substring(1)) : JSON.readTree(get(ref).body());
            assertTrue(schema.path("properties").has(body.getValue()), path + " takes " + ref);
        }
    }

    @Test
    public void onlyNamesOfThisKitchenAreAnswered() throws IOException {
        for (String host : new String[] {"lantern.example", "127.0.0.1.lantern.example", "localhost.:80", ""}) {
            assertEquals(raw("GET / HTTP/1.1", "Host: " + host), 421, host);
        }
        int port = URI.create(address()).getPort();
        assertEquals(raw("GET / HTTP/1.1", "Host: localhost:" + port), 200);
    }

    private static int raw(String... lines) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", URI.create(address()).getPort())) {
            socket.getOutputStream()
                    .write((String.join("\r\n", lines) + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            String status = new String(socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
            return Integer.parseInt(status.substring(9));
        }
    }

    @Test
    public void aChangeComesFromAPageOfOurs() throws IOException, InterruptedException {
        String form = "application/x-www-form-urlencoded";
        String[] ours = token();
        String body = "place=dough&lot=1&field=hydration&at=dough-1&value=50";
        for (String[] header : new String[][] {
            {"Origin", "http://lantern.example"},
            {"Origin", "null"},
            {"Sec-Fetch-Site", "cross-site"},
            {"Sec-Fetch-Site", "same-site"}
        }) {
            String[] headers = {ours[0], ours[1], ours[2], ours[3], header[0], header[1]};
            assertEquals(post("/batches/4/plan", form, body, headers).statusCode(), 403, header[1]);
            assertEquals(
                    post(
                                    "/api/v1/calculate/amount",
                                    "application/json",
                                    "{\"text\":\"2 cups flour\"}",
                                    header[0],
                                    header[1])
                            .statusCode(),
                    403,
                    header[1]);
        }
        String cookie = get("/batches/new").headers().firstValue("Set-Cookie").orElseThrow();
        assertTrue(cookie.contains("SameSite=Strict"), cookie);
    }

    @Test
    public void theApiLooksAtABodyBeforeItReadsIt() throws IOException, InterruptedException {
        String path = "/api/v1/calculate/amount";
        String ask = "{\"text\":\"2 cups flour\"}";
        assertEquals(post(path, "application/json", ask).statusCode(), 200);
        for (String type : new String[] {
            "text/plain", "application/x-www-form-urlencoded", "application/json; charset=\"--\"", "application/yaml"
        }) {
            assertEquals(post(path, type, ask).statusCode(), 415, type);
        }
        String large = "{\"text\":\"" + "x".repeat(1_100_000) + "\"}";
        assertEquals(post(path, "application/json", large).statusCode(), 413);
    }

    @Test
    public void whatNoPageCanShowIsDroppedWithAWord() throws IOException, InterruptedException {
        String batch = get("/api/v1/batches/3")
                .body()
                .replaceFirst("\"title\":\"[^\"]*\"", "\"title\":\"\uE000Bre\uE001ads\u202E\"");
        long id = JSON.readTree(post("/api/v1/batches", "application/json", batch, token())
                        .body())
                .get("id")
                .asLong();
        assertEquals(bean(BatchStore.class).load(id).batch().title(), "Breads");
        String form = "application/x-www-form-urlencoded";
        HttpResponse<String> renamed = post(
                "/batches/" + id + "/plan/title",
                form,
                "place=table&lot=1&title=%EE%80%80m00%EE%80%81+supper",
                token());
        assertEquals(renamed.statusCode(), 200);
        assertTrue(renamed.body().contains("Characters that no page can show were left out."));
        assertEquals(bean(BatchStore.class).load(id).batch().title(), "m00 supper");
        for (String page : new String[] {"/", "/book", "/batches/" + id + "/table", "/batches/" + id + "/sheet"}) {
            assertEquals(get(page).statusCode(), 200, page);
        }
        bean(BatchStore.class).delete(id);
    }

    @Test
    public void aBatchThatNoPageCouldShowIsNotTakenIn() throws IOException, InterruptedException {
        String good = get("/api/v1/batches/3").body();
        for (String bad : new String[] {
            good.replaceFirst("\"serving\":\"[^\"]*\"", "\"serving\":\"+999999999-12-31T23:59:59\""),
            good.replaceFirst("\"serving\":\"[^\"]*\"", "\"serving\":\"0001-01-01T00:00:00\""),
            good.replaceFirst("\"ropeMm\":[\\d.]+", "\"ropeMm\":0.001")
        }) {
            assertEquals(
                    post("/api/v1/batches", "application/json", bad, token()).statusCode(), 400, bad.substring(0, 120));
        }
        String dry = good.replaceFirst("\\{\"addition\":\"WATER\"[^}]*},", "");
        HttpResponse<String> in = post("/api/v1/batches", "application/json", dry, token());
        assertEquals(in.statusCode(), 201, in.body());
        long id = JSON.readTree(in.body()).get("id").asLong();
        for (String station : new String[] {
            "table", "dough", "filling", "portion", "roll", "fold", "cook", "clock", "book", "run", "sheet"
        }) {
            assertEquals(get("/batches/" + id + "/" + station).statusCode(), 200, station);
        }
        bean(BatchStore.class).delete(id);
        assertEquals(get("/").statusCode(), 200);
    }

    /** A lot is judged and then left out: other batches look at what came of it, and its own can still go elsewhere. */
    @Test
    public void whatCameOfALotThatWasLeftOutBreaksNothing() throws IOException, InterruptedException {
        String json = "application/json";
        String form = "application/x-www-form-urlencoded";
        long id = JSON.readTree(
                        post("/api/v1/batches", json, get("/api/v1/batches/4").body(), token())
                                .body())
                .get("id")
                .asLong();
        String judged = "place=book&lot=2&made=40&burst=1&leaked=0&stuck=0&doughLeft=0&fillingLeft=0"
                + "&skin=RIGHT&filling=RIGHT&core=&note=";
        assertEquals(post("/batches/" + id + "/outcome", form, judged, token()).statusCode(), 200);
        assertEquals(
                post("/batches/" + id + "/lanes/drop", form, "place=table&lot=2", token())
                        .statusCode(),
                200);
        String style = bean(BatchStore.class).load(4).batch().lot(2).style();
        assertEquals(get("/batches/4/table?lot=2").statusCode(), 200, style);
        assertEquals(get("/batches/new?style=" + style).statusCode(), 200);
        assertEquals(get("/book").statusCode(), 200);
        String out = get("/api/v1/batches/" + id).body();
        HttpResponse<String> in = post("/api/v1/batches", json, out, token());
        assertEquals(in.statusCode(), 201, in.body());
        bean(BatchStore.class).delete(id);
        bean(BatchStore.class).delete(JSON.readTree(in.body()).get("id").asLong());
    }

    @Test
    public void pressedTwiceIsDoneOnce() throws IOException, InterruptedException {
        long id = JSON.readTree(post(
                                "/api/v1/batches",
                                "application/json",
                                get("/api/v1/batches/4").body(),
                                token())
                        .body())
                .get("id")
                .asLong();
        int lines = bean(BatchStore.class)
                .load(id)
                .batch()
                .filling(1)
                .formula()
                .lines()
                .size();
        String form = "application/x-www-form-urlencoded";
        String press = "place=filling&lot=1&revision=1&index=3";
        assertEquals(
                post("/batches/" + id + "/filling/drop", form, press, token()).statusCode(), 200);
        HttpResponse<String> again = post("/batches/" + id + "/filling/drop", form, press, token());
        assertEquals(again.statusCode(), 409);
        assertTrue(again.body().contains("nothing was done here"), again.body());
        String renamed = "place=filling&lot=1&revision=1&index=3&name=leek";
        HttpResponse<String> other = post("/batches/" + id + "/filling/name", form, renamed, token());
        assertEquals(other.statusCode(), 409, "another line was renamed");
        assertFalse(other.body().contains("leek"), "another line was renamed");
        String weighed = "place=filling&lot=1&revision=1&field=filling-grams&at=filling-1-line-4&value=40";
        assertEquals(post("/batches/" + id + "/plan", form, weighed, token()).statusCode(), 409);
        // What has not moved may be changed, whatever else was.
        String above = "place=filling&lot=1&revision=1&index=0&name=leek";
        assertEquals(
                post("/batches/" + id + "/filling/name", form, above, token()).statusCode(), 200);
        String title = "place=filling&lot=1&revision=1&field=eaters&at=table&value=7";
        assertEquals(post("/batches/" + id + "/plan", form, title, token()).statusCode(), 200);
        HttpResponse<String> gone =
                post("/batches/" + id + "/plan/fold", form, "place=fold&lot=9&fold=HALF_MOON", token());
        assertEquals(gone.statusCode(), 409);
        assertTrue(gone.body().contains("There is no lot number 9"), gone.body());
        HttpResponse<String> none = post("/batches/" + id + "/plan/fold", form, "place=fold&lot=1&fold=KNOT", token());
        assertEquals(none.statusCode(), 400);
        assertTrue(none.body().contains("must be one of"), none.body());
        assertEquals(
                bean(BatchStore.class)
                        .load(id)
                        .batch()
                        .filling(1)
                        .formula()
                        .lines()
                        .size(),
                lines - 1);
        assertEquals(
                post("/batches/" + id + "/lanes/drop", form, "place=table&lot=9", token())
                        .statusCode(),
                409);
        assertEquals(bean(BatchStore.class).load(id).batch().lots().size(), 3);
        bean(BatchStore.class).delete(id);
    }

    @DataProvider
    public Object[][] fields() {
        return PlanField.all().stream()
                .filter(field -> !field.ofALine() && !field.key().startsWith("wrapper"))
                .map(field -> new Object[] {field})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "fields")
    public void everyNumberOfThePlanIsTakenInItsRangeAndNamedOutsideIt(PlanField<?> field)
            throws IOException, InterruptedException {
        String path = "/api/v1/calculate/plan";
        String ask = "{\"style\":\"boiled-crescent\",\"eaters\":6,\"serving\":\"2026-11-28T19:00:00\","
                + "\"numbers\":{\"" + field.key() + "\":%s}}";
        double inside = field == DoughField.MIXED ? 40 : field.low() + field.step();
        String good = field.whole() ? String.valueOf((int) inside) : String.valueOf(inside);
        assertEquals(post(path, "application/json", ask.formatted(good)).statusCode(), 200, field.key());
        for (double value : new double[] {field.high() * 2 + 1, -5}) {
            HttpResponse<String> bad = post(path, "application/json", ask.formatted(value));
            assertEquals(bad.statusCode(), 400, bad.body());
            JsonNode problem = JSON.readTree(bad.body());
            assertEquals(problem.get("field").asString(), "numbers." + field.key());
            assertEquals(
                    problem.get("allowed").asString(), OutOfRange.allowed(field).render(UnitSystem.METRIC));
        }
        assertEquals(post(path, "application/json", ask.formatted("\"much\"")).statusCode(), 400);
    }

    /** A list with an empty name in it is the list without it. */
    @Test
    public void anEmptyNameInAListIsNothing() throws IOException, InterruptedException {
        String json = "application/json";
        long id = JSON.readTree(
                        post("/api/v1/batches", json, get("/api/v1/batches/4").body(), token())
                                .body())
                .get("id")
                .asLong();
        String form = "application/x-www-form-urlencoded";
        String person = "place=clock&lot=1&no=0&name=Ana&does=&does=ROLL";
        assertEquals(
                post("/batches/" + id + "/clock/person", form, person, token()).statusCode(), 200);
        assertEquals(get("/book/beside?beside=,").statusCode(), 200);
        assertEquals(get("/book/beside?beside=&beside=" + id).statusCode(), 200);
    }

    @Test
    public void hotStockIsCautionedAgainstBesideItsSum() throws IOException, InterruptedException {
        assertTrue(get("/tools").body().contains(Caution.HOT_STOCK.text().render(UnitSystem.METRIC)));
    }

    @Test
    public void whatIsNotThereGetsAFriendlyPage() throws IOException, InterruptedException {
        for (String path : new String[] {"/nowhere", "/batches/4711/table", "/batches/abc/table", "/batches/4/attic"}) {
            HttpResponse<String> response = get(path);
            assertEquals(response.statusCode(), 404, path);
            assertTrue(response.body().contains("Not on this bench"), path);
        }
        assertEquals(
                JSON.readTree(get("/api/v1/batches/4711").body()).get("status").asInt(), 404);
    }

    @Test
    public void aFileThatIsTooLargeIsRefused() throws IOException, InterruptedException {
        String boundary = "-----lantern";
        String part = "--" + boundary
                + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"big.json\"\r\n\r\n%s\r\n--" + boundary
                + "--\r\n";
        String type = "multipart/form-data; boundary=" + boundary;
        HttpResponse<String> big = post("/batches/import", type, part.formatted("x".repeat(2_200_000)), token());
        assertEquals(big.statusCode(), 413);
        HttpResponse<String> wrong = post("/batches/import", type, part.formatted("not a batch"), token());
        assertEquals(wrong.statusCode(), 422);
        assertTrue(wrong.body().contains("big.json is not a batch"));
        String good =
                new String(get("/api/v1/batches/3").body().getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8);
        HttpResponse<String> in = post("/batches/import", type, part.formatted(good), token());
        assertEquals(in.statusCode(), 302);
        Matcher id = Pattern.compile("/batches/(\\d+)/")
                .matcher(in.headers().firstValue("Location").orElseThrow());
        assertTrue(id.find());
        bean(BatchStore.class).delete(Long.parseLong(id.group(1)));
    }

    /** What others are given is read back as what it was: pieces, flour, water, and the filling in grams. */
    @Test
    public void aRecipeForOthersIsReadBackAsWhatItWas() throws IOException, InterruptedException {
        for (long id : new long[] {1, 2, 3, 6}) {
            BatchPlan plan = BatchPlan.of(bean(BatchStore.class).load(id).batch());
            HttpResponse<String> recipe = get("/api/v1/batches/" + id + "/recipe.jsonld");
            assertEquals(recipe.headers().firstValue("Content-Type").orElse(""), "application/ld+json;charset=UTF-8");
            JsonNode read = JSON.readTree(post(
                            "/api/v1/calculate/recipe",
                            "application/json",
                            JSON.createObjectNode().put("text", recipe.body()).toString())
                    .body());
            assertEquals(read.get("pieces").asInt(), plan.lot(1).share().pieces());
            assertEquals(read.get("eaters").asInt(), plan.batch().eaters());
            for (JsonNode line : read.get("lines")) {
                assertTrue(!line.get("status").asString().equals("NOT_READ"), line.toString());
            }
            double filling = plan.balance().filling(1).made().grams();
            JsonNode mass = read.get("fillings").get(0).get("massG");
            assertTrue(mass.get("low").asDouble() <= filling * 1.005, mass + " holds " + filling);
            assertTrue(mass.get("high").asDouble() >= filling * 0.995, mass + " holds " + filling);
            if (!read.get("doughs").isEmpty()) {
                double flour = plan.balance().dough(1).made().flour().grams();
                double total = plan.balance().dough(1).made().total().grams();
                JsonNode dough = read.get("doughs").get(0);
                assertEquals(dough.get("flourG").get("usual").asDouble(), flour, 1);
                assertEquals(dough.get("massG").get("usual").asDouble(), total, 0.005 * total);
            }
        }
    }

    @Test
    public void aFormWithoutScriptsIsAnsweredWithAPage() throws IOException, InterruptedException {
        String body = get("/api/v1/batches/3").body();
        long id = JSON.readTree(post("/api/v1/batches", "application/json", body, token())
                        .body())
                .get("id")
                .asLong();
        String form = "application/x-www-form-urlencoded";
        String place = "place=dough&lot=1&";
        HttpResponse<String> edited =
                post("/batches/" + id + "/plan", form, place + "field=hydration&at=dough-1&value=70", token());
        assertEquals(edited.statusCode(), 200);
        assertTrue(edited.body().startsWith("<!DOCTYPE html>") && edited.body().contains("value=\"70\""));
        HttpResponse<String> refused =
                post("/batches/" + id + "/plan", form, place + "field=hydration&at=dough-1&value=700", token());
        assertEquals(refused.statusCode(), 422);
        assertTrue(refused.body().contains("Between 20 and 220 %."));
        assertEquals(
                post("/batches/" + id + "/plan", form, place + "field=magic&at=dough-1&value=1", token())
                        .statusCode(),
                404);
        assertEquals(
                post("/batches/" + id + "/plan", form, place + "field=rest&at=dough-8&value=30", token())
                        .statusCode(),
                409);
        assertEquals(
                post("/batches/" + id + "/plan/method", form, place + "method=boil/in-oil", token())
                        .statusCode(),
                404);
        assertEquals(
                post("/batches/" + id + "/plan/pin", form, place + "pin=LUCK", token())
                        .statusCode(),
                400);
        assertEquals(
                post("/batches/" + id + "/steps", form, place + "key=lot-9.cook-1&done=true", token())
                        .statusCode(),
                404);
        assertEquals(
                post("/batches/" + id + "/timers", form, place + "key=dough-1.rest&spell=nap", token())
                        .statusCode(),
                404);
        assertEquals(
                post("/batches/" + id + "/plan/serving", form, place + "date=soon&time=25:00", token())
                        .statusCode(),
                422);
        bean(BatchStore.class).delete(id);
    }
}
