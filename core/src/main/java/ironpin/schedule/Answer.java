package ironpin.schedule;

import java.util.List;
import java.util.Set;

/**
 * Jobs laid out.
 *
 * @param slots where each job lies, in the problem's order
 * @param sheltered numbers of the lags that make use of their shelter
 */
public record Answer(List<Slot> slots, Set<Integer> sheltered) {
    /**
     * A job at its time.
     *
     * @param start from
     * @param end until
     * @param mode number of the mode it is done in; -1 where it gets on by itself
     */
    public record Slot(int start, int end, int mode) {}

    public Answer {
        slots = List.copyOf(slots);
        sheltered = Set.copyOf(sheltered);
    }

    /** When a moment is. */
    public int at(Moment moment) {
        Slot slot = slots.get(moment.job());
        return moment.edge() == Moment.Edge.START ? slot.start() : slot.end();
    }

    /** How long a gap lasts. */
    public int gap(Lag lag) {
        return at(lag.to()) - at(lag.from());
    }

    /** The same seen from the other end of time. */
    Answer mirrored() {
        return new Answer(
                slots.stream()
                        .map(slot -> new Slot(-slot.end(), -slot.start(), slot.mode()))
                        .toList(),
                sheltered);
    }
}
