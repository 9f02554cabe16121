package ironpin.pantry;

import ironpin.pantry.FoodName.Certainty;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A name found in some words.
 *
 * @param food whose it is, if there is one
 * @param certainty how sure that is
 * @param allergens of it
 * @param beside the words beside it, in stems
 */
record FoundName(Optional<Food> food, Certainty certainty, Allergens allergens, List<String> beside) {
    private static final Pattern OR = Pattern.compile("\\s+or\\s+|\\s*/\\s*");
    private static final Pattern AND = Pattern.compile("\\s+(?:and|with|plus)\\s+|\\s*[&+]\\s*");

    /** Words from one place up to another. */
    private record Span(List<String> words, int from, int until) {
        Food food() {
            return NameTable.called(String.join(" ", words.subList(from, until)));
        }

        List<String> before() {
            return words.subList(0, from);
        }

        List<String> behind() {
            return words.subList(until, words.size());
        }

        List<String> beside() {
            List<String> beside = new ArrayList<>(before());
            beside.addAll(behind());
            return beside;
        }

        FoundName known() {
            return FoundName.known(food(), beside());
        }

        boolean onlyKitchenWordsBeside() {
            Food.Role role = food().role();
            boolean dries = role == Food.Role.AROMATIC || role == Food.Role.NUT;
            return beside().stream()
                    .allMatch(word ->
                            NameTable.kitchenWord(word) || dries && (word.equals("dried") || word.equals("powder")));
        }
    }

    static FoundName known(Food food, List<String> beside) {
        return new FoundName(Optional.of(food), Certainty.KNOWN, food.allergens(), beside);
    }

    /** The same, but not surely so, and not surely free of anything. */
    FoundName doubtful() {
        return food.isEmpty()
                ? this
                : new FoundName(
                        food, Certainty.GUESSED, new Allergens(allergens.sure(), allergens.maybe(), false), beside);
    }

    static FoundName nothing(List<String> words) {
        return new FoundName(Optional.empty(), Certainty.UNKNOWN, Allergens.NOT_KNOWN, words);
    }

    /** What a text names, as sure as can be. */
    static FoundName head(String text) {
        List<String> words = Stem.words(text);
        Optional<FoundName> whole = exactly(words);
        if (whole.isPresent()) {
            return whole.get();
        }
        return joined(text, OR, true)
                .or(() -> joined(text, AND, false))
                .or(() -> guessed(words))
                .orElseGet(() -> FoundName.nothing(words));
    }

    /** One name and nothing but kitchen words beside it; the longest name wins, then the one nearest the end. */
    static Optional<FoundName> exactly(List<String> words) {
        return longest(words, true).map(Span::known);
    }

    /** A name among any other words. */
    static Optional<FoundName> within(List<String> words) {
        return longest(words, false).map(Span::known);
    }

    private static Optional<Span> longest(List<String> words, boolean onlyKitchenWordsBeside) {
        for (int length = Math.min(NameTable.LONGEST_NAME, words.size()); length > 0; length--) {
            for (int from = words.size() - length; from >= 0; from--) {
                Span span = new Span(words, from, from + length);
                if (span.food() != null && (!onlyKitchenWordsBeside || span.onlyKitchenWordsBeside())) {
                    return Optional.of(span);
                }
            }
        }
        return Optional.empty();
    }

    /** A word nobody knows before a name at the end: "grandmother's lamb mince". */
    private static Optional<FoundName> guessed(List<String> words) {
        return longest(words, false)
                .filter(span -> NameTable.onlyOfTheKitchen(span.behind()))
                .filter(span -> longest(span.before(), false).isEmpty())
                .map(span -> span.known().doubtful());
    }

    /** "lard or butter", "salt and pepper", "chicken or vegetable stock": every part must be known. */
    private static Optional<FoundName> joined(String text, Pattern by, boolean either) {
        String[] parts = by.split(text, 5);
        if (parts.length < 2) {
            return Optional.empty();
        }
        List<FoundName> found = new ArrayList<>();
        for (String part : parts) {
            Optional<FoundName> one = part(part, parts[parts.length - 1]);
            if (one.isEmpty()) {
                return Optional.empty();
            }
            found.add(one.get());
        }
        Food food = found.get(0).food().orElseThrow();
        Allergens allergens = food.allergens();
        List<String> beside = new ArrayList<>();
        found.forEach(one -> beside.addAll(one.beside()));
        boolean same = true;
        for (FoundName one : found.subList(1, found.size())) {
            Food other = one.food().orElseThrow();
            same &= other.key().equals(food.key());
            allergens = either ? allergens.or(other.allergens()) : allergens.plus(other.allergens());
            food = either || other.equals(food) ? food : food.and(other);
        }
        Food whole = food.with(allergens);
        return Optional.of(new FoundName(
                Optional.of(whole), either && !same ? Certainty.GUESSED : Certainty.KNOWN, allergens, beside));
    }

    /** A part by itself, or with the last words of the last part: "vegetable or sunflower oil". */
    private static Optional<FoundName> part(String part, String last) {
        List<String> words = Stem.words(part);
        List<String> end = Stem.words(last);
        Optional<FoundName> alone = exactly(words);
        for (int tail = 1; tail <= 2 && tail <= end.size(); tail++) {
            List<String> longer = new ArrayList<>(words);
            longer.addAll(end.subList(end.size() - tail, end.size()));
            Optional<FoundName> whole = exactly(longer);
            if (whole.isPresent() && !part.equals(last)) {
                return whole;
            }
        }
        return alone;
    }
}
