package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The units of a page, over HTTP. */
public class UnitsTest extends OpenKitchen {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private static HttpResponse<String> get(String path, String cookie) throws IOException, InterruptedException {
        return CLIENT.send(
                HttpRequest.newBuilder(URI.create(address() + path))
                        .header("Cookie", cookie)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    @Test
    public void theApiIsMetricForEverybody() throws IOException, InterruptedException {
        assertEquals(
                get("/api/v1/batches/4", "units=US").body(),
                get("/api/v1/batches/4", "units=METRIC").body());
    }

    @DataProvider
    public Object[][] places() {
        return new Object[][] {
            {"/batches/4/dough?lot=2", "/batches/4/dough?lot=2"},
            {"/kit", "/kit"},
            {"https://elsewhere.example/", "/"},
            {"//elsewhere.example", "/"},
            {"/kit\\r\\nX: y", "/"},
        };
    }

    @Test(dataProvider = "places")
    public void switchingGoesBackToAPageOfOursOnly(String back, String location)
            throws IOException, InterruptedException {
        String token = get("/batches/new", "x=y")
                .headers()
                .firstValue("Set-Cookie")
                .orElseThrow()
                .replaceAll("^XSRF-TOKEN=([^;]*);.*", "$1");
        HttpResponse<String> answer = CLIENT.send(
                HttpRequest.newBuilder(URI.create(address() + "/units"))
                        .header("Cookie", "XSRF-TOKEN=" + token)
                        .header("X-XSRF-TOKEN", token)
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "back=" + URLEncoder.encode(back, StandardCharsets.UTF_8)))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertEquals(answer.statusCode(), 302);
        assertTrue(answer.headers().firstValue("Location").orElseThrow().endsWith(location));
        assertTrue(answer.headers().allValues("Set-Cookie").stream().anyMatch(one -> one.startsWith("units=US;")));
    }
}
