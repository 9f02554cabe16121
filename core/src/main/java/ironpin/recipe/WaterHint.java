package ironpin.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What words and degrees say of the temperature of water, °C (est. where it is only a word). */
final class WaterHint {
    static final double BOILING_C = 96;
    static final double HOT_C = 80;
    static final double HOT_TAP_C = 55;
    static final double WARM_C = 45;
    static final double LUKEWARM_C = 38;
    static final double ROOM_C = 20;
    static final double COLD_C = 12;
    static final double ICED_C = 4;

    private static final Pattern DEGREES = Pattern.compile("(\\d{2,3})\\s?(?:°|º|degrees?)?\\s?([cf])\\b");
    private static final Pattern BOILED =
            Pattern.compile("\\b(?:boiling|just-boiled|just boiled|freshly boiled|off the boil|boiled)\\b");

    private record Word(String word, double celsius) {}

    private static final List<Word> WORDS = List.of(
            new Word("lukewarm", LUKEWARM_C),
            new Word("tepid", LUKEWARM_C),
            new Word("hand-hot", WARM_C),
            new Word("hand hot", WARM_C),
            new Word("hot tap", HOT_TAP_C),
            new Word("very hot", HOT_C),
            new Word("near boiling", BOILING_C),
            new Word("hot", HOT_C),
            new Word("warm", WARM_C),
            new Word("room", ROOM_C),
            new Word("iced", ICED_C),
            new Word("ice-cold", ICED_C),
            new Word("ice cold", ICED_C),
            new Word("ice water", ICED_C),
            new Word("cold", COLD_C),
            new Word("cool", COLD_C));

    private WaterHint() {}

    /** What a line of water says of its temperature. */
    static Optional<Double> ofLine(String line) {
        String text = line.toLowerCase(Locale.ROOT);
        return degrees(text).or(() -> word(text));
    }

    private static Optional<Double> word(String text) {
        if (BOILED.matcher(text).find() && !text.contains("cooled")) {
            return Optional.of(BOILING_C);
        }
        return WORDS.stream()
                .filter(one -> text.contains(one.word()))
                .map(Word::celsius)
                .findFirst();
    }

    private static Optional<Double> degrees(String text) {
        Matcher degrees = DEGREES.matcher(text);
        while (degrees.find()) {
            double value = Double.parseDouble(degrees.group(1));
            double celsius = degrees.group(2).equals("f") ? (value - 32) / 1.8 : value;
            if (celsius >= 0 && celsius <= 100) {
                return Optional.of(celsius);
            }
        }
        return Optional.empty();
    }

    /** What the steps say of the water for the dough. */
    static Optional<Double> of(List<StepSentence> sentences) {
        for (StepSentence sentence : sentences) {
            String text = sentence.text();
            boolean water = text.contains("water");
            boolean dough = text.matches(".{0,400}\\b(?:flour|starch|dough|masa|bowl)\\b.{0,400}");
            boolean pot = text.matches(
                            ".{0,400}\\b(?:pot|pan|saucepan|steamer|float|salted|blanch|large amount)\\b.{0,400}")
                    || text.matches("(?:\\d{1,2}[.)] )?(?:boil|cook|simmer|steam|poach|fry|pan-fry)\\b.{0,400}");
            boolean early =
                    sentence.about() == StepSentence.About.DOUGH || sentence.about() == StepSentence.About.NOTHING;
            if (water && (dough || early) && !(pot && !dough)) {
                Optional<Double> said = near(text);
                if (said.isPresent()) {
                    return said;
                }
            }
        }
        return Optional.empty();
    }

    /** The words or degrees next to the water. */
    private static Optional<Double> near(String text) {
        int at = text.indexOf("water");
        String around = text.substring(Math.max(0, at - 26), Math.min(text.length(), at + 24));
        return degrees(around).or(() -> word(around.substring(0, Math.min(around.length(), Math.min(26, at) + 5))));
    }
}
