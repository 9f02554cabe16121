package ironpin.amount;

import ironpin.quantity.CupStandard;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads along a written amount, keeping the place for when it stops making sense. */
final class AmountScan {
    private static final Map<String, CupStandard> STANDARDS = Map.of(
            "us", CupStandard.US,
            "american", CupStandard.US,
            "metric", CupStandard.METRIC,
            "australian", CupStandard.AUSTRALIAN,
            "japanese", CupStandard.JAPANESE,
            "imperial", CupStandard.IMPERIAL,
            "british", CupStandard.IMPERIAL,
            "uk", CupStandard.IMPERIAL);

    private static final List<String> ABOUT = List.of(
            "approximately",
            "about",
            "around",
            "roughly",
            "approx.",
            "approx",
            "circa",
            "ca.",
            "~",
            "≈",
            "up to",
            "at least",
            "just under",
            "just over");
    private static final List<String> FILLER = List.of("of", "the", "fresh", "peeled", "good");
    private static final List<String> DASHES = List.of("–", "—", "‒", "−", "-", "to", "or");
    private static final List<String> BARE = List.of(
            "pinch",
            "handful",
            "knob",
            "dash",
            "thumb",
            "splash",
            "bunch",
            "bunches",
            "drop",
            "drops",
            "couple of",
            "few",
            "small",
            "large",
            "medium",
            "heaped",
            "generous",
            "scant",
            "good",
            "level",
            "rounded",
            "handfuls",
            "glug");
    private static final Map<String, Part.PieceSize> SHORT_SIZES = Map.of(
            "sm", Part.PieceSize.SMALL,
            "med", Part.PieceSize.MEDIUM,
            "lg", Part.PieceSize.LARGE,
            "lge", Part.PieceSize.LARGE);

    /** What a cook buys full; its weight stands beside it. */
    private static final Set<String> CONTAINERS = Set.of(
            "tin",
            "tins",
            "can",
            "cans",
            "pack",
            "packs",
            "packet",
            "packets",
            "package",
            "packages",
            "pkg",
            "pkgs",
            "bag",
            "bags",
            "box",
            "boxes",
            "block",
            "blocks",
            "jar",
            "jars",
            "carton",
            "cartons",
            "tub",
            "tubs",
            "bottle",
            "bottles",
            "container",
            "containers",
            "sachet",
            "sachets",
            "punnet",
            "tube",
            "tubes",
            "stick",
            "sticks",
            "ball",
            "balls",
            "piece",
            "pieces",
            "bunch",
            "bunches",
            "slab",
            "slabs",
            "brick",
            "bricks",
            "pot",
            "pots");

    private static final Set<String> PIECES = Set.of(
            "clove", "cloves", "head", "heads", "bulb", "bulbs", "stalk", "stalks", "rib", "ribs", "slice", "slices",
            "sheet", "sheets", "leaf", "leaves", "sprig", "sprigs", "cube", "cubes", "rasher", "rashers", "pod", "pods",
            "fillet", "fillets", "breast", "breasts", "thigh", "thighs", "leg", "legs", "floret", "florets", "spear",
            "spears", "cob", "cobs", "pat", "pats", "nest", "nests", "bundle", "bundles", "piece", "pieces", "star",
            "stars", "lump", "lumps", "root", "roots", "loaf", "loaves", "square", "squares");
    private static final double MOST = 1e6;
    private static final double MOST_PACKS = 60;

    private final String text;
    private final String lower;
    private int at;

