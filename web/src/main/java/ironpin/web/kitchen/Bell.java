package ironpin.web.kitchen;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells every open page that something about a batch changed, so that two screens never disagree for long. A browser listens
 * once for all its pages. A stream is beaten every few seconds, so that one whose page is gone is noticed and let go.
 */
@Component
public class Bell {
    private static final Logger LOG = LoggerFactory.getLogger(Bell.class);
    private static final Duration LONGEST = Duration.ofMinutes(30);

    private final Set<SseEmitter> listeners = ConcurrentHashMap.newKeySet();
    private final Map<Long, Long> rings = new ConcurrentHashMap<>();

    /** Sends from a thread of its own: a listener that does not take what it is sent keeps no change waiting. */
    private final ScheduledExecutorService ringer = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "bell");
        thread.setDaemon(true);
        return thread;
    });

    /** @param every how often a stream is beaten */
    Bell(@Value("${ironpin.beat:10s}") Duration every) {
        ringer.scheduleWithFixedDelay(this::beat, every.toMillis(), every.toMillis(), TimeUnit.MILLISECONDS);
    }

    /** A browser listens until it is closed; after a while it is asked to come again. */
    public SseEmitter listen() {
        return listen(new SseEmitter(LONGEST.toMillis()));
    }

    SseEmitter listen(SseEmitter emitter) {
        emitter.onCompletion(() -> listeners.remove(emitter));
        emitter.onTimeout(() -> listeners.remove(emitter));
        emitter.onError(gone -> listeners.remove(emitter));
        listeners.add(emitter);
        ringer.execute(() -> send(emitter, SseEmitter.event().name("listening").data(counts())));
        return emitter;
    }

    /** How often it rang for each batch, as in {@code 4:12 7:1}. */
    private String counts() {
        return new TreeMap<>(rings)
                .entrySet().stream()
                        .map(one -> one.getKey() + ":" + one.getValue())
                        .collect(Collectors.joining(" "));
    }

    /**
     * Something about the batch changed.
     *
     * @param page which page did it; it knows already
     */
    public void ring(long batchId, String page) {
        long count = rings.merge(batchId, 1L, Long::sum);
        String said = batchId + ":" + count + " " + page;
        ringer.execute(() -> listeners.forEach(
                emitter -> send(emitter, SseEmitter.event().name("changed").data(said))));
    }

    /** Something in the kitchen that belongs to no batch. @param kind name of the event @param said one line */
    public void tell(String kind, String said) {
        ringer.execute(() -> listeners.forEach(
                emitter -> send(emitter, SseEmitter.event().name(kind).data(said))));
    }

    /** How often it rang for a batch: a page that knows a smaller number has missed something. */
    public long count(long batchId) {
        return rings.getOrDefault(batchId, 0L);
    }

    /** How many browsers listen. */
    public int listening() {
        return listeners.size();
    }

    private void beat() {
        listeners.forEach(
                emitter -> send(emitter, SseEmitter.event().name("beat").data("")));
    }

    private void send(SseEmitter emitter, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | RuntimeException gone) {
            letGo(emitter, gone);
        }
    }

    /** The container may be ending the same stream at this moment, and then refuses: that must not stop the beat. */
    private void letGo(SseEmitter emitter, Exception gone) {
        listeners.remove(emitter);
        try {
            emitter.completeWithError(gone);
        } catch (RuntimeException ended) {
            LOG.debug("a stream had ended already", ended);
        }
    }

    @PreDestroy
    void close() {
        ringer.shutdownNow();
    }
}
