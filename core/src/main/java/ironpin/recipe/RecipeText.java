package ironpin.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Takes a pasted text apart into title, yield, times, lines under their headings, and steps. */
public final class RecipeText {
    /** Longer than this is no recipe. */
    public static final int MOST = 50_000;

    /** A line is known by its beginning; matching more of a text without end would take without end. */
    private static final int TELLING = 240;

    private static final int SENTENCE = 60;
    private static final int HEADING = 45;
    private static final int LONGEST_LIST = 1_500;
    private static final String NUMBER = "(?:\\d|[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])";
    private static final String WORD_NUMBER =
            "(?:(?:an?|one|two|three|four|five|six|half an?|a couple of|a few)\\s+(?:small |medium |large |big |heaped |good )*)";
    private static final String UNIT =
            "(?:g|gr|grams?|kg|ml|cl|dl|l|litres?|liters?|oz|ounces?|lbs?|pounds?|cups?|glass(?:es)?|tsps?|teaspoons?|tbsps?"
                    + "|tablespoons?|pinch(?:es)?|dash(?:es)?|handfuls?|knobs?|thumbs?|cloves?|eggs?|bunch(?:es)?|cm|inch(?:es)?)";
    private static final Pattern WITH_UNIT = Pattern.compile(
            "(?i)^(?:about |approx\\.? |~)?(?:" + NUMBER + "[\\d½⅓⅔¼¾⅛ ./,–-]*|" + WORD_NUMBER + ")" + UNIT + "\\b.*");
    private static final Pattern STARTS_WITH_NUMBER =
            Pattern.compile("(?i)^(?:about |approx\\.? |~|juice of )?" + NUMBER + ".*");
    private static final Pattern NAME_FIRST =
            Pattern.compile("(?i)^[\\p{L} '-]{3,40}[:,–-]?\\s+" + NUMBER + "[\\d½⅓⅔¼¾⅛ ./,–-]*\\s*" + UNIT + "\\b.*");
    private static final Pattern BULLET = Pattern.compile("^(?:[-*•–·▢☐#>]+\\s*|\\d{1,2}[.)]\\s+(?=" + NUMBER + "))");
    private static final Pattern NUMBERED = Pattern.compile("(?i)^(?:step\\s*)?\\d{1,2}[.):]\\s+\\p{L}.*");
    private static final Pattern YIELD = Pattern.compile("(?i)^(?:makes|yields?|serves|servings?|quantity|for (?=\\d+ "
            + "(?:people|persons|eaters|servings)))\\b[^\\p{L}]*.*");
    private static final Pattern TIME = Pattern.compile(
            "(?i)^(?:prep(?:aration)?|cook(?:ing)?|total|rest(?:ing)?|active|hands-on|ready in|time)\\b[^\\d.]{0,18}\\d.*");
    private static final Pattern STEPS = Pattern.compile(
            "(?i)^(?:method|instructions?|directions?|steps|preparation|procedure|what to do|how to .{0,20})\\s*:?$");
    private static final Pattern LINES =
            Pattern.compile("(?i)^(?:ingredients?|you need|you will need|what you need)\\b(.*)");
    private static final Pattern GROUP = Pattern.compile(
            "(?i)^(?:for )?(?:the |a )?(?:[\\p{L}&, -]{0,24} )?(?:doughs?|wrappers?|skins?|pastry|fillings?|stuffing|dip|dips|dipping"
                    + "|dipping sauce|sauce|to serve|breads?|aspic|soup|slurry|skirt)(?: ingredients| \\(.{0,30}\\))?\\s*:?$");
    private static final Pattern SEASONING =
            Pattern.compile("(?i).*\\b(?:soy|oyster|fish|chilli|chili|hot|plum) sauce$");
    private static final Pattern NEXT_ITEM = Pattern.compile("\\s*[,;]\\s+(?=(?:about |and )?(?:" + NUMBER + "|"
            + WORD_NUMBER + UNIT + "\\b|salt\\b|pepper\\b))|\\s+and\\s+(?=" + NUMBER + ")");
    private static final Pattern IN_PROSE = Pattern.compile("(?i)(?:" + NUMBER + "[\\d½⅓⅔¼¾⅛ ./–-]*|\\b" + WORD_NUMBER
            + ")"
            + UNIT + "\\b(?:\\s+of)?(?:\\s+(?!and\\b|with\\b|into\\b|to\\b|in\\b|for\\b|until\\b|then\\b|each\\b|on\\b)"
            + "[\\p{L}%'-]+){0,4}");

