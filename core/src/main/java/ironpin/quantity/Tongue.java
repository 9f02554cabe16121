package ironpin.quantity;

import java.text.DecimalFormatSymbols;
import java.util.Locale;

/**
 * How a place writes numbers and words. There is one language; in the pseudo-locale en-XA its vowels carry accents, so that whoever
 * looks at a page or a file in it sees at once what never was a {@link Sentence}.
 */
final class Tongue {
    private static final String PLAIN = "aeiouAEIOU";
    private static final String ACCENTED = "àéîöûÀÉÎÖÛ";

    private Tongue() {}

    static String words(String english, Locale locale) {
        if (!locale.getCountry().equals("XA")) {
            return english;
        }
        StringBuilder text = new StringBuilder(english.length());
        for (char letter : english.toCharArray()) {
            int at = PLAIN.indexOf(letter);
            text.append(at < 0 ? letter : ACCENTED.charAt(at));
        }
        return text.toString();
    }

    /** A number and its unit, as English writes them, with the place's own point and its own mark between thousands. */
    static String number(String english, Locale locale) {
        if (locale.getLanguage().equals(Locale.ENGLISH.getLanguage())) {
            return english;
        }
        DecimalFormatSymbols symbols = DecimalFormatSymbols.getInstance(locale);
        StringBuilder text = new StringBuilder(english.length());
        for (char letter : english.toCharArray()) {
            text.append(
                    letter == '.'
                            ? symbols.getDecimalSeparator()
                            : letter == ',' ? symbols.getGroupingSeparator() : letter);
        }
        return text.toString();
    }
}
