package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.UnreadableAmount;
import ironpin.pantry.FoodName;
import ironpin.wording.Typed;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Takes a pasted text apart into title, yield, times, lines under their headings, and steps. */
public final class RecipeText {
    /** Longer than this is no recipe. */
    public static final int MOST = 50_000;

    /** More lines than this are no recipe; each becomes a row of its own that can be put right. */
    public static final int MOST_LINES = 1_500;

    /** Characters of the longest line that may be an ingredient; matching more of a text without end would take without end. */
    static final int TELLING = 240;

    private static final int SENTENCE = 60;
    private static final int HEADING = 60;
    private static final int LONGEST_LIST = 1_500;
    private static final String NUMBER = "(?:\\d|[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])";
    private static final String WORD_NUMBER =
            "(?:(?:an?|one|two|three|four|five|six|half an?|a couple of|a few)\\s+(?:small |medium |large |big |heaped |good )*)";
    private static final String UNIT =
            "(?:g|gr|grams?|kg|ml|cl|dl|l|litres?|liters?|oz|ounces?|lbs?|pounds?|cups?|c\\.|glass(?:es)?|tsps?|teaspoons?|tbsps?"
                    + "|tbs|tablespoons?|dessertspoons?|pints?|quarts?|pinch(?:es)?|dash(?:es)?|handfuls?|knobs?|thumbs?|cloves?"
                    + "|eggs?|bunch(?:es)?|cm|inch(?:es)?|tins?|cans?|packs?|packets?|packages?|sticks?|heads?|stalks?|slices?)";
    private static final Pattern WITH_UNIT = Pattern.compile("(?i)^(?:about |approx\\.? |~)?(?:" + NUMBER
            + "[\\d½⅓⅔¼¾⅛ ./,–-]{0,20}|" + WORD_NUMBER + ")" + UNIT + "\\b.*");
    /** "3. 200 g flour", "3) flour", "3.Flour", but not "3.5 g salt". */
    private static final String NUMBER_IN_FRONT = "^\\d{1,2}(?:[.)]\\s+|\\)|\\.(?=\\p{L}))";

    private static final Pattern NUMBERED = Pattern.compile("(?i)^(?:step\\s*)?\\d{1,2}[.):]\\s*\\p{L}.*");
    private static final Pattern YIELD = Pattern.compile(
            "(?i)^(?:this )?(?:recipe )?(?:makes|make|yields?|serves|servings?|portions|quantity|pieces|for \\d+ (?:people|persons|eaters"
                    + "|servings|pieces))\\b.{0,50}$|^\\(?(?:about |approx\\.? )?\\d{1,3} (?:pieces|pcs|servings|dumplings|portions)\\)?\\.?$");
    private static final Pattern YIELD_WITHIN = Pattern.compile(
            "(?i)\\b(?:makes|serves|yields?|yield:)\\b[^).;]{0,50}|\\bfor \\d{1,3} (?:people|persons|pieces)|\\b\\d{1,3} (?:pieces|pcs)\\b");
    private static final Pattern YIELD_IN_BRACKETS = Pattern.compile(
            "(?i)\\((?:makes )?((?:about |approx\\.? |around |~)?\\d{1,3}(?: ?[-–] ?\\d{1,3})?)(?: (?:pieces|pcs))?\\)\\s*$");
    private static final Pattern TIME = Pattern.compile(
            "(?i)^(?:prep(?:aration)?|cook(?:ing)?|total|rest(?:ing)?|active|hands-on|ready in|time|chill(?:ing)?)\\b[^\\d.]{0,18}"
                    + "(?:\\d|an? |half).{0,30}");
    private static final Pattern STEPS = Pattern.compile(
            "(?i)^[#*\\s]*(?:the )?(?:method|instructions?|directions?|steps|preparation|procedure|what to do|how to .{0,20}|to make|making"
                    + "|here is how|putting it together|cooking instructions|technique|process)\\s*[:*–-]*$");
    private static final Pattern LINES = Pattern.compile(
            "(?i)^[#*\\s]*(?:the )?(?:ingredients?(?: list)?|you need|you will need|you'll need|what you need|shopping list|what goes in)"
                    + "\\b[*]*(.{0,60})");
    private static final Pattern NEXT_ITEM = Pattern.compile("\\s*(?:[;·•|]|\\s/)\\s+|\\s*,\\s+(?=(?:about |and )?(?:"
            + NUMBER + "|" + WORD_NUMBER + UNIT
            + "\\b|pinch\\b|salt\\b|pepper\\b|black pepper\\b|zest of\\b))|\\s+(?:and|&|\\+)\\s+(?=" + NUMBER + ")");
    /** What is told by its number alone. */
    private static final String COUNTED =
            "(?:spring onions?|onions?|shallots?|scallions?|leeks?|carrots?|potatoes|potato|eggs?|yolks?|chill(?:i|ies|is)|tomato(?:es)?"
                    + "|mushrooms?|courgettes?|zucchinis?|peppers?|lemons?|limes?|apples?|pears?|plums?|aubergines?|beetroots?)";

