package ironpin.web.kitchen;

import ironpin.store.BatchStore;
import ironpin.store.Status;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.InetAddress;
import java.net.URI;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Looks once at the pages of the newest batch when the kitchen has opened: templates are read and classes loaded then, and not
 * while a cook waits for the first edit.
 */
@Component
@Lazy(false)
class FirstLook {
    private static final Logger LOG = LoggerFactory.getLogger(FirstLook.class);
    private static final List<String> PAGES = List.of("table", "dough", "filling", "fold", "dough", "filling", "table");

    private final BatchStore batches;

    FirstLook(BatchStore batches) {
        this.batches = batches;
    }

    @EventListener
    void opened(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext context) {
            int port = context.getWebServer().getPort();
            Thread look = new Thread(() -> look(port), "first-look");
            look.setDaemon(true);
            look.setPriority(Thread.MIN_PRIORITY);
            look.start();
        }
    }

    private void look(int port) {
        Stream.of(Status.RUNNING, Status.PLANNED, Status.DONE)
                .flatMap(status -> batches.numbers(status, 0, 1).stream())
                .findFirst()
                .ifPresent(id -> PAGES.forEach(page -> get(port, "/batches/" + id + "/" + page)));
    }

    private static void get(int port, String path) {
        try {
            String here = InetAddress.getLoopbackAddress().getHostAddress();
            HttpURLConnection page = (HttpURLConnection)
                    URI.create("http://" + here + ":" + port + path).toURL().openConnection();
            page.setRequestProperty("HX-Request", "true");
            try (InputStream body = page.getInputStream()) {
                body.transferTo(OutputStream.nullOutputStream());
            }
        } catch (IOException notNow) {
            LOG.debug("nothing was looked at", notNow);
        }
    }
}
