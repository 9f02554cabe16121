package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.pantry.FoodName;
import ironpin.pantry.FoodWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Mends what copying and scanning do to a text: words broken at a line's end, a line that goes on in the next one, marks of a
 * page's own spelling.
 */
final class Paste {
    private static final int LONGEST = RecipeText.TELLING;
    private static final int FEW_WORDS = 4;
    private static final Map<String, String> ENTITIES = Map.of(
            "&frac12;",
            "½",
            "&frac14;",
            "¼",
            "&frac34;",
            "¾",
            "&amp;",
            "&",
            "&nbsp;",
            " ",
            "&deg;",
            "°",
            "&ndash;",
            "–",
            "&#189;",
            "½",
            "&#188;",
            "¼",
            "&#190;",
            "¾");
    private static final String SMALL_DIGITS = "⁰¹²³⁴⁵⁶⁷⁸⁹₀₁₂₃₄₅₆₇₈₉";
    private static final Pattern BROKEN = Pattern.compile("(\\p{L}{2,})[-\u00ad]$");
    private static final Pattern FIRST_WORD = Pattern.compile("^(\\p{Ll}+)(.*)$");
    private static final Pattern PARTS = Pattern.compile("^\\s*(?:[-–—_=*~•.#+]\\s?){3,}\\s*$");
    private static final Pattern GOES_ON = Pattern.compile(
            "(?i).*(?:,|\\(|\\b(?:of|and|or|with|finely|freshly|coarsely|roughly|thinly|fresh|ground|chopped|low-sodium|extra|extra-virgin|light|dark|toasted|plus))$");
    /** Begins a line of its own wherever it stands. */
    private static final Pattern BEGINS =
            Pattern.compile("^[\\s]*(?:[-*•·▢☐✓✔▪◦‣#>◆●○■□★]|\\d{1,2}[.)]\\s|[A-H][.)]\\s).*");

    private final AmountReader amounts;

    Paste(AmountReader amounts) {
        this.amounts = amounts;
    }

    /** The lines of a text, empty ones too, mended. */
    List<String> lines(String text) {
        List<String> raw = text.lines().map(Paste::spelled).map(Paste::parted).toList();
        List<String> lines = new ArrayList<>();
        for (String line : raw) {
            String before = lines.isEmpty() ? "" : lines.get(lines.size() - 1);
            if (before.length() > LONGEST || line.length() > LONGEST || before.isBlank() || line.isBlank()) {
                lines.add(line);
                continue;
            }
            UnreadableRecipe.ifNobodyWaits();
            String joined = joined(before.stripTrailing(), line.strip());
            if (joined.isEmpty()) {
                lines.add(line);
            } else {
                lines.set(lines.size() - 1, joined);
            }
        }
        return lines;
    }

    /** A line of dashes or stars parts what is above from what is below, as an empty one does. */
    private static String parted(String line) {
        return PARTS.matcher(line).matches() ? "" : line;
    }

    private static String spelled(String line) {
        String plain = line;
        for (Map.Entry<String, String> entity : ENTITIES.entrySet()) {
            plain = plain.replace(entity.getKey(), entity.getValue());
        }
        StringBuilder digits = new StringBuilder(plain.length());
        plain.chars().forEach(c -> {
            int small = SMALL_DIGITS.indexOf(c);
            digits.append(small < 0 ? (char) c : (char) ('0' + small % 10));
        });
        return digits.toString();
    }

    /** Both lines as the one they were; nothing if they are two. */
    private String joined(String before, String line) {
        if (BEGINS.matcher(line).matches()) {
            return "";
        }
        Matcher broken = BROKEN.matcher(before);
        Matcher first = FIRST_WORD.matcher(line);
        if (broken.find() && first.matches()) {
            String whole = broken.group(1) + first.group(1);
            boolean one = FoodWords.isWord(whole);
            return before.substring(0, broken.end(1)) + (one ? "" : "-") + line;
        }
        if (!amountFirst(before)
                || amountFirst(line)
                || Heading.of(line).flatMap(Heading::part).isPresent()) {
            return "";
        }
        String name = rest(before);
        if (name.isBlank()) {
            // An amount by itself: the table's rules know whose it is.
            return "";
        }
        boolean open =
                FoodName.read(name).food().isEmpty() || GOES_ON.matcher(before).matches();
        boolean small = Character.isLowerCase(line.charAt(0)) || line.charAt(0) == '(';
        boolean few = line.split("\\s+").length <= FEW_WORDS && !line.endsWith(":");
        boolean ends = few && small && FoodName.read(name + " " + line).food().isPresent();
        boolean notes = few
                && small
                && !line.matches(".*[.!?]$")
                && FoodWords.isWord(line)
                && FoodName.read(line).food().isEmpty();
        return open && ends || notes ? before + " " + line : "";
    }

    private boolean amountFirst(String line) {
        return amounts.startsAny(LineText.tidy(line));
    }

    private String rest(String line) {
        return amounts.whatOf(LineText.tidy(line));
    }
}