    private static final Pattern IN_PROSE = Pattern.compile("(?i)(?:" + NUMBER + "[\\d½⅓⅔¼¾⅛ ./–-]{0,12}|\\b"
            + WORD_NUMBER
            + ")"
            + UNIT
            + "\\b(?:\\s+of)?(?:\\s+(?!and\\b|with\\b|into\\b|to\\b|in\\b|for\\b|until\\b|then\\b|each\\b|on\\b|over\\b)"
            + "[\\p{L}%'-]+){0,4}"
            + "|\\b(?:\\d{1,2} |" + WORD_NUMBER + ")(?:(?!and\\b|of\\b|with\\b)[\\p{L}-]+ ){0,2}?" + COUNTED + "\\b");

    /** "Dough: 300 g flour", "For the wrappers – 150 g wheat starch". */
    private static final Pattern HEAD_ENDS = Pattern.compile(":|\\s[–—-]\\s");

    /** "Broth (optional): 6 cups of stock" names a food and heads a list all the same. */
    private static final Pattern ASIDE = Pattern.compile("(?i)\\b(?:broth|optional|to serve|for serving)\\b");

    private static final Pattern MEAT_IN_PROSE =
            Pattern.compile("\\b(?:meat|mince|stuffing|beef|pork|lamb|chicken)\\b");

    private enum Zone {
        HEAD,
        LINES,
        STEPS
    }

    private final List<String> text;
    private final Set<String> begun;
    private final List<WrittenRecipe.Line> lines = new ArrayList<>();
    private final List<String> steps = new ArrayList<>();
    private final List<String> times = new ArrayList<>();
    private final List<String> yields = new ArrayList<>();
    private String title = "";
    private String heading = "";
    private Zone zone = Zone.HEAD;
    private int block;

    private RecipeText(List<String> text, Set<String> begun) {
        this.text = text;
        this.begun = begun;
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
        List<String> raw = Typed.clean(text)
                .lines()
                .filter(line -> !line.isBlank())
                .limit(MOST_LINES + 1L)
                .toList();
        if (raw.size() > MOST_LINES) {
            throw new UnreadableRecipe("A recipe has up to 1,500 lines; this text has more. Paste only the recipe.");
        }
        List<String> cleaned = new ArrayList<>();
        for (String line : Columns.untangled(raw)) {
            for (String part : parts(clean(line))) {
                if (!part.isEmpty()) {
                    cleaned.add(part);
                }
            }
        }
        RecipeText reader =
                new RecipeText(cleaned, begun(Typed.clean(text).lines().toList()));
        for (int i = 0; i < cleaned.size(); i++) {
            UnreadableRecipe.ifNobodyWaits();
            reader.line(i);
        }
        if (reader.lines.stream().noneMatch(line -> amountFirst(line.text()) || nameFirst(line.text()))) {
            reader.prose();
        }
        if (RecipeYield.read(String.join("; ", reader.yields)).fewest().isEmpty()) {
            boolean none = reader.yields.isEmpty();
            YieldInSteps.of(reader.steps).stream()
                    .filter(said -> none || RecipeYield.read(said).fewest().isPresent())
                    .forEach(reader.yields::add);
        }
        return new WrittenRecipe(
                reader.title, String.join("; ", reader.yields), reader.times, reader.lines, reader.steps, source);
    }

