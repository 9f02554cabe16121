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
    /** Eight minutes for a crescent of 33 g in all. */
    private static final double MINUTES = 8;

    private static final double REFERENCE_GRAMS = 33;
    /** What goes in at once to keep a boil gentle, g. */
    private static final double GLASS = 120;

    private static final Duration FRIED = Duration.ofMinutes(2);

    /** Ways to keep the skin whole while the centre cooks. */
    public enum School {
        COLD_ADDITIONS("cold water added three times: keeps the boil gentle, forgives a hot hob"),
        STEADY_SIMMER("a steady simmer: less to watch, wants a hob that holds low"),
        THEN_FRIED("simmered, then fried on the seat: soft and crisp, a second vessel to wash");

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
    public List<Spell> ready(Mass piece, Vessel vessel, Start from) {
        Duration all = Growth.scaled(MINUTES, REFERENCE_GRAMS, piece, from);
        return switch (by) {
            case COLD_ADDITIONS -> {
                Spell again = Spell.of(Fire.BOIL, Growth.share(all, 0.25), Flame.HIGH);
                yield List.of(again, again.pouring(GLASS), again.pouring(GLASS), again.pouring(GLASS));
            }
            case STEADY_SIMMER ->
                List.of(
                        Spell.of(Fire.BOIL, Growth.share(all, 0.25), Flame.HIGH),
                        Spell.of(Fire.BOIL, Growth.share(all, 0.75), Flame.LOW));
            case THEN_FRIED ->
                List.of(
                        Spell.of(Fire.BOIL, Growth.share(all, 0.25), Flame.HIGH),
                        Spell.of(Fire.BOIL, Growth.share(all, 0.65), Flame.LOW),
                        Spell.of(Fire.PAN, FRIED, Flame.MEDIUM).fatted());
        };
    }
}
