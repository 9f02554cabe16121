package ironpin.pantry;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Brings kitchen words to one spelling and one number, so that "Chilies" is "chilli". */
final class Stem {
    private static final Map<String, String> SPELLINGS = Map.ofEntries(
            Map.entry("yogurt", "yoghurt"),
            Map.entry("yoghourt", "yoghurt"),
            Map.entry("yogourt", "yoghurt"),
            Map.entry("chili", "chilli"),
            Map.entry("chile", "chilli"),
            Map.entry("chilly", "chilli"),
            Map.entry("chily", "chilli"),
            Map.entry("sour", "soured"),
            Map.entry("soy", "soya"),
            Map.entry("gelatin", "gelatine"),
            Map.entry("omelet", "omelette"),
            Map.entry("molasse", "molasses"),
            Map.entry("caramelized", "caramelised"),
            Map.entry("pasteurized", "pasteurised"),
            Map.entry("crystallized", "crystallised"),
            Map.entry("nixtamalized", "nixtamalised"),
            Map.entry("favorite", "favourite"),
            Map.entry("flavored", "flavoured"),
            Map.entry("canned", "tinned"),
            Map.entry("szechuan", "sichuan"),
            Map.entry("szechwan", "sichuan"),
            Map.entry("mooli", "daikon"),
            Map.entry("whole-wheat", "wholewheat"),
            Map.entry("grey", "gray"),
            Map.entry("doufu", "tofu"));

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
                words.add(of(word.toString()));
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
