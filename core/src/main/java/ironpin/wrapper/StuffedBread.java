package ironpin.wrapper;

import ironpin.portion.RopePlan;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;

/**
 * A stuffed flatbread pressed to a width: {@code t = (m_d/ρ_d + m_f/ρ_f)/(πD²/4)}, with half of the dough's share on
 * either side.
 *
 * @param diameter after pressing
 * @param thickness of the whole bread
 * @param skin thickness of the dough on one side, if it stays even
 */
public record StuffedBread(Length diameter, Length thickness, Length skin) {
    /** Below this the skin tears. */
    public static final Length THINNEST_SKIN = Length.ofMillimetres(0.5);

    /** @throws IllegalArgumentException if there is no dough or no width */
    public static StuffedBread of(Mass dough, Mass filling, Length diameter) {
        if (dough.micrograms() <= 0 || filling.isNegative() || diameter.micrometres() <= 0) {
            throw new IllegalArgumentException("a stuffed bread needs dough, filling and a width");
        }
        double areaCm2 = Math.PI * diameter.centimetres() * diameter.centimetres() / 4;
        double doughCm = dough.grams() / RopePlan.DOUGH_DENSITY / areaCm2;
        double fillingCm = filling.grams() / FillRoom.FILLING_DENSITY / areaCm2;
        return new StuffedBread(
                diameter, Length.ofMillimetres((doughCm + fillingCm) * 10), Length.ofMillimetres(doughCm * 10 / 2));
    }

    /** Whether the skin is thick enough to hold. */
    public boolean holds() {
        return skin.compareTo(THINNEST_SKIN) >= 0;
    }
}