    private enum Zone {
        HEAD,
        LINES,
        STEPS
    }

    private final List<String> text;
    private final List<WrittenRecipe.Line> lines = new ArrayList<>();
    private final List<String> steps = new ArrayList<>();
    private final List<String> times = new ArrayList<>();
    private final List<String> yields = new ArrayList<>();
    private String title = "";
    private String heading = "";
    private Zone zone = Zone.HEAD;

    private RecipeText(List<String> text) {
        this.text = text;
    }

    /**
     * Takes a text apart.
     *
     * @param source where it comes from; may be empty
     * @throws UnreadableRecipe if it is empty, too long, or holds no ingredients
     */
    public static WrittenRecipe read(String text, String source) {
        if (text.isBlank()) {
            throw new UnreadableRecipe("There is nothing to read: paste a recipe, 1 to 50,000 characters.");
        }
        if (text.length() > MOST) {
            throw new UnreadableRecipe(
                    "A recipe has 1 to 50,000 characters; this text has " + text.length() + ". Paste only the recipe.");
        }
        List<String> cleaned = text.lines()
                .map(RecipeText::clean)
                .filter(line -> !line.isEmpty())
                .toList();
        RecipeText reader = new RecipeText(cleaned);
        for (int i = 0; i < cleaned.size(); i++) {
            reader.line(i);
        }
        if (reader.lines.isEmpty()) {
            reader.prose();
        }
        return new WrittenRecipe(
                reader.title, String.join("; ", reader.yields), reader.times, reader.lines, reader.steps, source);
    }

    /** The heading that a line is, if it is one and no ingredient. */
    public static Optional<String> heading(String line) {
        String cleaned = line.length() > TELLING ? "" : clean(line);
        return group(cleaned) ? Optional.of(cleaned.replaceAll("\\s*:$", "")) : Optional.empty();
    }

    private static String clean(String line) {
        String spaced =
                line.replaceAll("[\\s\\u00a0\\u202f\\u2009]+", " ").replaceAll("[\\p{Cntrl}\\uFEFF\\uFFFD]", "");
        return spaced.replace("**", "").replace("__", "").strip();
    }

    private void line(int i) {
        String line = BULLET.matcher(text.get(i)).replaceFirst("").strip();
        if (line.isEmpty()) {
            return;
        }
        if (line.length() > TELLING
                && !(line.indexOf(':') < HEADING && inline(line.substring(0, Math.min(LONGEST_LIST, line.length()))))) {
            step(line);
            return;
        }
        Matcher opening = LINES.matcher(line);
        if (STEPS.matcher(line).matches()) {
            zone = Zone.STEPS;
        } else if (opening.matches() && line.length() <= HEADING) {
            zone = Zone.LINES;
            heading = "";
            readYield(opening.group(1));
        } else if (YIELD.matcher(line).matches() && line.length() <= SENTENCE) {
            yields.add(line);
        } else if (TIME.matcher(line).matches() && line.length() <= HEADING && zone == Zone.HEAD) {
            times.add(line);
        } else if (group(line)
                && (zone != Zone.STEPS || ingredientFollows(i))
                && !(title.isEmpty() && !ingredientFollows(i))) {
            heading = line.replaceAll("\\s*:$", "");
            readYield(heading);
            zone = Zone.LINES;
        } else if (inline(line)) {
            zone = Zone.LINES;
        } else {
            plain(line);
        }
    }

