package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.Reading;
import ironpin.amount.UnreadableAmount;
import ironpin.quantity.Length;
import ironpin.quantity.Spread;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Sizes the steps give: dough and filling in a piece, and how wide it is rolled. */
final class SizeHints {
    private static final double MM_PER_INCH = 25.4;
    private static final double G_PER_OZ = 28.349523125;
    private static final double MOST_FILLING_G = 200;
    private static final String R = StepSentence.RANGE;
    private static final Pattern DOUGH_EACH = Pattern.compile(R
            + "\\s?-?\\s?(g|grams?|oz|ounces?)\\b(?:\\s+(?:\\p{L}+ )?(?:pieces?|portions?|balls?|lumps?)\\b|[^.,]{0,14}\\b(?:each|apiece|a piece|per piece)\\b"
            + "|\\s+of (?:the )?dough)"
            + "|(?:pieces?|portions?|balls?|lumps?)(?:,)? (?:of |weighing |that weigh |at )(?:about |roughly |around )?"
            + R
            + "\\s?(g|grams?|oz)\\b"
            + "|(?:each|piece)(?: piece| one| ball)? (?:weighing|should weigh|weighs|will weigh|about|of about|of)(?: about| around)? "
            + R
            + "\\s?(g|grams?|oz)\\b");
    private static final Pattern FILLING_EACH = Pattern.compile(
            "((?:" + R + "|\\ban?\\b)\\s?(?:(?:heaped|heaping|rounded|level|scant|generous|good|full|small|large) )*"
                    + "(?:g|grams?|tsps?|teaspoons?|teaspoonfuls?|tbsps?|tablespoons?|tablespoonfuls?|dessertspoons?|oz)\\b)\\.?\\s?"
                    + "(?:(?:of )?(?:the |your )?(?:\\p{L}+ )?(?:filling|mixture|stuffing)"
                    + "|(?:\\p{L}+ ){0,6}(?:in|into|on|onto|to|at) (?:the )?(?:middle|centre|center|each|every)\\b)");
    private static final String UNIT = "(cm|centimetres?|centimeters?|mm|millimetres?|inch(?:es)?|in\\b|\"|”|″)";
    private static final String SHAPE =
            "(?:circles?|rounds?|squares?|discs?|disks?|wrappers?|skins?|diameter|across|wide|cutter|ring|width|glass)";
    private static final Pattern WIDE_BEFORE =
            Pattern.compile(R + "[\\s-]?" + UNIT + "[^.;\\d]{0,25}?\\b" + SHAPE + "\\b");
    private static final Pattern WIDE_AFTER =
            Pattern.compile("\\b" + SHAPE + "\\b[^.;\\d]{0,30}?" + R + "[\\s-]?" + UNIT);
    private static final Pattern ROLLED_TO = Pattern.compile(
            "\\b(?:roll(?:ed)?(?: out)?|flatten(?:ed)?|press(?:ed)?|stretch(?:ed)?|shape|pat)\\b[^.;\\d]{0,40}?(?:\\b(?:to|into|until)\\b[^.;\\d]{0,14}?|\\()"
                    + R + "[\\s-]?" + UNIT);
    /** What is put on or into each piece is no dough. */
    private static final Pattern ON_EACH =
            Pattern.compile("\\b(?:on|onto|in|into|inside|over) (?:to )?(?:the )?(?:each|every)\\b");

    private static final Pattern VESSEL =
            Pattern.compile("\\b(?:frying pan|skillet|saucepan|pan|pot|steamer|tin|dish|tray|bowl|rope|log)\\b");
    private static final Pattern ROLLS =
            Pattern.compile("\\b(?:roll|rolled|dough|flatten|press|stamp|cutter|wrappers?|each|piece)\\b");
    private static final Pattern THICK =
            Pattern.compile("^[^.;]{0,12}\\b(?:thick|thin|deep|high|long|apart|pieces)\\b");

    private SizeHints() {}

    static Optional<Spread> doughEach(List<StepSentence> sentences) {
        for (StepSentence sentence : sentences) {
            Matcher each = DOUGH_EACH.matcher(sentence.text());
            boolean filling =
                    sentence.text().contains("filling") && !sentence.text().contains("dough")
                            || sentence.text().contains("patty");
            while (!filling && each.find()) {
                int at = each.group(1) != null ? 1 : each.group(4) != null ? 4 : 7;
                double unit = each.group(at + 2).startsWith("o") ? G_PER_OZ : 1;
                Spread grams = StepSentence.spread(each, at).times(unit);
                boolean dough = !each.group().contains("filling")
                        && !behind(sentence.text(), each.end())
                        && !ON_EACH.matcher(each.group()).find();
                if (dough && grams.usual() > 0 && grams.usual() <= 500) {
                    return Optional.of(grams);
                }
            }
        }
        return Optional.empty();
    }

    /** "15 g of filling each" is no dough. */
    private static boolean behind(String text, int end) {
        return text.substring(end, Math.min(text.length(), end + 20)).contains("filling");
    }

    static Optional<Spread> fillingEach(List<StepSentence> sentences, AmountReader amounts) {
        for (StepSentence sentence : sentences) {
            Matcher each = FILLING_EACH.matcher(sentence.text());
            while (each.find()) {
                boolean mixes = sentence.text().matches(".{0,200}\\b(?:mix|stir|season|add)\\b.{0,200}")
                        && !sentence.text()
                                .matches(".{0,300}\\b(?:each|middle|centre|center|wrapper|circle|disc)\\b.{0,300}");
                Optional<Spread> grams = mixes ? Optional.empty() : grams(each.group(1), amounts);
                if (grams.isPresent()) {
                    return grams;
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Spread> grams(String amount, AmountReader amounts) {
        try {
            Reading reading = amounts.read(amount + " filling");
            double usual = reading.mass().grams();
            return usual <= MOST_FILLING_G
                    ? Optional.of(new Spread(
                            reading.range().low().grams(),
                            usual,
                            reading.range().high().grams()))
                    : Optional.empty();
        } catch (UnreadableAmount none) {
            return Optional.empty();
        }
    }

    static Optional<Length> disc(List<StepSentence> sentences) {
        for (StepSentence sentence : sentences) {
            for (Pattern pattern : List.of(WIDE_BEFORE, WIDE_AFTER, ROLLED_TO)) {
                Matcher found = pattern.matcher(sentence.text());
                while (found.find()) {
                    double middle = StepSentence.spread(found, 1).usual();
                    double mm = middle * unit(found.group(3));
                    boolean other = VESSEL.matcher(found.group()).find()
                            || THICK.matcher(sentence.text().substring(found.end(3)))
                                    .find()
                            || sentence.about() == StepSentence.About.FILLING && !sentence.says(ROLLS);
                    if (mm >= 40 && mm <= 400 && !other) {
                        return Optional.of(Length.ofMillimetres(mm));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static double unit(String said) {
        if (said.startsWith("mm") || said.startsWith("milli")) {
            return 1;
        }
        return said.startsWith("c") ? 10 : MM_PER_INCH;
    }
}
