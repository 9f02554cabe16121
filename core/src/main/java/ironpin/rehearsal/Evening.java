package ironpin.rehearsal;

import ironpin.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A rehearsed evening as far as it was decided: the same seed, level and decisions are the same evening.
 *
 * @param seed of what is hidden and of how each piece fares
 * @param level 1 to 3: how much is hidden
 * @param ways of each decision in their order, from 0; as many as were decided
 */
public record Evening(long seed, int level, List<Integer> ways) {
    public Evening {
        ways = new Chosen(ways).ways();
        Truth.drawn(seed, level);
    }

    private Chosen chosen() {
        return new Chosen(ways);
    }

    /** What is decided next; nothing once it is over. */
    public Optional<Decision> next() {
        return chosen().over() ? Optional.empty() : Optional.of(Decision.values()[ways.size()]);
    }

    /** What is there to see before what is decided next. */
    public Sign sign() {
        return new Signs(truth(), chosen()).before(next().orElseThrow());
    }

    /** Its ways, as on buttons. */
    public List<Sentence> options() {
        return Ways.of(next().orElseThrow(), chosen());
    }

    /** Decided so. @throws ironpin.refusal.Refused for a way that is not there */
    public Evening deciding(int way) {
        List<Integer> more = new ArrayList<>(ways);
        more.add(way);
        return new Evening(seed, level, more);
    }

    /** What was hidden. To be shown when it is over. */
    public Truth truth() {
        return Truth.drawn(seed, level);
    }

    /** What came of it, once it is over. */
    public Supper supper() {
        return Supper.of(seed, truth(), chosen());
    }

    /** What was hidden beside each decision, once it is over. */
    public List<Hindsight> hindsight() {
        return Hindsight.of(seed, truth(), chosen());
    }
}
