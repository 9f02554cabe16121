package ironpin.dough;

import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.refusal.Refused;
import java.time.Duration;

/**
 * The smallest sensible step from how a dough feels: {@code ΔW = F·h − W} or {@code ΔF = W/h − F} towards a wanted
 * hydration h, at most 1.5 % of the flour at a time, because a dough takes minutes to show what a step did. Where no
 * wanted hydration is known, a whole step.
 *
 * @param feel what was felt
 * @param waterToAdd more water, or nothing
 * @param flourToAdd more flour, or nothing
 * @param rest more rest, or none
 */
public record Correction(BenchFeel feel, Mass waterToAdd, Mass flourToAdd, Duration rest) {
    private static final double STEP_OF_FLOUR = 0.015;
    private static final Duration REST = Duration.ofMinutes(10);

    /** One whole step for this feel. */
    public static Correction step(BenchFeel feel, Mass flour, Mass water) {
        demandDough(flour, water);
        Mass step = flour.multipliedBy(STEP_OF_FLOUR);
        return switch (feel.cure()) {
            case WATER -> new Correction(feel, step, Mass.ZERO, Duration.ZERO);
            case FLOUR -> new Correction(feel, Mass.ZERO, step, Duration.ZERO);
            case REST -> new Correction(feel, Mass.ZERO, Mass.ZERO, REST);
        };
    }

    /** Everything it takes from one hydration to another: water to a dry dough, flour to a wet one. */
    public static Correction whole(Mass flour, Mass water, Percentage wanted) {
        demandDough(flour, water);
        if (wanted.millionths() <= 0) {
            throw new Refused("a wanted hydration is above 0 %, not " + wanted);
        }
        Mass more = wanted.of(flour).minus(water);
        return more.isNegative()
                ? new Correction(
                        BenchFeel.STICKY,
                        Mass.ZERO,
                        water.dividedBy(wanted.fraction()).minus(flour),
                        Duration.ZERO)
                : new Correction(BenchFeel.DRY, more, Mass.ZERO, Duration.ZERO);
    }

    /** The first step of this correction: no more than 1.5 % of the flour of either. */
    public Correction capped(Mass flour) {
        Mass most = flour.multipliedBy(STEP_OF_FLOUR);
        return new Correction(feel, lesser(waterToAdd, most), lesser(flourToAdd, most), rest);
    }

    /** The hydration of poured water after it. */
    public Percentage hydrationAfter(Mass flour, Mass water) {
        return Percentage.ofFraction(water.plus(waterToAdd).ratioTo(flour.plus(flourToAdd)));
    }

    private static Mass lesser(Mass a, Mass b) {
        return a.compareTo(b) <= 0 ? a : b;
    }

    private static void demandDough(Mass flour, Mass water) {
        if (flour.micrograms() <= 0 || water.micrograms() <= 0) {
            throw new IllegalArgumentException("a correction needs flour and water");
        }
    }
}
