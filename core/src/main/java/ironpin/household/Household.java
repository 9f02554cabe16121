package ironpin.household;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Dimension;
import ironpin.quantity.Mass;
import ironpin.quantity.Measured;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import ironpin.quantity.Spread;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A food's mass in the measure that people use for it: eggs by number, garlic by cloves, what pours, is spooned or chopped by cups
 * and spoons; meat, fat, tofu and whole fillings are weighed everywhere. A rounding of more than {@value #SAID_PERCENT} % is said.
 */
public final class Household {
    static final int SAID_PERCENT = 3;

    /** A second measure must come at least this much nearer, parts of 1. */
    private static final double SECOND_MEASURE = 0.03;

    private static final double EACH_FILL = 0.004;
    private static final double FINE_GRAMS = 50;
    private static final double WHOLE_EGGS = 0.06;
    /** More than anybody fills cup by cup. */
    private static final double MOST_MILLILITRES = 5_000;

    private static final Set<Food.Role> WEIGHED = EnumSet.of(
            Food.Role.MEAT, Food.Role.FAT, Food.Role.SOY, Food.Role.FILLING, Food.Role.WRAPPER, Food.Role.BESIDE);
    private static final Set<String> COUNTED = Set.of("clove", "egg", "egg yolk", "egg white");
    private static final Map<CupStandard, SpoonRack> THERE_IS = Map.of(
            CupStandard.US, new SpoonRack(Spoonful.all(CupStandard.US)),
            CupStandard.METRIC, new SpoonRack(Spoonful.all(CupStandard.METRIC)));

    private Household() {}

    /** A mass as a kitchen scale is asked for it, with the spoons it fills where the name says a food that is measured so. */
    public static Sentence weighed(String name, Mass mass) {
        return measured(name, mass).map(Sentence::of).orElseGet(() -> Quantity.weighed(mass));
    }

    /** The spoons alone, for where the mass stands beside; nothing in metric units, and for what is weighed everywhere. */
    public static Sentence fills(String name, Mass mass) {
        return measured(name, mass).map(Measured::alone).map(Sentence::of).orElse(Sentence.EMPTY);
    }

    private static Optional<Measured> measured(String name, Mass mass) {
        return FoodName.read(name)
                .food()
                .filter(food -> !mass.isZero())
                .map(food -> new Measured(
                        Optional.of(asWeighed(mass)),
                        of(food, mass, CupStandard.METRIC),
                        of(food, mass, CupStandard.US)));
    }

    static Quantity asWeighed(Mass mass) {
        return new Quantity(Dimension.MASS, Quantity.Form.FULL, mass.grams(), mass.grams() < FINE_GRAMS ? 1 : 0);
    }

    /** What a food's mass fills; absent for what is weighed, and for more than anybody counts. */
    static Optional<Measured.Spooned> of(Food food, Mass mass, CupStandard standard) {
        return counted(food, mass).or(() -> spooned(food, mass, standard));
    }

    /** Pieces, where people count them and whole ones come near. */
    private static Optional<Measured.Spooned> counted(Food food, Mass mass) {
        return food.measure()
                .counted()
                .filter(one -> COUNTED.contains(one.getKey()))
                .flatMap(one -> pieces(one.getKey(), one.getValue(), mass.grams()));
    }

    private static Optional<Measured.Spooned> pieces(String word, Spread each, double grams) {
        long count = Math.round(grams / each.usual());
        boolean near = count > 0 && Math.abs(count * each.usual() / grams - 1) <= Math.max(WHOLE_EGGS, spread(each));
        return near
                ? Optional.of(new Measured.Spooned("about " + count + " " + word + (count == 1 ? "" : "s")))
                : Optional.empty();
    }

    /** How far one piece may be from the usual one, parts of 1; half of it is nothing to speak of. */
    private static double spread(Spread each) {
        return (each.high() - each.low()) / each.usual() / 4;
    }

    private static Optional<Measured.Spooned> spooned(Food food, Mass mass, CupStandard standard) {
        return spoonable(food)
                ? nearest(millilitres(food, mass), standard).map(one -> said(food, one, mass))
                : Optional.empty();
    }

    static boolean spoonable(Food food) {
        return !WEIGHED.contains(food.role());
    }

    static double millilitres(Food food, Mass mass) {
        return mass.grams() / food.measure().density().usual();
    }

    /** The measures nearest to so many millilitres, the best first; none where there are too many cups. @param most of them */
    static List<Spoonful> nearest(double millilitres, CupStandard standard, int most) {
        return millilitres > MOST_MILLILITRES
                ? List.of()
                : THERE_IS.get(standard).nearest(millilitres, most);
    }

    private static Optional<Spoonful> nearest(double millilitres, CupStandard standard) {
        return nearest(millilitres, standard, 1).stream().findFirst();
    }

    /** How far off, parts of 1, and how much there is to fill. */
    static double cost(Spoonful one, double millilitres) {
        return off(one, millilitres) + (one.measures() - 1) * SECOND_MEASURE + one.fills() * EACH_FILL;
    }

    /** How far off alone, as the logarithm of the ratio, so that half and double are equally far. */
    static double off(Spoonful one, double millilitres) {
        return Math.abs(Math.log(one.millilitres() / millilitres));
    }

    static Measured.Spooned said(Food food, Spoonful one, Mass mass) {
        long off = Math.round((one.millilitres() / millilitres(food, mass) - 1) * 100);
        String about = food.measure().usualOfItsKind() ? "about " : "";
        String rounding =
                Math.abs(off) > SAID_PERCENT ? ", " + Math.abs(off) + " % " + (off > 0 ? "more" : "less") : "";
        return new Measured.Spooned(about + one.said() + rounding);
    }
}
