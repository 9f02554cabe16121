package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.Reading;
import ironpin.amount.UnreadableAmount;
import ironpin.dough.DoughAddition;
import ironpin.filling.Food;
import ironpin.filling.Foods;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads each line's amount and says where it belongs: by its heading, or by what came before it. */
final class LineSorter {
    private static final double HALF = 0.5;
    private static final Pattern NAME_FIRST = Pattern.compile(
            "(?i)^(?!about\\b|approx)([\\p{L}]{3}[\\p{L} '%()-]*?)\\s*[:,–-]?\\s+((?:\\d|[½⅓⅔¼¾⅛]).*)$");
    private static final Pattern WEIGHED_SECOND = Pattern.compile(
            "(?i)^([^(]*?\\b(?:cups?|tbsps?|tablespoons?)\\b)([^(]*)\\(\\s*((?:about )?[\\d.,]+ ?(?:g|grams?|kg))\\s*\\)(.*)$");
    private static final Pattern BESIDE = Pattern.compile(
            "(?i)\\bfor (?:dusting|frying|rolling|the pan|brushing|greasing"
                    + "|boiling|steaming|kneading|the griddle|the work surface|cooking)\\b|\\bto serve\\b|\\bfor serving\\b|\\bto garnish\\b");
    private static final Pattern MORE =
            Pattern.compile("(?i)[,;(]?\\s*\\b(?:plus|and) (?:more|extra|some)\\b.*|,?\\s*divided\\b.*"
                    + "|\\(?optional\\)?|,?\\s*(?:or )?to taste\\b.*|,?\\s*or as needed\\b.*");

    private final AmountReader amounts;
    private final Map<String, Place> headings = new LinkedHashMap<>();
    private final Map<Place.Part, Integer> groups = new LinkedHashMap<>();
    private boolean fillingBegun;
    private boolean dipBegun;

    LineSorter(AmountReader amounts) {
        this.amounts = amounts;
    }

