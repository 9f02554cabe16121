package ironpin.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Asks the started application for its pages and makes edits, warm, one at a time, and prints p50 and p95 of each. */
public final class PageTiming {
    private static final int WARM = 400;
    private static final int MEASURED = 300;
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

    private PageTiming(String address) throws IOException, InterruptedException {
        this.address = address;
        HttpResponse<String> page = get("/batches/new");
        String cookie = page.headers().firstValue("Set-Cookie").orElseThrow();
        this.token = cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
    }

    /** One request, however it is made. */
    private interface Ask {
        HttpResponse<?> answer(int i) throws IOException, InterruptedException;
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        PageTiming timing = new PageTiming(args[0]);
        System.out.println("| request | p50 ms | p95 ms | of it the server, p50 ms | p95 ms |");
        System.out.println("|---|---:|---:|---:|---:|");
        timing.measure("GET /assets/pin.svg (the floor: no page at all)", i -> timing.get("/assets/pin.svg"));
        for (String page : PAGES) {
            timing.measure("GET " + page, i -> timing.get(page));
        }
        timing.measure(
                "drag of the pin: GET /batches/1/dough/tried",
                i -> timing.get("/batches/1/dough/tried?lot=1&hydration=" + (46 + i % 90 * 0.1)));
        timing.measure("edit hydration", i -> timing.edit("hydration", 1, 48 + i % 9 * 0.5));
        timing.measure("edit eaters", i -> timing.edit("eaters", 0, 4 + i % 9));
        timing.measure("edit filling per piece", i -> timing.edit("filling-each", 1, 14 + i % 7));
        timing.measure("edit flour at hand", i -> timing.edit("flour", 1, 500 + i % 50));
    }

    private void measure(String name, Ask ask) throws IOException, InterruptedException {
        for (int i = 0; i < WARM; i++) {
            demandGood(name, ask.answer(i));
        }
        double[] server = new double[MEASURED];
        double[] millis = new double[MEASURED];
        for (int i = 0; i < MEASURED; i++) {
            long start = System.nanoTime();
            HttpResponse<?> answer = ask.answer(i);
            millis[i] = (System.nanoTime() - start) / 1e6;
            demandGood(name, answer);
            server[i] = server(answer);
        }
        Arrays.sort(millis);
        Arrays.sort(server);
        System.out.printf(
                Locale.ROOT,
                "| %s | %.1f | %.1f | %.1f | %.1f |%n",
                name,
                millis[MEASURED / 2],
                millis[MEASURED * 95 / 100],
                server[MEASURED / 2],
                server[MEASURED * 95 / 100]);
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

    private HttpResponse<String> edit(String field, int no, double value) throws IOException, InterruptedException {
        List<String> form = new ArrayList<>();
        form.add("place=dough&lot=1&field=" + field + "&no=" + no);
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