    /** The heading that a line is, if it is one and no ingredient. */
    public static Optional<String> heading(String line) {
        return line.length() > TELLING
                ? Optional.empty()
                : Heading.of(clean(line)).map(Heading::text);
    }

    /** "Prep: 45 min | Serves: 4" is two lines. */
    private static List<String> parts(String line) {
        if (line.length() > TELLING) {
            return List.of(line);
        }
        List<String> parts = List.of(line.split("\\s+[|·•/–—-]\\s+"));
        boolean facts = parts.stream()
                .allMatch(part ->
                        TIME.matcher(part).matches() || YIELD.matcher(part).matches());
        return facts ? parts : List.of(line);
    }

    /** What stands below an empty line, unless there is one below most lines. */
    private static Set<String> begun(List<String> raw) {
        Set<String> begun = new HashSet<>();
        int written = 0;
        for (int i = 0; i < raw.size(); i++) {
            if (!raw.get(i).isBlank()) {
                written++;
                if (i > 0 && raw.get(i - 1).isBlank()) {
                    begun.add(clean(raw.get(i)));
                }
            }
        }
        return begun.size() * 2 > written ? Set.of() : begun;
    }

    private static String clean(String line) {
        String start = line.length() > MOST ? line.substring(0, MOST) : line;
        StringBuilder out = new StringBuilder(start.length());
        boolean space = false;
        for (int i = 0; i < start.length(); i++) {
            char c = start.charAt(i);
            boolean blank = Character.isWhitespace(c) || c == '\u00a0' || c == '\u202f' || c == '\u2009';
            if (!blank && (Character.isISOControl(c) || c == '\uFEFF' || c == '\uFFFD')) {
                continue;
            }
            if (!blank || !space) {
                out.append(blank ? ' ' : c);
            }
            space = blank;
        }
        return out.toString().replace("**", "").replace("__", "").strip();
    }

    private void line(int i) {
        String whole = text.get(i);
        block += begun.contains(whole) ? 1 : 0;
        if (whole.length() > TELLING) {
            if (!(HEAD_ENDS.matcher(whole.substring(0, HEADING)).find()
                    && inline(whole.substring(0, Math.min(LONGEST_LIST, whole.length()))))) {
                step(whole);
            }
            return;
        }
        String line = LineText.tidy(whole);
        if (line.isEmpty()) {
            return;
        }
        Matcher opening = LINES.matcher(line);
        Optional<Heading> head = Heading.of(whole);
        if (STEPS.matcher(line).matches()) {
            zone = Zone.STEPS;
        } else if (opening.matches() && line.length() <= HEADING && !ingredient(line)) {
            zone = Zone.LINES;
            heading = "";
            readYield(opening.group(1));
            Heading.of(opening.group(1)).filter(one -> one.part().isPresent()).ifPresent(one -> heading = one.text());
        } else if (YIELD.matcher(unwrapped(line)).matches() && line.length() <= SENTENCE) {
            yields.add(unwrapped(line));
        } else if (TIME.matcher(line).matches() && zone == Zone.HEAD) {
            times.add(line);
        } else if (head.isPresent() && startsGroup(head.get(), i)) {
            if (title.isEmpty() && zone == Zone.HEAD && head.get().text().split(" ").length > 1 && !bareHeading(line)) {
                title = head.get().text();
            }
            heading = head.get().text();
            readYield(whole);
            zone = Zone.LINES;
        } else if (inline(line)) {
            zone = Zone.LINES;
        } else if (zone == Zone.LINES && begun.contains(whole) && named(line) && ingredientFollows(i)) {
            heading = line;
        } else {
            plain(line);
        }
    }

    /** A few words on their own above lines of ingredients: "Garlic yoghurt". */
    private static boolean named(String line) {
        return line.matches("[\\p{L}'’& -]{3,40}") && line.split(" ").length <= 4 && !sentence(line);
    }

    private static String unwrapped(String line) {
        return line.startsWith("(") && line.endsWith(")") ? line.substring(1, line.length() - 1) : line;
    }

