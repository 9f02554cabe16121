package ironpin.cook;

import ironpin.quantity.Belief;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.List;

/**
 * How one cook cooks a lot: as the school has it, or in spells of their own.
 *
 * @param from where the pieces stood before
 * @param correction how long real rounds of this kind take against the estimate, as the probe taught; 1 until it taught anything
 * @param atOnce pieces that the cook puts into a round, 1 to {@value #MOST_AT_ONCE}; 0 for as many as the vessel takes
 * @param own the cook's spells, at most 12; none as long as the school's are right
 */
public record Cooking(Start from, Belief correction, int atOnce, List<Spell> own) {
    /** More than that nobody keeps in mind. */
    public static final int MOST_SPELLS = 12;

    /** No vessel of a kitchen takes more. */
    public static final int MOST_AT_ONCE = 300;

    /** The model is off by a sixth or so, either way, in most kitchens (est.). */
    public static final Belief UNTAUGHT = new Belief(1, 0.15, 0);

    private static final double LEAST_CORRECTION = 0.5;
    private static final double MOST_CORRECTION = 2;

    /** From the board, as the school has it. */
    public static final Cooking USUAL = new Cooking(Start.ROOM, UNTAUGHT, 0, List.of());

    public Cooking {
        own = List.copyOf(own);
        if (!(correction.mean() >= LEAST_CORRECTION && correction.mean() <= MOST_CORRECTION)) {
            throw new Refused("a round takes half to twice the estimate, not " + correction.mean() + " times");
        }
        if (atOnce < 0 || atOnce > MOST_AT_ONCE) {
            throw new Refused("a round has 0 to " + MOST_AT_ONCE + " pieces, not " + atOnce);
        }
        if (own.size() > MOST_SPELLS) {
            throw new Refused("a way of cooking has up to 12 steps, not " + own.size());
        }
    }

    /** Its spells. @param method whose are taken where the cook has none of their own */
    public List<Spell> spells(CookMethod method, Mass piece, Vessel vessel) {
        return own.isEmpty() ? method.ready(piece, vessel, from) : own;
    }

    /** With these spells. */
    public Cooking with(List<Spell> changed) {
        return new Cooking(from, correction, atOnce, changed);
    }

    /** From somewhere else; spells of the cook's own stay as they are. */
    public Cooking from(Start changed) {
        return new Cooking(changed, correction, atOnce, own);
    }

    /** As the probe taught. */
    public Cooking corrected(Belief taught) {
        return new Cooking(from, taught, atOnce, own);
    }

    /** So many pieces a round; 0 for as many as the vessel takes. */
    public Cooking atOnce(int pieces) {
        return new Cooking(from, correction, pieces, own);
    }

    /** How long spells last together. */
    public static Duration time(List<Spell> spells) {
        return spells.stream().map(Spell::time).reduce(Duration.ZERO, Duration::plus);
    }
}
