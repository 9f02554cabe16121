package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Whatever is sent, once or sixty-four times at once, the process goes on with the memory it ships with: each is answered, or
 * refused with a reason.
 */
public class HostileBodyTest {
    private static final int AT_ONCE = 64;
    private static final int FORM_BYTES = 1_900_000;
    private static final int API_BYTES = 990_000;
    private static final Set<Integer> EXPECTED = Set.of(200, 201, 302, 400, 413, 415, 422, 503);

    private KitchenProcess kitchen;
    private final HttpClient client = HttpClient.newHttpClient();

    @BeforeClass
    public void open() throws IOException, InterruptedException {
        Path data = Path.of("target", "hostile-kitchen");
        OpenKitchen.empty(data);
        kitchen = KitchenProcess.open(data, KitchenProcess.shippedMemory());
    }

    @AfterClass(alwaysRun = true)
    public void close() throws InterruptedException {
        if (kitchen != null) {
            kitchen.close();
        }
    }

    enum Door {
        RECIPE_FILE("/recipes", FORM_BYTES),
        RECIPE_TEXT("/recipes", FORM_BYTES),
        IMPORT_FILE("/batches/import", FORM_BYTES),
        IMPORT_API("/api/v1/batches", API_BYTES),
        CALCULATOR("/api/v1/calculate/recipe", API_BYTES),
        PLAN("/api/v1/calculate/plan", API_BYTES);

        private final String path;
        private final int bytes;

        Door(String path, int bytes) {
            this.path = path;
            this.bytes = bytes;
        }
    }

    @DataProvider
    public Object[][] bodies() {
        return new Object[][] {
            {Door.RECIPE_FILE, "<html><body>", "<p>", ""},
            {Door.RECIPE_FILE, "<html><body>", "<br>", ""},
            {Door.RECIPE_FILE, "<html><body>", "<div>", ""},
            {Door.RECIPE_FILE, "<html><body><p ", "a=b ", ">"},
            {Door.RECIPE_FILE, "<html><body><p ", "a/", ">"},
            {Door.RECIPE_FILE, "<html><body>", "&amp;&lt;x ", ""},
            {Door.RECIPE_FILE, "<script type='application/ld+json'>", "[", "</script>"},
            {Door.RECIPE_FILE, "{\"@graph\":[{}", ",{}", "]}"},
            {Door.RECIPE_FILE, "", "2 g a\n", ""},
            {Door.RECIPE_TEXT, "", "2 cups flour\n", ""},
            {Door.RECIPE_TEXT, "<p>", "<i><b>", ""},
            {Door.IMPORT_FILE, "{\"format\":\"ironpin-batch-1\",\"lots\":[{}", ",{}", "]}"},
            {Door.IMPORT_FILE, "", "[", ""},
            {Door.IMPORT_API, "{\"format\":\"ironpin-batch-1\",\"lots\":[{}", ",{}", "]}"},
            {Door.IMPORT_API, "{\"format\":\"ironpin-batch-1\",\"title\":\"", "x", "\"}"},
            {Door.CALCULATOR, "{\"text\":\"", "1 g a\\n", "\"}"},
            {Door.CALCULATOR, "{\"text\":\"", "<p>", "\"}"},
            {Door.PLAN, "{\"a\":[0", ",0", "]}"},
            {Door.PLAN, "{\"a\":{}", ",\"b\":{}", "}"},
        };
    }

    static String body(Door door, String head, String again, String tail) {
        return head + again.repeat((door.bytes - head.length() - tail.length()) / again.length()) + tail;
    }

    @Test(dataProvider = "bodies")
    public void noBodyEndsIt(Door door, String head, String again, String tail) throws Exception {
        HttpRequest request = request(kitchen.address(), door, body(door, head, again, tail));
        HttpResponse<String> one = client.send(request, HttpResponse.BodyHandlers.ofString());
        assertTrue(EXPECTED.contains(one.statusCode()), door + " answered " + one.statusCode());
        assertTrue(kitchen.alive(), "one ended it: " + door + " " + again);
        List<CompletableFuture<Integer>> all = new ArrayList<>();
        for (int i = 0; i < AT_ONCE; i++) {
            all.add(client.sendAsync(request, HttpResponse.BodyHandlers.ofString())
                    .thenApply(HttpResponse::statusCode)
                    // A body that is not waited for to its end may break off.
                    .exceptionally(cut -> BROKEN_OFF));
        }
        Set<Integer> statuses = new TreeSet<>();
        for (CompletableFuture<Integer> each : all) {
            statuses.add(each.get());
        }
        statuses.removeAll(EXPECTED);
        statuses.remove(BROKEN_OFF);
        assertEquals(statuses, Set.of(), door + " " + again);
        assertTrue(kitchen.alive(), "sixty-four at once ended it: " + door + " " + again);
        assertEquals(kitchen.status("/batches/4/dough"), 200);
    }

    private static final int BROKEN_OFF = -1;

    static HttpRequest request(String address, Door door, String body) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(address + door.path)).timeout(Duration.ofSeconds(120));
        return switch (door) {
            case RECIPE_FILE, IMPORT_FILE ->
                ours(request, "multipart/form-data; boundary=part")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "--part\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.html\"\r\n\r\n"
                                        + body + "\r\n--part--\r\n"))
                        .build();
            case RECIPE_TEXT ->
                ours(request, "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString("text="
                                + URLEncoder.encode(body.substring(0, body.length() / 2), StandardCharsets.UTF_8)))
                        .build();
            case IMPORT_API, CALCULATOR, PLAN ->
                ours(request, "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build();
        };
    }

    private static HttpRequest.Builder ours(HttpRequest.Builder request, String type) {
        return request.header("Content-Type", type)
                .header("Cookie", "XSRF-TOKEN=hostile")
                .header("X-XSRF-TOKEN", "hostile");
    }

    /** Seventy who send a byte every second hold up nobody, and are not waited for for ever. */
    @Test
    public void whoSendsByteByByteHoldsNobodyUp() throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 70; i++) {
                URI uri = URI.create(kitchen.address());
                Socket one = new Socket(uri.getHost(), uri.getPort());
                one.getOutputStream()
                        .write(("POST " + (i % 2 == 0 ? "/batches/4/plan" : "/recipes") + " HTTP/1.1\r\nHost: "
                                        + uri.getAuthority()
                                        + "\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 5000\r\n\r\na")
                                .getBytes(StandardCharsets.US_ASCII));
                slow.add(one);
            }
            long end = System.nanoTime() + Duration.ofSeconds(20).toNanos();
            long longest = 0;
            while (System.nanoTime() < end) {
                for (Socket one : slow) {
                    try {
                        one.getOutputStream().write('a');
                    } catch (IOException letGo) {
                        continue;
                    }
                }
                long began = System.nanoTime();
                assertEquals(kitchen.status("/kit"), 200);
                longest = Math.max(longest, System.nanoTime() - began);
                Thread.sleep(1_000);
            }
            assertTrue(longest < Duration.ofSeconds(5).toNanos(), "a page took " + longest / 1_000_000 + " ms");
            int held = 0;
            for (Socket one : slow) {
                one.setSoTimeout(200);
                try {
                    if (one.getInputStream().read() >= 0) {
                        continue;
                    }
                } catch (java.net.SocketTimeoutException waiting) {
                    held++;
                } catch (IOException letGo) {
                    continue;
                }
            }
            assertEquals(held, 0, "still waited for after 20 s");
        } finally {
            for (Socket one : slow) {
                one.close();
            }
        }
    }
}
