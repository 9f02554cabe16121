package ironpin.web;

import java.io.IOException;
import java.net.CookieManager;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Many screens at once on one supper, one kit and one list: each client has a place of its own that it writes to again and
 * again without a pause, and looks at what others write to in between. In the end every place must hold what its client was
 * told last that it holds.
 */
final class BusyKitchen {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final JsonMapper JSON = new JsonMapper();
    private static final int SUPPER = 4;
    private static final String[] LOOKS = {
        "/",
        "/kit",
        "/book",
        "/batches/4/table",
        "/batches/4/dough?lot=2",
        "/batches/4/filling?lot=3",
        "/batches/4/cook",
        "/batches/4/run",
        "/batches/4/sheet",
        "/batches/4/shopping"
    };
    private static final Pattern FLOUR = Pattern.compile(
            "value=\"PRICE\"><input type=\"hidden\" name=\"key\" value=\"([^\"]+)\">.*?name=\"value\"[^>]*?value=\"([^\"]*)\"",
            Pattern.DOTALL);

    private final String address;
    private final int clients;
    private final Duration length;
    private final long seed;

    BusyKitchen(String address, int clients, Duration length, long seed) {
        this.address = address;
        this.clients = clients;
        this.length = length;
        this.seed = seed;
    }

    /** A place that one client writes to. @param form without its value @param most greatest value that is written there */
    private record Place(String name, String path, String form, int least, int most) {}

    /** What one client did. @param told the last value that was acknowledged, -1 for none */
    private record Done(Place place, int told, int writes, List<Long> nanos, List<String> refused) {}

    /**
     * What came of it.
     *
     * @param requests that were answered
     * @param writes of them that were acknowledged as written
     * @param p95 milliseconds that nineteen of twenty requests stayed below
     * @param slowest milliseconds of the slowest
     * @param broken answers other than those asked for
     * @param lost places that hold something other than what was acknowledged last
     */
    record Report(
            int requests, int writes, double p50, double p95, double slowest, List<String> broken, List<String> lost) {}

    Report run() throws IOException, InterruptedException {
        List<Place> places = places();
        ExecutorService hands = Executors.newFixedThreadPool(clients);
        List<Done> done = new ArrayList<>();
        try {
            List<Callable<Done>> all = IntStream.range(0, clients)
                    .mapToObj(i -> (Callable<Done>) () -> client(places.get(i % places.size()), i, i < places.size()))
                    .toList();
            for (Future<Done> one : hands.invokeAll(all)) {
                done.add(one.get());
            }
        } catch (ExecutionException broken) {
            throw new IOException("a client gave up", broken.getCause());
        } finally {
            hands.shutdownNow();
        }
        Map<String, Double> held = held();
        List<String> lost = done.stream()
                .filter(one -> one.told() >= 0)
                .filter(one -> held.getOrDefault(one.place().name(), -1.0) != one.told())
                .map(one ->
                        one.place().name() + " holds " + held.get(one.place().name()) + ", not " + one.told())
                .toList();
        double[] millis = done.stream()
                .flatMap(one -> one.nanos().stream())
                .mapToDouble(nanos -> nanos / 1e6)
                .sorted()
                .toArray();
        return new Report(
                millis.length,
                done.stream().mapToInt(Done::writes).sum(),
                millis[millis.length / 2],
                millis[millis.length * 95 / 100],
                millis[millis.length - 1],
                done.stream().flatMap(one -> one.refused().stream()).toList(),
                lost);
    }

    private List<Place> places() throws IOException, InterruptedException {
        HttpClient look = HttpClient.newHttpClient();
        List<Place> places = new ArrayList<>();
        for (int no = 1; no <= 3; no++) {
            places.add(plan("rest", "restMinutes", "doughs", no, 20, 90));
            places.add(plan("test-patty", "testPattyG", "fillings", no, 0, 40));
            places.add(plan("vessel-width", "vessel.diameterMm", "lots", no, 220, 360));
        }
        Matcher flour = FLOUR.matcher(get(look, "/kit").body());
        while (flour.find()) {
            places.add(new Place("price of " + flour.group(1), "/kit/cell", "cell=PRICE&key=" + flour.group(1), 1, 90));
        }
        get(look, "/batches/4/shopping/list.csv")
                .body()
                .lines()
                .skip(1)
                .map(BusyKitchen::item)
                .forEach(item -> places.add(new Place(
                        "at home of " + item,
                        "/batches/4/shopping/have",
                        "item=" + encoded(item.toLowerCase(Locale.ROOT)),
                        0,
                        900)));
        return places.subList(0, Math.min(clients, places.size()));
    }

    private static Place plan(String field, String path, String part, int no, int least, int most) {
        return new Place(
                part + "/" + no + "/" + path,
                "/batches/4/plan",
                "place=table&field=" + field + "&at=" + part.substring(0, part.length() - 1) + "-" + no,
                least,
                most);
    }

