package ironpin.web.run;

import ironpin.store.BatchStore;
import ironpin.store.Status;
import ironpin.web.kitchen.Bell;
import ironpin.web.page.Plans;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/**
 * What stands on a page in the middle of the work is only true for a minute: how late it is, what is now. Every minute the bell
 * rings for each day that is under way or ought to be, so that all its pages say the same, also where nobody pressed anything.
 */
@Component
@Lazy(false)
public class MinuteHand {
    private static final Logger LOG = LoggerFactory.getLogger(MinuteHand.class);
    /** So far from its table a day under way is looked at: a dough may rest for days before. */
    private static final Duration LONG = Duration.ofDays(4);

    /** So far from its table a day that has not begun is looked at. */
    private static final Duration SHORT = Duration.ofHours(12);

    /** So long before it must begin. */
    private static final Duration BEFORE = Duration.ofMinutes(15);

    private final BatchStore batches;
    private final Plans plans;
    private final Bell bell;
    private final Clock clock;
    private final ScheduledExecutorService hand = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "minute-hand");
        thread.setDaemon(true);
        return thread;
    });

    MinuteHand(BatchStore batches, Plans plans, Bell bell, Clock clock) {
        this.batches = batches;
        this.plans = plans;
        this.bell = bell;
        this.clock = clock;
        hand.scheduleAtFixedRate(this::move, 1, 1, TimeUnit.MINUTES);
    }

    private void move() {
        try {
            look();
        } catch (RuntimeException unseen) {
            LOG.warn("the pages were not told that a minute went by; the next one tells them", unseen);
        }
    }

    /** A minute has gone by. */
    public void look() {
        if (bell.listening() == 0) {
            return;
        }
        LocalDateTime now = LocalDateTime.now(clock);
        batches.numbers(Status.RUNNING, now.minus(LONG), now.plus(LONG)).forEach(id -> bell.ring(id, ""));
        batches.numbers(Status.PLANNED, now.minus(SHORT), now.plus(SHORT)).stream()
                .filter(this::matters)
                .forEach(id -> bell.ring(id, ""));
    }

    /** Whether a day that has not begun must begin by now or soon. */
    private boolean matters(long planned) {
        ZonedDateTime begins = plans.of(batches.load(planned)).timetable().latestStart();
        return begins.minus(BEFORE).isBefore(ZonedDateTime.now(clock));
    }

    @PreDestroy
    void close() {
        hand.shutdownNow();
    }
}
