package ironpin.filling;

import ironpin.pantry.Allergen;
import ironpin.pantry.Food;
import ironpin.pantry.RawKind;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;

/** What a filling is mostly about: it decides the tone it is drawn in and the ways of mixing that suit it. */
public enum FillingKind {
    RED_MEAT("minced beef, pork or lamb"),
    POULTRY("poultry"),
    SEAFOOD("fish or shellfish"),
    EGG("egg"),
    VEGETABLE("vegetables and bean curd"),
    CHEESE("cheese and cooked vegetables"),
    PULSE("pulses or potato"),
    SWEET("a sweet filling");

    /** Meat below this share seasons a filling more than it makes it. */
    private static final double A_MEAT_FILLING = 0.15;

    /** Sugar and its like from this share on make a filling without meat a sweet one. */
    private static final double A_SWEET_FILLING = 0.05;

    private static final Set<Allergen> SEA = Set.of(Allergen.FISH, Allergen.CRUSTACEANS, Allergen.MOLLUSCS);
    private static final Set<String> SUGARS = Set.of("sugar", "sugar-brown", "honey", "syrup", "jam", "milk-condensed");

    private final String label;

    FillingKind(String label) {
        this.label = label;
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** What these lines are mostly about: their meat if there is enough of it, otherwise the heaviest of the rest. */
    public static FillingKind mostly(FillingFormula formula) {
        Map<FillingKind, Double> shares = new EnumMap<>(FillingKind.class);
        double meat = 0;
        double sugar = 0;
        for (FillingLine line : formula.lines()) {
            Food food = line.spoken().food().orElse(null);
            if (food != null) {
                shares.merge(of(food), line.share().fraction(), Double::sum);
                meat += food.role() == Food.Role.MEAT ? line.share().fraction() : 0;
                sugar += SUGARS.contains(food.key()) ? line.share().fraction() : 0;
            }
        }
        boolean meaty = meat >= A_MEAT_FILLING;
        if (!meaty && sugar >= A_SWEET_FILLING) {
            return SWEET;
        }
        return shares.entrySet().stream()
                .filter(one -> !meaty || one.getKey().ordinal() <= SEAFOOD.ordinal())
                .max(Comparator.comparingDouble(Map.Entry::getValue))
                .map(Map.Entry::getKey)
                .orElse(VEGETABLE);
    }

    /** Also where it is smoked or cooked, and nothing raw is in it. */
    private static boolean sea(Food food) {
        return food.allergens().sure().stream().anyMatch(SEA::contains);
    }

    private static FillingKind of(Food food) {
        return switch (food.role()) {
            case MEAT, FAT ->
                sea(food)
                        ? SEAFOOD
                        : switch (food.raw().orElse(RawKind.RED_MEAT)) {
                            case POULTRY -> POULTRY;
                            case SEAFOOD -> SEAFOOD;
                            case RED_MEAT, UNSAID, EGG -> RED_MEAT;
                        };
            case EGG -> EGG;
            case CHEESE -> CHEESE;
            case STARCHY -> PULSE;
            case SWEET -> SWEET;
            default -> VEGETABLE;
        };
    }
}
