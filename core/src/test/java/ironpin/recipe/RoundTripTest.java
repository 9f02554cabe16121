package ironpin.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Spread;
import ironpin.recipe.Scribe.In;
import ironpin.recipe.Scribe.Recipe;
import ironpin.recipe.Scribe.Thing;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.testng.annotations.Test;

/** What {@link Scribe} writes is read as it was meant, or is said not to be. */
public class RoundTripTest {
    private static final int BUILD = 2_000;
    private static final String[] FLOURS = {"plain flour", "bread flour", "wholemeal flour", "all-purpose flour"};
    private static final String[] WATERS = {"cold water", "boiling water", "warm water", "water"};
    private static final String[] FATS = {"olive oil", "lard", "butter", "sunflower oil"};
    private static final String[] MAIN = {
        "lamb mince",
        "pork mince",
        "minced beef",
        "firm tofu",
        "raw prawns",
        "ricotta",
        "feta",
        "potatoes",
        "white fish",
        "chicken thigh",
        "ground turkey",
        "sauerkraut",
        "lentils, cooked",
        "pumpkin",
        "smoked tofu",
        "king oyster mushrooms"
    };
    private static final String[] GREENS = {
        "napa cabbage", "carrots", "leeks", "spinach", "garlic chives", "white cabbage", "celery", "mushrooms", "kale"
    };
    private static final String[] SPOONED = {
        "soy sauce",
        "sesame oil",
        "rice wine",
        "fish sauce",
        "oyster sauce",
        "tomato paste",
        "sugar",
        "cornflour",
        "honey"
    };
    private static final String[] SPICES = {
        "ground cumin", "white pepper", "black pepper", "paprika", "five-spice powder"
    };
    private static final String[][] COUNTED = {
        {"onion", "onions"},
        {"egg", "eggs"},
        {"spring onion", "spring onions"},
        {"garlic clove", "garlic cloves"},
        {"egg white", "egg whites"},
        {"shallot", "shallots"},
        {"large carrot", "large carrots"}
    };
    private static final String[] DIPPED = {
        "black vinegar", "soy sauce", "chilli oil", "rice vinegar", "lemon juice", "yoghurt"
    };
    private static final String[] NOTES = {
        "",
        "finely chopped",
        "minced",
        "the best you can get",
        "at room temperature",
        "rinsed",
        "from the market",
        "optional"
    };

    @Test
    public void whatIsWrittenIsReadOrSaidNotToBe() {
        Tally tally = tally(20261130, BUILD);
        assertTrue(Scribe.manners() >= 30);
        assertEquals(tally.silent.size() - tally.inSlips, 0, "read otherwise and not said: " + tally.silent);
        assertTrue(tally.inSlips <= 0.001 * tally.things, "with slips of typing: " + tally.silent);
        assertTrue(tally.marked <= 0.02 * tally.things, tally.marked + " of " + tally.things + " things marked");
        assertTrue(tally.yields <= 0.01 * BUILD, tally.yields + " yields wrong");
    }

    /** Any number of recipes from any seed, with what went wrong: the work list. */
    public static void main(String[] args) {
        Tally tally = tally(Long.parseLong(args[0]), Integer.parseInt(args[1]));
        tally.silent.stream().limit(40).forEach(one -> System.out.println("SILENT " + one));
        tally.why.entrySet().stream()
                .sorted((a, b) -> b.getValue() - a.getValue())
                .limit(40)
                .forEach(one -> System.out.println("marked " + one.getValue() + " × " + one.getKey()));
        tally.wrongYields.stream().limit(10).forEach(one -> System.out.println("YIELD " + one));
        System.out.printf(
                "%d recipes, %d things: silent %d, marked %d (%.2f %%), yields wrong %d%n",
                Integer.parseInt(args[1]),
                tally.things,
                tally.silent.size(),
                tally.marked,
                100.0 * tally.marked / tally.things,
                tally.yields);
    }

