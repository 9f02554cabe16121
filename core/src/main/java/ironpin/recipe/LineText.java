package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.UnreadableAmount;
import ironpin.pantry.FoodName;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Takes one written line apart where it holds more than one thing: "1 tsp each salt and sugar", "2 eggs, 3 g salt". */
final class LineText {
    /** No line of a recipe is longer; what is longer is a step and not read here. */
    private static final int MOST = RecipeText.TELLING;

    private static final Pattern MARKS = Pattern.compile(
            "^(?:[-*•–·▢☐✓✔#>▪◦‣o]+\\s+|\\d{1,2}[.)]\\s+(?=(?:\\d|[½⅓⅔¼¾⅛]))|\\[ ?\\]\\s*|[-*•·▢☐▪◦‣]+\\s*(?=\\d))");
    /** "Flour ....... 400 g". */
    private static final Pattern DOTS = Pattern.compile("\\s*(?:\\.{2,}|…|_{2,})\\s*");

    private static final Pattern EACH_BEFORE =
            Pattern.compile("(?i)^(.{1,40}?)\\s+each(?: of)?(?: the following)?:?\\s+(?!\\()([^()]{3,120})$");
    private static final Pattern EACH_AFTER = Pattern.compile(
            "(?i)^([\\p{L}' ,&-]{3,100}?)[,:–-]*\\s+((?:\\d|[½⅓⅔¼¾⅛]|an? |one |two |half ).{0,30}?)\\s+each$");
    private static final Pattern NAMES = Pattern.compile("\\s*(?:,\\s*and|,|&|\\+|\\band\\b)\\s+");
    private static final Pattern ITEMS = Pattern.compile(
            "\\s*[;,]\\s+(?:and |plus )?(?=(?:about |approx\\.? |~)?(?:\\d|[½⅓⅔¼¾⅛]|an? (?:pinch|handful|knob|dash|bunch))|salt\\b"
                    + "|pepper\\b)|\\s+(?:and|&|\\+|/|·|•|\\|)\\s+(?=(?:\\d|[½⅓⅔¼¾⅛]))");

    private LineText() {}

    /** The things a line holds, each as a line of its own; usually only itself. */
    static List<String> items(String line) {
        String text = tidy(line);
        List<String> shared = shared(text);
        return shared.isEmpty() ? listed(text) : shared;
    }

    /** Without bullets, stars, boxes and the stop at its end. */
    static String tidy(String line) {
        String cut = line.length() <= MOST ? line : line.substring(0, MOST);
        String bare = MARKS.matcher(cut.strip()).replaceFirst("").strip();
        bare = bare.replaceAll("^\\*+|\\*+$", "")
                .replaceAll("(?i)\\bthumb-?sized? (?:piece|knob|chunk|bit)(?: of)?", "thumb")
                .strip();
        return bare.endsWith(".") && !bare.endsWith("..")
                ? bare.substring(0, bare.length() - 1).strip()
                : bare;
    }

    /** Without the dots that lead from a name to its amount. */
    static String undotted(String line) {
        return DOTS.matcher(line).replaceAll(" ");
    }

    private static List<String> shared(String text) {
        Matcher before = EACH_BEFORE.matcher(text);
        if (before.matches() && amount(before.group(1))) {
            return spread(before.group(1), before.group(2));
        }
        Matcher after = EACH_AFTER.matcher(text);
        return after.matches() && amount(after.group(2)) ? spread(after.group(2), after.group(1)) : List.of();
    }

    private static List<String> spread(String amount, String names) {
        String[] parts = NAMES.split(names.replaceAll("(?i)^of\\s+", ""));
        List<String> lines = new ArrayList<>();
        for (String name : parts) {
            if (!FoodName.read(name).food().isPresent()) {
                return List.of();
            }
            lines.add(amount.strip() + " " + name.strip());
        }
        return lines.size() > 1 ? lines : List.of();
    }

    /** A list in one line is taken apart only if every part of it is understood. */
    private static List<String> listed(String text) {
        String[] parts = ITEMS.split(text, 24);
        if (parts.length < 2) {
            return List.of(text);
        }
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < parts.length; i++) {
            String part = parts[i].strip();
            if (!thing(part)) {
                return List.of(text);
            }
            lines.add(part);
        }
        return lines;
    }

    private static boolean thing(String part) {
        String lower = part.toLowerCase(Locale.ROOT);
        if (lower.equals("salt") || lower.equals("pepper") || lower.equals("salt and pepper")) {
            return true;
        }
        try {
            String name = AmountReader.whatOf(part);
            return !name.isBlank() && FoodName.read(name).food().isPresent();
        } catch (UnreadableAmount none) {
            return false;
        }
    }

    /** Whether this is an amount and nothing behind it. */
    static boolean amount(String text) {
        try {
            return AmountReader.whatOf(text.strip()).isBlank();
        } catch (UnreadableAmount none) {
            return false;
        }
    }
}