    /** Every line in its order; of what is divided, half. */
    List<RecipeLine> sort(List<WrittenRecipe.Line> written, Map<Integer, RecipeLine.Choice> choices) {
        List<RecipeLine> lines = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            lines.add(line(i, written.get(i), choices.getOrDefault(i, RecipeLine.Choice.NONE)));
        }
        return List.copyOf(lines);
    }

    private RecipeLine line(int no, WrittenRecipe.Line written, RecipeLine.Choice choice) {
        Amount amount = amount(written.text());
        Place place = choice.place().orElseGet(() -> place(written, amount.name()));
        Optional<Meaning> meaning = choice.meaning().or(() -> meaning(place, amount.name()));
        boolean divided = written.text().toLowerCase(Locale.ROOT).contains("divided");
        return new RecipeLine(
                no,
                written.heading(),
                written.text(),
                amount.name(),
                place,
                amount.reading(),
                amount.trouble(),
                meaning,
                divided ? HALF : 1);
    }

    private record Amount(Optional<Reading> reading, String name, String trouble) {}

    private Amount amount(String text) {
        String bare = MORE.matcher(text).replaceAll("").strip();
        List<String> ways = new ArrayList<>(List.of(bare));
        Matcher weighed = WEIGHED_SECOND.matcher(bare);
        if (weighed.matches()) {
            // What was weighed counts, what was scooped checks it.
            ways.add(0, weighed.group(3) + " (" + weighed.group(1).strip() + ")" + weighed.group(2) + weighed.group(4));
        }
        Matcher swapped = NAME_FIRST.matcher(bare);
        if (swapped.matches()) {
            ways.add(0, swapped.group(2) + " " + swapped.group(1));
        }
        if (bare.matches("(?i)^(?:pinch|handful|knob|dash|small|large|medium|thumb).*")) {
            ways.add(0, "a " + bare);
        }
        String trouble = "";
        for (String way : ways) {
            try {
                Reading reading = amounts.read(way);
                String name = AmountReader.whatOf(way);
                // "300 g / 2 1/2 cups flour": the second measure is not part of the name.
                return new Amount(Optional.of(reading), name.isBlank() ? way : name, "");
            } catch (UnreadableAmount none) {
                trouble = way.matches(".*\\d.*|.*[½⅓⅔¼¾⅛].*|(?i)^an? .*") ? none.getMessage() : trouble;
            }
        }
        return new Amount(Optional.empty(), nameOf(bare), trouble);
    }

    private static String nameOf(String text) {
        try {
            String name = AmountReader.whatOf(text);
            return name.isBlank() ? text : name;
        } catch (UnreadableAmount none) {
            return text;
        }
    }

    private Place place(WrittenRecipe.Line written, String name) {
        String text = written.text();
        if (BESIDE.matcher(text).find() && !text.matches("(?i).*\\bplus (?:more|extra)\\b.*")) {
            return Place.BESIDE;
        }
        if (!written.heading().isEmpty()) {
            Optional<Place> under = Optional.ofNullable(headings.get(written.heading()));
            if (under.isPresent()) {
                return under.get();
            }
            Optional<Place.Part> part = part(written.heading());
            if (part.isPresent()) {
                Place place = new Place(
                        part.get(),
                        part.get() == Place.Part.BESIDE
                                ? 1
                                : Math.min(Place.MOST_GROUPS, groups.merge(part.get(), 1, Integer::sum)));
                headings.put(written.heading(), place);
                return place;
            }
        }
        return guessed(text, name);
    }

    private static Optional<Place.Part> part(String heading) {
        String lower = heading.toLowerCase(Locale.ROOT);
        if (lower.matches(".*\\b(?:dip|dips|dipping|sauce|dressing)\\b.*")) {
            return Optional.of(Place.Part.DIP);
        }
        if (lower.matches(".*\\b(?:filling|fillings|stuffing)\\b.*")) {
            return Optional.of(Place.Part.FILLING);
        }
        if (lower.matches(".*\\b(?:dough|doughs|wrapper|wrappers|skin|skins|pastry|bread|breads)\\b.*")) {
            return Optional.of(Place.Part.DOUGH);
        }
        return lower.matches(".*\\b(?:serve|garnish|frying|cooking|topping|slurry|skirt|dusting)\\b.*")
                ? Optional.of(Place.Part.BESIDE)
                : Optional.empty();
    }

    /** Without a heading: dough until the first thing that only a filling has; a dip begins with a dip's word. */
    private Place guessed(String text, String name) {
        Optional<Meaning> dough = Meaning.readInDough(name);
        if (text.toLowerCase(Locale.ROOT).matches(".*\\bdip(?:ping)?\\b.*")) {
            dipBegun = true;
        }
        if (dipBegun) {
            return new Place(Place.Part.DIP, 1);
        }
        boolean skin = dough.filter(one -> one instanceof Meaning.OfFlour || one instanceof Meaning.Wrappers)
                .isPresent();
        boolean water = dough.filter(
                        one -> one instanceof Meaning.OfAddition added && added.addition() == DoughAddition.WATER)
                .isPresent();
        boolean binder = fillingBegun && text.toLowerCase(Locale.ROOT).contains("starch");
        if (skin && !binder) {
            return new Place(Place.Part.DOUGH, 1);
        }
        Optional<Food> food = Foods.named(name);
        boolean fillingOnly = food.isPresent()
                && switch (food.get().role()) {
                    case MEAT, FAT, SOY, CHEESE, VEGETABLE, AROMATIC, STARCHY, SEASONING -> true;
                    case EGG, OIL, LIQUID, SALT, BINDER, SWEET -> dough.isEmpty();
                };
        if (fillingOnly) {
            fillingBegun = true;
        }
        return new Place(
                fillingBegun && !(water && !text.toLowerCase(Locale.ROOT).contains("filling") && hotWater(text))
                                || fillingOnly
                        ? Place.Part.FILLING
                        : Place.Part.DOUGH,
                1);
    }

    private static boolean hotWater(String text) {
        return text.toLowerCase(Locale.ROOT).matches(".*\\b(?:boiling|hot|lukewarm)\\b.*");
    }

    static Optional<Meaning> meaning(Place place, String name) {
        return switch (place.part()) {
            case DOUGH -> Meaning.readInDough(name);
            case FILLING, DIP, BESIDE -> Foods.named(name).map(Meaning.OfFood::new);
        };
    }
}
