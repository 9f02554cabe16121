package ironpin.amount;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads along a written amount, keeping the place for when it stops making sense. */
final class AmountScan {
    private static final double MOST = 1e6;
    private static final double MOST_PACKS = 60;
    private static final int LONGEST_TAIL = 30;
    /** What stands behind a second measure in its brackets. */
    private static final String TAIL =
            "(?:ish|or so|each|drained|net|total|in all|in total|altogether|packed|weight|weighed|prepared|cooked|raw|peeled|when|once|after|squeezed|approx\\.?"
                    + "|approximately|about|chopped|grated|shredded|sliced|cleaned|trimmed|of|it|level|unpeeled|,| )*";

    private final Cursor cursor;
    private final Legend legend;
    private final String text;

    AmountScan(String text, Legend legend) {
        this.text = Digits.mended(text);
        this.cursor = new Cursor(this.text);
        this.legend = legend;
    }

    /** All parts of one measure: "1 lb 8 oz", "1 cup plus 2 tbsp", "1 cup minus 1 tbsp". */
    List<Part> measure() {
        List<Part> parts = new ArrayList<>(List.of(part()));
        while (true) {
            int before = cursor.at();
            boolean joined = cursor.accept("plus") || cursor.accept("and") || cursor.accept("+") || cursor.accept("&");
            boolean taken = !joined && (cursor.accept("minus") || cursor.accept("less"));
            KitchenUnit.Kind last = parts.get(parts.size() - 1).unit().kind();
            if (joined || taken || last == KitchenUnit.Kind.MASS && cursor.digitAhead()) {
                Optional<Part> more = attempt(this::part);
                if (more.isPresent() && !more.get().counted()) {
                    parts.add(taken ? more.get().takenAway() : more.get());
                    continue;
                }
            }
            cursor.to(before);
            return parts;
        }
    }

    /** The same thing measured again: "(2 1/2 cups)", "or 3 cups", "/ 10 oz", ", about 150 g". */
    Optional<List<Part>> again() {
        int before = cursor.at();
        boolean opened = cursor.accept("(") || cursor.accept("[");
        boolean said = opened
                || cursor.accept("or")
                || cursor.accept("/")
                || cursor.accept("=")
                || cursor.accept(",")
                || cursor.accept("–")
                || cursor.accept("-");
        cursor.accept("weighing");
        if (said && (opened || cursor.number().isPresent() || aboutAhead())) {
            Optional<List<Part>> parts = attempt(this::measure);
            if (parts.isPresent() && !parts.get().get(0).counted() && (!opened || closes())) {
                return parts;
            }
        }
        cursor.to(before);
        return Optional.empty();
    }

    /** What else is said in the brackets of a second measure is passed over. */
    private boolean closes() {
        String ahead = cursor.ahead();
        int end = ahead.indexOf(')') < 0 ? ahead.indexOf(']') : ahead.indexOf(')');
        int parts = Math.min(
                ahead.indexOf(',') < 0 ? ahead.length() : ahead.indexOf(','),
                ahead.indexOf(';') < 0 ? ahead.length() : ahead.indexOf(';'));
        if (end < 0 || parts < end) {
            return cursor.accept(")") || cursor.accept(",") || cursor.accept(";");
        }
        if (end > LONGEST_TAIL || !ahead.substring(0, end).matches(TAIL)) {
            return false;
        }
        cursor.by(end + 1);
        return true;
    }

    /** What is left of the text: the ingredient and its notes. */
    String rest() {
        while (cursor.accepts(AmountWords.FILLER.words())) {
            // "Of the", "of fresh".
        }
        cursor.skipSpace();
        return text.substring(cursor.at()).strip().replaceAll("^[,;:.)]+\\s*", "");
    }

    int position() {
        cursor.skipSpace();
        return cursor.at();
    }

    private interface Step<T> {
        T take();
    }

    private <T> Optional<T> attempt(Step<T> step) {
        int before = cursor.at();
        try {
            return Optional.of(step.take());
        } catch (UnreadableAmount none) {
            cursor.to(before);
            return Optional.empty();
        }
    }

    private Part part() {
        boolean about = cursor.accepts(AmountWords.ABOUT.words()) || cursor.accept("c.");
        boolean between = cursor.accept("between") || cursor.accept("from");
        cursor.skipSpace();
        if (cursor.here() == '-' || cursor.here() == '−') {
            throw cursor.trouble(cursor.at(), cursor.wordEnd(cursor.at() + 1), "an amount is above 0");
        }
        Adjectives before = Adjectives.at(cursor);
        double low = (before.one() || bareWord()) && cursor.number().isEmpty() ? 1 : number();
        if (acceptTimes()) {
            low *= number();
        }
        double high = range(low, between);
        Part first = andAHalf(withUnit(low, high, about, before));
        Part ranged = first.counted() ? first : sameUnitAgain(first);
        return packed(ranged);
    }

