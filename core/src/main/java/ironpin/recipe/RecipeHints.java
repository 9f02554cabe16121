package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.Spread;
import ironpin.amount.UnreadableAmount;
import ironpin.cook.VesselKind;
import ironpin.quantity.Length;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Figures that stand in the steps of a recipe.
 *
 * @param count pieces it is divided into
 * @param doughEach grams of dough it says for one piece
 * @param fillingEach grams of filling it says for one piece
 * @param disc width it is rolled to
 * @param rest longest rest it speaks of
 * @param cooking minutes in the vessel
 * @param vessel what it is cooked in
 * @param waterC temperature of the water it speaks of, where the lines do not say
 */
public record RecipeHints(
        Optional<Integer> count,
        Optional<Spread> doughEach,
        Optional<Spread> fillingEach,
        Optional<Length> disc,
        Optional<Duration> rest,
        Optional<Duration> cooking,
        Optional<VesselKind> vessel,
        Optional<Double> waterC) {
    static final double BOILING_C = 96;
    static final double HOT_C = 80;
    static final double HOT_TAP_C = 55;
    static final double WARM_C = 45;
    static final double LUKEWARM_C = 38;
    static final double ROOM_C = 20;
    static final double COLD_C = 12;
    static final double ICED_C = 4;

    private static final String NUMBER = "(\\d{1,3}(?:[.,]\\d{1,2})?(?:\\s?[½¼¾⅓⅔⅛])?|[½¼¾⅓⅔⅛]|\\d ?\\d/\\d)";
    private static final String TO = "(?:\\s*(?:-|–|—|to|or)\\s*" + NUMBER + ")?";
    private static final String COUNT = "(\\d{1,3}|two|three|four|five|six|eight|ten|twelve)";
    private static final Pattern INTO = Pattern.compile(
            "(?:divide|cut|portion|shape|roll|split|pinch|make|form)[^.;]{0,70}?\\b(?:into|in|off) " + COUNT
                    + "(?:\\s*(?:-|–|to)\\s*\\d{1,3})?\\s+(?:equal |even |small |little |same-sized |walnut-sized )*(?:pieces|portions"
                    + "|balls|discs|disks|rounds|circles|parts|lumps|nuggets)");
    private static final Pattern ROPES = Pattern.compile("(?:into|in) " + COUNT
            + " (?:equal |even |long )*(?:ropes|logs|quarters|sausages|strands|pieces|portions)[^.]{0,50}\\beach[^.]{0,40}?\\b(?:into|in) "
            + COUNT + "\\b");
    private static final Pattern DOUGH_EACH = Pattern.compile(NUMBER + TO
            + "\\s*-?g(?:rams?)?\\b(?:\\s+(?:pieces|portions|balls|lumps)|[^.;,]{0,12}\\b(?:each|apiece|a piece|per piece)|\\s+of dough)"
            + "|(?:pieces|portions|balls|lumps) (?:of|weighing)(?: about)? " + NUMBER + TO + "\\s*g\\b"
            + "|each(?: piece)? (?:weighing|should weigh|weighs)(?: about)? " + NUMBER + TO + "\\s*g\\b");
    private static final Pattern FILLING_EACH = Pattern.compile(
            "((?:" + NUMBER + TO + "|\\ba|\\ban|\\bone|\\btwo)\\s*(?:heaped |rounded |level |scant |generous )*"
                    + "(?:g|grams?|tsps?|teaspoons?|tbsps?|tablespoons?))\\.?\\s+(?:of )?(?:the |your )?filling");
    private static final Pattern DISC = Pattern.compile(
            NUMBER + TO
                    + "[\\s-]*(cm|mm|inch(?:es)?|in\\b|\"|”)[^.;]{0,25}?(?:circles?|rounds?|discs?|disks?|wrappers?|diameter|across|wide)");
    private static final Pattern DISC_AFTER =
            Pattern.compile("(?:circles?|rounds?|discs?|disks?|wrappers?)[^.;\\d]{0,30}?" + NUMBER + TO
                    + "[\\s-]*(cm|mm|inch(?:es)?|\"|”)");
    private static final Pattern REST = Pattern.compile(
            "(?:\\brest|stand|relax|sit|covered)[^.\\d]{0,45}?" + NUMBER + TO + "\\s*(min|minutes?|h|hours?|hrs?)\\b");
    private static final Pattern COOKING = Pattern.compile(
            "(?:steam|boil|cook|simmer|poach|griddle|fry|toast)[^.\\d]{0,60}?" + NUMBER + TO + "\\s*(min|minutes?)\\b");
    private static final Pattern CELSIUS = Pattern.compile(
            "(\\d{1,3})\\s?°?\\s?([cCfF])\\b[^.]{0,12}water|water[^.]{0,18}?(\\d{1,3})\\s?°?\\s?([cCfF])\\b");
    private static final double MM_PER_INCH = 25.4;

    /** The figures in this method. */
    static RecipeHints of(String method, AmountReader amounts) {
        String lower = method.toLowerCase(Locale.ROOT)
                .replaceAll("\\bhalf an hour\\b", "30 minutes")
                .replaceAll("\\ba quarter of an hour\\b", "15 minutes")
                .replaceAll("\\b(?:an|one) hour\\b", "60 minutes");
        return new RecipeHints(
                count(lower),
                doughEach(lower),
                fillingEach(lower, amounts),
                disc(lower),
                longest(REST, lower),
                cooking(lower),
                vessel(lower),
                water(lower));
    }

    private static Optional<Integer> count(String text) {
        Matcher ropes = ROPES.matcher(text);
        if (ropes.find()) {
            return Optional.of(counted(ropes.group(1)) * counted(ropes.group(2)));
        }
        Matcher into = INTO.matcher(text);
        int most = 0;
        while (into.find()) {
            most = Math.max(most, counted(into.group(1)));
        }
        // Two or three portions are for resting, not for the plate.
        return most > 3 ? Optional.of(most) : Optional.empty();
    }

    private static int counted(String word) {
        return switch (word) {
            case "two" -> 2;
            case "three" -> 3;
            case "four" -> 4;
            case "five" -> 5;
            case "six" -> 6;
            case "eight" -> 8;
            case "ten" -> 10;
            case "twelve" -> 12;
            default -> Integer.parseInt(word);
        };
    }

    private static Optional<Spread> doughEach(String text) {
        for (String sentence : text.split("(?<=[.;])\\s")) {
            Matcher each = DOUGH_EACH.matcher(sentence);
            if (each.find() && !sentence.contains("filling") && !sentence.contains("patty")) {
                int at = each.group(1) != null ? 1 : each.group(3) != null ? 3 : 5;
                return Optional.of(spread(each.group(at), each.group(at + 1)));
            }
        }
        return Optional.empty();
    }

    private static Optional<Spread> fillingEach(String text, AmountReader amounts) {
        Matcher each = FILLING_EACH.matcher(text);
        while (each.find()) {
            try {
                var reading = amounts.read(each.group(1) + " filling");
                double usual = reading.mass().grams();
                if (usual <= 200) {
                    return Optional.of(new Spread(
                            reading.range().low().grams(),
                            usual,
                            reading.range().high().grams()));
                }
            } catch (UnreadableAmount noAmount) {
                continue;
            }
        }
        return Optional.empty();
    }

    private static Optional<Length> disc(String text) {
        for (Pattern pattern : new Pattern[] {DISC, DISC_AFTER}) {
            Matcher found = pattern.matcher(text);
            while (found.find()) {
                double middle = spread(found.group(1), found.group(2)).usual();
                double mm =
                        switch (found.group(3)) {
                            case "mm" -> middle;
                            case "cm" -> middle * 10;
                            default -> middle * MM_PER_INCH;
                        };
                if (mm >= 40 && mm <= 400) {
                    return Optional.of(Length.ofMillimetres(mm));
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Duration> longest(Pattern pattern, String text) {
        Matcher found = pattern.matcher(text);
        Optional<Duration> longest =
                text.matches(".*\\brest[^.]{0,40}overnight.*") ? Optional.of(Duration.ofHours(10)) : Optional.empty();
        while (found.find()) {
            Duration one = minutes(spread(found.group(1), found.group(2)).low(), found.group(3));
            if (longest.isEmpty() || one.compareTo(longest.get()) > 0) {
                longest = Optional.of(one);
            }
        }
        return longest;
    }

    /** The last one spoken of: earlier ones are for vegetables. */
    private static Optional<Duration> cooking(String text) {
        Matcher found = COOKING.matcher(text);
        Optional<Duration> last = Optional.empty();
        while (found.find()) {
            last = Optional.of(minutes(spread(found.group(1), found.group(2)).usual(), found.group(3)));
        }
        return last;
    }

    private static Duration minutes(double number, String unit) {
        return Duration.ofSeconds(Math.round(number * (unit.startsWith("h") ? 3600 : 60)));
    }

    private static Optional<VesselKind> vessel(String text) {
        if (text.matches(".*\\b(?:griddle|dry (?:frying |hot )?pan|dry skillet|hot plate|flat pan)\\b.*")) {
            return Optional.of(VesselKind.GRIDDLE);
        }
        boolean fry = text.matches(".*\\b(?:pan-?fry|fry|frying pan|skillet|golden)\\b.*");
        boolean lid = text.matches(
                ".*\\b(?:lid|cover)\\b.*\\b(?:water|steam)\\b.*|.*\\bwater\\b.{0,60}\\b(?:lid|cover)\\b.*");
        if (fry && lid && text.matches(".*\\b(?:pan|skillet)\\b.*")) {
            return Optional.of(VesselKind.PAN);
        }
        if (text.matches(".*\\b(?:steam(?:er|ed|ing)?|basket)\\b.*")) {
            return Optional.of(VesselKind.BASKET);
        }
        if (text.matches(
                ".*\\b(?:boil(?:ed|ing)? (?:\\d|for|in|the|until|them|salted)|simmer|poach|pot of|until they float|they float)\\b.*")) {
            return Optional.of(VesselKind.POT);
        }
        return fry ? Optional.of(VesselKind.PAN) : Optional.empty();
    }

    /** What a line of water says of its temperature. */
    static Optional<Double> waterLine(String line) {
        String text = line.toLowerCase(Locale.ROOT);
        Optional<Double> degrees = degrees(text);
        if (degrees.isPresent()) {
            return degrees;
        }
        record Word(String word, double celsius) {}
        return List.of(
                        new Word("boil", BOILING_C),
                        new Word("lukewarm", LUKEWARM_C),
                        new Word("hot tap", HOT_TAP_C),
                        new Word("hot", HOT_C),
                        new Word("warm", WARM_C),
                        new Word("room", ROOM_C),
                        new Word("ice", ICED_C),
                        new Word("cold", COLD_C))
                .stream()
                .filter(word -> text.contains(word.word()))
                .map(Word::celsius)
                .findFirst();
    }

    private static Optional<Double> degrees(String text) {
        Matcher degrees = CELSIUS.matcher(text);
        if (!degrees.find()) {
            return Optional.empty();
        }
        int at = degrees.group(1) != null ? 1 : 3;
        double value = Double.parseDouble(degrees.group(at));
        double celsius = degrees.group(at + 1).equalsIgnoreCase("f") ? (value - 32) / 1.8 : value;
        return celsius >= 0 && celsius <= 100 ? Optional.of(celsius) : Optional.empty();
    }

    /** What the text says of the water for the dough. */
    static Optional<Double> water(String text) {
        Optional<Double> degrees = degrees(text);
        if (degrees.isPresent()) {
            return degrees;
        }
        if (text.matches(".*\\b(?:boiling|just-boiled|just boiled|freshly boiled) (?:hot )?water\\b.*")) {
            boolean dough = text.matches(
                    ".*\\b(?:flour|starch|bowl|dough|pour|stir)\\b[^.]{0,80}boiling water.*|.*boiling water[^.]{0,60}"
                            + "\\b(?:flour|starch|dough|over|stir|mix).*");
            return dough ? Optional.of(BOILING_C) : Optional.empty();
        }
        if (text.matches(".*\\b(?:iced?|ice-cold) water\\b.*")) {
            return Optional.of(ICED_C);
        }
        if (text.matches(".*\\b(?:very )?hot (?:tap )?water\\b.*")) {
            return Optional.of(text.contains("hot tap water") ? HOT_TAP_C : HOT_C);
        }
        if (text.matches(".*\\blukewarm water\\b.*")) {
            return Optional.of(LUKEWARM_C);
        }
        if (text.matches(".*\\bwarm water\\b.*")) {
            return Optional.of(WARM_C);
        }
        if (text.matches(".*\\bcold water\\b.*")) {
            return Optional.of(COLD_C);
        }
        return text.matches(".*\\broom[- ]temperature water\\b.*") ? Optional.of(ROOM_C) : Optional.empty();
    }

    private static Spread spread(String low, String high) {
        double least = AmountReader.number(low).orElseThrow();
        double most = high == null ? least : AmountReader.number(high).orElseThrow();
        return new Spread(Math.min(least, most), (least + most) / 2, Math.max(least, most));
    }
}
