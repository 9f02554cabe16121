package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Each example in docs/api.md is asked, and answered as it says there. */
public class ApiDocTest extends OpenKitchen {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Pattern EXAMPLE = Pattern.compile(
            "```sh\ncurl -s http://127\\.0\\.0\\.1:8642(\\S+)(?: -H '([^']*)' -d '([^']*)')?\n```\\s+```json\n(.*?)\n```",
            Pattern.DOTALL);

    @DataProvider
    public Object[][] examples() throws IOException {
        Matcher found = EXAMPLE.matcher(Files.readString(Path.of("../docs/api.md")));
        List<Object[]> all = new ArrayList<>();
        while (found.find()) {
            all.add(new Object[] {found.group(1), found.group(3), found.group(4)});
        }
        assertTrue(all.size() >= 10, all.size() + " examples");
        return all.toArray(Object[][]::new);
    }

    @Test(dataProvider = "examples")
    public void anExampleIsAnsweredAsItSays(String path, String body, String answer)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address() + path));
        if (body != null) {
            request.header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(body));
        }
        String said = HttpClient.newHttpClient()
                .send(request.build(), HttpResponse.BodyHandlers.ofString())
                .body();
        holds(JSON.readTree(said), JSON.readTree(answer), path);
    }

    private static void holds(JsonNode whole, JsonNode part, String at) {
        if (part.isObject()) {
            part.propertyNames().forEach(name -> holds(whole.path(name), part.get(name), at + "." + name));
        } else if (part.isArray()) {
            assertTrue(whole.isArray() && whole.size() >= part.size(), at + " is " + whole);
            for (int i = 0; i < part.size(); i++) {
                holds(whole.get(i), part.get(i), at + "[" + i + "]");
            }
        } else if (part.isNumber()) {
            assertEquals(whole.asDouble(), part.asDouble(), 1e-3, at);
        } else {
            assertEquals(whole, part, at);
        }
    }
}
