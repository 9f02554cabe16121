package ironpin.cook;

import ironpin.quantity.Mass;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/**
 * Fried in shallow oil, one side after the other.
 *
 * @param oil how much of it
 */
public record ShallowFry(Oil oil) implements CookMethod {
    /** Four minutes a side for a piece of 33 g in all. */
    private static final double MINUTES_A_SIDE = 4;

    private static final double REFERENCE_GRAMS = 33;
    private static final Duration DRAIN = Duration.ofMinutes(1);

    /** How much oil. */
    public enum Oil {
        HALF_WAY("oil half-way up the pieces: even and quick, takes more oil"),
        TURNED_OFTEN("less oil and turned often: lighter, wants hands all the time");

        private final String label;

        Oil(String label) {
            this.label = label;
        }
    }

    @Override
    public String key() {
        return "shallow-fry/" + oil.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String done() {
        return "shallow-fried";
    }

    @Override
    public String school() {
        return oil.label;
    }

    @Override
    public VesselKind vessel() {
        return VesselKind.PAN;
    }

    @Override
    public double hydrationShift() {
        return 0;
    }

    @Override
    public List<Spell> ready(Mass piece, Vessel vessel, Start from) {
        Duration side = Growth.scaled(MINUTES_A_SIDE, REFERENCE_GRAMS, piece, from);
        Spell first = Spell.of(Fire.FRY, side, Flame.MEDIUM);
        Spell drain = Spell.of(Fire.REST, DRAIN, Flame.LOW);
        return switch (oil) {
            case HALF_WAY -> List.of(first, first.turned(), drain);
            case TURNED_OFTEN -> {
                Spell half = first.withTime(Growth.share(side, 0.55));
                yield List.of(half, half.turned(), half.turned(), half.turned(), drain);
            }
        };
    }
}
