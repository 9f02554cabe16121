package ironpin.cook;

import ironpin.quantity.Mass;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * Water under a steamer: {@code P·t/2257} boils away.
 *
 * @param perRound one round boils away
 * @param wanted to begin with, for all rounds and half as much again
 * @param dry after so long of boiling it is gone; absent without any water or power to boil it
 * @param warn when to top it up: a fifth is left
 */
public record SteamWater(Mass perRound, Mass wanted, Optional<Duration> dry, Optional<Duration> warn) {
    /** Water to begin with, as a multiple of what all rounds boil away: a steamer must not run dry. */
    public static final double RESERVE = 1.5;

    private static final double WARNED = 0.8;
    private static final double STEAM = 2_257;

    /** @param rounds how many, one after another on the same water */
    public static SteamWater of(Vessel basket, List<Spell> spells, int rounds) {
        Mass each = Mass.ofGrams(0);
        for (Spell spell : spells) {
            if (spell.fire() == Fire.STEAM && !spell.cold()) {
                each = each.plus(BoilOff.of(basket.watts() * spell.flame().share(), spell.time()));
            }
        }
        double seconds = basket.water().grams() * STEAM / basket.watts();
        Optional<Duration> dry = seconds <= 0 ? Optional.empty() : Optional.of(Duration.ofSeconds(Math.round(seconds)));
        return new SteamWater(
                each,
                each.times(rounds).multipliedBy(RESERVE),
                dry,
                dry.map(all -> Duration.ofSeconds(Math.round(WARNED * all.toSeconds()))));
    }

    /** Whether the water that is in it lasts all rounds. */
    public boolean lasts(Vessel basket, int rounds) {
        return perRound.times(rounds).compareTo(basket.water()) < 0;
    }
}
