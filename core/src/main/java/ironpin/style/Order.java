package ironpin.style;

import ironpin.amount.AmountReader;
import ironpin.batch.Batch;
import ironpin.batch.PieceRule;
import ironpin.filling.FillingFormula;
import ironpin.filling.FillingLine;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.pantry.FoodWords;
import ironpin.quantity.CupStandard;
import ironpin.quantity.Mass;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * What a cook says is wanted, in a line: "24 pork dumplings for three, boiled, at seven", "500 g mince, what can I make".
 *
 * @param style the start that fits best, filled with what fits best
 * @param pieces how many, if said
 * @param eaters for how many, if said
 * @param at when on the table, if said
 * @param held what there is of one thing, if a mass was said
 * @param not words that nothing was made of
 */
public record Order(
        Style style,
        Optional<Integer> pieces,
        Optional<Integer> eaters,
        Optional<LocalTime> at,
        Optional<Held> held,
        List<String> not) {
    /** More is no line. */
    public static final int MOST_TEXT = 200;

    private static final int NOON = 12;
    private static final String NUMBER =
            "((?:half a|a|an|one|two|three|four|five|six|\\d{1,2})? ?dozen|a hundred|\\d{1,4}|twenty(?:[- ](?:one|two|three|four|five|six|eight))?|thirty(?:[- ](?:two|six))?"
                    + "|forty(?:[- ]eight)?|fifty|sixty|seventy|eighty|fifteen|sixteen|eighteen|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)";
    private static final Pattern EATERS = Pattern.compile("\\b(?:for|feeds?|serves?) (?:the )?" + NUMBER
            + "\\b(?! ?(?:pieces|dumplings|breads|o'?clock|pm|am|:|\\.\\d))(?: (?:people|of us|eaters|guests|persons|friends|hungry people))?"
            + "|\\b" + NUMBER + " (?:people|of us|eaters|guests|persons|friends)\\b|\\b(?:we are|there are) " + NUMBER);
    private static final Pattern AT = Pattern.compile(
            "\\b(?:at|by|around|ready at|on the table at) (?:about )?(half past )?(\\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|noon)(?:[:.h](\\d{2}))? ?(pm|am|p\\.m\\.|a\\.m\\.|o'?clock)?");
    private static final Pattern PIECES = Pattern.compile(
            "(?:^|[,;] |\\bmake |\\bmakes? )(?:about |some )?" + NUMBER
                    + "\\b(?! ?(?:g|kg|grams?|oz|ounces?|lbs?|pounds?|ml|cups?|people|eaters|guests|persons|of us|minutes?|pm|am)\\b)");
    private static final Pattern MASS = Pattern.compile(
            "\\b(?:have |got |with |use up |using )?((?:about )?(?:\\d[\\d.,/]*|half a|a) ?(?:g|gr|grams?|kg|kilos?|oz|ounces?|lbs?|pounds?|ml))\\b(?: of)? ([\\p{L} -]{3,30})");
    private static final Pattern WORD = Pattern.compile("[\\p{L}-]+");

    /**
     * So much of a food.
     *
     * @param food what it is
     * @param mass how much of it, above 0 g
     */
    public record Held(Food food, Mass mass) {
        /** Which line of a filling it is, from 0; mince of no kind is the first meat in it. Nothing where none is it. */
        public OptionalInt lineIn(FillingFormula formula) {
            List<FillingLine> lines = formula.lines();
            return IntStream.range(0, lines.size())
                    .filter(i -> Fit.is(lines.get(i), food)
                            || food.key().equals(Fit.MINCE)
                                    && lines.get(i)
                                            .spoken()
                                            .food()
                                            .filter(one -> one.role() == Food.Role.MEAT)
                                            .isPresent())
                    .findFirst();
        }
    }

    /** What a line says. @param usual the start where it says nothing of one */
    public static Order read(String line, Style usual) {
        String cut = line.length() <= MOST_TEXT ? line : line.substring(0, MOST_TEXT);
        String rest = " " + cut.toLowerCase(Locale.ROOT).replace('’', '\'').strip() + " ";
        Optional<Held> held = Optional.empty();
        Matcher mass = MASS.matcher(rest);
        if (mass.find()) {
            held = held(mass.group(1), mass.group(2));
            rest = rest.replace(mass.group(1), " ");
        }
        Matcher at = AT.matcher(rest);
        Optional<LocalTime> time = at.find() ? time(at) : Optional.empty();
        rest = time.isPresent() ? at.replaceFirst(" ") : rest;
        Matcher eat = EATERS.matcher(rest);
        Optional<Integer> eaters = eat.find()
                ? number(
                        eat.group(1) != null ? eat.group(1) : eat.group(2) != null ? eat.group(2) : eat.group(3),
                        Batch.MOST_EATERS)
                : Optional.empty();
        rest = eaters.isPresent() ? eat.replaceFirst(" ") : rest;
        Matcher count = PIECES.matcher(rest.strip());
        Optional<Integer> pieces = count.find() ? number(count.group(1), PieceRule.MOST) : Optional.empty();
        rest = pieces.isPresent() ? count.replaceFirst(" ") : rest;
        List<String> words = new ArrayList<>();
        Matcher word = WORD.matcher(rest);
        while (word.find()) {
            words.add(word.group());
        }
        Style style = Fit.best(words, rest, usual);
        return new Order(style, pieces, eaters, time, held, Fit.unused(words));
    }

    private static Optional<Held> held(String amount, String name) {
        AmountReader amounts = new AmountReader(CupStandard.METRIC);
        return FoodWords.in(name).stream()
                .map(FoodWords.Named::food)
                .findFirst()
                .or(() -> FoodName.read(name).food())
                .map(food ->
                        new Held(food, amounts.read(amount, Optional.of(food)).mass()));
    }

    private static Optional<Integer> number(String said, int most) {
        String plain = said.strip();
        return AmountReader.number(plain.equals("dozen") ? "a dozen" : plain).stream()
                .mapToObj(value -> (int) Math.round(value))
                .filter(value -> value >= 1 && value <= most)
                .findFirst();
    }

    /** Suppers are in the evening: seven is 19:00. */
    private static Optional<LocalTime> time(Matcher at) {
        int hour = at.group(2).equals("noon") ? NOON : number(at.group(2), 24).orElse(-1);
        int minute = at.group(1) != null ? 30 : at.group(3) == null ? 0 : Integer.parseInt(at.group(3));
        boolean morning = at.group(4) != null && at.group(4).startsWith("a");
        boolean evening = !morning && hour >= 1 && hour < NOON;
        int there = evening ? hour + NOON : hour;
        return there >= 0 && there < 24 && minute < 60 ? Optional.of(LocalTime.of(there, minute)) : Optional.empty();
    }
}
