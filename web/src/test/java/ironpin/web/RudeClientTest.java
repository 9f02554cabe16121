package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.web.kitchen.Bell;
import java.io.IOException;
import java.lang.reflect.Parameter;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.http.HttpMethod;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.Test;

/**
 * Somebody who sends anything to every door there is. The doors and their fields are read from the
 * application, so that new ones are knocked at too. Nothing may break, and nothing may be told that is no cook's business.
 */
public class RudeClientTest extends OpenKitchen {
    public RudeClientTest() {
        super("--ironpin.beat=300ms");
    }

    private static final long SEED = Long.getLong("ironpin.seed", 20261126);
    private static final int REQUESTS = Integer.getInteger("ironpin.rude", 2_000);
    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final Pattern INTERNALS = Pattern.compile(
            "ironpin\\.(?:web|store|batch|core)\\b|java\\.(?:lang|util|time)\\.|org\\.springframework|tools\\.jackson|jdbc:h2");

    /** Whatever may stand where a number, a word, a date or a name is due. */
    private static final String[] ANYTHING = {
        "",
        " ",
        "0",
        "-1",
        "1",
        "2",
        "3",
        "7",
        "4711",
        "99999999999999999999",
        "1e999",
        "NaN",
        "1.5",
        "½",
        "1/0",
        "12 g",
        "2 cups",
        "true",
        "null",
        "[]",
        "{}",
        "2026-12-12",
        "-999999999-01-01",
        "+999999999-12-31",
        "25:61",
        "19:00",
        "table",
        "dough",
        "hydration",
        "EGG",
        "MILK",
        "COLD_WATER",
        "BOTH",
        "steamed-leaf",
        "steam/boiling",
        "dough-1.mix",
        "lot-1.cook-1",
        "lamb",
        "'; drop table batch; --",
        "<script>alert(1)</script>",
        "\uE000m00\uE001",
        "\uE0F3",
        "\u0000",
        "\u202E",
        "\uD800",
        "𝔲𝔫𝔦",
        "é".repeat(300),
        "%s%n${7*7}",
        "../../etc/passwd",
        "=1+1\n",
        "a,b;c",
        "x".repeat(5_000)
    };

    private static final String[] BODIES = {
        "",
        "{",
        "[]",
        "null",
        "1",
        "\"x\"",
        "{}",
        "[".repeat(2_000),
        "{\"eaters\":1e999}",
        "{\"eaters\":\"six\"}",
        "{\"text\":\"\\uE000\"}",
        "{\"numbers\":{\"hydration\":null}}",
        "{\"numbers\":null}",
        "{\"lines\":[null]}",
        "{\"text\":\"2 cups\"}",
        "{\"style\":\"boiled-crescent\",\"eaters\":6," + "\"serving\":\"+999999999-12-31T23:59:59\"}",
        "{\"style\":\"boiled-crescent\",\"eaters\":200,\"serving\":\"2026-11-28T19:00:00\","
                + "\"numbers\":{\"pieces\":5000,\"vessel-width\":80}}",
        "{\"sources\":[null]}",
        "{\"flours\":[{}]}"
    };

    /** Less than a server waits for a body, so that one answer behind it would be noticed. */
    private static final Duration HELD_UP = Duration.ofSeconds(4);

    private final Random random = new Random(SEED);
    private final HttpClient client = HttpClient.newHttpClient();
    private String token;

    /** A door: a path with its variables, how it is knocked at, and the fields it asks for. */
    private record Door(String path, HttpMethod method, List<String> fields, boolean json) {}

