package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.Legend;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.quantity.CupStandard;
import ironpin.wording.Typed;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
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
    /** "3. 200 g flour", "3) flour", "3.Flour", but not "3.5 g salt". */
    private static final String NUMBER_IN_FRONT = "^\\d{1,2}(?:[.)]\\s+|\\)|\\.(?=\\p{L}))";

    private static final Pattern NUMBERED =
            Pattern.compile("(?i)^(?:step\\s*\\d{1,2}\\s*[.):–-]|\\d{1,2}[.):])\\s*\\p{L}.*");
    private static final Pattern TIME = Pattern.compile(
            "(?i)^(?:prep(?:aration)?|cook(?:ing)?|total|rest(?:ing)?|active|hands-on|ready in|time|chill(?:ing)?)\\b[^\\d.]{0,18}"
                    + "(?:\\d|an? |half).{0,30}");
    private static final Pattern STEPS = Pattern.compile(
            "(?i)^[#*\\s]*(?:the )?(?:method|instructions?|directions?|steps|preparation|procedure|what (?:to|you) do|how (?:we|i|you) (?:make|do) (?:it|them)|how to .{0,20}|to make|making"
                    + "|here is how|putting it together|cooking instructions|technique|process)\\s*[:*–-]*$");
    private static final Pattern LINES = Pattern.compile(
            "(?i)^[#*\\s]*(?:the )?(?:ingredients?(?: list)?|you need|you will need|you'll need|what you need|shopping list|what goes in)"
                    + "\\b[*]*(.{0,60})");
    /** "…, half a teaspoon salt. For the inside you want …": the next sentence is of another part. */
    private static final Pattern ANOTHER_PART = Pattern.compile(
            "(?<=[\\p{L})]{2})\\.\\s+(?=(?:For the (?:filling|inside|stuffing|dough|sauce|dip|wrappers?|pastry|sheet|broth|meat)|(?:The )?(?:[Ff]illing|[Ss]tuffing|Dough|Dip|Sauce|Pastry|Wrappers?)\\b[ :]|(?:Makes|Yields?|Serves)\\b))");

    /** "Dough: 300 g flour", "For the wrappers – 150 g wheat starch". */
    private static final Pattern HEAD_ENDS = Pattern.compile(":|\\s[–—=-]\\s");

    /** A sentence ends here; "approx. 400 g" goes on. */
    private static final Pattern STOP = Pattern.compile(
            "(?i)(?<!\\b(?:approx|ca|c|tsp|tbsp|tbs|tspn|oz|lb|lbs|pkg|pkt|med|lg|sm|no|nos|pcs|pc|g|gr|kg|ml|t|max|min|abt))[.!] ");

    private static final Pattern STEP_VERB = Pattern.compile(
            "(?i)^(?:mix|knead|rest|roll|cut|divide|boil|steam|fry|cook|place|put|add|stir|combine|bring|heat|cover|fold|serve|let|leave|make|shape|fill|pour|sprinkle|work|dust|wrap|seal|set"
                    + "|drain|squeeze|season|simmer|poach|griddle|toast|brush|flatten|quarter|halve|freeze|gather|pleat|wait|mash|sift|saute|sauté|line|beat|whisk|blanch|dissolve|bloom|preheat"
                    + "|taste|repeat|transfer|turn|remove|wet|moisten|pinch|crimp|stuff|rub|form|scoop|spoon|arrange|chill|spread|wipe|using|meanwhile|when|once|after|while|if|do not|don't|keep"
                    + "|store|use|take)\\b.{3,}");

    /** "Broth (optional): 6 cups of stock" names a food and heads a list all the same. */
    private static final Pattern ASIDE = Pattern.compile("(?i)\\b(?:broth|optional|to serve|for serving)\\b");

    private static final Pattern TOLD = Pattern.compile(
            "(?i)^[^\\d½¼¾]{0,60}\\b(?:i|we|you|she|he|they|is|are|was|were|take|takes|mix|mixes|goes|go|comes|uses?|used|put|stir|need|needs)\\b[^:]{0,80}?(?:\\d|[½¼¾]|\\b(?:an?|half|one|two|three|four) \\p{L}+ of\\b)");
    private static final int FEW_WORDS = 7;
    private static final int FEWEST_LISTED = 4;
    private static final double MOSTLY_MEASURED = 0.6;

    private enum Zone {
        HEAD,
        LINES,
        STEPS
    }

    private final List<String> text;
    private final Set<String> begun;
    private final AmountReader amounts;
    private final LineText things;
    private final List<WrittenRecipe.Line> lines = new ArrayList<>();
    private final List<String> steps = new ArrayList<>();
    private final List<String> times = new ArrayList<>();
    private final List<String> yields = new ArrayList<>();
    private String title = "";
    private String heading = "";
    private Zone zone = Zone.HEAD;
    private int block;

    private RecipeText(List<String> text, Set<String> begun, AmountReader amounts) {
        this.text = text;
        this.begun = begun;
        this.amounts = amounts;
        this.things = new LineText(amounts);
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
        String typed = Typed.clean(text);
        // Whose cups are meant does not change what is an amount.
        AmountReader amounts = new AmountReader(CupStandard.US, Legend.in(typed));
        if (typed.lines().filter(line -> !line.isBlank()).count() > MOST_LINES) {
            throw new UnreadableRecipe("A recipe has up to 1,500 lines; this text has more. Paste only the recipe.");
        }
        List<String> mended = InGrams.lines(typed, new Paste(amounts).lines(typed));
        List<String> raw = mended.stream().filter(line -> !line.isBlank()).toList();
        List<String> cleaned = new ArrayList<>();
        for (String line : new Columns(amounts).untangled(raw)) {
            for (String part : parts(clean(line))) {
                if (!part.isEmpty()) {
                    cleaned.add(part);
                }
            }
        }
        RecipeText reader = new RecipeText(cleaned, begun(mended), amounts);
        for (int i = 0; i < cleaned.size(); i++) {
            UnreadableRecipe.ifNobodyWaits();
            reader.line(i);
        }
        reader.tell();
        reader.yieldOfSteps();
        return new WrittenRecipe(
                reader.title, String.join("; ", reader.yields), reader.times, reader.lines, reader.steps, source);
    }

    /** What is told in sentences: all of it where nothing is listed, else the dough or the filling that no list has. */
    private void tell() {
        boolean none = lines.stream().noneMatch(line -> amountFirst(line.text()) || nameFirst(line.text()));
        if (none) {
            List<WrittenRecipe.Line> told = Prose.lines(text, amounts);
            if (!told.isEmpty()) {
                lines.clear();
                lines.addAll(told);
            }
            return;
        }
        boolean skin = lines.stream().anyMatch(line -> LineSorter.isSkin(FoodName.read(name(line.text()))));
        boolean filled = lines.stream().anyMatch(line -> LineSorter.isFilling(FoodName.read(name(line.text()))));
        if (skin && filled) {
            return;
        }
        Set<String> listed = new HashSet<>();
        lines.forEach(line -> listed.add(
                FoodName.read(name(line.text())).food().map(Food::key).orElse("")));
        List<WrittenRecipe.Line> told = Prose.lines(steps, amounts).stream()
                .filter(line -> !skin && line.heading().equals("Dough")
                        || !filled && line.heading().equals("Filling"))
                .filter(line -> !listed.contains(
                        FoodName.read(name(line.text())).food().map(Food::key).orElse("-")))
                .toList();
        lines.addAll(skin ? lines.size() : 0, told);
    }

    private String name(String line) {
        return amounts.behind(line).filter(rest -> !rest.isBlank()).orElse(line);
    }

    private void yieldOfSteps() {
        if (RecipeYield.read(String.join("; ", yields)).fewest().isEmpty()) {
            boolean none = yields.isEmpty();
            YieldInSteps.of(steps).stream()
                    .filter(said -> none || RecipeYield.read(said).fewest().isPresent())
                    .forEach(yields::add);
        }
    }

    /** The heading that a line is, if it is one and no ingredient. */
    public static Optional<String> heading(String line) {
        return line.length() > TELLING
                ? Optional.empty()
                : Heading.of(clean(line)).map(Heading::text);
    }

    /** "Prep: 45 min | Serves: 4" is two lines. */
    private static List<String> parts(String line) {
        List<String> told = List.of(ANOTHER_PART.split(line));
        if (told.size() > 1) {
            return told.stream().flatMap(part -> parts(part).stream()).toList();
        }
        if (line.length() > TELLING) {
            return List.of(line);
        }
        // "Makes 20. Steam 5 minutes": what it makes, and what is done.
        int stop = line.indexOf(". ");
        String then = stop > 0 ? line.substring(stop + 2) : "";
        if (stop > 0 && YieldLine.is(line.substring(0, stop)) && isStepVerb(then) && !YieldLine.is(then)) {
            return List.of(line.substring(0, stop), then);
        }
        List<String> parts = List.of(line.split("\\s+[|·•/–—-]\\s+"));
        boolean facts = parts.stream().allMatch(part -> TIME.matcher(part).matches() || YieldLine.is(part));
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
            String start = whole.substring(0, Math.min(LONGEST_LIST, whole.length()));
            if (!(HEAD_ENDS.matcher(whole.substring(0, HEADING)).find() && inline(start)) && !listed(start, true)) {
                step(whole);
            }
            return;
        }
        String line = LineText.tidy(whole);
        if (line.isEmpty()) {
            return;
        }
        if (Legend.only(line)) {
            // Kept with what is done, where whoever reads the amounts finds it.
            steps.add(line);
            return;
        }
        Matcher opening = LINES.matcher(line);
        Optional<Heading> head = isThing(line) ? Optional.empty() : Heading.of(whole);
        if (STEPS.matcher(line).matches()) {
            zone = Zone.STEPS;
        } else if (opening.matches() && line.length() <= HEADING && !ingredient(line)) {
            zone = Zone.LINES;
            heading = "";
            readYield(opening.group(1));
            Heading.of(opening.group(1)).filter(one -> one.part().isPresent()).ifPresent(one -> heading = one.text());
        } else if (YieldLine.is(unwrapped(line)) && line.length() <= SENTENCE) {
            yields.add(unwrapped(line));
        } else if (TIME.matcher(line).matches() && zone == Zone.HEAD) {
            times.add(line);
        } else if (!told(line) && inline(line)) {
            zone = Zone.LINES;
        } else if (head.isPresent() && startsGroup(head.get(), i)) {
            if (title.isEmpty() && zone == Zone.HEAD && head.get().text().split(" ").length > 1 && !bareHeading(line)) {
                title = head.get().text();
            }
            heading = head.get().text();
            readYield(whole);
            zone = Zone.LINES;
        } else if (zone == Zone.LINES && begun.contains(whole) && named(line) && ingredientFollows(i)) {
            heading = line;
        } else {
            plain(line);
        }
    }

    /** A few words on their own above lines of ingredients: "Garlic yoghurt". */
    private boolean named(String line) {
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
        boolean told =
                told(line) || NUMBERED.matcher(line).matches() && isStepVerb(line.replaceFirst(NUMBER_IN_FRONT, ""));
        boolean first = title.isEmpty() && zone == Zone.HEAD && !told;
        if (told && title.isEmpty() && lines.isEmpty()) {
            // Who begins to tell at once gives no title.
            title = "A recipe as it was told";
        }
        if (first && tells(line)) {
            title = "A recipe as it was told";
            readYield(line);
            step(line);
            return;
        }
        if (first && !(amounts.measured(line) && understood(line))) {
            title = line.replaceAll("[:.#*\\s\\p{So}\\uFE0F]+$", "").replaceAll("^[#*\\s\\p{So}\\uFE0F]+", "");
            readYield(line);
        } else if (zone == Zone.STEPS || told || isStep(line, ingredient)) {
            step(line);
        } else if (ingredient || zone == Zone.LINES && listed(line)) {
            zone = Zone.LINES;
            String bare = numberedIngredient(line) ? line.replaceFirst(NUMBER_IN_FRONT, "") : line;
            List<String> items = things.items(bare);
            lines.addAll(WrittenRecipe.lines(heading, items, group(items)));
        } else {
            step(line);
        }
    }

    /** A sentence, or a numbered step that is no numbered ingredient. */
    private boolean isStep(String line, boolean ingredient) {
        boolean numbered = NUMBERED.matcher(line).matches() && !numberedIngredient(line);
        return numbered || !ingredient && line.length() > SENTENCE || sentence(line);
    }

    /** An amount with its food heads nothing: "boiling water (200 ml)" is no cooking yet. */
    private boolean isThing(String line) {
        Optional<String> turned =
                line.length() <= HEADING ? LineReader.nameFirst(LineText.undotted(line), amounts) : Optional.empty();
        String text = turned.orElse(line);
        return (turned.isPresent() || amounts.measured(text))
                && amounts.behind(text)
                        .flatMap(name -> FoodName.read(name).food())
                        .filter(food ->
                                !food.key().equals("dough") && !food.key().equals("filling"))
                        .isPresent();
    }

    /** Sentences with amounts in them are no title: "For 4 persons. Take 300 grams of flour and …". */
    private boolean tells(String line) {
        return STOP.matcher(line).find() && line.length() > SENTENCE && AmountReader.holdsMeasure(line);
    }

    /** A sentence that tells: "For the dough I mix 600 g of flour with …", "The dip is nothing but …". */
    private static boolean told(String line) {
        return TOLD.matcher(line).find() && line.split(" ").length > FEW_WORDS;
    }

    private boolean numberedIngredient(String line) {
        String bare = line.replaceFirst(NUMBER_IN_FRONT, "");
        return !bare.equals(line) && (amountFirst(bare) || nameFirst(bare));
    }

    /** A verb of the kitchen at its beginning makes a step of a line without an amount in front. */
    private boolean sentence(String line) {
        if (line.matches("(?i)^served? (?:with|in|over|hot|warm|at)\\b.*")) {
            return true;
        }
        return !amountFirst(line)
                && !(line.split(" ").length <= FEW_WORDS && FoodName.read(line).known())
                && isStepVerb(line);
    }

    /** Whether it begins with a verb of the kitchen, as an order does. */
    static boolean isStepVerb(String line) {
        return STEP_VERB.matcher(line).matches();
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
        YieldLine.within(line).ifPresent(yields::add);
    }

    private boolean ingredientFollows(int i) {
        if (i + 1 >= text.size() || text.get(i + 1).length() > TELLING) {
            return false;
        }
        String next = LineText.tidy(text.get(i + 1));
        return ingredient(next)
                || FoodName.read(next).known()
                || next.length() <= HEADING && AmountReader.holdsMeasure(next) && !isStepVerb(next);
    }

    private boolean ingredient(String line) {
        boolean sentence = line.length() > 2 * SENTENCE || STOP.matcher(line).find() && line.length() > SENTENCE;
        return !sentence && (amountFirst(line) && understood(line) || nameFirst(line) || numberedIngredient(line));
    }

    /** A long line that is nothing but things and their amounts goes into the list that has begun. */
    private boolean listed(String line, boolean begun) {
        if (zone != Zone.LINES && begun) {
            return false;
        }
        List<String> items = things.listed(line);
        long measured = items.stream()
                .filter(item -> amounts.startsAny(item) || nameFirst(item))
                .count();
        if (items.size() < FEWEST_LISTED || measured < items.size() * MOSTLY_MEASURED) {
            return false;
        }
        lines.addAll(WrittenRecipe.lines(heading, items, group(items)));
        return true;
    }

    /** What stands in one list in a line belongs together, whatever stands above and below it. */
    private int group(List<String> items) {
        return heading.isEmpty() && items.size() >= FEWEST_LISTED ? -1 - lines.size() : block;
    }

    /** An amount with a unit, or a number before something that is known. */
    private boolean understood(String line) {
        if (amounts.measured(line)
                && line.matches(
                        "(?i)^[^\\p{L}]*[\\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞].*|^(?:about |an? |one |two |three |four |five |six |half |some ).*")) {
            return true;
        }
        return amounts.behind(line)
                .filter(name ->
                        !name.isBlank() && (FoodName.read(name).food().isPresent() || line.length() <= SENTENCE / 2))
                .isPresent();
    }

    private boolean amountFirst(String line) {
        return amounts.startsAny(line) && !line.matches("(?i)^an? \\p{L}+ \\p{L}+ing\\b.*");
    }

    private boolean nameFirst(String line) {
        return line.length() <= 2 * SENTENCE
                && LineReader.nameFirst(LineText.undotted(line), amounts).isPresent();
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
        List<String> items = things.listed(rest);
        FoodName before = FoodName.read(line.substring(0, colon));
        boolean own = head.flatMap(Heading::part)
                .filter(part -> part != Place.Part.BESIDE)
                .isPresent();
        boolean measured = amounts.measured(rest.substring(0, Math.min(TELLING, rest.length())))
                || rest.matches("(?s)^[\\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞].*")
                || nameFirst(items.get(0))
                || own && items.size() > 1 && AmountReader.holdsMeasure(rest);
        boolean food = (own ? before.known() : before.food().isPresent())
                && !line.substring(0, colon)
                        .matches(
                                "(?i)(?:for |to make )?(?:the |your )?(?:dough|filling|pastry|wrappers?|skins?)\\s*\\d?\\s*");
        if (head.isEmpty()
                || food && !ASIDE.matcher(line.substring(0, colon)).find()
                || !measured && !head.get().part().equals(Optional.of(Place.Part.BESIDE))
                || head.get().part().isEmpty()
                        && !head.get().joins()
                        && (items.size() < 2 || !ends.group().equals(":"))) {
            return false;
        }
        heading = head.get().text();
        for (String item : items) {
            String bare = item.replaceAll("\\.$", "").strip();
            if (!bare.isEmpty()) {
                lines.addAll(WrittenRecipe.lines(heading, List.of(bare), block));
            }
        }
        return true;
    }
}
