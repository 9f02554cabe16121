package ironpin.web.page;

import ironpin.store.PaceStore;
import java.util.Optional;

/**
 * A step that took clearly more or less than was planned, for the cook to say that it always does.
 *
 * @param step which
 * @param minutes it took
 */
public record Timed(RunStep step, long minutes) {
    /** Within a fifth it was as planned. */
    private static final double AS_PLANNED = 0.2;

    static Optional<Timed> of(Screen screen, PaceStore paces) {
        return paces.last(screen.id())
                .filter(last -> Math.abs(last.seen() - 1) > AS_PLANNED)
                .flatMap(last -> screen.run().steps().stream()
                        .filter(step -> step.key().equals(last.taskKey()) && step.done() && step.ownTime())
                        .findFirst()
                        .map(step -> new Timed(step, Math.max(1, Math.round(step.minutes() * last.seen())))));
    }

    /** As in "“Weigh and mix” took 9 min; the plan counts with 6." */
    public String said() {
        return "“" + step.slot().task().name() + "” took " + minutes + " min; the plan counts with " + step.minutes()
                + ".";
    }
}
