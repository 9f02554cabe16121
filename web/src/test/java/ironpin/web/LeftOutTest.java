package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.quantity.Mass;
import ironpin.store.BatchStore;
import ironpin.store.FireStore;
import ironpin.store.RunStore;
import ironpin.store.WorkStore;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Each thing there is gets left out while something of every kind points at it: a timer, a round on the fire, a weighing, a hold,
 * a tasting, a bag. Every page of the kitchen opens all the same, before and after a restart.
 */
public class LeftOutTest {
    private static final String NAME = "left-out";
    private static final int SUPPER = 4;
    private static final List<String> STATIONS = List.of(
            "table",
            "dough",
            "filling",
            "portion",
            "roll",
            "fold",
            "cook",
            "clock",
            "book",
            "run",
            "bench",
            "sheet",
            "shopping");

    private final HttpClient client = HttpClient.newHttpClient();
    private ConfigurableApplicationContext kitchen;

    @BeforeMethod
    public void openAndPointAtEverything() throws IOException, InterruptedException {
        OpenKitchen.empty(OpenKitchen.folder(NAME));
        start();
        post("/stove/burners", "name=Left&watts=1200");
        post("/stove/vessels", "name=Wok&kind=PAN&width=280");
        post("/batches/4/clock/person/add", "");
        post("/batches/4/clock/hold", "key=dough-3.mix&minutes=-200");
        for (int lot = 1; lot <= 3; lot++) {
            post("/batches/4/filling/taste", "place=filling&verdict=RIGHT&lot=" + lot);
            post("/freezer/put", "batch=4&pieces=1&lot=" + lot);
            WorkStore.Of of = new WorkStore.Of(SUPPER, lot);
            kitchen.getBean(WorkStore.class)
                    .weigh(of, WorkStore.What.DOUGH, Mass.ofGrams(14), Mass.ofGrams(14), 40, Instant.now());
            kitchen.getBean(FireStore.class).in(of, 3, Instant.now());
            kitchen.getBean(RunStore.class)
                    .startTimer(SUPPER, "lot-" + lot + ".cook", "", Duration.ofMinutes(9), Instant.now());
        }
        kitchen.getBean(RunStore.class).startTimer(SUPPER, "dough-3.rest", "", Duration.ofMinutes(9), Instant.now());
        post("/batches/4/start", "");
    }

    private void start() {
        kitchen = OpenKitchen.start(NAME);
    }

    @AfterMethod(alwaysRun = true)
    public void close() {
        kitchen.close();
    }

    @DataProvider
    public Object[][] things() {
        return new Object[][] {
            {"the first lot, with its dough and filling", "/batches/4/lanes/drop", "place=table&lot=1"},
            {"the last lot, with its dough and filling", "/batches/4/lanes/drop", "place=table&lot=3"},
            {"a dough that a lot no longer uses", "/batches/4/lanes/dough", "place=dough&lot=3&dough=1"},
            {"a filling that a lot no longer uses", "/batches/4/lanes/filling", "place=filling&lot=3&filling=1"},
            {"a line of a filling", "/batches/4/filling/drop", "place=filling&lot=1&index=0"},
            {"a person", "/batches/4/clock/person/gone", "place=clock&no=1"},
            {"a vessel", "/stove/vessels/drop", "index=0"},
            {"a burner", "/stove/burners/drop", "index=0"},
            {"a bag", "/freezer/1/take", "pieces=1"},
            {"a flour", "/kit/flours/drop", "key=all-round"},
            {"a batch", "/batches/4/delete", ""},
        };
    }

    @Test(dataProvider = "things")
    public void whatIsLeftOutBreaksNothingElse(String what, String path, String form)
            throws IOException, InterruptedException {
        post(path, form);
        assertEquals(troubles(STATIONS), "", what);
        if (path.endsWith("lanes/drop")) {
            kitchen.close();
            start();
            assertEquals(troubles(List.of("cook", "run")), "", what + ", after a restart");
            kitchen.getBean(BatchStore.class).undo(SUPPER);
            int lot = Integer.parseInt(form.substring(form.length() - 1));
            assertTrue(
                    get("/batches/4/cook?lot=" + lot).body().contains("on the fire"),
                    "its round is on the fire again once it is back");
        }
    }

    /** Every page that does not answer as it should. */
    private String troubles(List<String> stations) throws IOException, InterruptedException {
        List<String> paths = new ArrayList<>(List.of(
                "/",
                "/kit",
                "/stove",
                "/freezer",
                "/freezer/labels.pdf",
                "/book",
                "/batches/new",
                "/practice",
                "/scale"));
        boolean there = get("/batches/4/table").statusCode() == 200;
        for (String station : stations) {
            paths.add("/batches/1/" + station);
            for (int lot = 1; lot <= 3 && there; lot++) {
                paths.add("/batches/4/" + station + "?lot=" + lot);
            }
        }
        List<String> troubles = new ArrayList<>();
        for (String path : paths) {
            int status = get(path).statusCode();
            if (status != 200) {
                troubles.add(status + " " + path);
            }
        }
        return String.join("\n", troubles);
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(OpenKitchen.address(kitchen) + path))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private void post(String path, String form) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(OpenKitchen.address(kitchen) + path))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("Cookie", "XSRF-TOKEN=left")
                        .header("X-XSRF-TOKEN", "left")
                        .POST(HttpRequest.BodyPublishers.ofString(form))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertTrue(answer.statusCode() < 400, answer.statusCode() + " " + path + " " + form);
    }
}
