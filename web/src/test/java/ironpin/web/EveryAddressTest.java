package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every address that a page leads to, found by following them: pages, lists, calendars, labels, documents. */
public class EveryAddressTest extends OpenKitchen {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final Pattern UNSAID = Pattern.compile("Sentence\\[|Words\\[|Quantity\\[|[\uE000-\uF8FF]");
    private static final Pattern METRIC =
            Pattern.compile("[^.;]{0,30}\\b\\d[\\d.,]* (?:g|kg|mm|cm|ml|°C)(?![\\w/²³]).{0,10}");

    /** What a number beside a unit may be in any units: what a cup holds, what a card measures, what a recipe says. */
    private static final Pattern ANY_UNITS = Pattern.compile("^/(kit|amounts|practice|recipes)\\b.*|.*/ruler\\..*");

    /** Leafing through the steps of a day, or through the lots, shows the same kinds of things again and again. */
    private static final int OF_A_KIND = 8;

    private record Answer(int status, String type, byte[] body) {
        String text() throws IOException {
            if (type.startsWith("application/pdf")) {
                try (PDDocument pdf = Loader.loadPDF(body)) {
                    return new PDFTextStripper().getText(pdf);
                }
            }
            return new String(body, StandardCharsets.UTF_8);
        }

        boolean page() {
            return type.startsWith("text/html");
        }
    }

    private static Answer get(String path, String units) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = CLIENT.send(
                HttpRequest.newBuilder(URI.create(address() + path))
                        .header("Cookie", "units=" + units)
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
        return new Answer(
                answer.statusCode(), answer.headers().firstValue("Content-Type").orElse(""), answer.body());
    }

    @DataProvider
    public Object[][] units() {
        return new Object[][] {{"METRIC"}, {"US"}};
    }

    @Test(dataProvider = "units")
    public void whatIsSaidIsText(String units) throws IOException, InterruptedException {
        Set<String> seen = new HashSet<>();
        Map<String, Integer> kinds = new HashMap<>();
        Set<String> types = new TreeSet<>();
        Deque<String> open = new ArrayDeque<>(List.of("/", "/api/v1/batches/4", "/batches/new?style=steamed-leaf"));
        while (!open.isEmpty()) {
            String path = open.poll();
            if (!seen.add(path) || kinds.merge(path.replaceAll("at=[^&]*|\\d+", "#"), 1, Integer::sum) > OF_A_KIND) {
                continue;
            }
            Answer answer = get(path, units);
            assertEquals(answer.status(), 200, path);
            types.add(answer.type().replaceAll(";.*", ""));
            if (answer.type().equals("application/zip") || answer.type().equals("image/jpeg")) {
                // Rows as they are kept, and pictures: no text for anybody's eye.
                continue;
            }
            Matcher unsaid = UNSAID.matcher(answer.text());
            assertFalse(unsaid.find(), path + ": " + (unsaid.reset().find() ? unsaid.group() : ""));
            boolean all = units.equals("METRIC") || path.startsWith("/api") || path.endsWith(".json");
            String read = answer.page() ? visible(Jsoup.parse(answer.text())) : answer.text();
            Matcher metric = METRIC.matcher(read);
            assertFalse(!all && !ANY_UNITS.matcher(path).matches() && metric.find(), path + ": " + (all ? "" : metric));
            if (answer.page()) {
                open.addAll(links(Jsoup.parse(answer.text())));
            }
        }
        assertTrue(seen.size() > 90, "only " + seen.size());
        assertTrue(
                types.containsAll(Set.of(
                        "text/html", "text/csv", "text/plain", "text/calendar", "application/pdf", "application/json")),
                types.toString());
    }

    /** What is read or heard, without what cooks typed themselves. */
    private static String visible(Document page) {
        page.select("script, style, textarea").remove();
        StringBuilder text = new StringBuilder(page.text());
        for (String attribute : new String[] {"aria-label", "title", "data-say", "placeholder"}) {
            page.select("[" + attribute + "]").eachAttr(attribute).forEach(one -> text.append("; ")
                    .append(one));
        }
        return text.toString();
    }

    /** Where a press or a look leads that changes nothing. */
    private static Set<String> links(Document page) {
        Set<String> links = new TreeSet<>();
        for (Element one : page.select("a[href^=/], [hx-get^=/], img[src^=/]")) {
            String to = one.hasAttr("href")
                    ? one.attr("href")
                    : one.hasAttr("hx-get") ? one.attr("hx-get") : one.attr("src");
            if (!to.isEmpty() && !to.startsWith("/assets/") && !to.endsWith("/stream")) {
                links.add(to.replaceAll("#.*", ""));
            }
        }
        return links;
    }
}
