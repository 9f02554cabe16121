package ironpin.clock;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

/** How a task wants hands. */
public sealed interface Work {
    /** It gets on by itself. */
    record Alone() implements Work {}

    /**
     * Hands are busy with it from start to end.
     *
     * @param craft what kind of work it is
     * @param yields whether it may be left for a moment and taken up again
     */
    record Throughout(Craft craft, boolean yields) implements Work {}

    /**
     * Hands are wanted now and then; the rest gets on by itself.
     *
     * @param craft what kind of work it is
     * @param touches when, in order
     */
    record Touched(Craft craft, List<Touch> touches) implements Work {
        public Touched {
            touches = List.copyOf(touches);
        }
    }

    /**
     * A moment in which hands are wanted.
     *
     * @param after the start of the task
     * @param time how long
     */
    record Touch(Duration after, Duration time) {
        /** When it is over, after the start of the task. */
        public Duration over() {
            return after.plus(time);
        }
    }

    /** What kind of work it is, if it is any. */
    default Optional<Craft> trade() {
        if (this instanceof Throughout whole) {
            return Optional.of(whole.craft());
        }
        return this instanceof Touched touched ? Optional.of(touched.craft()) : Optional.empty();
    }

    /** It gets on by itself. */
    Work ALONE = new Alone();
}
