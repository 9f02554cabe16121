package ironpin.amount;

import java.util.Comparator;
import java.util.Optional;

/** What a mass is as large as, for whoever has no scale at hand (est.). */
public final class BySight {
    /** Farther off, it is as large as something else. */
    private static final double NEAR = 0.25;

    private BySight() {}

    /**
     * As in "a walnut".
     *
     * @param grams above 0
     * @param gramsPerMl of what it is
     * @param own what the cook says such things weigh, which goes before what is usual
     * @return nothing if it is as large as nothing that people know
     */
    public static Optional<String> of(double grams, double gramsPerMl, Legend own) {
        record Near(String name, double off) {}
        return Likeness.all().stream()
                .map(one -> new Near(
                        one.like(), Math.abs(Math.log(own.grams(one.like()).orElse(one.ml() * gramsPerMl) / grams))))
                .min(Comparator.comparingDouble(Near::off))
                .filter(near -> near.off() <= Math.log(1 + NEAR))
                .map(near -> ("aeio".indexOf(near.name().charAt(0)) >= 0 ? "an " : "a ") + near.name());
    }
}