    private static final class Tally {
        private int things;
        private int marked;
        private int yields;
        private int inSlips;
        private final List<String> silent = new ArrayList<>();
        private final List<String> wrongYields = new ArrayList<>();
        private final Map<String, Integer> why = new TreeMap<>();
    }

    private static Tally tally(long seed, int count) {
        Tally tally = new Tally();
        for (int i = 0; i < count; i++) {
            Random random = new Random(seed + i);
            Recipe recipe = recipe(random);
            Scribe scribe = new Scribe(random);
            String text = scribe.write(recipe);
            ReadRecipe read;
            try {
                read = new RecipeReader(CupStandard.US).read(RecipeText.read(text, ""));
            } catch (UnreadableRecipe refused) {
                tally.marked += Scribe.all(recipe).size();
                tally.things += Scribe.all(recipe).size();
                tally.why.merge("refused: " + refused.getMessage(), 1, Integer::sum);
                continue;
            }
            int before = tally.silent.size();
            check(tally, seed + i, text, read, "dough", recipe.dough());
            check(tally, seed + i, text, read, "filling", recipe.filling());
            check(tally, seed + i, text, read, "dip", recipe.dip());
            tally.inSlips += scribe.slips() ? tally.silent.size() - before : 0;
            if (!read.pieces().equals(Optional.of(recipe.pieces()))) {
                tally.yields++;
                tally.wrongYields.add(read.pieces() + " for " + recipe.pieces() + " in\n" + text);
            }
        }
        return tally;
    }

    private static void check(Tally tally, long seed, String text, ReadRecipe read, String part, List<Thing> things) {
        List<RecipeLine> left = new ArrayList<>(read.lines());
        for (Thing thing : things) {
            tally.things++;
            Optional<RecipeLine> found = left.stream()
                    .filter(line -> food(line).equals(thing.food())
                            && near(line, thing)
                            && line.place().key().startsWith(part))
                    .findFirst();
            if (found.isPresent()) {
                left.remove(found.get());
                continue;
            }
            String word = thing.name().split("[ ,]")[thing.name().split("[ ,]").length - 1];
            String stem = word.substring(0, Math.min(4, word.length())).toLowerCase(Locale.ROOT);
            Optional<RecipeLine> said = left.stream()
                    .filter(RoundTripTest::marked)
                    .filter(line -> line.text().toLowerCase(Locale.ROOT).contains(stem)
                            || line.reading()
                                    .filter(one -> Math.abs(one.mass().grams() - grams(thing)) < 0.5 * grams(thing))
                                    .isPresent()
                            || line.food().food().isEmpty()
                            || food(line).equals(thing.food()))
                    .findFirst();
            if (said.isPresent()) {
                tally.marked++;
                tally.why.merge(thing.name() + ": " + said.get().trouble(), 1, Integer::sum);
            } else {
                tally.silent.add(seed + ": " + thing + " in the " + part + " of\n" + text + "\nread "
                        + read.lines().stream()
                                .filter(line ->
                                        line.text().toLowerCase(Locale.ROOT).contains(stem))
                                .map(line -> line.text() + " | " + line.place().key() + " | " + food(line) + " | "
                                        + line.grams() + " | " + line.status())
                                .toList());
            }
        }
    }

    /** Whether a line says that it is not surely right. */
    private static boolean marked(RecipeLine line) {
        return line.status() == RecipeLine.Status.GUESSED
                || line.status() == RecipeLine.Status.NOT_READ
                || line.status() == RecipeLine.Status.OUTSIDE && line.trouble().equals("not known");
    }

    private static String food(RecipeLine line) {
        return line.food().food().map(Food::key).orElse("");
    }

    private static boolean near(RecipeLine line, Thing thing) {
        double grams = grams(thing);
        return line.grams()
                .filter(mass -> Math.abs(mass.usual() - grams) <= 0.03 * grams)
                .isPresent();
    }

