package ironpin.cook;

import ironpin.quantity.Mass;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/**
 * Boiled in plenty of water.
 *
 * @param by how the boil is kept gentle
 */
public record Boil(School by) implements CookMethod {
    /** Six minutes for a crescent of 33 g in all. */
    private static final double MINUTES = 6;

    private static final double REFERENCE_GRAMS = 33;
    private static final Duration STIR = Duration.ofSeconds(30);

    /** Two ways to keep the skin whole while the centre cooks. */
    public enum School {
        COLD_ADDITIONS("cold water added three times: keeps the boil gentle, forgives a hot hob"),
        STEADY_SIMMER("a steady simmer: less to watch, wants a hob that holds low");

        private final String label;

        School(String label) {
            this.label = label;
        }
    }

    @Override
    public String key() {
        return "boil/" + by.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String done() {
        return "boiled";
    }

    @Override
    public String school() {
        return by.label;
    }

    @Override
    public VesselKind vessel() {
        return VesselKind.POT;
    }

    @Override
    public double hydrationShift() {
        return 0;
    }

    @Override
    public List<CookStep> round(Mass piece, Vessel vessel) {
        Duration rest = Growth.scaled(MINUTES, REFERENCE_GRAMS, piece).minus(STIR);
        CookStep in = new CookStep("in", "Slide the pieces in and stir at once, along the bottom.", STIR);
        return switch (by) {
            case COLD_ADDITIONS -> {
                Duration third = Duration.ofSeconds(rest.toSeconds() / 3);
                yield List.of(
                        in,
                        new CookStep("cold-1", "At the boil, pour in a glass of cold water.", third),
                        new CookStep("cold-2", "At the boil again, a second glass.", third),
                        new CookStep(
                                "cold-3",
                                "And a third; lift out when it boils again.",
                                rest.minus(third.multipliedBy(2))));
            }
            case STEADY_SIMMER -> {
                Duration floating = Duration.ofSeconds(rest.toSeconds() * 2 / 5);
                yield List.of(
                        in,
                        new CookStep("simmer", "Simmer until they float.", rest.minus(floating)),
                        new CookStep("floating", "Floating is steam inside, not safety: go on at a simmer.", floating));
            }
        };
    }
}