    /** "A teaspoon and a half". */
    private Part andAHalf(Part part) {
        int at = cursor.at();
        if (!part.counted() && cursor.accept("and")) {
            Optional<Numbers.Found> more = cursor.number();
            if (more.isPresent() && more.get().value() < 1) {
                cursor.by(more.get().length());
                if (KitchenUnit.at(cursor.written(), cursor.ahead()).isEmpty()) {
                    return part.times((part.low() + more.get().value()) / part.low());
                }
            }
        }
        cursor.to(at);
        return part;
    }

    private boolean bareWord() {
        cursor.skipSpace();
        return AmountWords.BARE.words().stream().anyMatch(cursor::standsHere)
                || Likeness.at(cursor.ahead()).isPresent();
    }

    private boolean acceptTimes() {
        cursor.skipSpace();
        // An x that belongs to a word is none.
        boolean sign = cursor.accept("×");
        return sign || cursor.ahead().matches("x[^\\p{L}].*") && cursor.accept("x");
    }

    private double range(double low, boolean between) {
        int before = cursor.at();
        if (!cursor.accepts(AmountWords.RANGE.words()) && !(between && cursor.accept("and"))) {
            return low;
        }
        if (cursor.number().isPresent() && !articleAhead()) {
            int from = cursor.at();
            double high = number();
            if (high < low) {
                throw cursor.trouble(from, cursor.at(), "a range runs upwards");
            }
            return high;
        }
        if (text.startsWith("-", before)) {
            // As in "2-inch".
            cursor.skipSpace();
        } else {
            cursor.to(before);
        }
        return low;
    }

    private boolean articleAhead() {
        cursor.skipSpace();
        return cursor.startsWith("a ") || cursor.startsWith("an ");
    }

    /** "200 g–250 g": the unit is said at both ends. */
    private Part sameUnitAgain(Part first) {
        int before = cursor.at();
        if (cursor.accept("–") || cursor.accept("—") || cursor.accept("-") || cursor.accept("to")) {
            Optional<Part> end = cursor.digitAhead() ? attempt(this::one) : Optional.empty();
            if (end.isPresent()
                    && end.get().unit().equals(first.unit())
                    && end.get().high() >= first.low()) {
                return first.upTo(end.get());
            }
        }
        cursor.to(before);
        return first;
    }

    private Part one() {
        Adjectives words = Adjectives.at(cursor);
        double number = number();
        return withUnit(number, number, false, words);
    }

    /** "2 tins (of 227 g)", "1 (14 oz) block", "2 14-oz blocks": so many of what each pack holds. */
    private Part packed(Part first) {
        boolean maybe = first.counted() && first.low() == first.high() && first.low() <= MOST_PACKS;
        if (!maybe) {
            return first;
        }
        int before = cursor.at();
        boolean container = AmountWords.CONTAINER.has(first.word());
        boolean opened = cursor.accept("(") || cursor.accept("[");
        cursor.accept("of");
        cursor.accept("each");
        cursor.accept("about");
        Optional<Part> inside = opened || container || first.word().isEmpty() ? contents() : Optional.empty();
        inside = inside.map(this::saidAgain);
        if (inside.isPresent()) {
            cursor.accept("each");
            cursor.accept("drained");
            boolean all = cursor.accept("in all") || cursor.accept("in total") || cursor.accept("total");
            boolean closed = !opened || cursor.accept(")") || cursor.accept("]");
            cursor.accept("-");
            boolean named = container || acceptContainer() || cursor.accept("each");
            if (closed && named) {
                return all || first.low() < 1 ? inside.get() : inside.get().times(first.low());
            }
        }
        cursor.to(before);
        return first;
    }

    /** "(14 oz / 400 g)": what a pack holds, measured twice; grams are what its scale said, drained is what is left of it. */
    private Part saidAgain(Part first) {
        int before = cursor.at();
        if (cursor.accept("/")
                || cursor.accept("or")
                || cursor.accept(",")
                || cursor.accept("|")
                || cursor.accept("=")) {
            Optional<Part> second = contents();
            if (second.isPresent()) {
                boolean drained = cursor.ahead().startsWith("drained");
                return drained || second.get().unit().equals(KitchenUnit.GRAM) ? second.get() : first;
            }
        }
        cursor.to(before);
        return first;
    }

