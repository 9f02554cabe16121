package ironpin.web;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Fifty clients who write and look, hostile bodies and slow senders among them, streams open and the solver thinking, against a
 * kitchen that runs already: nothing fails but with a reason, nothing is lost, and the heap comes back to where it was.
 */
final class Soak {
    private static final double BACK = 0.2;
    private static final int SLOW = 6;
    private static final Duration QUIET = Duration.ofSeconds(45);

    private Soak() {}

    /** @param asked address, process, seconds, and the file for the figures; commas between */
    public static void main(String[] asked) throws Exception {
        String[] args = asked[0].split(",");
        long before = heap(args[1]);
        AtomicInteger hostile = new AtomicInteger();
        List<String> odd = new CopyOnWriteArrayList<>();
        Thread sender = daemon(() -> send(args[0], hostile, odd));
        Thread slow = daemon(() -> drip(args[0]));
        BusyKitchen.Report report =
                new BusyKitchen(args[0], 50, Duration.ofSeconds(Long.parseLong(args[2])), System.nanoTime()).run();
        sender.interrupt();
        slow.interrupt();
        Thread.sleep(QUIET.toMillis());
        long after = heap(args[1]);
        String said = String.format(
                Locale.ROOT,
                "| soak, 50 clients for %s s | %d requests, %d writes, %d hostile bodies | p95 %.0f ms, slowest %.0f ms | %d failed, %d lost, %d odd answers; heap %d to %d MB |%n",
                args[2],
                report.requests(),
                report.writes(),
                hostile.get(),
                report.p95(),
                report.slowest(),
                report.broken().size(),
                report.lost().size(),
                odd.size(),
                before >> 20,
                after >> 20);
        Files.writeString(Path.of(args[3]), said);
        boolean back = after < before * (1 + BACK);
        if (!report.broken().isEmpty() || !report.lost().isEmpty() || !odd.isEmpty() || !back) {
            throw new IllegalStateException(said + report.broken() + report.lost() + odd);
        }
    }

    private interface Work {
        void run() throws Exception;
    }

    private static Thread daemon(Work work) {
        Thread thread = new Thread(() -> {
            try {
                work.run();
            } catch (InterruptedException over) {
                Thread.currentThread().interrupt();
            } catch (Exception problem) {
                throw new IllegalStateException(problem);
            }
        });
        thread.setDaemon(true);
        thread.start();
        return thread;
    }

    private static void send(String address, AtomicInteger count, List<String> odd) throws InterruptedException {
        HttpClient client = HttpClient.newHttpClient();
        Object[][] bodies = new HostileBodyTest().bodies();
        Random random = new Random(20261129);
        while (!Thread.currentThread().isInterrupted()) {
            Object[] one = bodies[random.nextInt(bodies.length)];
            HostileBodyTest.Door door = (HostileBodyTest.Door) one[0];
            String body = HostileBodyTest.body(door, (String) one[1], (String) one[2], (String) one[3]);
            try {
                int status = client.send(
                                HostileBodyTest.request(address, door, body), HttpResponse.BodyHandlers.discarding())
                        .statusCode();
                count.incrementAndGet();
                if (status >= 500 && status != 503) {
                    odd.add(status + " " + door);
                }
            } catch (IOException brokenOff) {
                count.incrementAndGet();
            }
            Thread.sleep(500);
        }
    }

    private static void drip(String address) throws IOException, InterruptedException {
        URI kitchen = URI.create(address);
        while (!Thread.currentThread().isInterrupted()) {
            for (int i = 0; i < SLOW; i++) {
                Socket one = new Socket(kitchen.getHost(), kitchen.getPort());
                one.getOutputStream()
                        .write(("POST /recipes HTTP/1.1\r\nHost: " + kitchen.getAuthority()
                                        + "\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 900\r\n\r\na")
                                .getBytes(StandardCharsets.US_ASCII));
            }
            Thread.sleep(15_000);
        }
    }

    /** Bytes that are alive after a collection. */
    private static long heap(String pid) throws IOException {
        Process histogram = new ProcessBuilder("jcmd", pid, "GC.class_histogram").start();
        String out = new String(histogram.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        Matcher total = Pattern.compile("(?m)^Total\\s+\\d+\\s+(\\d+)").matcher(out);
        if (!total.find()) {
            throw new IOException("no histogram of " + pid);
        }
        return Long.parseLong(total.group(1));
    }
}
