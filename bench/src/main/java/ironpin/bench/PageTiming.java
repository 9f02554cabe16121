package ironpin.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * Asks an application that has just been started for edits, then warm for its pages and edits, one at a time, and prints how
 * long each took and what processor time the server spent on it.
 */
public final class PageTiming {
    private static final int WARM = 400;
    private static final int MEASURED = 300;
    private static final int EARLY = 50;
    private static final double TICKS_PER_MS = 0.1;
    private static final List<String> PAGES = List.of(
            "/",
            "/batches/new",
            "/book",
            "/batches/1/table",
            "/batches/1/dough",
            "/batches/1/filling",
            "/batches/1/portion",
            "/batches/1/roll",
            "/batches/1/fold",
            "/batches/1/cook",
            "/batches/1/clock",
            "/batches/1/book",
            "/batches/1/run");

    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;
    private final String token;
    private final Path stat;

    private PageTiming(String address, String pid) throws IOException, InterruptedException {
        this.address = address;
        this.stat = Path.of("/proc", pid, "stat");
        HttpResponse<String> page = get("/batches/new");
        String cookie = page.headers().firstValue("Set-Cookie").orElseThrow();
        this.token = cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
    }

    /** One request, however it is made. */
    private interface Ask {
        HttpResponse<?> answer(int i) throws IOException, InterruptedException;
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        PageTiming timing = new PageTiming(args[0], args[1]);
        System.out.println(
                "| request | p50 ms | p95 ms | of it the server, p50 ms | p95 ms | processor of the server, ms each |");
        System.out.println("|---|---:|---:|---:|---:|---:|");
        timing.measure("the first fifty edits after a start", 0, EARLY, timing::edits);
        timing.measure("the first fifty fragments after them", 0, EARLY, i -> timing.get("/batches/1/dough"));
        timing.measure("GET /assets/pin.svg (the floor: no page at all)", i -> timing.get("/assets/pin.svg"));
        for (String page : PAGES) {
            timing.measure("GET " + page, i -> timing.get(page));
        }
        timing.measure(
                "drag of the pin: GET /batches/1/dough/tried",
                i -> timing.get("/batches/1/dough/tried?lot=1&hydration=" + (46 + i % 90 * 0.1)));
        timing.measure("edit hydration", i -> timing.edit("hydration", "dough-1", 48 + i % 9 * 0.5));
        timing.measure("edit eaters", i -> timing.edit("eaters", "table", 4 + i % 9));
        timing.measure("edit filling per piece", i -> timing.edit("filling-each", "lot-1", 14 + i % 7));
        timing.measure("edit flour at hand", i -> timing.edit("flour", "dough-1", 500 + i % 50));
    }

    /** Edits of several numbers in turn, as a cook makes them. */
    private HttpResponse<?> edits(int i) throws IOException, InterruptedException {
        return switch (i % 3) {
            case 0 -> edit("hydration", "dough-1", 48 + i % 9 * 0.5);
            case 1 -> edit("eaters", "table", 4 + i % 9);
            default -> edit("filling-each", "lot-1", 14 + i % 7);
        };
    }

    /** Milliseconds of processor time that the server has used so far. */
    private double processor() throws IOException {
        String[] fields = Files.readString(stat).replaceAll(".*\\) ", "").split(" ");
        return (Long.parseLong(fields[11]) + Long.parseLong(fields[12])) / TICKS_PER_MS;
    }

    private void measure(String name, Ask ask) throws IOException, InterruptedException {
        measure(name, WARM, MEASURED, ask);
    }

    private void measure(String name, int warm, int measured, Ask ask) throws IOException, InterruptedException {
        for (int i = 0; i < warm; i++) {
            demandGood(name, ask.answer(i));
        }
        double[] server = new double[measured];
        double[] millis = new double[measured];
        double before = processor();
        for (int i = 0; i < measured; i++) {
            long start = System.nanoTime();
            HttpResponse<?> answer = ask.answer(i);
            millis[i] = (System.nanoTime() - start) / 1e6;
            demandGood(name, answer);
            server[i] = server(answer);
        }
        double spent = processor() - before;
        Arrays.sort(millis);
        Arrays.sort(server);
        System.out.printf(
                Locale.ROOT,
                "| %s | %.1f | %.1f | %.1f | %.1f | %.1f |%n",
                name,
                millis[measured / 2],
                millis[measured * 95 / 100],
                server[measured / 2],
                server[measured * 95 / 100],
                spent / measured);
    }

    /** What the server says it took itself; 0 where it does not say. */
    private static double server(HttpResponse<?> answer) {
        return answer.headers()
                .firstValue("Server-Timing")
                .map(said -> Double.parseDouble(said.substring(said.indexOf("dur=") + 4)))
                .orElse(0.0);
    }

    private static void demandGood(String name, HttpResponse<?> answer) {
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(name + " answered " + answer.statusCode());
        }
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> edit(String field, String at, double value) throws IOException, InterruptedException {
        List<String> form = new ArrayList<>();
        form.add("place=dough&lot=1&field=" + field + "&at=" + at);
        form.add("value=" + (value == Math.rint(value) ? String.valueOf((int) value) : String.valueOf(value)));
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + "/batches/1/plan"))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("HX-Request", "true")
                .header("Cookie", "XSRF-TOKEN=" + token)
                .header("X-XSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(String.join("&", form)))
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString());
    }
}
