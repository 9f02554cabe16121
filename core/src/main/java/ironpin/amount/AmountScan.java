package ironpin.amount;

import ironpin.quantity.CupStandard;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads along a written amount, keeping the place for when it stops making sense. */
final class AmountScan {
    private static final Map<String, CupStandard> STANDARDS = Map.of(
            "us", CupStandard.US,
            "american", CupStandard.US,
            "metric", CupStandard.METRIC,
            "australian", CupStandard.METRIC,
            "japanese", CupStandard.JAPANESE,
            "imperial", CupStandard.IMPERIAL,
            "british", CupStandard.IMPERIAL,
            "uk", CupStandard.IMPERIAL);
    private static final List<String> ABOUT =
            List.of("approximately", "about", "around", "roughly", "approx.", "approx", "circa", "ca.", "~");
    private static final List<String> FILLER = List.of("of", "the", "fresh", "peeled", "good");
    private static final double MOST = 1e6;

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

    /** All parts of one measure: "1 lb 8 oz", "1 cup plus 2 tbsp". */
    List<Part> measure() {
        List<Part> parts = new ArrayList<>(List.of(part()));
        while (true) {
            int before = at;
            boolean joined = accept("plus") || accept("and") || accept("+");
            KitchenUnit.Kind last = parts.get(parts.size() - 1).unit().kind();
            if (joined || last == KitchenUnit.Kind.MASS && digitAhead()) {
                Optional<Part> more = tryPart();
                if (more.isPresent() && more.get().unit() != KitchenUnit.PIECE) {
                    parts.add(more.get());
                    continue;
                }
            }
            at = before;
            return parts;
        }
    }

    /** The same thing measured again: "(2 1/2 cups)", "or 3 cups", "/ 10 oz". */
    Optional<List<Part>> again() {
        int before = at;
        boolean opened = accept("(");
        if ((opened || accept("or") || accept("/") || accept("=")) && numberAhead()) {
            try {
                List<Part> parts = measure();
                boolean closed = !opened || accept(")");
                if (closed && parts.get(0).unit() != KitchenUnit.PIECE) {
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
        boolean about = ABOUT.stream().anyMatch(this::accept);
        skipSpace();
        if (at < lower.length() && (lower.charAt(at) == '-' || lower.charAt(at) == '−')) {
            throw trouble(at, wordEnd(at + 1), "an amount is above 0");
        }
        double low = number();
        if (accept("x") || accept("×")) {
            low *= number();
        }
        double high = low;
        int before = at;
        if (accept("–") || accept("—") || accept("-") || accept("to") || accept("or")) {
            Optional<Numbers.Found> end = numberHere();
            if (end.isPresent()) {
                int from = at;
                high = number();
                if (high < low) {
                    throw trouble(from, at, "a range runs upwards");
                }
            } else if (lower.startsWith("-", before)) {
                // As in "2-inch".
                skipSpace();
            } else {
                at = before;
            }
        }
        return withUnit(low, high, about);
    }

    private Part withUnit(double low, double high, boolean about) {
        Optional<CupStandard> cups = Optional.empty();
        Optional<Part.Fill> fill = Optional.empty();
        Optional<Part.PieceSize> size = Optional.empty();
        boolean more = true;
        while (more) {
            more = false;
            for (Map.Entry<String, CupStandard> one : STANDARDS.entrySet()) {
                if (accept(one.getKey())) {
                    cups = Optional.of(one.getValue());
                    more = true;
                }
            }
            for (Part.Fill one : Part.Fill.values()) {
                if (accept(one.word())) {
                    fill = Optional.of(one);
                    more = true;
                }
            }
            for (Part.PieceSize one : Part.PieceSize.values()) {
                if (accept(one.word())) {
                    size = Optional.of(one);
                    more = true;
                }
            }
        }
        return new Part(low, high, about, unit(), cups, fill, size);
    }

    private KitchenUnit unit() {
        skipSpace();
        Optional<KitchenUnit.Found> found = KitchenUnit.at(lower.substring(at));
        if (found.isEmpty()) {
            return KitchenUnit.PIECE;
        }
        at += found.get().name().length();
        if (at < lower.length() && lower.charAt(at) == '.' && found.get().name().length() <= 5) {
            at++;
        }
        KitchenUnit unit = found.get().unit();
        if (unit.kind() == KitchenUnit.Kind.LENGTH) {
            for (String word : List.of("knob", "piece", "thumb", "length", "long")) {
                accept(word);
            }
        }
        return unit;
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
        if (!(found.value() > 0)) {
            throw trouble(from, at, "an amount is above 0");
        }
        if (found.value() > MOST || at < lower.length() && Character.isDigit(lower.charAt(at))) {
            throw trouble(from, wordEnd(at), "that is more than any kitchen holds");
        }
        return found.value();
    }

    private Optional<Numbers.Found> numberHere() {
        skipSpace();
        return Numbers.at(lower.substring(at));
    }

    private boolean numberAhead() {
        return numberHere().isPresent();
    }

    private boolean digitAhead() {
        skipSpace();
        return at < lower.length() && Character.isDigit(lower.charAt(at));
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