    /** Writes and looks until the time is over. @param writes whether the place is its own */
    private Done client(Place place, int number, boolean writes) throws IOException, InterruptedException {
        Random random = new Random(seed + number);
        HttpClient client =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        String cookie =
                get(client, "/batches/new").headers().firstValue("Set-Cookie").orElseThrow();
        String token = cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
        int told = -1;
        int written = 0;
        List<Long> nanos = new ArrayList<>();
        List<String> broken = new ArrayList<>();
        long end = System.nanoTime() + length.toNanos();
        while (System.nanoTime() < end) {
            if (random.nextInt(20) == 0) {
                listenAndGo();
            }
            boolean write = writes && random.nextInt(3) > 0;
            int value = place.least() + random.nextInt(place.most() - place.least() + 1);
            HttpRequest request = write
                    ? request(place.path())
                            .header("Content-Type", "application/x-www-form-urlencoded")
                            .header("X-XSRF-TOKEN", token)
                            .header("HX-Request", "true")
                            .POST(HttpRequest.BodyPublishers.ofString(place.form() + "&value=" + value))
                            .build()
                    : request(LOOKS[random.nextInt(LOOKS.length)]).build();
            long began = System.nanoTime();
            HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
            nanos.add(System.nanoTime() - began);
            if (answer.statusCode() != 200) {
                broken.add(answer.statusCode() + " " + request.method() + " " + request.uri());
            } else if (write) {
                told = value;
                written++;
            }
        }
        return new Done(place, told, written, nanos, broken);
    }

    /** A page that is opened and closed again at once. */
    private void listenAndGo() throws IOException {
        URI kitchen = URI.create(address);
        try (Socket page = new Socket(kitchen.getHost(), kitchen.getPort())) {
            page.getOutputStream()
                    .write(("GET /stream HTTP/1.1\r\nHost: " + kitchen.getAuthority() + "\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            page.setSoTimeout((int) PATIENCE.toMillis());
            page.getInputStream().read();
        }
    }

    /** What every place holds now. */
    private Map<String, Double> held() throws IOException, InterruptedException {
        HttpClient look = HttpClient.newHttpClient();
        Map<String, Double> held = new LinkedHashMap<>();
        JsonNode supper = JSON.readTree(get(look, "/api/v1/batches/" + SUPPER).body());
        for (JsonNode dough : supper.get("doughs")) {
            held.put(
                    "doughs/" + dough.get("no").asInt() + "/restMinutes",
                    dough.get("restMinutes").asDouble());
        }
        for (JsonNode filling : supper.get("fillings")) {
            held.put(
                    "fillings/" + filling.get("no").asInt() + "/testPattyG",
                    filling.get("testPattyG").asDouble());
        }
        for (JsonNode lot : supper.get("lots")) {
            held.put(
                    "lots/" + lot.get("no").asInt() + "/vessel.diameterMm",
                    lot.at("/vessel/diameterMm").asDouble());
        }
        Matcher flour = FLOUR.matcher(get(look, "/kit").body());
        while (flour.find()) {
            held.put("price of " + flour.group(1), flour.group(2).isEmpty() ? -1 : Double.parseDouble(flour.group(2)));
        }
        get(look, "/batches/4/shopping/list.csv").body().lines().skip(1).forEach(line -> {
            String[] rest = line.substring(line.indexOf("\",", line.indexOf(item(line))) + 2)
                    .split(",");
            held.put("at home of " + item(line), Double.parseDouble(rest[1]));
        });
        return held;
    }

    private static String item(String line) {
        return line.split("\",\"")[1].split("\",")[0];
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).timeout(PATIENCE);
    }

    private HttpResponse<String> get(HttpClient client, String path) throws IOException, InterruptedException {
        return client.send(request(path).build(), HttpResponse.BodyHandlers.ofString());
    }

    /** Against a kitchen that runs already. @param asked its address, clients, seconds, and the file for the figures; commas between */
    public static void main(String[] asked) throws IOException, InterruptedException {
        String[] args = asked[0].split(",");
        int clients = Integer.parseInt(args[1]);
        Report report =
                new BusyKitchen(args[0], clients, Duration.ofSeconds(Long.parseLong(args[2])), System.nanoTime()).run();
        String said = String.format(
                Locale.ROOT,
                "| %d clients for %s s | %d requests, %d writes | p50 %.0f ms, p95 %.0f ms, slowest %.0f ms | %d failed, %d lost |%n",
                clients,
                args[2],
                report.requests(),
                report.writes(),
                report.p50(),
                report.p95(),
                report.slowest(),
                report.broken().size(),
                report.lost().size());
        Files.writeString(Path.of(args[3]), said);
        if (!report.broken().isEmpty() || !report.lost().isEmpty()) {
            throw new IllegalStateException(Arrays.asList(report.broken(), report.lost()).stream()
                    .map(String::valueOf)
                    .collect(Collectors.joining("\n")));
        }
    }
}
