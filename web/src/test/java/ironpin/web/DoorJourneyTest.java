package ironpin.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.Inet4Address;
import java.net.NetworkInterface;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.time.Duration;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLException;
import javax.net.ssl.TrustManagerFactory;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.SkipException;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A kitchen that the house can reach: nobody comes in without the code, and whoever was sent away is out. */
public class DoorJourneyTest extends OpenKitchen {
    private static final String ASKS = "Not let in yet";
    private static final List<String> MEMORY = List.of("-Xmx256m", "-XX:TieredStopAtLevel=1");

    private final HttpClient client = HttpClient.newHttpClient();
    private KitchenProcess kitchen;
    private Path data;
    private int port;
    private String house;

    @BeforeClass
    public void openToTheHouse() throws IOException, InterruptedException {
        String address = Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                .flatMap(one -> Collections.list(one.getInetAddresses()).stream())
                .filter(one -> one instanceof Inet4Address && !one.isLoopbackAddress())
                .map(one -> one.getHostAddress())
                .findFirst()
                .orElseThrow(() -> new SkipException("this machine has no address but the loopback one"));
        data = Path.of("target", "house-kitchen");
        empty(data);
        do {
            port = KitchenProcess.freePort();
        } while (!free(port + 1));
        house = "http://" + address + ":" + port;
        kitchen = start();
    }

    /** The second door opens one port higher. */
    private static boolean free(int port) {
        try (ServerSocket probe = new ServerSocket(port)) {
            return probe.isBound();
        } catch (IOException taken) {
            return false;
        }
    }

    private KitchenProcess start() throws IOException, InterruptedException {
        return KitchenProcess.open(data, MEMORY, port, "--server.address=0.0.0.0");
    }

    @AfterClass(alwaysRun = true)
    public void closeToTheHouse() throws InterruptedException {
        if (kitchen != null) {
            kitchen.close();
        }
    }

