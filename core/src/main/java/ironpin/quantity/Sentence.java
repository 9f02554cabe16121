package ironpin.quantity;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/**
 * Words and quantities in a row, without units yet: what is worked out and kept never depends on the units somebody likes to read.
 * {@link #render} is the only way to text.
 */
public final class Sentence {
    /** Nothing at all. */
    public static final Sentence EMPTY = new Sentence(List.of());

    /** What stands in a sentence. */
    public sealed interface Part permits Words, Quantity, Measured {}

    /** Text that is the same in all units. @param text not empty within a sentence */
    public record Words(String text) implements Part {}

    private final List<Part> parts;

    private Sentence(List<Part> parts) {
        this.parts = parts;
    }

    /** These in a row: words, quantities, sentences; anything else as Java writes it. */
    public static Sentence of(Object... words) {
        List<Part> parts = new ArrayList<>(words.length);
        for (Object word : words) {
            if (word instanceof Sentence sentence) {
                sentence.parts.forEach(part -> append(parts, part));
            } else {
                append(parts, word instanceof Part part ? part : new Words(String.valueOf(word)));
            }
        }
        return parts.isEmpty() ? EMPTY : new Sentence(List.copyOf(parts));
    }

    /** One after another with these words between them; nothing where there is none. */
    public static Sentence join(String between, List<Sentence> sentences) {
        List<Object> words = new ArrayList<>();
        for (Sentence one : sentences) {
            if (!words.isEmpty()) {
                words.add(between);
            }
            words.add(one);
        }
        return of(words.toArray());
    }

    private static void append(List<Part> parts, Part part) {
        int last = parts.size() - 1;
        if (part instanceof Words words && last >= 0 && parts.get(last) instanceof Words before) {
            parts.set(last, new Words(before.text + words.text));
        } else if (!(part instanceof Words words && words.text.isEmpty())) {
            parts.add(part);
        }
    }

    /** The text in English, every quantity in these units. */
    public String render(UnitSystem units) {
        return render(units, Locale.ENGLISH);
    }

    /** The text, every quantity in these units, numbers as this place writes them; {@link Tongue} says what becomes of the words. */
    public String render(UnitSystem units, Locale locale) {
        if (parts.size() == 1 && parts.get(0) instanceof Words words) {
            return Tongue.words(words.text, locale);
        }
        StringBuilder text = new StringBuilder();
        for (Part part : parts) {
            // Not a switch over patterns: those need a newer Java.
            if (part instanceof Quantity quantity) {
                text.append(Tongue.number(units.say(quantity), locale));
            } else if (part instanceof Measured measured) {
                text.append(Tongue.number(units.say(measured), locale));
            } else {
                text.append(Tongue.words(((Words) part).text, locale));
            }
        }
        return text.toString();
    }

    /** What it is made of, for whoever keeps it; no two words stand beside each other. */
    public List<Part> parts() {
        return parts;
    }

    /** Whether it says nothing; one with a quantity always says something. */
    public boolean isEmpty() {
        return parts.isEmpty();
    }

    /** With other words at its beginning, where it begins with words: with a large letter, or a small one. */
    public Sentence beginning(UnaryOperator<String> change) {
        if (isEmpty() || !(parts.get(0) instanceof Words words)) {
            return this;
        }
        List<Part> other = new ArrayList<>(parts);
        other.set(0, new Words(change.apply(words.text)));
        return new Sentence(List.copyOf(other));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Sentence sentence && parts.equals(sentence.parts);
    }

    @Override
    public int hashCode() {
        return parts.hashCode();
    }

    /** For whoever looks at a record while mending; not text, so that one that was never rendered is seen at once. */
    @Override
    public String toString() {
        return "Sentence" + parts;
    }
}
