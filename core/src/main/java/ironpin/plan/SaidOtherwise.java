package ironpin.plan;

import ironpin.amount.Reading;
import ironpin.batch.edit.Address;
import ironpin.batch.edit.CountField;
import ironpin.batch.edit.PlanNumber;
import ironpin.pantry.Foods;
import ironpin.quantity.Band;
import ironpin.quantity.Decimal;
import ironpin.quantity.Mass;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number that is said by what it stands beside: how high water stands, how wide a ball is, how much of the other half,
 * or how much of what it is now.
 */
public final class SaidOtherwise {
    private static final double GIVE_OR_TAKE = 0.2;
    private static final double MM_PER_INCH = 25.4;
    private static final Pattern WIDE = Pattern.compile(
            "(?:about |roughly )?(\\d{1,3}(?:[.,]\\d{1,2})?) ?(mm|cm|in|inch|inches|\")(?: (?:ball|balls|across|wide|round|thick|in diameter)){0,2}");
    private static final Pattern OF_THE_OTHER = Pattern.compile(
            "(?:about |roughly )?(half|a third|two thirds|three quarters|as much as|the same as|twice|double)(?: of)?(?: the| its)? (dough|filling|skin)(?: ball| each)?");

    private static final Map<String, Double> OF_NOW = Map.ofEntries(
            Map.entry("half", 0.5),
            Map.entry("halve", 0.5),
            Map.entry("a half", 0.5),
            Map.entry("a third", 1 / 3.0),
            Map.entry("two thirds", 2 / 3.0),
            Map.entry("a third less", 2 / 3.0),
            Map.entry("a quarter", 0.25),
            Map.entry("three quarters", 0.75),
            Map.entry("a quarter less", 0.75),
            Map.entry("half again", 1.5),
            Map.entry("half as much again", 1.5),
            Map.entry("double", 2.0),
            Map.entry("twice", 2.0),
            Map.entry("triple", 3.0),
            Map.entry("three times", 3.0));

    private SaidOtherwise() {}

    /** Whether a text may be such a saying, which only its plan can tell. */
    public static boolean maybe(String text) {
        return text.chars().anyMatch(Character::isLetter) || text.contains("\"") || text.contains("%");
    }

    /** What it says, if it says a number so. */
    public static Optional<Reading> of(PlanNumber<?> number, String text, BatchPlan plan) {
        return LiquidHeight.typed(number, text, plan)
                .or(() -> size(number, text, plan))
                .or(() -> ofNow(number, text, plan));
    }

    /** "Half", "double it": of what the number is now; to the freezer, of the pieces there are. */
    private static Optional<Reading> ofNow(PlanNumber<?> number, String text, BatchPlan plan) {
        Double times = OF_NOW.get(text.strip().toLowerCase(Locale.ROOT).replaceAll("( of)? (it|them|all)$", ""));
        if (times == null) {
            return Optional.empty();
        }
        PlanNumber<?> of = number.field() == CountField.OF_THESE_TO_FREEZER
                ? CountField.PIECES.at((Address.OfLot) number.at())
                : number;
        double now = of.read(plan.batch(), plan.balance());
        int decimals = number.field().decimals();
        double scale = Math.pow(10, decimals);
        double value = Math.round(now * times * scale) / scale;
        return Optional.of(exact(text, value, Decimal.trimmed(now, decimals)));
    }

    private static Reading exact(String text, double value, String of) {
        Mass mass = Mass.ofGrams(value);
        return new Reading(
                text.strip(),
                mass,
                new Band<>(mass, mass),
                "Of " + of + ".",
                Optional.empty(),
                List.of(),
                Optional.empty(),
                false);
    }

    private static Optional<Reading> size(PlanNumber<?> number, String text, BatchPlan plan) {
        boolean dough = number.field() == CountField.DOUGH_EACH;
        if (!dough && number.field() != CountField.FILLING_EACH) {
            return Optional.empty();
        }
        String lower = text.strip().toLowerCase(Locale.ROOT);
        Matcher wide = WIDE.matcher(lower);
        if (wide.matches()) {
            double mm = Double.parseDouble(wide.group(1).replace(',', '.'))
                    * (wide.group(2).equals("mm") ? 1 : wide.group(2).equals("cm") ? 10 : MM_PER_INCH);
            double density =
                    Foods.get(dough ? "dough" : "filling").measure().density().usual();
            return Optional.of(
                    reading(text, Math.PI / 6 * mm * mm * mm / 1_000 * density, "A ball as wide as that (est.)."));
        }
        Matcher other = OF_THE_OTHER.matcher(lower);
        boolean otherIsFilling = other.matches() && other.group(2).equals("filling");
        if (other.matches() && otherIsFilling == dough) {
            LotPlan lot = plan.lot(((Address.OfLot) number.at()).no());
            Mass of = dough ? lot.share().fillingEach() : lot.share().doughEach();
            return Optional.of(reading(text, of.grams() * times(other.group(1)), "By weight, not by size."));
        }
        return Optional.empty();
    }

    private static double times(String word) {
        return switch (word) {
            case "half" -> 0.5;
            case "a third" -> 1.0 / 3;
            case "two thirds" -> 2.0 / 3;
            case "three quarters" -> 0.75;
            case "twice", "double" -> 2;
            default -> 1;
        };
    }

    private static Reading reading(String text, double grams, String assumption) {
        Mass mass = Mass.ofGrams(grams);
        return new Reading(
                text.strip(),
                mass,
                new Band<>(mass.multipliedBy(1 - GIVE_OR_TAKE), mass.multipliedBy(1 + GIVE_OR_TAKE)),
                assumption,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                true);
    }
}
