package ironpin.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;

/** How long the Book's pages take on the server's side of the wire, each asked for in other words every time. */
public final class BookTiming {
    private static final int WARM = 30;
    private static final int TIMES = 100;

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private BookTiming() {}

    public static void main(String[] args) throws IOException, InterruptedException {
        int past = Integer.parseInt(args[1]);
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("first page", "/book");
        pages.put("a page further on", "/book?page=%d");
        pages.put("a search", "/book?words=past+%d");
        pages.put("two side by side", "/book/beside?beside=%d&beside=2");
        pages.put("the answers", "/book/answers");
        for (Map.Entry<String, String> page : pages.entrySet()) {
            double[] took = new double[TIMES];
            for (int i = -WARM; i < TIMES; i++) {
                int which = 3 + Math.floorMod(i * 37, Math.max(1, past - 4));
                int number = page.getValue().contains("page=") ? 1 + which / 12 : which;
                String path = page.getValue().formatted(number);
                long began = System.nanoTime();
                HttpResponse<String> answer = CLIENT.send(
                        HttpRequest.newBuilder(URI.create(args[0] + path)).build(),
                        HttpResponse.BodyHandlers.ofString());
                if (answer.statusCode() != 200) {
                    throw new IllegalStateException(path + " answers " + answer.statusCode());
                }
                if (i >= 0) {
                    took[i] = (System.nanoTime() - began) / 1e6;
                }
            }
            Arrays.sort(took);
            System.out.printf(
                    "| %d | %s | %.0f | %.0f |%n", past, page.getKey(), took[TIMES / 2], took[TIMES * 95 / 100]);
        }
    }
}
