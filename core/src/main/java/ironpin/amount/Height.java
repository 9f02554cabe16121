package ironpin.amount;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A liquid that is measured by how far it comes up what stands in it: "half-way up", "to two thirds", "just covered". */
public final class Height {
    private record Word(Pattern pattern, double share) {}

    private static final Pattern AROUND = Pattern.compile(
            "(?:about|roughly|almost|nearly|just|only|so that they are|until|to|up to|it comes|comes)\\s+");
    private static final String UP =
            "(?:\\s+(?:of\\s+)?(?:the\\s+)?(?:way\\s+up|way|up|height|deep)|\\s+(?:of\\s+)?(?:the|their|them|pieces|dumplings|slices|sides?|height))";
    private static final List<Word> WORDS = List.of(
            word("half[- ]?way", "*", 1 / 2.0),
            word("half|a half|½|1/2|50 ?%", "+", 1 / 2.0),
            word("(?:a |one )?third|⅓|1/3", "+", 1 / 3.0),
            word("two[- ]thirds?|⅔|2/3", "+", 2 / 3.0),
            word("(?:a |one )?quarter|¼|1/4", "+", 1 / 4.0),
            word("three[- ]quarters?|¾|3/4", "+", 3 / 4.0),
            word("cover(?:ed)?|to cover|all the way|to the top", "*", 1));

    private Height() {}

    /** @param up how often it must be said that a height is meant: a fraction alone is none */
    private static Word word(String names, String up, double share) {
        return new Word(Pattern.compile("(?:" + names + ")" + UP + up), share);
    }

    /** Parts of the height, above 0 and at most 1; absent where the text says no height. A bare fraction says none. */
    public static Optional<Double> read(String text) {
        String lower =
                text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").replaceFirst("[.]$", "");
        if (lower.length() > 60 || lower.matches("[\\d/.,½⅓⅔¼¾ %]+")) {
            return Optional.empty();
        }
        Matcher around = AROUND.matcher(lower);
        while (around.lookingAt()) {
            lower = lower.substring(around.end());
            around = AROUND.matcher(lower);
        }
        String said = lower;
        return WORDS.stream()
                .filter(word -> word.pattern.matcher(said).matches())
                .map(Word::share)
                .findFirst();
    }
}