    /** "For the dough" heads lines and is no title; "Spinach flatbreads" may be both. */
    private static boolean bareHeading(String line) {
        return line.matches(
                "(?i)^[\\s#*_=-]*(?:for |to make |the )*(?:the |your )?(?:dough|filling|stuffing|wrappers?|skins?|pastry|dip|dipping sauce|sauce)s?\\b.*");
    }

    /** A heading begins a group if ingredients follow it; in the steps, a bare word does not. */
    private boolean startsGroup(Heading head, int i) {
        boolean follows = ingredientFollows(i);
        if (zone == Zone.STEPS || title.isEmpty() && zone == Zone.HEAD) {
            return follows;
        }
        return follows || head.part().isPresent() && zone == Zone.LINES;
    }

    private void plain(String line) {
        boolean ingredient = ingredient(line);
        boolean first = title.isEmpty() && zone == Zone.HEAD;
        if (first && !(WITH_UNIT.matcher(line).matches() && understood(line))) {
            title = line.replaceAll("[:.#*\\s]+$", "").replaceAll("^[#*\\s]+", "");
            readYield(line);
        } else if (zone == Zone.STEPS || isStep(line, ingredient)) {
            step(line);
        } else if (ingredient || zone == Zone.LINES && listed(line)) {
            zone = Zone.LINES;
            String bare = numberedIngredient(line) ? line.replaceFirst(NUMBER_IN_FRONT, "") : line;
            lines.addAll(WrittenRecipe.lines(heading, bare, block));
        } else {
            step(line);
        }
    }

    /** A sentence, or a numbered step that is no numbered ingredient. */
    private static boolean isStep(String line, boolean ingredient) {
        boolean numbered = NUMBERED.matcher(line).matches() && !numberedIngredient(line);
        return numbered || !ingredient && line.length() > SENTENCE || sentence(line);
    }

    private static boolean numberedIngredient(String line) {
        String bare = line.replaceFirst(NUMBER_IN_FRONT, "");
        return !bare.equals(line) && (amountFirst(bare) || nameFirst(bare));
    }

    /** A verb of the kitchen at its beginning makes a step of a line without an amount in front. */
    private static boolean sentence(String line) {
        if (line.matches("(?i)^served? (?:with|in|over|hot|warm|at)\\b.*")) {
            return true;
        }
        return !amountFirst(line)
                && !FoodName.read(line).known()
                && line.matches(
                        "(?i)^(?:mix|knead|rest|roll|cut|divide|boil|steam|fry|cook|place|put|add|stir|combine|bring|heat|cover"
                                + "|fold|serve|let|leave|make|shape|fill|pour|sprinkle|work|dust|wrap|seal|set|drain|squeeze|season|simmer|poach|griddle|toast|brush|flatten|quarter|halve|freeze|gather|pleat|wait|mash|sift|saute|sauté|line|beat|whisk|blanch|dissolve|bloom|preheat|taste|repeat|transfer"
                                + "|turn|remove|wet|moisten|pinch|crimp|stuff|rub|form|scoop|spoon|arrange|chill|spread|wipe|using|meanwhile|when|once|after|while|if|do not|don't|keep|store)\\b.{3,}");
    }

    private boolean listed(String line) {
        return line.length() <= HEADING && !line.endsWith("!") && !line.endsWith("?");
    }

    private void step(String line) {
        steps.add(line);
        if (line.length() <= TELLING && NUMBERED.matcher(line).matches()) {
            zone = Zone.STEPS;
        }
    }

    /** "Makes 24" may stand in a title or a heading too. */
    private void readYield(String line) {
        Matcher makes = YIELD_WITHIN.matcher(line);
        Matcher bracket = YIELD_IN_BRACKETS.matcher(line);
        if (makes.find()) {
            yields.add(makes.group());
        } else if (bracket.find()) {
            yields.add("Makes " + bracket.group(1));
        }
    }

    private boolean ingredientFollows(int i) {
        if (i + 1 >= text.size() || text.get(i + 1).length() > TELLING) {
            return false;
        }
        String next = LineText.tidy(text.get(i + 1));
        return ingredient(next) || FoodName.read(next).known();
    }