    AmountScan(String text) {
        this.text = text;
        StringBuilder same = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            same.append(Character.isWhitespace(c) || c == '\u00a0' || c == '\u202f' ? ' ' : Character.toLowerCase(c));
        }
        lower = same.toString();
    }

    /** All parts of one measure: "1 lb 8 oz", "1 cup plus 2 tbsp", "1 cup minus 1 tbsp". */
    List<Part> measure() {
        List<Part> parts = new ArrayList<>(List.of(part()));
        while (true) {
            int before = at;
            boolean joined = accept("plus") || accept("and") || accept("+") || accept("&");
            boolean taken = !joined && (accept("minus") || accept("less"));
            KitchenUnit.Kind last = parts.get(parts.size() - 1).unit().kind();
            if (joined || taken || last == KitchenUnit.Kind.MASS && digitAhead()) {
                Optional<Part> more = tryPart();
                if (more.isPresent() && !more.get().counted()) {
                    parts.add(taken ? more.get().takenAway() : more.get());
                    continue;
                }
            }
            at = before;
            return parts;
        }
    }

    /** The same thing measured again: "(2 1/2 cups)", "or 3 cups", "/ 10 oz", ", about 150 g". */
    Optional<List<Part>> again() {
        int before = at;
        boolean opened = accept("(");
        boolean said =
                opened || accept("or") || accept("/") || accept("=") || accept(",") || accept("–") || accept("-");
        if (said && (numberAhead() || aboutAhead())) {
            try {
                List<Part> parts = measure();
                accept("in all");
                accept("in total");
                accept("total");
                boolean closed = !opened || accept(")") || accept(",") || accept(";");
                if (closed && !parts.get(0).counted()) {
                    return Optional.of(parts);
                }
            } catch (UnreadableAmount notAMeasure) {
                at = before;
            }
        }
        at = before;
        return Optional.empty();
    }

    /** What is left of the text: the ingredient and its notes. */
    String rest() {
        for (String word : FILLER) {
            accept(word);
        }
        skipSpace();
        return text.substring(at).strip().replaceAll("^[,;:.)]+\\s*", "");
    }

    int position() {
        skipSpace();
        return at;
    }

    private Optional<Part> tryPart() {
        int before = at;
        try {
            return Optional.of(part());
        } catch (UnreadableAmount none) {
            at = before;
            return Optional.empty();
        }
    }

    private Part part() {
        boolean about = accepts(ABOUT) || accept("c.");
        boolean between = accept("between") || accept("from");
        skipSpace();
        if (at < lower.length() && (lower.charAt(at) == '-' || lower.charAt(at) == '−')) {
            throw trouble(at, wordEnd(at + 1), "an amount is above 0");
        }
        Words before = adjectives();
        double low = (before.one() || bareWord()) && numberHere().isEmpty() ? 1 : number();
        if (acceptTimes()) {
            low *= number();
        }
        double high = range(low, between);
        Part first = withUnit(low, high, about, before);
        Part ranged = first.counted() ? first : sameUnitAgain(first);
        return packed(ranged);
    }

    private boolean acceptTimes() {
        skipSpace();
        // An x that belongs to a word is none.
        boolean sign = accept("×");
        return sign
                || lower.startsWith("x", at)
                        && at + 1 < lower.length()
                        && !Character.isLetter(lower.charAt(at + 1))
                        && accept("x");
    }

    private double range(double low, boolean between) {
        int before = at;
        if (!accepts(DASHES) && !(between && accept("and"))) {
            return low;
        }
        Optional<Numbers.Found> end = numberHere();
        if (end.isPresent() && !articleAhead()) {
            int from = at;
            double high = number();
            if (high < low) {
                throw trouble(from, at, "a range runs upwards");
            }
            return high;
        }
        if (lower.startsWith("-", before)) {
            // As in "2-inch".
            skipSpace();
        } else {
            at = before;
        }
        return low;
    }

    private boolean articleAhead() {
        skipSpace();
        return lower.startsWith("a ", at) || lower.startsWith("an ", at);
    }

    /** "200 g–250 g": the unit is said at both ends. */
    private Part sameUnitAgain(Part first) {
        int before = at;
        if (accept("–") || accept("—") || accept("-") || accept("to")) {
            Optional<Part> end = digitAhead() ? tryOne() : Optional.empty();
            if (end.isPresent() && end.get().unit() == first.unit() && end.get().high() >= first.low()) {
                return first.upTo(end.get());
            }
        }
        at = before;
        return first;
    }

    private Optional<Part> tryOne() {
        int before = at;
        try {
            Words words = adjectives();
            double number = number();
            return Optional.of(withUnit(number, number, false, words));
        } catch (UnreadableAmount none) {
            at = before;
            return Optional.empty();
        }
    }

    /** "2 tins (of 227 g)", "1 (14 oz) block", "2 14-oz blocks": so many of what each pack holds. */
    private Part packed(Part first) {
        boolean maybe = first.counted() && first.low() == first.high() && first.low() <= MOST_PACKS;
        if (!maybe) {
            return first;
        }
        int before = at;
        boolean container = first.word().filter(CONTAINERS::contains).isPresent();
        boolean opened = accept("(");
        accept("of");
        accept("each");
        accept("about");
        Optional<Part> inside = opened || container || first.word().isEmpty() ? contents() : Optional.empty();
        inside = inside.map(this::saidAgain);
        if (inside.isPresent()) {
            accept("each");
            accept("drained");
            boolean all = accept("in all") || accept("in total") || accept("total");
            boolean closed = !opened || accept(")");
            accept("-");
            boolean named = container || acceptContainer() || accept("each");
            if (closed && named) {
                return all ? inside.get() : inside.get().times(first.low());
            }
        }
        at = before;
        return first;
    }

    /** "(14 oz / 400 g)": what a pack holds, measured twice; grams are what its scale said. */
    private Part saidAgain(Part first) {
        int before = at;
        if (accept("/") || accept("or") || accept(",") || accept("|")) {
            Optional<Part> second = contents();
            if (second.isPresent()) {
                return second.get().unit() == KitchenUnit.GRAM ? second.get() : first;
            }
        }
        at = before;
        return first;
    }

    private Optional<Part> contents() {
        skipSpace();
        if (!numberAhead()) {
            return Optional.empty();
        }
        Optional<Part> inside = tryOne();
        return inside.filter(part -> part.unit().kind() == KitchenUnit.Kind.MASS
                || part.unit().kind() == KitchenUnit.Kind.VOLUME
                || part.unit() == KitchenUnit.FLUID_OUNCE);
    }

    private boolean acceptContainer() {
        skipSpace();
        String word = lower.substring(at, wordEnd(at));
        if (CONTAINERS.contains(word)) {
            at += word.length();
            return true;
        }
        return false;
    }

    /** What stands before or behind a number and changes it. */
    private record Words(
            Optional<CupStandard> cups,
            Optional<Part.Fill> fill,
            Optional<Part.PieceSize> size,
            boolean about,
            boolean one) {
        Words or(Words other) {
            return new Words(
                    cups.or(other::cups),
                    fill.or(other::fill),
                    size.or(other::size),
                    about || other.about(),
                    one || other.one());
        }
    }

    private Words adjectives() {
        Optional<CupStandard> cups = Optional.empty();
        Optional<Part.Fill> fill = Optional.empty();
        Optional<Part.PieceSize> size = Optional.empty();
        boolean about = false;
        boolean article = false;
        boolean more = true;
        while (more) {
            more = false;
            int before = at;
            boolean a = accept("a");
            for (Part.Fill one : Part.Fill.values()) {
                if (accept(one.word())) {
                    fill = Optional.of(one);
                    more = true;
                }
            }
            article |= a && more;
            if (a && !more) {
                at = before;
            }
            for (Map.Entry<String, CupStandard> one : STANDARDS.entrySet()) {
                if (accept(one.getKey())) {
                    cups = Optional.of(one.getValue());
                    more = true;
                }
            }
            for (Part.PieceSize one : Part.PieceSize.values()) {
                if (accept(one.word())) {
                    size = Optional.of(one);
                    more = true;
                }
            }
            for (Map.Entry<String, Part.PieceSize> one : SHORT_SIZES.entrySet()) {
                if (accept(one.getKey())) {
                    accept(".");
                    size = Optional.of(one.getValue());
                    more = true;
                }
            }
            if (accept("very") || accept("big") || accept("whole") && unitAhead()) {
                more = true;
            }
            if (accepts(ABOUT)) {
                about = true;
                more = true;
            }
        }
        return new Words(cups, fill, size, about, article);
    }

    private boolean unitAhead() {
        return KitchenUnit.at(text.substring(skipped()), lower.substring(at)).isPresent();
    }

    private int skipped() {
        skipSpace();
        return at;
    }

    private Part withUnit(double low, double high, boolean about, Words before) {
        if (at + 1 < lower.length() && lower.charAt(at) == '-' && Character.isLetter(lower.charAt(at + 1))) {
            // As in "14-oz".
            at++;
        }
        Words words = adjectives().or(before);
        skipSpace();
        Optional<KitchenUnit.Found> found = KitchenUnit.at(text.substring(at), lower.substring(at));
        Optional<String> word = Optional.empty();
        KitchenUnit unit = KitchenUnit.PIECE;
        if (found.isPresent()) {
            unit = found.get().unit();
            at += found.get().length();
            if (at < lower.length() && lower.charAt(at) == '.' && found.get().length() <= 5) {
                at++;
            }
            if (unit.kind() == KitchenUnit.Kind.LENGTH) {
                accept("-");
                for (String piece : List.of("knob", "piece", "thumb", "length", "long", "chunk", "nub")) {
                    accept(piece);
                }
            }
        } else {
            word = counted();
        }
        return new Part(low, high, 1, about || words.about(), unit, word, words.cups(), words.fill(), words.size());
    }

    /** "3 cloves", "2 bunches": the word is taken if more stands behind it. */
    private Optional<String> counted() {
        int end = wordEnd(at);
        String word = lower.substring(at, end).replaceAll("[,;(].*$", "");
        boolean known = PIECES.contains(word) || CONTAINERS.contains(word);
        boolean more =
                !lower.substring(Math.min(lower.length(), at + word.length())).isBlank();
        if (!known || !more) {
            return Optional.empty();
        }
        at += word.length();
        return Optional.of(word);
    }

    private double number() {
        Numbers.Found found =
                numberHere().orElseThrow(() -> trouble(at, wordEnd(at), "an amount starts with a number"));
        int from = at;
        at += found.length();
        boolean article = found.value() == 1 && lower.startsWith("a", from);
        if (article && numberAhead()) {
            return number();
        }
        double value = found.value() + more(found);
        if (!(value > 0)) {
            throw trouble(from, at, "an amount is above 0");
        }
        if (value > MOST || at < lower.length() && Character.isDigit(lower.charAt(at))) {
            throw trouble(from, wordEnd(at), "that is more than any kitchen holds");
        }
        return value;
    }

    /** "One and a half", "2 and 1/2", "1 & 1/2". */
    private double more(Numbers.Found found) {
        int before = at;
        if (found.value() == Math.rint(found.value()) && (accept("and") || accept("&"))) {
            Optional<Numbers.Found> part = numberHere();
            if (part.isPresent() && part.get().value() < 1) {
                at += part.get().length();
                return part.get().value();
            }
        }
        at = before;
        return 0;
    }

    private Optional<Numbers.Found> numberHere() {
        skipSpace();
        return Numbers.at(lower.substring(at));
    }

    private boolean numberAhead() {
        return numberHere().isPresent();
    }

    private boolean aboutAhead() {
        int before = at;
        boolean about = accepts(ABOUT) && numberAhead();
        at = before;
        return about;
    }

    private boolean digitAhead() {
        skipSpace();
        return at < lower.length() && Character.isDigit(lower.charAt(at));
    }

    private boolean bareWord() {
        skipSpace();
        return BARE.stream().anyMatch(this::startsWithWord);
    }

    private boolean startsWithWord(String word) {
        int end = at + word.length();
        return lower.startsWith(word, at) && (end >= lower.length() || !Character.isLetter(lower.charAt(end)));
    }

    private boolean accepts(List<String> any) {
        for (String word : any) {
            if (accept(word)) {
                return true;
            }
        }
        return false;
    }

    /** Takes a word or a sign if it stands here by itself. */
    private boolean accept(String word) {
        skipSpace();
        if (!lower.startsWith(word, at)) {
            return false;
        }
        int end = at + word.length();
        boolean letters = Character.isLetter(word.charAt(word.length() - 1));
        if (letters && end < lower.length() && Character.isLetter(lower.charAt(end))) {
            return false;
        }
        at = end;
        return true;
    }

    private void skipSpace() {
        while (at < lower.length() && lower.charAt(at) == ' ') {
            at++;
        }
    }

    private int wordEnd(int from) {
        int end = Math.min(from, lower.length());
        while (end < lower.length() && lower.charAt(end) != ' ') {
            end++;
        }
        return end;
    }

    UnreadableAmount trouble(int from, int to, String message) {
        return new UnreadableAmount(text, from, to, message);
    }
}
