package ironpin.household;

import ironpin.quantity.CupStandard;
import java.util.ArrayList;
import java.util.List;

/**
 * Cups and spoons together, as in "1¾ cups + 1 tbsp": quarters, thirds and halves of a cup, halves of a tablespoon, quarters of a
 * teaspoon, because those are what there is to fill; a pinch is a sixteenth of a teaspoon (est.).
 *
 * @param said as it is written
 * @param millilitres it holds
 * @param measures how many different ones are filled, 1 or 2
 * @param fills how often something is filled
 */
record Spoonful(String said, double millilitres, int measures, int fills) {
    /** Beyond this many cups nobody counts them. */
    private static final int MOST_CUPS = 24;

    private static final double TEASPOON = 5;
    private static final double PINCH = TEASPOON / 16;

    private record Part(String sign, double of) {}

    private static final List<Part> CUP_PARTS = List.of(
            new Part("", 0),
            new Part("¼", 1 / 4.0),
            new Part("⅓", 1 / 3.0),
            new Part("½", 1 / 2.0),
            new Part("⅔", 2 / 3.0),
            new Part("¾", 3 / 4.0));
    private static final List<Part> QUARTERS = CUP_PARTS.stream()
            .filter(part -> part.of * 4 == Math.rint(part.of * 4))
            .toList();
    private static final List<Part> HALVES =
            QUARTERS.stream().filter(part -> part.of != 0.25 && part.of != 0.75).toList();

    /** Everything there is to fill, in this country's measures, from a pinch on. */
    static List<Spoonful> all(CupStandard standard) {
        List<Spoonful> all = new ArrayList<>(pinches());
        List<Spoonful> teaspoons = counted(2, QUARTERS, TEASPOON, "tsp", "tsp");
        List<Spoonful> tablespoons = counted(3, HALVES, standard.tablespoon(), "tbsp", "tbsp");
        all.addAll(teaspoons);
        all.addAll(tablespoons);
        for (Spoonful spoons : tablespoons) {
            for (String tsp : List.of("½ tsp", "1 tsp", "2 tsp")) {
                if (whole(spoons, standard.tablespoon())
                        && !(tsp.startsWith("2") && standard.tablespoon() <= 2 * TEASPOON)) {
                    double more = tsp.startsWith("½") ? 0.5 : Character.digit(tsp.charAt(0), 10);
                    all.add(spoons.plus(tsp, more * TEASPOON, (int) Math.ceil(more)));
                }
            }
        }
        for (Spoonful cups : counted(MOST_CUPS, CUP_PARTS, standard.millilitres(), "cup", "cups")) {
            all.add(cups);
            for (Spoonful spoons : tablespoons) {
                // Half a spoon beside whole cups is lost in them.
                if (cups.millilitres < standard.millilitres() || whole(spoons, standard.tablespoon())) {
                    all.add(cups.plus(spoons.said, spoons.millilitres, spoons.fills));
                }
            }
        }
        return List.copyOf(all);
    }

    private static List<Spoonful> pinches() {
        return List.of(new Spoonful("1 pinch", PINCH, 1, 1), new Spoonful("2 pinches", 2 * PINCH, 1, 2));
    }

    private static boolean whole(Spoonful spoons, double one) {
        double count = spoons.millilitres / one;
        return count == Math.rint(count);
    }

    private Spoonful plus(String more, double ofIt, int times) {
        return new Spoonful(said + " + " + more, millilitres + ofIt, 2, fills + times);
    }

    private static List<Spoonful> counted(int most, List<Part> parts, double one, String single, String many) {
        List<Spoonful> all = new ArrayList<>();
        for (int whole = 0; whole <= most; whole++) {
            for (Part part : parts) {
                double count = whole + part.of;
                if (count > 0) {
                    String number = (whole > 0 ? whole : "") + part.sign;
                    all.add(new Spoonful(
                            number + " " + (count > 1 ? many : single), count * one, 1, whole + (part.of > 0 ? 1 : 0)));
                }
            }
        }
        return all;
    }
}
