package ironpin.pantry;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Brings kitchen words to one spelling ({@code spellings.csv}) and one number, so that "Chilies" is "chilli". */
final class Stem {
    private static final Map<String, String> SPELLINGS = CsvResource.rows(Stem.class, "spellings.csv").stream()
            .collect(Collectors.toUnmodifiableMap(row -> row.get("written"), row -> row.get("stem")));

    private Stem() {}

    /** The words of a text, each brought to its stem; hyphens part words, signs and digits are left out. */
    static List<String> words(String text) {
        String plain = Normalizer.normalize(text.toLowerCase(Locale.ROOT), Normalizer.Form.NFD);
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        for (int i = 0; i <= plain.length(); i++) {
            char c = i < plain.length() ? plain.charAt(i) : ' ';
            if (Character.isLetter(c)) {
                word.append(c);
            } else if (!apostropheOrAccent(c) && word.length() > 0) {
                words.addAll(List.of(of(word.toString()).split(" ")));
                word.setLength(0);
            }
        }
        return words;
    }

    private static boolean apostropheOrAccent(char c) {
        return c == '\'' || c == '’' || Character.getType(c) == Character.NON_SPACING_MARK;
    }

    /** One word without its plural, in one spelling. */
    static String of(String word) {
        String one = singular(SPELLINGS.getOrDefault(word, word));
        return SPELLINGS.getOrDefault(one, one);
    }

    private static String singular(String word) {
        int n = word.length();
        if (n < 4 || !word.endsWith("s") || word.endsWith("ss") || word.endsWith("us") || word.endsWith("is")) {
            return word;
        }
        if (word.endsWith("ies")) {
            return n > 4 ? word.substring(0, n - 3) + "y" : word.substring(0, n - 1);
        }
        if (word.endsWith("leaves") || word.endsWith("halves") || word.endsWith("loaves")) {
            return word.substring(0, n - 3) + "f";
        }
        boolean es = word.endsWith("oes")
                || word.endsWith("shes")
                || word.endsWith("ches")
                || word.endsWith("xes")
                || word.endsWith("sses");
        return word.substring(0, es ? n - 2 : n - 1);
    }
}
