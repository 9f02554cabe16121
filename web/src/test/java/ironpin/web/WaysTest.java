package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The ways of working of {@code ways.txt}: each is done through the pages as that cook does it, stage by stage. */
public class WaysTest extends OpenKitchen {
    private static final int WAYS = 21;
    private static final Pattern BATCH = Pattern.compile("/batches/(\\d+)");

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();

    private static List<List<String>> ways() throws IOException {
        List<List<String>> ways = new ArrayList<>();
        try (BufferedReader table = new BufferedReader(
                new InputStreamReader(WaysTest.class.getResourceAsStream("ways.txt"), StandardCharsets.UTF_8))) {
            for (String line : table.lines()
                    .map(String::strip)
                    .filter(one -> !one.isEmpty() && !one.startsWith("#"))
                    .toList()) {
                if (line.startsWith("way ")) {
                    ways.add(new ArrayList<>());
                }
                ways.get(ways.size() - 1).add(line);
            }
        }
        return ways;
    }

    @DataProvider
    public Iterator<Object[]> everyWay() throws IOException {
        return ways().stream()
                .map(way -> new Object[] {way.get(0), way.subList(1, way.size())})
                .iterator();
    }

    @Test(dataProvider = "everyWay")
    public void everyStageIsDoneAsThatCookDoesIt(String way, List<String> lines) throws Exception {
        Walk walk = new Walk(way);
        try {
            for (String line : lines) {
                walk.take(line);
            }
            // From the first weighing to the last verdict.
            walk.take(
                    "post outcome | made=8 burst=0 leaked=0 stuck=0 skin=RIGHT filling=RIGHT doughLeft=0 fillingLeft=0"
                            + " core= note=");
            walk.take("see book | 8");
        } finally {
            // Other tests leaf through the same Book.
            walk.leave();
        }
    }

    /** The table in the docs is that of the test. */
    @Test
    public void theDocsNameEveryWayAndEveryStage() throws IOException {
        String docs = Files.readString(Path.of("../docs/ways.md"));
        List<List<String>> ways = ways();
        assertEquals(ways.size(), WAYS);
        for (List<String> way : ways) {
            String name = way.get(0).substring(way.get(0).indexOf('|') + 1).strip();
            assertTrue(docs.contains(name), name);
            List<String> stages = way.stream()
                    .filter(line -> line.startsWith("stage "))
                    .map(line -> line.substring("stage ".length()))
                    .toList();
            assertTrue(stages.size() >= 3, name);
            stages.forEach(stage -> assertTrue(docs.contains(stage), name + ": " + stage));
        }
    }

    /** One cook going through the lines of a way. */
    private final class Walk {
        private final String way;
        private final String token;
        private String batch = "";
        private String stage = "";
        private String now = "";

        Walk(String way) throws IOException, InterruptedException {
            this.way = way;
            HttpResponse<String> page = get("/batches/new");
            this.token = page.headers().allValues("Set-Cookie").stream()
                    .filter(one -> one.startsWith("XSRF-TOKEN="))
                    .map(one -> one.replaceAll("^XSRF-TOKEN=([^;]*);.*", "$1"))
                    .findFirst()
                    .orElseGet(() -> ((CookieManager) client.cookieHandler().orElseThrow())
                            .getCookieStore().getCookies().stream()
                                    .filter(one -> one.getName().equals("XSRF-TOKEN"))
                                    .findFirst()
                                    .orElseThrow()
                                    .getValue());
        }

        void leave() throws IOException, InterruptedException {
            post(batch + "/delete", "lot=1", "delete");
            forgetMinutes();
        }

        void take(String line) throws IOException, InterruptedException {
            String verb = line.substring(0, line.indexOf(' '));
            String rest = line.substring(verb.length() + 1);
            String[] parts = rest.split(" \\| ", -1);
            switch (verb) {
                case "stage" -> stage = rest;
                case "batch" -> {
                    HttpResponse<String> made = post(
                            "/batches", rest.replace(' ', '&') + "&appetite=USUAL&date=2031-12-05&time=19:00", line);
                    Matcher found = BATCH.matcher(made.uri().toString());
                    assertTrue(found.find(), said(line, made.body()));
                    batch = found.group();
                }
                case "set" -> {
                    String lot = parts[1].startsWith("lot-") ? parts[1].replaceAll("lot-(\\d+).*", "$1") : "1";
                    post(
                            batch + "/plan",
                            "field=" + parts[0] + "&at=" + parts[1] + "&place=table&lot=" + lot + "&value="
                                    + URLEncoder.encode(parts[2], StandardCharsets.UTF_8),
                            line);
                }
                case "post" -> post(batch + "/" + parts[0], form(parts[1]), line);
                case "recipe" -> post("/recipes", "text=" + rest.replace(' ', '+'), line);
                case "see" -> assertTrue(holds(get(batch + "/" + parts[0]).body(), parts[1]), said(line, now));
                case "not" -> assertTrue(!holds(get(batch + "/" + parts[0]).body(), parts[1]), said(line, now));
                case "see-page" -> assertTrue(holds(get(parts[0]).body(), parts[1]), said(line, now));
                case "see-now" ->
                    assertTrue(now.toLowerCase(Locale.ROOT).contains(rest.toLowerCase(Locale.ROOT)), said(line, now));
                default -> throw new IllegalArgumentException(line);
            }
        }

        private String form(String pairs) {
            String sent = pairs.replaceAll(" (?=\\w+=)", "&").replace(' ', '+');
            return sent.contains("lot=") ? sent : sent + "&lot=1";
        }

        private boolean holds(String page, String text) {
            now = text(page);
            return now.toLowerCase(Locale.ROOT).contains(text.toLowerCase(Locale.ROOT));
        }

        private String said(String line, String page) {
            return way + "\n" + stage + "\n" + line + "\n" + page;
        }

        private HttpResponse<String> get(String path) throws IOException, InterruptedException {
            return client.send(
                    HttpRequest.newBuilder(URI.create(address() + path)).build(), HttpResponse.BodyHandlers.ofString());
        }

        private HttpResponse<String> post(String path, String body, String line)
                throws IOException, InterruptedException {
            HttpResponse<String> answer = client.send(
                    HttpRequest.newBuilder(URI.create(address() + path))
                            .header("X-XSRF-TOKEN", token)
                            .header("Content-Type", "application/x-www-form-urlencoded")
                            .POST(HttpRequest.BodyPublishers.ofString(body))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
            now = text(answer.body());
            assertEquals(answer.statusCode(), 200, said(line, now));
            return answer;
        }
    }

    /** What a page says, with what stands in its fields. */
    private static String text(String page) {
        StringBuilder said = new StringBuilder(Jsoup.parse(page).text());
        Matcher values = Pattern.compile("value=\"([^\"]*)\"").matcher(page);
        while (values.find()) {
            said.append(' ').append(values.group(1));
        }
        return said.toString();
    }
}
