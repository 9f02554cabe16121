package ironpin.web;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.json.JsonMapper;

/**
 * The application as a process of its own, killed again and again while five write to it: the kit, a plan, the freezer, the Book
 * and a timer. After every kill each place must hold what was answered last, or what was on its way then.
 */
final class KilledKitchen {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final String FORM = "application/x-www-form-urlencoded";
    private static final int STEPS_TO_A_TIMER = 12;

    private final HttpClient client = HttpClient.newHttpClient();
    private final Path data;
    private final Random random;
    private final List<Writer> writers = List.of(new Price(), new Rest(), new Bags(), new Note(), new Minutes());
    private final List<String> lost = new ArrayList<>();
    private String address = "";
    private int written;
    private CountDownLatch firstAnswer = new CountDownLatch(1);

    KilledKitchen(Path data, long seed) {
        this.data = data;
        this.random = new Random(seed);
    }

    /** What came of it. @param lost places that held something else than was answered, each with its kill */
    record Report(int kills, int writes, List<String> lost) {}

    /** @param kills how often */
    Report run(int kills) throws IOException, InterruptedException, ExecutionException {
        for (int kill = 1; kill <= kills; kill++) {
            KitchenProcess kitchen = open();
            try {
                look(kill);
                if (!lost.isEmpty()) {
                    return new Report(kill - 1, written, lost);
                }
                // Few writes as well as many: what a kill leaves differs.
                writeUntil(kitchen, Duration.ofMillis(200L + random.nextInt(1800)));
            } finally {
                kitchen.close();
            }
            // As it was found, for whoever looks into what went wrong.
            Files.copy(
                    data.resolve("ironpin.mv.db"),
                    data.resolve("after-the-kill.db"),
                    StandardCopyOption.REPLACE_EXISTING);
        }
        KitchenProcess kitchen = open();
        try {
            look(kills + 1);
        } finally {
            kitchen.close();
        }
        return new Report(kills, written, lost);
    }

    private void look(int kill) throws IOException, InterruptedException {
        for (Writer one : writers) {
            if (kill == 1) {
                one.begin();
            }
            String holds = one.held();
            if (!holds.equals(one.told) && !holds.equals(one.onItsWay)) {
                lost.add(String.format(
                        Locale.ROOT,
                        "%s holds %s before kill %d; answered %s, on its way %s",
                        one.getClass().getSimpleName(),
                        holds,
                        kill,
                        one.told,
                        one.onItsWay));
            }
            one.told = holds;
        }
    }

    private void writeUntil(KitchenProcess kitchen, Duration length) throws InterruptedException, ExecutionException {
        firstAnswer = new CountDownLatch(1);
        ExecutorService hands = Executors.newFixedThreadPool(writers.size());
        try {
            List<Future<Integer>> work = new ArrayList<>();
            for (Writer one : writers) {
                work.add(hands.submit((Callable<Integer>) one::writeOn));
            }
            Thread.sleep(length.toMillis());
            // On a busy machine too, a kill comes after something was answered.
            firstAnswer.await(PATIENCE.toSeconds(), TimeUnit.SECONDS);
            // SIGKILL: no shutdown hook runs.
            kitchen.kill();
            for (Future<Integer> one : work) {
                written += one.get();
            }
        } finally {
            hands.shutdownNow();
        }
    }

    private KitchenProcess open() throws IOException, InterruptedException {
        KitchenProcess kitchen = KitchenProcess.open(data, List.of("-XX:TieredStopAtLevel=1"));
        address = kitchen.address();
        return kitchen;
    }

