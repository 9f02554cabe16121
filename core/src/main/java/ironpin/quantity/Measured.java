package ironpin.quantity;

import java.util.Optional;

/**
 * A mass of a food in a {@link Sentence}, with what cups and spoons it fills: which of them is said is chosen when it is read.
 *
 * @param mass in grams, as a scale is asked for it; absent where it stands beside, so that metric units say nothing here
 * @param metric in metric cups and spoons; absent for what is weighed everywhere
 * @param us in US cups and spoons; absent for what is weighed everywhere
 */
public record Measured(Optional<Quantity> mass, Optional<Spooned> metric, Optional<Spooned> us)
        implements Sentence.Part {
    /**
     * Cups, spoons or pieces.
     *
     * @param said as in "1¾ cups + 1 tbsp"
     */
    public record Spooned(String said) {}

    /** What it fills alone, for where its mass stands beside. */
    public Measured alone() {
        return new Measured(Optional.empty(), metric, us);
    }
}
