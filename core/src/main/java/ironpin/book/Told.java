package ironpin.book;

import ironpin.batch.Batch;
import ironpin.batch.Lot;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;

/** The words by which a past batch is found again: what it was called, what it was made of, who made it, how it was judged, and when. */
public final class Told {
    private static final int LONGEST = 40;

    private Told() {}

    /** All of them, in small letters without accents, each once. */
    public static Set<String> words(Batch batch, List<Outcome> outcomes) {
        Set<String> words = new TreeSet<>();
        add(words, batch.title());
        add(words, batch.serving().toLocalDate().toString());
        add(words, batch.serving().getMonth().name());
        add(words, String.valueOf(batch.serving().getYear()));
        batch.crew().people().forEach(person -> add(words, person.name()));
        batch.doughs().forEach(dough -> {
            add(words, dough.name());
            dough.flours().forEach(part -> add(words, part.flour().name()));
        });
        batch.fillings().forEach(filling -> {
            add(words, filling.name());
            filling.formula().lines().forEach(line -> add(words, line.ingredient()));
        });
        for (Lot lot : batch.lots()) {
            add(words, lot.name());
            add(words, lot.fold().label());
            add(words, lot.method().done());
            add(words, lot.dip().name());
        }
        for (Outcome one : outcomes) {
            add(words, one.note());
            add(words, one.skin() == SkinVerdict.RIGHT ? "" : one.skin().label());
            add(
                    words,
                    one.filling() == FillingVerdict.RIGHT ? "" : one.filling().label());
            one.seen().forEach(seen -> add(words, seen.label()));
            add(words, one.burst() > 0 ? "burst" : "");
            add(words, one.leaked() > 0 ? "leaked" : "");
            add(words, one.stuck() > 0 ? "stuck" : "");
            add(words, one.faultless() ? "faultless" : "");
        }
        return words;
    }

    /** A text's words as they are kept and looked for. */
    public static List<String> split(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT);
        return Arrays.stream(plain.split("[^\\p{L}\\d]+"))
                .filter(word -> !word.isEmpty())
                .map(word -> word.length() > LONGEST ? word.substring(0, LONGEST) : word)
                .toList();
    }

    private static void add(Set<String> words, String text) {
        words.addAll(split(text));
    }
}