    private void plain(String line) {
        boolean ingredient = ingredient(line);
        if (title.isEmpty() && zone == Zone.HEAD && !WITH_UNIT.matcher(line).matches()) {
            title = line.replaceAll("[:.]$", "");
            readYield(line);
        } else if (zone == Zone.STEPS || NUMBERED.matcher(line).matches() || !ingredient && line.length() > SENTENCE) {
            step(line);
        } else if (ingredient || zone == Zone.LINES && line.length() <= HEADING && !line.endsWith(".")) {
            zone = Zone.LINES;
            lines.add(new WrittenRecipe.Line(heading, line));
        } else {
            step(line);
        }
    }

    private void step(String line) {
        steps.add(line);
        if (line.length() <= TELLING && NUMBERED.matcher(line).matches()) {
            zone = Zone.STEPS;
        }
    }

    /** "Makes 24" may stand in a title or a heading too. */
    private void readYield(String line) {
        Matcher makes = Pattern.compile("(?i)\\b(?:makes|serves|yields?)\\b[^)]*|\\bfor \\d+ (?:people|persons|pieces)")
                .matcher(line);
        if (makes.find()) {
            yields.add(makes.group());
        }
    }

    private static boolean group(String line) {
        String bare = line.replaceAll("\\(.*?\\)", "").strip();
        boolean named = GROUP.matcher(bare).matches()
                && !SEASONING.matcher(bare.replaceAll("\\s*:$", "")).matches();
        boolean colon = line.endsWith(":")
                && line.length() <= HEADING
                && !WITH_UNIT.matcher(line).matches();
        return bare.length() <= HEADING
                && (named || colon)
                && !WITH_UNIT.matcher(bare).matches();
    }

    private boolean ingredientFollows(int i) {
        return i + 1 < text.size()
                && text.get(i + 1).length() <= TELLING
                && ingredient(BULLET.matcher(text.get(i + 1)).replaceFirst("").strip());
    }

    private static boolean ingredient(String line) {
        boolean sentence = line.endsWith(".") && line.length() > SENTENCE;
        return !sentence
                && (WITH_UNIT.matcher(line).matches()
                        || STARTS_WITH_NUMBER.matcher(line).matches() && line.length() <= SENTENCE
                        || NAME_FIRST.matcher(line).matches());
    }

    /** "Dough: 300 g flour, 150 g water, salt". */
    private boolean inline(String line) {
        int colon = line.indexOf(':');
        if (colon < 0 || colon > HEADING || !group(line.substring(0, colon + 1))) {
            return false;
        }
        String rest = line.substring(colon + 1).strip();
        if (!WITH_UNIT.matcher(rest).matches()
                && !STARTS_WITH_NUMBER.matcher(rest).matches()) {
            return false;
        }
        if (!GROUP.matcher(line.substring(0, colon)).matches()) {
            return false;
        }
        heading = line.substring(0, colon).strip();
        for (String item : NEXT_ITEM.split(rest)) {
            String bare = item.replaceAll("\\.$", "").strip();
            if (!bare.isEmpty()) {
                lines.add(new WrittenRecipe.Line(heading, bare));
            }
        }
        return true;
    }

    /** A recipe told in sentences: the amounts are picked out of them. */
    private void prose() {
        for (String paragraph : text) {
            for (String whole : paragraph.split("(?<=[.!;])\\s+")) {
                String sentence = whole.substring(0, Math.min(LONGEST_LIST, whole.length()));
                String lower = sentence.toLowerCase(Locale.ROOT);
                if (lower.contains("filling")) {
                    heading = "Filling";
                } else if (lower.contains("dough")) {
                    heading = "Dough";
                } else if (lower.contains("dip")) {
                    heading = "Dip";
                }
                Matcher amount = IN_PROSE.matcher(sentence);
                while (amount.find()) {
                    String said = amount.group().strip();
                    if (!said.matches("(?i).*\\b(?:filling|dough|cm|inch|inches)$")) {
                        lines.add(new WrittenRecipe.Line(heading, said));
                    }
                }
            }
        }
    }
}
