package ironpin.cook;

import io.soabase.recordbuilder.core.RecordBuilder;
import ironpin.quantity.Mass;
import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * A while of cooking in which the cook does nothing but wait. What the cook does stands at its beginning: pieces are turned, cold water
 * goes in, fat goes under them, a lid goes on.
 *
 * @param fire what the pieces stand in
 * @param time how long, 10 s to 3 h
 * @param flame how far it is turned up
 * @param pour cold water that goes in, 0 to 3,000 g; only where {@link Fire#pours()}
 * @param lid whether a lid is on
 * @param turn whether pieces are turned over first; only where {@link Fire#sided()}
 * @param fat whether fat goes under them first; only where {@link Fire#takesFat()}
 * @param cold whether the vessel has not been heated before; only where {@link Fire#fromCold()}
 */
@RecordBuilder
public record Spell(
        Fire fire, Duration time, Flame flame, Mass pour, boolean lid, boolean turn, boolean fat, boolean cold)
        implements SpellBuilder.With {
    public static final Duration SHORTEST = Duration.ofSeconds(10);
    public static final Duration LONGEST = Duration.ofHours(3);
    public static final Mass MOST_POURED = Mass.ofGrams(3_000);

    public Spell {
        if (time.compareTo(SHORTEST) < 0 || time.compareTo(LONGEST) > 0) {
            throw new Refused("a step of cooking lasts 10 s to 3 h, not " + time);
        }
        if (pour.micrograms() < 0 || pour.compareTo(MOST_POURED) > 0) {
            throw new Refused("0 to 3,000 g of water go in at once, not " + pour);
        }
        pour = fire.pours() ? pour : Mass.ofGrams(0);
        turn = turn && fire.sided();
        fat = fat && fire.takesFat();
        cold = cold && fire.fromCold();
    }

    /** Nothing done first, no lid. */
    public static Spell of(Fire fire, Duration time, Flame flame) {
        return new Spell(fire, time, flame, Mass.ofGrams(0), false, false, false, false);
    }

    Spell covered() {
        return withLid(true);
    }

    Spell turned() {
        return withTurn(true);
    }

    Spell fatted() {
        return withFat(true);
    }

    Spell pouring(double grams) {
        return withPour(Mass.ofGrams(grams));
    }
}