    private List<Door> doors() {
        List<Door> doors = new ArrayList<>();
        Map<RequestMappingInfo, HandlerMethod> known = bean(
                        "requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods();
        known.forEach((info, handler) -> {
            for (String path : info.getPatternValues()) {
                for (RequestMethod method : info.getMethodsCondition().getMethods()) {
                    boolean json = List.of(handler.getMethod().getParameters()).stream()
                            .anyMatch(one -> one.isAnnotationPresent(RequestBody.class));
                    doors.add(new Door(path, HttpMethod.valueOf(method.name()), fields(handler), json));
                }
            }
        });
        doors.removeIf(door -> door.path().endsWith("/stream") || door.path().contains("{*"));
        doors.sort(Comparator.comparing(Door::path)
                .thenComparing(door -> door.method().name()));
        return doors;
    }

    private static List<String> fields(HandlerMethod handler) {
        List<String> fields = new ArrayList<>(List.of("place", "lot", "revision"));
        for (Parameter one : handler.getMethod().getParameters()) {
            RequestParam asked = one.getAnnotation(RequestParam.class);
            if (asked != null) {
                fields.add(
                        asked.name().isEmpty()
                                ? asked.value().isEmpty() ? one.getName() : asked.value()
                                : asked.name());
            }
        }
        return fields;
    }

    private String anything() {
        return ANYTHING[random.nextInt(ANYTHING.length)];
    }

    /** Mostly a batch that is there, else anything at all. */
    private String path(String pattern) {
        Matcher variable = Pattern.compile("\\{[^}]*}").matcher(pattern);
        return variable.replaceAll(found -> {
            boolean id = found.group().startsWith("{id");
            String value = id && random.nextInt(8) > 0 ? String.valueOf(1 + random.nextInt(4)) : anything();
            return Matcher.quoteReplacement(encoded(value).replace("+", "%20"));
        });
    }

    private static String encoded(String value) {
        return URLEncoder.encode(value, StandardCharsets.UTF_8);
    }

    private HttpRequest request(Door door) {
        String form = door.fields().stream()
                .filter(field -> random.nextInt(6) > 0)
                .map(field -> encoded(field) + "=" + encoded(anything()))
                .collect(Collectors.joining("&"));
        boolean get = door.method() == HttpMethod.GET;
        String path = path(door.path());
        HttpRequest.Builder request = HttpRequest.newBuilder(
                        URI.create(address() + path + (get && !form.isEmpty() ? "?" + form : "")))
                .timeout(PATIENCE)
                .header("Cookie", "XSRF-TOKEN=" + token)
                .header("X-XSRF-TOKEN", token);
        if (random.nextBoolean()) {
            request.header("HX-Request", "true");
        }
        if (get) {
            return request.build();
        }
        String body = door.json() ? BODIES[random.nextInt(BODIES.length)] : form;
        return request.header("Content-Type", door.json() ? "application/json" : "application/x-www-form-urlencoded")
                .method(door.method().name(), HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    private HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
        return client.send(request, HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return send(HttpRequest.newBuilder(URI.create(address() + path))
                .timeout(PATIENCE)
                .build());
    }

    /** A page that is closed, or whose browser is gone, is not listened for any longer. */
    @Test
    public void streamsOfClosedPagesAreLetGo() throws Exception {
        Bell bell = bean(Bell.class);
        List<Socket> pages = new ArrayList<>();
        int port = URI.create(address()).getPort();
        for (int i = 0; i < 40; i++) {
            Socket page = new Socket("127.0.0.1", port);
            page.getOutputStream()
                    .write(("GET /stream HTTP/1.1\r\nHost: 127.0.0.1:" + port + "\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            assertTrue(page.getInputStream().read() > 0);
            pages.add(page);
        }
        assertEquals(bell.listening(), 40);
        for (Socket page : pages) {
            page.close();
        }
        for (int i = 0; i < 100 && bell.listening() > 0; i++) {
            Thread.sleep(200);
        }
        assertEquals(bell.listening(), 0);
    }

    /** Whoever stops in the middle of sending keeps nobody else waiting. */
    @Test
    public void halfSentBodiesHoldNobodyUp() throws Exception {
        String cookie = get("/batches/new").headers().firstValue("Set-Cookie").orElseThrow();
        token = cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
        int port = URI.create(address()).getPort();
        List<Socket> halves = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            Socket half = new Socket("127.0.0.1", port);
            String type = i % 3 == 0
                    ? "application/json"
                    : i % 3 == 1 ? "application/x-www-form-urlencoded" : "multipart/form-data; boundary=b";
            String path = i % 3 == 0 ? "/api/v1/batches" : i % 3 == 1 ? "/batches/4/plan" : "/import";
            half.getOutputStream()
                    .write(("POST " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + port + "\r\nCookie: XSRF-TOKEN=" + token
                                    + "\r\nX-XSRF-TOKEN: " + token + "\r\nContent-Type: " + type
                                    + "\r\nContent-Length: 5000\r\n\r\n--b\r\nplace=ta")
                            .getBytes(StandardCharsets.US_ASCII));
            halves.add(half);
        }
        for (int i = 0; i < 5; i++) {
            HttpResponse<String> answer = client.send(
                    HttpRequest.newBuilder(URI.create(address() + "/"))
                            .timeout(HELD_UP)
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
            assertEquals(answer.statusCode(), 200);
        }
        for (Socket half : halves) {
            half.close();
        }
    }

    @Test
    public void nothingThatIsSentBreaksTheKitchen() throws IOException, InterruptedException {
        String cookie = get("/batches/new").headers().firstValue("Set-Cookie").orElseThrow();
        token = cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
        List<Door> doors = doors();
        assertTrue(doors.size() > 60, "only " + doors.size() + " doors were found");
        List<String> broken = new ArrayList<>();
        double slowest = 0;
        String slow = "";
        for (int i = 0; i < REQUESTS; i++) {
            Door door = doors.get(i < doors.size() ? i : random.nextInt(doors.size()));
            // What is deleted cannot be broken.
            boolean delete = door.path().endsWith("/delete") && door.method() != HttpMethod.GET;
            HttpRequest request = request(door);
            if (delete) {
                continue;
            }
            long began = System.nanoTime();
            try {
                HttpResponse<String> answer = send(request);
                double took = (System.nanoTime() - began) / 1e9;
                if (took > slowest) {
                    slowest = took;
                    slow = request.method() + " " + door.path();
                }
                if (answer.statusCode() >= 500
                        || INTERNALS.matcher(answer.body()).find()) {
                    broken.add(answer.statusCode() + " " + request.method() + " " + request.uri() + " of " + door + " "
                            + answer.body()
                                    .substring(0, Math.min(300, answer.body().length())));
                }
            } catch (HttpTimeoutException late) {
                broken.add("no answer: " + request.method() + " " + request.uri());
            }
        }
        Files.writeString(
                Path.of("target", "rude.txt"),
                String.format(
                        Locale.ROOT,
                        "%d requests, seed %d, %d broken, the slowest answered in %.2f s (%s)%n",
                        REQUESTS,
                        SEED,
                        broken.size(),
                        slowest,
                        slow));
        assertEquals(
                broken.stream().limit(12).collect(Collectors.joining("\n")),
                "",
                broken.size() + " of " + REQUESTS + ", seed " + SEED);
        for (String page : new String[] {
            "/", "/book", "/kit", "/batches/new", "/api/v1/batches?status=PLANNED", "/api/v1/batches/1"
        }) {
            assertEquals(get(page).statusCode(), 200, page);
        }
        Matcher ids = Pattern.compile("\"id\":(\\d+)")
                .matcher(get("/api/v1/batches?status=PLANNED").body());
        while (ids.find()) {
            for (String station :
                    new String[] {"table", "dough", "filling", "cook", "clock", "run", "sheet", "shopping"}) {
                String page = "/batches/" + ids.group(1) + "/" + station;
                assertEquals(get(page).statusCode(), 200, page);
            }
        }
    }
}
