package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Says where each line belongs: by its heading, by what it says itself, or by what came before it. */
final class LineSorter {
    private static final double HALF = 0.5;

    /** What may be left out is a guess of all of its mass. */
    static final String OPTIONAL = "counted, though optional";

    /** A mass that may be meant dry. */
    static final String AS_COOKED = "taken as weighed cooked";

    /** Grams of flour or starch that bind a filling; a dough takes more. */
    private static final double MOST_BINDING = 60;

    private final LineReader reader;
    private final Map<String, Place> headings = new LinkedHashMap<>();
    private final Map<Place.Part, Integer> groups = new EnumMap<>(Place.Part.class);
    private Place last = new Place(Place.Part.DOUGH, 1);
    private boolean fillingBegun;
    private boolean dipBegun;
    private boolean fillingIsComing;

    LineSorter(AmountReader amounts) {
        this.reader = new LineReader(amounts);
    }

    /** Every line in its order; of what is divided, half. */
    List<RecipeLine> sort(List<WrittenRecipe.Line> written, Map<Integer, RecipeLine.Choice> choices) {
        List<LineReader.Read> read =
                written.stream().map(line -> reader.read(line.text())).toList();
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            UnreadableRecipe.ifNobodyWaits();
            Place guessed = place(written, read, i);
            places.add(choices.getOrDefault(i, RecipeLine.Choice.NONE).place().orElse(guessed));
        }
        Shares shares = new Shares(reader, read, places);
        List<RecipeLine> lines = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            RecipeLine.Choice choice = choices.getOrDefault(i, RecipeLine.Choice.NONE);
            lines.add(line(i, written.get(i), shares.weighed(i), places.get(i), choice.meaning()));
        }
        return List.copyOf(lines);
    }

    private static RecipeLine line(
            int no, WrittenRecipe.Line written, LineReader.Read read, Place place, Optional<Meaning> chosen) {
        FoodName food = chosen.map(LineSorter::named).orElse(read.food());
        Optional<Meaning> meaning = chosen.or(() -> Meaning.at(place, food));
        boolean wrappers = meaning.orElse(null) instanceof Meaning.Wrappers;
        Judged judged = judged(read, written.text(), place, food, meaning, wrappers);
        return new RecipeLine(
                no,
                written.heading(),
                written.text(),
                read.name(),
                food,
                place,
                read.reading(),
                judged.why(),
                meaning,
                read.divided() ? HALF : 1,
                judged.status());
    }

    /** A meaning the cook chose, as the name of what it is. */
    private static FoodName named(Meaning meaning) {
        if (meaning instanceof Meaning.OfFood of) {
            return FoodName.read(of.food().label());
        }
        return FoodName.read(meaning.label());
    }

    private record Judged(RecipeLine.Status status, String why) {}

    private static Judged judged(
            LineReader.Read read,
            String text,
            Place place,
            FoodName food,
            Optional<Meaning> meaning,
            boolean wrappers) {
        if (place.part() == Place.Part.BESIDE || wrappers || read.beside()) {
            return new Judged(RecipeLine.Status.OUTSIDE, "");
        }
        boolean seasons = food.food().filter(LineReader::negligible).isPresent();
        if (read.open()) {
            return new Judged(RecipeLine.Status.OUTSIDE, food.known() ? "as much as you like" : "not known");
        }
        if (read.reading().isEmpty()
                && (read.toTaste() || seasons && read.trouble().isEmpty())) {
            return new Judged(RecipeLine.Status.OUTSIDE, food.known() ? "as much as you like" : "not known");
        }
        if (read.reading().isEmpty()) {
            return new Judged(RecipeLine.Status.NOT_READ, read.trouble().isEmpty() ? "no amount" : read.trouble());
        }
        if (meaning.isEmpty()) {
            String dough = food.food().isPresent() ? "not known as a part of a dough" : "not known";
            return new Judged(RecipeLine.Status.NOT_READ, dough);
        }
        String guess = guess(read, text, place, food);
        return guess.isEmpty() ? new Judged(RecipeLine.Status.READ, "") : new Judged(RecipeLine.Status.GUESSED, guess);
    }

    private static String guess(LineReader.Read read, String text, Place place, FoodName food) {
        List<String> guesses = new ArrayList<>();
        if (food.certainty() == FoodName.Certainty.GUESSED) {
            guesses.add("taken for " + food.food().orElseThrow().label());
        }
        if (dryOrNot(food, text)) {
            guesses.add(AS_COOKED);
        }
        if (read.share().isPresent() && place.part() != Place.Part.DOUGH) {
            guesses.add(
                    "a share of the filling's " + (read.share().get().of().equals("meat") ? "meat" : "other weight"));
        }
        if (read.divided()) {
            guesses.add("half of it counted here");
        }
        if (read.optional()) {
            guesses.add(OPTIONAL);
        }
        if (read.toTaste()) {
            guesses.add("to taste, counted as written");
        }
        if (read.reading().filter(one -> one.guessed()).isPresent()) {
            guesses.add("its mass is a guess");
        }
        return String.join("; ", guesses);
    }

    /** Lentils weigh more than twice as much when they are cooked, and a line often does not say which it means. */
    private static boolean dryOrNot(FoodName food, String text) {
        return food.food().filter(one -> one.key().equals("pulse")).isPresent()
                && !TOLD_APART.matcher(text).find();
    }

    private static final Pattern TOLD_APART = Pattern.compile(
            "(?i)\\b(?:cooked|boiled|tinned|tins?|canned|cans?|jars?|drained|soaked|dried|dry|mashed|leftover|pur[ée]ed?|pur[ée]e|paste|refried|hummus)\\b");

    private Place place(List<WrittenRecipe.Line> written, List<LineReader.Read> read, int i) {
        Place place = sorted(written, read, i);
        if (place.part() != Place.Part.BESIDE) {
            last = place;
        }
        return place;
    }

    private Place sorted(List<WrittenRecipe.Line> written, List<LineReader.Read> read, int i) {
        LineReader.Read one = read.get(i);
        if (one.beside()) {
            return Place.BESIDE;
        }
        if (one.part().isPresent()) {
            Place.Part part = one.part().get();
            return last.part() == part ? last : new Place(part, Math.max(1, groups.getOrDefault(part, 1)));
        }
        String heading = written.get(i).heading();
        if (!heading.isEmpty()) {
            Place under = headings.get(heading);
            if (under == null) {
                under = begun(heading, written, read, i);
                if (under != null) {
                    headings.put(heading, under);
                }
            }
            if (under != null) {
                return under;
            }
        }
        Place.Part block = ofBlock(written, read, i);
        return guessed(one, written.get(i).text(), block);
    }

    /** What a group of lines without a heading is by all that stands in it; nothing if it is of both, or of neither. */
    private static Place.Part ofBlock(List<WrittenRecipe.Line> written, List<LineReader.Read> read, int i) {
        boolean flour = false;
        boolean filled = false;
        for (int k = 0; k < written.size(); k++) {
            if (written.get(k).block() == written.get(i).block()) {
                boolean binds = read.get(k)
                        .reading()
                        .filter(one -> one.mass().grams() <= MOST_BINDING)
                        .isPresent();
                flour |= flour(read.get(k).food()) && !binds;
                filled |= isFilling(read.get(k).food());
            }
        }
        return flour == filled ? null : flour ? Place.Part.DOUGH : Place.Part.FILLING;
    }

    private static boolean flour(FoodName name) {
        return name.food()
                .filter(food -> food.role() == Food.Role.FLOUR || food.role() == Food.Role.WRAPPER)
                .isPresent();
    }

    /** The place that a heading begins; nothing if its words say nothing. */
    private Place begun(String heading, List<WrittenRecipe.Line> written, List<LineReader.Read> read, int i) {
        Optional<Place.Part> part = Heading.part(heading);
        if (part.filter(Place.Part.DOUGH::equals).isPresent() && holdsAll(heading, written, read)) {
            return null;
        }
        if (part.isEmpty() && Heading.joins(heading)) {
            return last.part() == Place.Part.FILLING ? last : joined(Heading.sets(heading));
        }
        if (part.isEmpty()) {
            return unnamed(heading, written, read, i);
        }
        return part.get() == Place.Part.BESIDE ? Place.BESIDE : group(part.get());
    }

    /** "Spinach flatbreads" over everything is the title of all of it, no heading of the dough. */
    private static boolean holdsAll(String heading, List<WrittenRecipe.Line> written, List<LineReader.Read> read) {
        boolean filled = false;
        for (int k = 0; k < written.size(); k++) {
            String own = written.get(k).heading();
            Optional<Place.Part> part = Heading.part(own);
            boolean other = !own.isEmpty()
                    && !own.equals(heading)
                    && part.filter(one -> one != Place.Part.FILLING).isEmpty();
            if (other) {
                return false;
            }
            filled |= own.equals(heading) && fills(read.get(k).food());
        }
        return filled;
    }

    /** Whether it is what a filling is mostly made of, savoury or sweet. */
    static boolean isFilling(FoodName name) {
        return fills(name)
                || name.food()
                        .filter(food -> switch (food.role()) {
                            case SOY, STARCHY, NUT -> true;
                            case SWEET -> food.water() > 0.3 || food.fat() > 0.3;
                            default -> false;
                        })
                        .isPresent();
    }

    /** Whether it fills: meat, cheese or a vegetable. */
    static boolean fills(FoodName name) {
        return name.food()
                .filter(food -> switch (food.role()) {
                    case MEAT, CHEESE, VEGETABLE -> true;
                    default -> false;
                })
                .isPresent();
    }

    /** "Pork and cabbage:" is a filling; a group with flour in it is a dough. */
    private Place unnamed(String heading, List<WrittenRecipe.Line> written, List<LineReader.Read> read, int i) {
        boolean flour = false;
        boolean filling = false;
        for (int k = i; k < written.size() && written.get(k).heading().equals(heading); k++) {
            flour |= isSkin(read.get(k).food());
            filling |= fillingOnly(read.get(k).food());
        }
        if (flour && !filling) {
            return group(Place.Part.DOUGH);
        }
        return filling && !flour ? group(Place.Part.FILLING) : null;
    }

    /** Before any filling: what is set joins the filling that comes, anything else begins one. */
    private Place joined(boolean sets) {
        if (sets && groups.getOrDefault(Place.Part.FILLING, 0) == 0) {
            fillingIsComing = true;
            return new Place(Place.Part.FILLING, 1);
        }
        return group(Place.Part.FILLING);
    }

    private Place group(Place.Part part) {
        if (part == Place.Part.FILLING && fillingIsComing) {
            fillingIsComing = false;
            groups.put(part, 1);
            return new Place(part, 1);
        }
        return new Place(part, Math.min(Place.MOST_GROUPS, groups.merge(part, 1, Integer::sum)));
    }

    /** Whether it makes a skin: flour, starch or wrappers. */
    static boolean isSkin(FoodName name) {
        return name.food()
                .filter(food -> food.dough().startsWith("FLOUR:") && food.role() == Food.Role.FLOUR
                        || food.role() == Food.Role.WRAPPER
                        || food.key().startsWith("starch"))
                .isPresent();
    }

    private static boolean fillingOnly(FoodName name) {
        return name.food()
                .filter(food -> switch (food.role()) {
                    case MEAT, FAT, SOY, CHEESE, VEGETABLE, AROMATIC, STARCHY, SEASONING, NUT -> true;
                    default -> false;
                })
                .isPresent();
    }

    /** Without a heading: dough until the first thing that only a filling has, and from its flour on; a dip begins with its word. */
    private Place guessed(LineReader.Read read, String text, Place.Part block) {
        String lower = text.toLowerCase(Locale.ROOT);
        if (lower.contains("dipping") || lower.matches(".*\\bdip\\b.*")) {
            dipBegun = true;
        }
        if (dipBegun) {
            return new Place(Place.Part.DIP, 1);
        }
        boolean binds = fillingBegun
                && read.reading()
                        .filter(one -> one.mass().grams() > MOST_BINDING)
                        .isEmpty();
        if (isSkin(read.food()) && !binds) {
            fillingBegun = false;
            return new Place(Place.Part.DOUGH, 1);
        }
        if (block != null) {
            fillingBegun = block == Place.Part.FILLING;
        } else if (fillingOnly(read.food())) {
            fillingBegun = true;
        }
        boolean water =
                read.food().food().filter(food -> food.dough().equals("WATER")).isPresent();
        boolean hot = lower.matches(".*\\b(?:boiling|boiled|hot|warm|lukewarm)\\b.*");
        return new Place(
                fillingBegun && !(water && hot && !lower.contains("filling")) ? Place.Part.FILLING : Place.Part.DOUGH,
                1);
    }
}
