package ironpin.style;

import ironpin.filling.FillingKind;
import ironpin.filling.FillingLine;
import ironpin.pantry.Allergen;
import ironpin.pantry.CsvResource;
import ironpin.pantry.Food;
import ironpin.pantry.FoodWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** Which start, with which filling, fits what was said best: its words and its foods are counted. A line of {@code words.csv} is
 * words with the starts they speak for; those that speak for none are known and pass. */
final class Fit {
    private static final double OF_THE_KIND = 2;
    private static final double FOOD = 3;
    private static final double KIND_OF_FOOD = 1;
    /** Minced meat, nobody said of what. */
    static final String MINCE = "mince";

    private static final double SAID_FIRST = 0.01;
    private static final List<Map<String, String>> WORDS = CsvResource.rows(Fit.class, "words.csv", ";");
    /** What somebody must be able to rely on is chosen by reading the plan's allergens, never by a word. */
    private static final Pattern PROMISES = Pattern.compile(".*-free|vegan|halal|kosher|allerg.*");

    private static final Set<String> MEATLESS = Set.of("vegetarian", "veggie", "meatless");

    private Fit() {}

    /** The best of all starts with the best of its fillings; the usual one where nothing points anywhere. */
    static Style best(List<String> words, String text, Style usual) {
        boolean meatless = words.stream().anyMatch(MEATLESS::contains);
        List<Food> foods =
                FoodWords.in(text).stream().map(FoodWords.Named::food).toList();
        Style best = usual;
        double most = 0;
        double order = 0;
        for (Style style : Styles.all()) {
            double kind =
                    words.stream().mapToDouble(word -> points(style, word)).sum();
            for (Style.FillingStart filling : style.fillings()) {
                if (meatless && !isMeatless(filling)) {
                    continue;
                }
                double food = (meatless ? KIND_OF_FOOD : 0)
                        + foods.stream()
                                .mapToDouble(one -> points(filling, one))
                                .sum();
                // Of several that fit alike the one that is offered first.
                double points = kind + food - SAID_FIRST * order;
                if (kind + food > 0 && points > most) {
                    most = points;
                    best = style.filledWith(filling.key());
                }
                order++;
            }
        }
        return best;
    }

    /** Whether nothing of an animal that was killed is in it, by what its lines are. */
    private static boolean isMeatless(Style.FillingStart filling) {
        return filling.formula().lines().stream().allMatch(line -> line.spoken()
                .food()
                .filter(food -> switch (food.role()) {
                    case MEAT, FAT -> false;
                    default ->
                        !food.key().startsWith("stock")
                                && !food.key().startsWith("lard")
                                && !food.key().equals("aspic")
                                && !food.key().equals("gelatine")
                                && !food.allergens().sure().contains(Allergen.FISH);
                })
                .isPresent());
    }

    private static double points(Style style, String word) {
        double points = 0;
        for (Map<String, String> row : WORDS) {
            if (Arrays.asList(row.get("words").split("\\|")).contains(word)
                    && Arrays.asList(row.get("starts").split("\\|")).contains(style.key())) {
                points += OF_THE_KIND;
            }
        }
        return points;
    }

    private static double points(Style.FillingStart filling, Food food) {
        double share = share(filling, food);
        if (share > 0) {
            return FOOD + share;
        }
        boolean meat = food.key().equals(MINCE)
                && (filling.kind() == FillingKind.RED_MEAT || filling.kind() == FillingKind.POULTRY);
        return meat ? KIND_OF_FOOD : 0;
    }

    /** Share of a food in a filling, parts of 1. */
    static double share(Style.FillingStart filling, Food food) {
        return filling.formula().lines().stream()
                .filter(line -> is(line, food))
                .mapToDouble(line -> line.share().fraction())
                .sum();
    }

    static boolean is(FillingLine line, Food food) {
        return line.spoken().food().filter(one -> one.key().equals(food.key())).isPresent();
    }

    /** Words of which nothing was made. */
    static List<String> unused(List<String> words) {
        Set<String> known = new HashSet<>(MEATLESS);
        WORDS.forEach(row -> known.addAll(Arrays.asList(row.get("words").split("\\|"))));
        List<String> unused = new ArrayList<>();
        for (String word : words) {
            if (PROMISES.matcher(word).matches()) {
                unused.add(word);
            } else if (!known.contains(word) && FoodWords.in(word).isEmpty() && !FoodWords.isWord(word)) {
                unused.add(word);
            }
        }
        return List.copyOf(unused);
    }
}