    private HttpResponse<String> ask(String method, String path, String body, String... headers)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(house + path))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        for (int i = 0; i < headers.length; i += 2) {
            request.setHeader(headers[i], headers[i + 1]);
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** Every route there is, with every method: the page that asks for the code and not a byte else. */
    @Test
    public void whoeverWasNotLetInGetsThePageThatAsks() throws IOException, InterruptedException {
        Set<String> paths =
                new TreeSet<>(Set.of("/", "/nowhere", "/assets/app.css", "/assets/app.js", "/let-in", "/worker.js"));
        bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()
                .forEach(route ->
                        route.getPatternValues().forEach(path -> paths.add(path.replaceAll("\\{[^}]*}", "4"))));
        // No place to go to for anybody: it is refused before it is asked who comes.
        paths.remove("/error");
        assertTrue(paths.size() > 120, paths.size() + " routes");
        for (String path : paths) {
            for (String method : List.of("GET", "POST", "PUT", "DELETE")) {
                if (path.equals("/let-in") && method.equals("POST")) {
                    continue;
                }
                HttpResponse<String> answer = ask(method, path, "field=hydration&value=60");
                String asked = method + " " + path;
                assertEquals(answer.statusCode(), 401, asked);
                assertTrue(answer.body().contains(ASKS) && answer.body().length() < 1_500, asked);
                assertTrue(answer.headers().firstValue("Set-Cookie").isEmpty(), asked);
            }
        }
        HttpResponse<String> forged = ask("GET", "/", "", "Cookie", "ironpin-device=x", "X-Forwarded-For", "127.0.0.1");
        assertEquals(forged.statusCode(), 401);
    }

    @Test
    public void aTabletComesInByTheCodeStaysOverAStartAndIsSentAway() throws IOException, InterruptedException {
        try (BrowserContext laptop = device(1280, 800);
                BrowserContext tablet = device(820, 1180)) {
            Page desk = page(laptop);
            Page held = tablet.newPage();
            desk.navigate(kitchen.address() + "/kit");
            desk.getByText("Devices").click();
            desk.getByText(Pattern.compile("Show a code|Another code")).click();
            String code = desk.locator("p.text-title").innerText();
            assertThat(desk.locator("svg.qr").first()).isVisible();
            held.navigate(house + "/batches/4/table");
            assertThat(held.locator("h1")).hasText(ASKS);
            held.getByLabel("The code").fill(code);
            held.getByLabel("What this device is called").fill("kitchen tablet");
            held.getByText("Come in").click();
            assertThat(held.locator("nav.places")).isVisible();
            held.navigate(house + "/batches/4/table");
            assertThat(held.locator("h1")).not().hasText(ASKS);
            // The code was for one device.
            assertEquals(ask("POST", "/let-in", "code=" + code.replace(" ", "")).statusCode(), 401);

            // It cooks while the kitchen stops, and what it pressed meanwhile is there when it starts again.
            held.waitForResponse(
                            one -> one.url().endsWith("/away") && one.ok(),
                            () -> held.navigate(house + "/batches/4/bench"))
                    .finished();
            kitchen.close();
            assertThat(held.locator("#screen")).hasAttribute("data-place", "away");
            String first = held.locator("article:not([hidden]) h1").innerText();
            held.locator("[data-away=press]").click();
            assertThat(held.locator("article:not([hidden]) h1")).not().hasText(first);
            kitchen = start();
            assertThat(held.locator("#screen")).hasAttribute("data-place", "bench");
            held.navigate(house + "/batches/4/run");
            assertThat(held.locator("#all-title")).containsText(Pattern.compile("^1 of \\d+ steps done"));

            held.navigate(house + "/batches/4/dough");
            assertThat(held.locator("h1")).not().hasText(ASKS);
            desk.navigate(kitchen.address() + "/devices");
            assertThat(desk.locator("section[aria-labelledby=in-title] li").first())
                    .containsText("kitchen tablet");
            desk.getByText("send away").first().click();
            held.reload();
            assertThat(held.locator("h1")).hasText(ASKS);
        }
    }

    /** Whoever trusts the house's authority reaches the second door under its address, and is asked for the code there too. */
    @Test
    public void theSecondDoorIsEncipheredAndAsksToo()
            throws IOException, InterruptedException, GeneralSecurityException {
        HttpRequest fetch = HttpRequest.newBuilder(URI.create(kitchen.address() + "/house.crt"))
                .build();
        byte[] bytes =
                client.send(fetch, HttpResponse.BodyHandlers.ofByteArray()).body();
        KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
        trusted.load(null, null);
        trusted.setCertificateEntry(
                "house", CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(bytes)));
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext enciphered = SSLContext.getInstance("TLS");
        enciphered.init(null, trust.getTrustManagers(), null);
        String door = house.replace("http:", "https:").replace(":" + port, ":" + (port + 1));
        HttpRequest knock =
                HttpRequest.newBuilder(URI.create(door + "/batches/4/table")).build();
        HttpResponse<String> answer = HttpClient.newBuilder()
                .sslContext(enciphered)
                .build()
                .send(knock, HttpResponse.BodyHandlers.ofString());
        assertEquals(answer.statusCode(), 401);
        assertTrue(answer.body().contains(ASKS));
        assertThrows(SSLException.class, () -> client.send(knock, HttpResponse.BodyHandlers.ofString()));
    }

    @Test
    public void aGuestLooksAtOneBatchAndAScriptSendsReadings() throws IOException, InterruptedException {
        try (BrowserContext laptop = device(1280, 800);
                BrowserContext phone = device(390, 844)) {
            Page desk = page(laptop);
            Page held = phone.newPage();
            desk.navigate(kitchen.address() + "/batches/4/table");
            desk.locator("details.more summary").click();
            desk.getByText("A link for a").click();
            String link = desk.locator("main strong").first().innerText();
            held.navigate(link);
            assertThat(held.locator("body")).containsText("You are looking: nothing is kept of what you press.");
            held.navigate(house + "/kit");
            assertThat(held.locator("h1")).hasText("You are looking");
            held.navigate(house + "/batches/1/table");
            assertThat(held.locator("h1")).hasText("You are looking");
            String token = link.replaceAll(".*/", "");
            String cookie = "ironpin-device=" + token;
            assertEquals(ask("GET", "/batches/4/table", "", "Cookie", cookie).statusCode(), 200);
            assertEquals(
                    ask("POST", "/batches/4/plan", "place=table&lot=1&field=eaters&at=table&value=3", "Cookie", cookie)
                            .statusCode(),
                    403);
            assertEquals(
                    ask("GET", "/batches/4/../../kit", "", "Cookie", cookie).statusCode(), 403);

            desk.navigate(kitchen.address() + "/devices");
            desk.getByLabel("What it is called").fill("scale reader");
            desk.getByText("Make a token").click();
            String bearer = "Bearer " + desk.locator("p code").last().innerText();
            HttpResponse<String> reading = ask(
                    "POST",
                    "/api/v1/scale/readings",
                    "{\"grams\":12.5,\"settled\":true}",
                    "Authorization",
                    bearer,
                    "Content-Type",
                    "application/json");
            assertTrue(
                    reading.statusCode() != 401 && reading.statusCode() != 403, reading.statusCode() + reading.body());
            assertEquals(ask("GET", "/kit", "", "Authorization", bearer).statusCode(), 401);
            assertEquals(
                    ask("POST", "/devices/code", "", "Authorization", bearer).statusCode(), 401);
        }
    }

    /** Three wrong codes make it wait, also for the right one. Runs last: the waiting is this address's. */
    @Test(
            dependsOnMethods = {
                "aTabletComesInByTheCodeStaysOverAStartAndIsSentAway",
                "whoeverWasNotLetInGetsThePageThatAsks"
            })
    public void threeWrongCodesMakeItWait() throws IOException, InterruptedException {
        kitchen.close();
        kitchen = start();
        for (int i = 0; i < 2; i++) {
            assertEquals(ask("POST", "/let-in", "code=12345").statusCode(), 401);
        }
        HttpResponse<String> third = ask("POST", "/let-in", "code=12345");
        assertEquals(third.statusCode(), 429);
        assertTrue(third.headers().firstValueAsLong("Retry-After").orElse(0) > 30);
        try (BrowserContext laptop = device(1280, 800)) {
            Page desk = page(laptop);
            desk.navigate(kitchen.address() + "/devices");
            desk.locator("form[action='/devices/code'] button").click();
            String code = desk.locator("p.text-title").innerText().replace(" ", "");
            assertEquals(ask("POST", "/let-in", "code=" + code).statusCode(), 429);
        }
    }
}