    private static boolean ingredient(String line) {
        boolean sentence = line.length() > 2 * SENTENCE || line.contains(". ") && line.length() > SENTENCE;
        return !sentence && (amountFirst(line) && understood(line) || nameFirst(line) || numberedIngredient(line));
    }

    /** An amount with a unit, or a number before something that is known. */
    private static boolean understood(String line) {
        if (WITH_UNIT.matcher(line).matches()) {
            return true;
        }
        try {
            String name = AmountReader.whatOf(line);
            return !name.isBlank() && (FoodName.read(name).food().isPresent() || line.length() <= SENTENCE / 2);
        } catch (UnreadableAmount none) {
            return false;
        }
    }

    private static boolean amountFirst(String line) {
        try {
            AmountReader.whatOf(line);
            return !line.matches("(?i)^an? \\p{L}+ \\p{L}+ing\\b.*");
        } catch (UnreadableAmount none) {
            return false;
        }
    }

    private static boolean nameFirst(String line) {
        return line.length() <= 2 * SENTENCE
                && LineReader.nameFirst(LineText.undotted(line)).isPresent();
    }

    /** "Dough: 300 g flour, 150 g water, salt". */
    private boolean inline(String line) {
        Matcher ends = HEAD_ENDS.matcher(line);
        if (!ends.find() || ends.start() > HEADING) {
            return false;
        }
        int colon = ends.start();
        Optional<Heading> head = Heading.of(line.substring(0, colon) + ":");
        String rest = line.substring(ends.end()).strip();
        List<String> items = items(rest);
        boolean amounts = WITH_UNIT
                        .matcher(rest.substring(0, Math.min(TELLING, rest.length())))
                        .matches()
                || rest.matches("(?s)^" + NUMBER + ".*")
                || nameFirst(items.get(0));
        boolean food = FoodName.read(line.substring(0, colon)).known()
                && !line.substring(0, colon)
                        .matches(
                                "(?i)(?:for |to make )?(?:the |your )?(?:dough|filling|pastry|wrappers?|skins?)\\s*\\d?\\s*");
        if (head.isEmpty()
                || food && !ASIDE.matcher(line.substring(0, colon)).find()
                || !amounts && !head.get().part().equals(Optional.of(Place.Part.BESIDE))
                || head.get().part().isEmpty() && !head.get().joins()) {
            return false;
        }
        heading = head.get().text();
        for (String item : items) {
            String bare = item.replaceAll("\\.$", "").strip();
            if (!bare.isEmpty()) {
                lines.addAll(WrittenRecipe.lines(heading, bare, block));
            }
        }
        return true;
    }

    /** The items of a list in one line: amount first, or "flour 400 g, water 200 g". */
    private static List<String> items(String list) {
        List<String> named = List.of(list.split("\\s*[,;]\\s+"));
        return nameFirst(named.get(0)) ? named : List.of(NEXT_ITEM.split(list));
    }

    /** A recipe told in sentences: the amounts are picked out of them. */
    private void prose() {
        for (String paragraph : text) {
            for (String whole : paragraph.split("(?<=[.!;])\\s+")) {
                String sentence = whole.substring(0, Math.min(LONGEST_LIST, whole.length()));
                String lower = sentence.toLowerCase(Locale.ROOT);
                boolean dough = lower.matches("(?s).*\\b(?:dough|flour)\\b.*");
                if (lower.contains("filling")
                        || !dough && MEAT_IN_PROSE.matcher(lower).find()) {
                    heading = "Filling";
                } else if (dough) {
                    heading = "Dough";
                } else if (lower.contains("dip")) {
                    heading = "Dip";
                }
                Matcher amount = IN_PROSE.matcher(sentence);
                while (amount.find()) {
                    String said = amount.group().strip();
                    if (!said.matches("(?i).*\\b(?:filling|dough|cm|inch|inches|pieces?|slices?)$|an? \\p{L}+")
                            || said.matches("(?i)an? eggs?")) {
                        lines.addAll(WrittenRecipe.lines(heading, said));
                    }
                }
            }
        }
    }
}
