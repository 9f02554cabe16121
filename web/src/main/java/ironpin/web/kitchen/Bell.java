package ironpin.web.kitchen;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open page of a batch that something changed, so that two screens never disagree for long. */
@Component
public class Bell {
    private final Map<Long, List<SseEmitter>> listeners = new ConcurrentHashMap<>();
    private final Map<Long, Long> rings = new ConcurrentHashMap<>();

    /** A page listens until it is closed. */
    public SseEmitter listen(long batchId) {
        SseEmitter emitter = new SseEmitter(0L);
        List<SseEmitter> pages = listeners.computeIfAbsent(batchId, id -> new CopyOnWriteArrayList<>());
        pages.add(emitter);
        emitter.onCompletion(() -> pages.remove(emitter));
        emitter.onTimeout(() -> pages.remove(emitter));
        emitter.onError(gone -> pages.remove(emitter));
        send(emitter, pages, "listening", String.valueOf(count(batchId)));
        return emitter;
    }

    /**
     * Something about the batch changed.
     *
     * @param page which page did it; it knows already
     */
    public void ring(long batchId, String page) {
        rings.merge(batchId, 1L, Long::sum);
        List<SseEmitter> pages = listeners.getOrDefault(batchId, List.of());
        for (SseEmitter emitter : pages) {
            send(emitter, pages, "changed", page);
        }
    }

    /** How often it rang for a batch: a page that knows a smaller number has missed something. */
    public long count(long batchId) {
        return rings.getOrDefault(batchId, 0L);
    }

    private static void send(SseEmitter emitter, List<SseEmitter> pages, String name, String data) {
        try {
            emitter.send(SseEmitter.event().name(name).data(data));
        } catch (IOException | IllegalStateException gone) {
            pages.remove(emitter);
        }
    }
}