    /** What it weighs, by the sizes of the units and the usual values of the table. */
    private static double grams(Thing thing) {
        Food food = FoodName.read(thing.name()).food().orElseThrow();
        double millilitre = food.measure().density().usual();
        return switch (thing.in()) {
            case GRAMS -> thing.amount();
            case MILLILITRES -> thing.amount() * millilitre;
            case TABLESPOONS -> thing.amount() * 15 * millilitre;
            case TEASPOONS -> thing.amount() * 5 * millilitre;
            case CUPS -> thing.amount() * 236.5882365 * millilitre;
            case PIECES -> thing.amount() * piece(food, thing.name());
        };
    }

    private static double piece(Food food, String name) {
        String word = name.replace("large ", "");
        Spread one = food.measure()
                .piece(word)
                .or(() -> food.measure().piece(word.substring(word.lastIndexOf(' ') + 1)))
                .orElseGet(() -> food.measure().counted().orElseThrow().getValue());
        return name.startsWith("large") ? one.high() : one.usual();
    }

    private static Recipe recipe(Random random) {
        List<Thing> dough = new ArrayList<>();
        boolean cups = random.nextInt(3) == 0;
        dough.add(thing(
                random, FLOURS, cups ? In.CUPS : In.GRAMS, cups ? quarters(random, 6, 16) : tens(random, 20, 60)));
        dough.add(thing(
                random,
                WATERS,
                cups ? In.CUPS : random.nextBoolean() ? In.MILLILITRES : In.GRAMS,
                cups ? quarters(random, 2, 6) : tens(random, 10, 30)));
        dough.add(thing(random, new String[] {"salt", "fine salt", "sea salt"}, In.TEASPOONS, quarters(random, 1, 6)));
        if (random.nextInt(3) == 0) {
            dough.add(thing(random, FATS, In.TABLESPOONS, 1 + random.nextInt(3)));
        }
        List<Thing> filling = new ArrayList<>();
        filling.add(thing(random, MAIN, In.GRAMS, tens(random, 20, 80)));
        filling.add(thing(random, GREENS, random.nextInt(4) == 0 ? In.CUPS : In.GRAMS, 0));
        String[] counted = COUNTED[random.nextInt(COUNTED.length)];
        filling.add(new Thing(
                counted[0],
                counted[1],
                FoodName.read(counted[0]).food().orElseThrow().key(),
                1 + random.nextInt(4),
                In.PIECES,
                note(random)));
        filling.add(thing(random, SPOONED, In.TABLESPOONS, quarters(random, 2, 12)));
        filling.add(thing(random, SPICES, In.TEASPOONS, quarters(random, 1, 6)));
        if (random.nextBoolean()) {
            filling.add(thing(random, new String[] {"salt"}, In.GRAMS, 2 + random.nextInt(9)));
        }
        List<Thing> distinct = new ArrayList<>();
        filling.forEach(one -> {
            if (distinct.stream().noneMatch(other -> other.food().equals(one.food()))) {
                distinct.add(one);
            }
        });
        List<Thing> dip = new ArrayList<>();
        if (random.nextInt(3) == 0) {
            dip.add(thing(random, DIPPED, In.TABLESPOONS, 1 + random.nextInt(5)));
        }
        return new Recipe(
                Scribe.title(random), 12 + 2 * random.nextInt(30), dough, Collections.unmodifiableList(distinct), dip);
    }

    private static Thing thing(Random random, String[] names, In in, double amount) {
        String name = names[random.nextInt(names.length)];
        double much = amount > 0 ? amount : in == In.CUPS ? quarters(random, 2, 8) : tens(random, 5, 30);
        String key = FoodName.read(name).food().orElseThrow().key();
        return new Thing(name, name, key, much, in, note(random));
    }

    private static String note(Random random) {
        return NOTES[random.nextInt(NOTES.length - 1)];
    }

    private static double quarters(Random random, int least, int most) {
        return (least + random.nextInt(most - least)) / 4.0;
    }

    private static double tens(Random random, int least, int most) {
        return 10.0 * (least + random.nextInt(most - least));
    }
}
