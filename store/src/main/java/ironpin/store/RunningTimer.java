package ironpin.store;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A timer as it is kept: where it stands follows from the clock, so a reload or a second screen shows the same.
 *
 * @param id its number
 * @param taskKey which task it belongs to
 * @param spell key of the task's timed spell; empty for the whole task
 * @param startedAt when it was started
 * @param length how long it runs
 * @param stoppedAt when it was stopped by hand
 */
public record RunningTimer(
        long id, String taskKey, String spell, Instant startedAt, Duration length, Optional<Instant> stoppedAt) {
    /** When it rings. */
    public Instant endsAt() {
        return startedAt.plus(length);
    }
}
