package ironpin.web;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The application with the demo kitchen as a process of its own, which may be killed, or end. */
final class KitchenProcess {
    /** A machine that does four things at once takes a minute and a half to open one; whether it opens is asked, not how soon. */
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    /** One for all: it is asked ten times a second whether a kitchen is open yet. */
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private final Process process;
    private final String address;

    private KitchenProcess(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /** What the launcher starts it with. */
    static List<String> shippedMemory() throws IOException {
        Matcher said = Pattern.compile("(?m)^MEMORY=\"([^\"]+)\"").matcher(Files.readString(Path.of("..", "ironpin")));
        if (!said.find()) {
            throw new IllegalStateException("the launcher says nothing of memory");
        }
        return List.of(said.group(1).split(" "));
    }

    /** Starts it and waits for its first answer. @param jvm options of Java */
    static KitchenProcess open(Path data, List<String> jvm) throws IOException, InterruptedException {
        return open(data, jvm, freePort());
    }

    static int freePort() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    /** The same on a port, with whatever else it is told. */
    static KitchenProcess open(Path data, List<String> jvm, int port, String... told)
            throws IOException, InterruptedException {
        List<String> options = new ArrayList<>(jvm);
        options.addAll(OpeningClasses.options());
        return start(data, options, port, told);
    }

    /** @param jvm options of Java, the class path among them */
    static KitchenProcess start(Path data, List<String> jvm, int port, String... told)
            throws IOException, InterruptedException {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(jvm);
        command.addAll(List.of(
                "-Djava.library.path=" + System.getProperty("java.library.path"),
                Ironpin.class.getName(),
                "--server.port=" + port,
                "--ironpin.demo=true",
                "--ironpin.data=" + data.toAbsolutePath()));
        command.addAll(List.of(told));
        Path log = Path.of("target", data.getFileName() + ".log");
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                .start();
        KitchenProcess kitchen = new KitchenProcess(process, "http://127.0.0.1:" + port);
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (process.isAlive() && System.nanoTime() < end) {
            try {
                kitchen.status("/kit");
                return kitchen;
            } catch (IOException notYet) {
                Thread.sleep(100);
            }
        }
        kitchen.close();
        throw new IOException("it did not open; see " + data + " and " + log);
    }

    String address() {
        return address;
    }

    boolean alive() {
        return process.isAlive();
    }

    /** Status of a page. */
    int status(String path) throws IOException, InterruptedException {
        return CLIENT.send(
                        HttpRequest.newBuilder(URI.create(address + path))
                                .timeout(PATIENCE)
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    /** SIGKILL: no shutdown hook runs. */
    void kill() {
        process.destroyForcibly();
    }

    /** As from the launcher: asked to end, and waited for. */
    void leave() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }

    void close() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }
}
