package ironpin.quantity;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * Words and quantities in a row, without units yet: what is worked out and kept never depends on the units somebody likes to read.
 * {@link #render} is the only way to text.
 */
public final class Sentence {
    public static final Sentence EMPTY = new Sentence(List.of());

    /** Strings, and quantities between them. */
    private final List<Object> parts;

    private Sentence(List<Object> parts) {
        this.parts = parts;
    }

    /** These in a row: words, quantities, sentences; anything else as Java writes it. */
    public static Sentence of(Object... words) {
        List<Object> parts = new ArrayList<>(words.length);
        for (Object word : words) {
            if (word instanceof Sentence sentence) {
                sentence.parts.forEach(part -> append(parts, part));
            } else {
                append(parts, word instanceof Quantity ? word : String.valueOf(word));
            }
        }
        return new Sentence(List.copyOf(parts));
    }

    /** One after another with these words between them. */
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

    private static void append(List<Object> parts, Object part) {
        int last = parts.size() - 1;
        if (part instanceof String words && last >= 0 && parts.get(last) instanceof String before) {
            parts.set(last, before + words);
        } else if (!"".equals(part)) {
            parts.add(part);
        }
    }

    /** The text, every quantity in these units. */
    public String render(UnitSystem units) {
        if (parts.size() == 1 && parts.get(0) instanceof String words) {
            return words;
        }
        StringBuilder text = new StringBuilder();
        for (Object part : parts) {
            text.append(part instanceof Quantity quantity ? units.say(quantity) : part);
        }
        return text.toString();
    }

    public boolean isEmpty() {
        return parts.isEmpty();
    }

    /** With its first letter large, where it begins with a word. */
    public Sentence capitalized() {
        if (isEmpty() || !(parts.get(0) instanceof String words)) {
            return this;
        }
        List<Object> other = new ArrayList<>(parts);
        other.set(0, words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1));
        return new Sentence(List.copyOf(other));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Sentence sentence && parts.equals(sentence.parts);
    }

    @Override
    public int hashCode() {
        return Objects.hash(parts);
    }

    /** In metric units: for whoever looks at a record while mending, never for a page. */
    @Override
    public String toString() {
        return render(UnitSystem.METRIC);
    }
}
