package ironpin.web.run;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Tells a second tap from a press: nobody reads the next step within half a second, so what comes sooner was meant for the step that
 * stood there before.
 */
@Component
class Taps {
    private static final int PAGES = 500;

    private final long soonest;
    private final LongSupplier nanos;
    private final Cache<String, Long> last =
            Caffeine.newBuilder().maximumSize(PAGES).build();

    @Autowired
    Taps(@Value("${ironpin.second-tap:600ms}") Duration soonest) {
        this(soonest, System::nanoTime);
    }

    Taps(Duration soonest, LongSupplier nanos) {
        this.soonest = soonest.toNanos();
        this.nanos = nanos;
    }

    /** Whether this comes too soon after the last press that counted on the same page; one that does not counts. */
    boolean again(String page) {
        long now = nanos.getAsLong();
        boolean[] soon = {false};
        last.asMap().compute(page, (key, before) -> {
            soon[0] = before != null && now - before < soonest;
            return soon[0] ? before : now;
        });
        return soon[0];
    }
}
