package ironpin.web.kitchen;

import ironpin.store.Tidying;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Looks every minute whether nobody is writing, and has the cupboard tidied then; and keeps a backup a day of one that stays open. */
@Component
@Lazy(false)
class QuietMoments {
    private static final Logger LOG = LoggerFactory.getLogger(QuietMoments.class);
    private static final Duration QUIET = Duration.ofMinutes(1);

    private final ScheduledExecutorService looker = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "quiet-moments");
        thread.setDaemon(true);
        return thread;
    });

    QuietMoments(Tidying tidying, DailyCopies copies) {
        looker.scheduleWithFixedDelay(() -> look(tidying), QUIET.toSeconds(), QUIET.toSeconds(), TimeUnit.SECONDS);
        looker.scheduleWithFixedDelay(copies::keep, 1, QUIET.toSeconds(), TimeUnit.SECONDS);
    }

    private static void look(Tidying tidying) {
        try {
            tidying.inAQuietMoment(QUIET);
        } catch (RuntimeException untidy) {
            LOG.warn("the cupboard was not tidied; it stays as it is", untidy);
        }
    }

    @PreDestroy
    void close() {
        looker.shutdownNow();
    }
}
