package ironpin.recipe;

import ironpin.dough.DoughAddition;
import ironpin.filling.Food;
import ironpin.filling.Foods;
import ironpin.pantry.Flour;
import ironpin.pantry.Flours;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/** What a line of a recipe stands for in the pantry. */
public sealed interface Meaning {
    /** A flour. */
    record OfFlour(Flour flour) implements Meaning {
        @Override
        public String key() {
            return "flour:" + flour.key();
        }

        @Override
        public String label() {
            return flour.name().toLowerCase(Locale.ROOT);
        }
    }

    /** Something else in a dough. */
    record OfAddition(DoughAddition addition) implements Meaning {
        @Override
        public String key() {
            return "dough:" + addition.name();
        }

        @Override
        public String label() {
            return addition.label().toLowerCase(Locale.ROOT);
        }
    }

    /** Something in a filling. */
    record OfFood(Food food) implements Meaning {
        @Override
        public String key() {
            return "food:" + food.key();
        }

        @Override
        public String label() {
            return food.names().get(0);
        }
    }

    /** Wrappers out of a pack. */
    record Wrappers() implements Meaning {
        @Override
        public String key() {
            return "wrappers";
        }

        @Override
        public String label() {
            return "bought wrappers";
        }
    }

    /** The patterns of the words below, each put together once. */
    final class Words {
        private static final Map<String, Pattern> PATTERNS = new ConcurrentHashMap<>();

        private Words() {}
    }

    /** A short stable name. */
    String key();

    /** In a cook's words. */
    String label();

    /** All that a line of a dough may stand for. */
    static List<Meaning> inDough() {
        List<Meaning> all = new ArrayList<>();
        Flours.all().forEach(flour -> all.add(new OfFlour(flour)));
        for (DoughAddition addition : DoughAddition.values()) {
            all.add(new OfAddition(addition));
        }
        all.add(new Wrappers());
        return all;
    }

    /** All that a line of a filling may stand for. */
    static List<Meaning> inFilling() {
        return Foods.all().stream().<Meaning>map(OfFood::new).toList();
    }

    /** The meaning with this key, if there is one. */
    static Optional<Meaning> ofKey(String key) {
        List<Meaning> all = new ArrayList<>(inDough());
        all.addAll(inFilling());
        return all.stream().filter(one -> one.key().equals(key)).findFirst();
    }

    /** What a line of a dough says. */
    static Optional<Meaning> readInDough(String line) {
        String text = line.toLowerCase(Locale.ROOT);
        if (says(text, "wrappers?|skins?") && !says(text, "flour|water")) {
            return Optional.of(new Wrappers());
        }
        return flour(text).<Meaning>map(OfFlour::new).or(() -> addition(text).map(OfAddition::new));
    }

    private static Optional<Flour> flour(String text) {
        String key = null;
        if (says(text, "maize|masa|nixtamalised|corn flour")) {
            key = "maize";
        } else if (says(text, "wheat starch")) {
            key = "wheat-starch";
        } else if (says(text, "tapioca|starch|cornstarch|cornflour")) {
            key = "tapioca";
        } else if (says(text, "rice flour|chickpea flour|gram flour|rye flour|buckwheat flour|almond flour|semolina")) {
            return Optional.empty();
        } else if (says(text, "wholemeal|whole ?wheat|whole-wheat|whole ?grain|whole-grain")) {
            key = "wholemeal";
        } else if (says(text, "(?:strong|bread|high-gluten|high-protein)[\\w -]* flour")) {
            key = "strong";
        } else if (says(text, "(?:soft|cake|pastry|low-protein)[\\w -]* flour")) {
            key = "soft";
        } else if (says(text, "(?:all-purpose|all purpose|all-round)[\\w -]*(?:flour)?")) {
            key = "all-round";
        } else if (says(text, "flour")) {
            key = "plain";
        }
        return Optional.ofNullable(key).map(Flours::get);
    }

    private static Optional<DoughAddition> addition(String text) {
        record Word(String pattern, DoughAddition addition) {}
        List<Word> words = List.of(
                new Word("baking (?:powder|soda)|leavening", DoughAddition.LEAVENING),
                new Word("sou?red? cream|creme fraiche|crème fraîche|smetana", DoughAddition.SOURED_CREAM),
                new Word("yogh?urt|kefir|buttermilk", DoughAddition.YOGHURT),
                new Word("milk", DoughAddition.MILK),
                new Word("yolks?", DoughAddition.YOLK),
                new Word("eggs?", DoughAddition.EGG),
                new Word("butter", DoughAddition.BUTTER),
                new Word("lard|shortening", DoughAddition.LARD),
                new Word("oil", DoughAddition.OIL),
                new Word("salt", DoughAddition.SALT),
                new Word("honey|syrup", DoughAddition.HONEY),
                new Word("sugar", DoughAddition.SUGAR),
                new Word("water", DoughAddition.WATER));
        return words.stream()
                .filter(word -> says(text, word.pattern()))
                .map(Word::addition)
                .findFirst();
    }

    private static boolean says(String text, String pattern) {
        return Words.PATTERNS
                .computeIfAbsent(pattern, one -> Pattern.compile("\\b(?:" + one + ")\\b"))
                .matcher(text)
                .find();
    }
}
