package ironpin.cook;

import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.time.Duration;
import java.util.List;

/**
 * How one cook cooks a lot: as the school has it, or in spells of their own.
 *
 * @param from where the pieces stood before
 * @param own the cook's spells, at most 12; none as long as the school's are right
 */
public record Cooking(Start from, List<Spell> own) {
    /** More than that nobody keeps in mind. */
    public static final int MOST_SPELLS = 12;

    /** From the board, as the school has it. */
    public static final Cooking USUAL = new Cooking(Start.ROOM, List.of());

    public Cooking {
        own = List.copyOf(own);
        if (own.size() > MOST_SPELLS) {
            throw new Refused("a way of cooking has up to 12 spells, not " + own.size());
        }
    }

    /** Its spells. @param method whose are taken where the cook has none of their own */
    public List<Spell> spells(CookMethod method, Mass piece, Vessel vessel) {
        return own.isEmpty() ? method.ready(piece, vessel, from) : own;
    }

    /** With these spells. */
    public Cooking with(List<Spell> changed) {
        return new Cooking(from, changed);
    }

    /** From somewhere else; spells of the cook's own stay as they are. */
    public Cooking from(Start changed) {
        return new Cooking(changed, own);
    }

    /** How long spells last together. */
    public static Duration time(List<Spell> spells) {
        return spells.stream().map(Spell::time).reduce(Duration.ZERO, Duration::plus);
    }
}
