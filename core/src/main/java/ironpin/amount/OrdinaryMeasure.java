package ironpin.amount;

import ironpin.pantry.Food;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Spread;
import java.util.List;
import java.util.Set;

/** Whether two measures of the same thing can mean the same in an ordinary kitchen. */
final class OrdinaryMeasure {
    /** Recipes round what they weigh. */
    private static final double ROUNDED = 0.05;

    private static final double HALF_A_GRAM = 0.5;
    private static final double ROUND_OUNCE = 25 / 28.35;
    private static final double SPOON_ML = 40;
    private static final double SPOON = 0.12;
    private static final double FLAKES = 0.5;
    private static final double LOOSE = 0.6;
    private static final double PRESSED = 1.6;
    private static final Set<Food.Role> CUT = Set.of(
            Food.Role.VEGETABLE,
            Food.Role.AROMATIC,
            Food.Role.CHEESE,
            Food.Role.NUT,
            Food.Role.STARCHY,
            Food.Role.MEAT);

    private final MeasuredThing thing;
    private final PartGrams grams;

    OrdinaryMeasure(MeasuredThing thing, PartGrams grams) {
        this.thing = thing;
        this.grams = grams;
    }

    /** Whether what was weighed first can lie in the second measure. */
    boolean agrees(Spread first, List<Part> second) {
        Spread wide = any(second);
        return wide.high() * 1.02 >= first.low() * (1 - ROUNDED) - HALF_A_GRAM
                && wide.low() * 0.98 <= first.high() * (1 + ROUNDED) + HALF_A_GRAM;
    }

    /**
     * Everything that an ordinary cook may have had in that measure: a spoon is never quite level, a cut vegetable lies loosely
     * or pressed, a pint is one or the other, salt is fine or in flakes.
     */
    private Spread any(List<Part> parts) {
        Spread sum = Spread.of(0);
        for (Part part : parts) {
            Spread one = grams.of(part);
            double low = one.low();
            double high = one.high();
            if (part.unit() != KitchenUnit.CUP
                    && part.unit().kind() == KitchenUnit.Kind.NATIONAL
                    && part.cups().isEmpty()) {
                for (CupStandard other : CupStandard.values()) {
                    Spread there =
                            grams.filled(part, part.number().times(part.unit().millilitres(other)));
                    low = Math.min(low, there.low());
                    high = Math.max(high, there.high());
                }
            }
            if (part.unit().key().equals("OUNCE") || part.unit().key().equals("POUND")) {
                // Kitchen tables take 25 g for an ounce.
                low *= ROUND_OUNCE;
            }
            boolean volume = part.unit().kind() == KitchenUnit.Kind.NATIONAL
                    || part.unit().kind() == KitchenUnit.Kind.VOLUME;
            if (volume && part.unit().size() < SPOON_ML) {
                low *= 1 - SPOON;
                high *= 1 + SPOON;
            }
            Food.Role role = thing.of().map(Food::role).orElse(Food.Role.LIQUID);
            if (volume && role == Food.Role.SALT) {
                low *= FLAKES;
            }
            if (volume && CUT.contains(role)) {
                low *= LOOSE;
                high *= PRESSED;
            }
            sum = sum.plus(new Spread(low, Math.max(low, Math.min(high, one.usual())), high));
        }
        return sum;
    }
}
