package ironpin.web.door;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * The short code by which a device is let in. It holds for ten minutes and for one device. Whoever is wrong three times waits a minute,
 * and twice as long after every further one; when all together were wrong twenty times, the code is gone: of a million codes so
 * few are tried that guessing one in ten minutes succeeds once in fifty thousand times.
 */
@Component
class DoorCode {
    static final Duration HOLDS = Duration.ofMinutes(10);
    static final int FREE_TRIES = 3;
    static final int MOST_TRIES = 20;
    private static final Duration WAIT = Duration.ofMinutes(1);
    private static final int MOST_DOUBLED = 6;

    /** Addresses that are remembered; whoever has so many may guess as often as all may together. */
    private static final int MOST_ADDRESSES = 1_000;

    private static final int CODES = 1_000_000;

    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, Wrong> wrong = new HashMap<>();
    private String code = "";
    private Instant ends = Instant.MIN;
    private int tries;

    private record Wrong(int times, Instant until) {}

    DoorCode(Clock clock) {
        this.clock = clock;
    }

    /** A new one; the one before holds no more. */
    synchronized String make() {
        code = String.format(Locale.ROOT, "%06d", random.nextInt(CODES));
        ends = clock.instant().plus(HOLDS);
        tries = 0;
        return code;
    }

    /** The one that holds now. */
    synchronized Optional<String> now() {
        return code.isEmpty() || !clock.instant().isBefore(ends) ? Optional.empty() : Optional.of(code);
    }

    /** How long it still holds. */
    synchronized Duration left() {
        return now().map(any -> Duration.between(clock.instant(), ends)).orElse(Duration.ZERO);
    }

    /** How long an address waits until it may try again; zero if it may now. */
    synchronized Duration waits(String address) {
        Wrong one = wrong.get(address);
        Instant now = clock.instant();
        return one == null || !now.isBefore(one.until()) ? Duration.ZERO : Duration.between(now, one.until());
    }

    /** Whether this is the code. Right or wrong, it is a try; a right one uses the code up. */
    synchronized boolean is(String typed, String address) {
        boolean right = waits(address).isZero()
                && now().filter(typed.replaceAll("\\D", "")::equals).isPresent();
        if (right) {
            code = "";
            wrong.remove(address);
            return true;
        }
        tries++;
        if (tries >= MOST_TRIES) {
            code = "";
        }
        if (wrong.size() >= MOST_ADDRESSES) {
            wrong.clear();
        }
        int times = wrong.containsKey(address) ? wrong.get(address).times() + 1 : 1;
        Instant until = times < FREE_TRIES
                ? Instant.MIN
                : clock.instant().plus(WAIT.multipliedBy(1L << Math.min(MOST_DOUBLED, times - FREE_TRIES)));
        wrong.put(address, new Wrong(times, until));
        return false;
    }
}
