package ironpin.cook;

import ironpin.heat.Conduction;
import ironpin.heat.HeatRun;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * What a load does to a pot that boils (est.): how far it falls and how long it takes back, from {@link PotWater} and the heat that the
 * pieces take up as they warm. The largest load is one that comes back within two and a half minutes.
 *
 * @param lowest temperature of the water
 * @param back how long it takes back to the boil; absent if it does not come back within twenty minutes
 */
public record PotLoad(Temperature lowest, Optional<Duration> back) {
    /** Longer than this and skins soften before the boil moves them. */
    public static final Duration BACK_TO_BOIL = Duration.ofSeconds(150);

    /** It boils again from here on. */
    private static final double AGAIN = 99.5;

    private static final Duration WATCHED = Duration.ofMinutes(20);
    private static final int MOST = 400;

    /** What this load does, the first spell's flame and lid held. */
    public static PotLoad of(Load load) {
        return of(load, WATCHED);
    }

    private static PotLoad of(Load load, Duration watched) {
        Spell first = load.spells().get(0);
        Load alone = new Load(
                load.body(),
                load.piece(),
                load.count(),
                List.of(first.withTime(Spell.LONGEST)),
                load.start(),
                load.vessel(),
                load.ovenCelsius());
        HeatRun run = Conduction.rough(load.body(), load.start(), new Hearth(alone, Unknowns.NONE), watched);
        double lowest = Double.MAX_VALUE;
        int last = 0;
        for (int i = 0; i < run.samples(); i++) {
            lowest = Math.min(lowest, run.around()[i]);
            last = run.around()[i] < AGAIN ? i + 1 : last;
        }
        Optional<Duration> back = last >= run.samples()
                ? Optional.empty()
                : Optional.of(Duration.ofMillis(Math.round(1_000 * run.every() * last)));
        return new PotLoad(Temperature.ofCelsius(lowest), back);
    }

    /** The largest load that comes back in time, at least 1. @param load whose count is of no account */
    public static int largest(Load load) {
        int low = 1;
        int high = MOST;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            boolean intime = of(load.counting(middle), BACK_TO_BOIL.plusSeconds(10))
                    .back()
                    .filter(back -> back.compareTo(BACK_TO_BOIL) <= 0)
                    .isPresent();
            if (intime) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }
}