    private Optional<Part> contents() {
        if (cursor.number().isEmpty()) {
            return Optional.empty();
        }
        return attempt(this::one)
                .filter(part -> part.unit().kind() == KitchenUnit.Kind.MASS
                        || part.unit().kind() == KitchenUnit.Kind.VOLUME
                        || part.unit().equals(KitchenUnit.FLUID_OUNCE));
    }

    private boolean acceptContainer() {
        cursor.skipSpace();
        String word = cursor.word().replaceAll("[^\\p{L}].*$", "");
        if (AmountWords.CONTAINER.has(word)) {
            cursor.by(word.length());
            if (cursor.here() == '.') {
                cursor.by(1);
            }
            return true;
        }
        return false;
    }

    private Part withUnit(double low, double high, boolean about, Adjectives before) {
        if (cursor.here() == '-'
                && cursor.at() + 1 < text.length()
                && Character.isLetter(text.charAt(cursor.at() + 1))) {
            // As in "14-oz".
            cursor.by(1);
        }
        Adjectives words = Adjectives.at(cursor).or(before);
        cursor.skipSpace();
        if (cursor.startsWith("of a ") && high <= 1) {
            // "A quarter of a teaspoon".
            cursor.by("of a ".length());
        }
        Optional<Legend.Found> own = legend.at(cursor.written(), cursor.ahead());
        if (own.isPresent()) {
            cursor.by(own.get().length());
            double times = own.get().times();
            return new Part(
                    low * times,
                    high * times,
                    1,
                    about || words.about(),
                    own.get().unit(),
                    Optional.empty(),
                    words.cups(),
                    words.fill(),
                    words.size());
        }
        Optional<KitchenUnit.Found> found =
                Likeness.at(cursor.ahead()).or(() -> KitchenUnit.at(cursor.written(), cursor.ahead()));
        Optional<String> word = Optional.empty();
        KitchenUnit unit = KitchenUnit.PIECE;
        if (found.isPresent()) {
            unit = found.get().unit();
            cursor.by(found.get().length());
            if (cursor.here() == '.' && found.get().length() <= 5) {
                cursor.by(1);
            }
            if (unit.kind() == KitchenUnit.Kind.LENGTH) {
                cursor.accept("-");
                for (String piece : List.of("knob", "piece", "thumb", "length", "long", "chunk", "nub")) {
                    cursor.accept(piece);
                }
            }
        } else {
            word = counted();
        }
        return new Part(low, high, 1, about || words.about(), unit, word, words.cups(), words.fill(), words.size());
    }

    /** "3 cloves", "2 bunches": the word is taken if more stands behind it. */
    private Optional<String> counted() {
        String written = cursor.word().replaceAll("[,;(].*$", "");
        // "Pkg." is a pack; "nos." stands in the table with its stop.
        String word = AmountWords.COUNTED.has(written) ? written : written.replaceAll("\\.$", "");
        boolean known = AmountWords.COUNTED.has(word) || AmountWords.CONTAINER.has(word);
        boolean more = !text.substring(Math.min(text.length(), cursor.at() + word.length()))
                .isBlank();
        if (!known || !more) {
            return Optional.empty();
        }
        cursor.by(word.length());
        if (cursor.here() == '.') {
            cursor.by(1);
        }
        return Optional.of(word);
    }

    private double number() {
        Numbers.Found found = cursor.number()
                .orElseThrow(() ->
                        cursor.trouble(cursor.at(), cursor.wordEnd(cursor.at()), "an amount starts with a number"));
        int from = cursor.at();
        boolean article = found.value() == 1 && cursor.startsWith("a");
        cursor.by(found.length());
        if (article && cursor.number().isPresent()) {
            return number();
        }
        double value = found.value() + more(found);
        if (!(value > 0)) {
            throw cursor.trouble(from, cursor.at(), "an amount is above 0");
        }
        if (value > MOST || Character.isDigit(cursor.here())) {
            throw cursor.trouble(from, cursor.wordEnd(cursor.at()), "that is more than any kitchen holds");
        }
        return value;
    }

    /** "One and a half", "2 and 1/2", "1 & 1/2". */
    private double more(Numbers.Found found) {
        int before = cursor.at();
        if (found.value() == Math.rint(found.value()) && (cursor.accept("and") || cursor.accept("&"))) {
            Optional<Numbers.Found> part = cursor.number();
            if (part.isPresent() && part.get().value() < 1) {
                cursor.by(part.get().length());
                return part.get().value();
            }
        }
        cursor.to(before);
        return 0;
    }

    private boolean aboutAhead() {
        int before = cursor.at();
        boolean about =
                cursor.accepts(AmountWords.ABOUT.words()) && cursor.number().isPresent();
        cursor.to(before);
        return about;
    }
}