    private String get(String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(PATIENCE)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(answer.statusCode() + " for " + path);
        }
        return answer.body();
    }

    private void post(String path, String form) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .timeout(PATIENCE)
                        .header("Content-Type", FORM)
                        // The token is its own: cookie and header only have to agree.
                        .header("Cookie", "XSRF-TOKEN=killed")
                        .header("X-XSRF-TOKEN", "killed")
                        .header("HX-Request", "true")
                        .POST(HttpRequest.BodyPublishers.ofString(form))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 400) {
            throw new IllegalStateException(answer.statusCode() + " for " + path + " " + form + "\n"
                    + answer.body().lines().limit(40).collect(Collectors.joining("\n")));
        }
    }

    private static String found(String page, String pattern) {
        Matcher one = Pattern.compile(pattern, Pattern.DOTALL).matcher(page);
        if (!one.find()) {
            throw new IllegalStateException("no " + pattern);
        }
        return one.group(1);
    }

    /** One who writes to a place of their own, and knows what it must hold. */
    private abstract class Writer {
        String told = "";
        String onItsWay = "";

        /** Whatever has to be done once. */
        void begin() throws IOException, InterruptedException {
            told = held();
        }

        abstract String held() throws IOException, InterruptedException;

        /** What it will hold after the next write. */
        abstract String next();

        abstract void write(String next) throws IOException, InterruptedException;

        private int writeOn() throws InterruptedException {
            int done = 0;
            try {
                while (true) {
                    onItsWay = next();
                    write(onItsWay);
                    told = onItsWay;
                    done++;
                    firstAnswer.countDown();
                }
            } catch (IOException killed) {
                return done;
            }
        }
    }

    private final class Price extends Writer {
        private String key = "";

        @Override
        void begin() throws IOException, InterruptedException {
            key = found(get("/kit"), "value=\"PRICE\"><input type=\"hidden\" name=\"key\" value=\"([^\"]+)\"");
            write("1");
            super.begin();
        }

        @Override
        String held() throws IOException, InterruptedException {
            return found(
                    get("/kit"),
                    "value=\"PRICE\"><input type=\"hidden\" name=\"key\" value=\"" + Pattern.quote(key)
                            + "\">.*?name=\"value\"[^>]*?value=\"([^\"]*)\"");
        }

        @Override
        String next() {
            return String.valueOf(Integer.parseInt(told) % 90 + 1);
        }

        @Override
        void write(String next) throws IOException, InterruptedException {
            post("/kit/cell", "cell=PRICE&key=" + key + "&value=" + next);
        }
    }

    private final class Rest extends Writer {
        @Override
        String held() throws IOException, InterruptedException {
            return String.valueOf(new JsonMapper()
                    .readTree(get("/api/v1/batches/4"))
                    .at("/doughs/0/restMinutes")
                    .asInt());
        }

        @Override
        String next() {
            return String.valueOf(20 + (Integer.parseInt(told) - 19) % 70);
        }

        @Override
        void write(String next) throws IOException, InterruptedException {
            post("/batches/4/plan", "place=table&field=rest&at=dough-1&value=" + next);
        }
    }

    /** Puts a piece in, and now and then takes one out: how many bags lie there. */
    private final class Bags extends Writer {
        private static final Pattern BAG = Pattern.compile("action=\"/freezer/(\\d+)/take\"");
        private static final int MOST = 3;

        @Override
        String held() throws IOException, InterruptedException {
            return String.valueOf(BAG.matcher(get("/freezer")).results().count());
        }

        @Override
        String next() {
            int bags = Integer.parseInt(told);
            return String.valueOf(bags < MOST ? bags + 1 : bags - 1);
        }

        @Override
        void write(String next) throws IOException, InterruptedException {
            if (Integer.parseInt(next) > Integer.parseInt(told)) {
                post("/freezer/put", "batch=4&lot=1&pieces=1");
            } else {
                // The newest holds one piece; of those that lay there before, a bag would stay.
                post("/freezer/" + found(get("/freezer"), ".*" + BAG.pattern()) + "/take", "pieces=1");
            }
        }
    }

    private final class Note extends Writer {
        @Override
        void begin() throws IOException, InterruptedException {
            write("note 0");
            super.begin();
        }

        @Override
        String held() throws IOException, InterruptedException {
            return new JsonMapper()
                    .readTree(get("/api/v1/batches/1"))
                    .at("/outcomes/0/note")
                    .asString();
        }

        @Override
        String next() {
            return "note " + (Integer.parseInt(told.substring("note ".length())) + 1);
        }

        @Override
        void write(String next) throws IOException, InterruptedException {
            post(
                    "/batches/1/outcome",
                    "made=40&burst=0&leaked=0&stuck=0&doughLeft=0&fillingLeft=0&core=&skin=RIGHT&filling=RIGHT&note="
                            + next.replace(' ', '+'));
        }
    }

    private final class Minutes extends Writer {
        private static final String OFFER =
                "<form class=\"timer-start\".*?name=\"key\" value=\"([^\"]+)\".*?name=\"spell\" value=\"([^\"]*)\"";

        private static final int MINUTES_AHEAD = 90;

        private String timer = "";

        /** Ticks off what comes before the first wait, and starts its timer. */
        @Override
        void begin() throws IOException, InterruptedException {
            post("/batches/4/start", "");
            for (int i = 0; i < STEPS_TO_A_TIMER; i++) {
                String page = get("/batches/4/run");
                Matcher offer = Pattern.compile(OFFER, Pattern.DOTALL).matcher(page);
                if (offer.find()) {
                    post(
                            "/batches/4/timers",
                            "place=run&key=" + offer.group(1) + "&spell="
                                    + offer.group(2).replace(' ', '+'));
                    break;
                }
                post(
                        "/batches/4/steps",
                        "place=run&done=true&key="
                                + found(page, "class=\"now-done\".*?name=\"key\" value=\"([^\"]+)\""));
            }
            timer = found(get("/batches/4/run"), "action=\"/batches/4/timers/(\\d+)/minute\"");
            // A minute more than a timer that has rung is counted from now: none may ring before the last kill.
            for (int i = 0; i < MINUTES_AHEAD; i++) {
                write("");
            }
            super.begin();
        }

        @Override
        String held() throws IOException, InterruptedException {
            return found(get("/batches/4/run"), "data-ends=\"(\\d+)\"[^>]*?data-timer=\"" + timer + "\"");
        }

        @Override
        String next() {
            return String.valueOf(Long.parseLong(told) + 60_000);
        }

        @Override
        void write(String next) throws IOException, InterruptedException {
            post("/batches/4/timers/" + timer + "/minute", "place=run");
        }
    }

    /** @param asked kills, and the file for the figures; commas between */
    public static void main(String[] asked) throws Exception {
        String[] args = asked[0].split(",");
        Path data = Path.of("target", "killed-kitchen-long");
        OpenKitchen.empty(data);
        Report report = new KilledKitchen(data, System.nanoTime()).run(Integer.parseInt(args[0]));
        Files.writeString(
                Path.of(args[1]),
                String.format(
                        Locale.ROOT,
                        "| %d kills, five writers | %d writes answered | %d lost |%n",
                        report.kills(),
                        report.writes(),
                        report.lost().size()));
        if (!report.lost().isEmpty()) {
            throw new IllegalStateException(String.join("\n", report.lost()));
        }
    }
}
