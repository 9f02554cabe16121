package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.pantry.Food;
import ironpin.pantry.FoodName;
import ironpin.pantry.FoodWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Takes one written line apart where it holds more than one thing: "1 tsp each salt and sugar", "2 eggs, 3 g salt". */
final class LineText {
    /** No line of a recipe is longer; what is longer is a step and not read here. */
    private static final int MOST = RecipeText.TELLING;

    private static final int MOST_CLAUSES = 60;
    private static final Pattern STARS = Pattern.compile("^\\*+|\\*+$");
    private static final Pattern THUMB = Pattern.compile("(?i)\\bthumb-?sized? (?:piece|knob|chunk|bit)(?: of)?");
    private static final Pattern MARKS = Pattern.compile(
            "^(?:[A-Z][:.)]\\s+(?=[\\d½⅓⅔¼¾⅛])|[\\p{So}*•–·▢☐✓✔#>▪◦‣►➤○●■□◆»›\\uFE0F-]+\\s+|o\\s+(?=\\d)|\\d{1,2}[.)]\\s+(?=(?:\\d|[½⅓⅔¼¾⅛]))|\\[[ xX]?\\]\\s*|[\\p{So}*•·▢☐▪◦‣►➤○●■□◆\\uFE0F-]+\\s*(?=[\\d½⅓⅔¼¾⅛\\p{L}]))");
    /** "(6 cups, 29 oz)": the same said twice more, and no second thing. */
    private static final Pattern SAID_TWICE = Pattern.compile(
            "(?i)\\((?=[\\d½⅓⅔¼¾⅛])([^(),;]{1,30})[,;]\\s+(?:about |approx\\.? |around |~ ?)?([\\d½⅓⅔¼¾⅛][\\d.,/½⅓⅔¼¾⅛ ]{0,8}\\s?(?:g|kg|ml|l|oz|lbs?|cups?|tbsps?|tsps?|ounces?|grams?|pounds?)\\.?)\\)");
    /** "Flour ....... 400 g". */
    private static final Pattern DOTS = Pattern.compile("\\s*(?:\\.{2,}|…+|_{2,})\\s*");

    private static final Pattern EACH_BEFORE = Pattern.compile(
            "(?i)^(.{1,40}?)\\s+each(?: of)?(?: the following)?:?\\s+(?!\\()([^()]{3,120})$|^each:? (.{1,30}?) (?:of )?([\\p{L}][^()]{3,120})$");
    private static final Pattern EACH_AFTER = Pattern.compile(
            "(?i)^([\\p{L}' ,&+-]{3,100}?)[,:(–-]*\\s*((?:\\d|[½⅓⅔¼¾⅛]|an? |one |two |half ).{0,30}?)\\s+(?:of )?each\\)?$");
    private static final Pattern NAMES = Pattern.compile("\\s*(?:,\\s*and|,|&|\\+|/|\\band\\b)\\s+");
    private static final Pattern SEPARATORS = Pattern.compile(
            "\\s*[;·•|]\\s*|\\s+[–—-]\\s+|\\s*,\\s+(?:and |plus |& )?|\\s+(?:and|&|\\+|plus|/|with|in)\\s+(?=(?:about |approx\\.? |~ ?|an? |one |two |three |half )?[\\d½⅓⅔¼¾⅛\\p{L}])");
    /** Says more of the thing before it, and is none of its own. */
    private static final Pattern OF_IT = Pattern.compile(
            "(?i)\\b(?:of (?:it|them|this|these|which|that)|each|per|total|in all|altogether|for (?:the|an?|rolling|dusting) .{0,20}board|drained weight|net weight|thick|long|wide|apart|cubes|pieces|strips"
                    + "|slices|chunks|rounds|dice|matchsticks)\\b|°|\\bdegrees?\\b|\\b(?:minutes?|mins?|hours?)\\b|%");

    private static final Pattern STRANGE_FIRST = Pattern.compile(
            "^([\\p{L}][\\p{L} '’-]{1,30}?)\\s*(?:[:=–—-]|\\.{2,}|\\s(?<!\\b(?:in|with|of|for|to|at|by|about) ))\\s*(?:about )?[\\d½¼¾⅓⅔⅛]");
    private static final Pattern SQUEEZED = Pattern.compile("(?i)\\b(?:squeezed|squeeze|wrung|rinsed|drained)\\b");
    private static final Set<String> NO_THINGS = Set.of("dough", "filling");

    private final AmountReader amounts;

    LineText(AmountReader amounts) {
        this.amounts = amounts;
    }

    /** The things a line holds, each as a line of its own; usually only itself. */
    List<String> items(String line) {
        return items(line, false);
    }

    /** The things of a list in one line, where a bare name is one too. */
    List<String> listed(String line) {
        return items(line, true);
    }

    /** Without bullets, stars, boxes and the stop at its end. */
    static String tidy(String line) {
        String cut = line.length() <= MOST ? line : line.substring(0, MOST);
        String bare = MARKS.matcher(cut.strip()).replaceFirst("").strip();
        bare = MARKS.matcher(bare).replaceFirst("").strip();
        bare = SAID_TWICE.matcher(bare).replaceAll("($1 / $2)");
        bare = STARS.matcher(bare).replaceAll("");
        bare = THUMB.matcher(bare).replaceAll("thumb").strip();
        return bare.endsWith(".") && !bare.endsWith("..")
                ? bare.substring(0, bare.length() - 1).strip()
                : bare;
    }

    /** Without the dots that lead from a name to its amount. */
    static String undotted(String line) {
        return DOTS.matcher(line).replaceAll(" ");
    }

    private List<String> items(String line, boolean list) {
        String text = list ? line : tidy(line);
        List<String> shared = shared(text);
        if (!shared.isEmpty()) {
            return shared;
        }
        List<String> parts = parted(text);
        if (parts.size() > 1) {
            return parts.stream().flatMap(part -> items(part, list).stream()).toList();
        }
        List<String> clauses = clauses(text);
        if (clauses.size() > MOST_CLAUSES) {
            return List.of(text);
        }
        List<String> items = new ArrayList<>();
        String item = "";
        String between = "";
        boolean within = false;
        for (int i = 0; i < clauses.size(); i += 2) {
            String clause = clauses.get(i);
            // Salt that draws the water out leaves with it when that is squeezed out.
            boolean drawn =
                    between.strip().equals("with") && SQUEEZED.matcher(text).find();
            boolean begins = !item.isEmpty()
                    && !drawn
                    && complete(item, list)
                    && (begins(clause, between, list) || beginsSum(clauses, i));
            if (item.isEmpty()) {
                item = clause;
            } else if (begins && between.strip().matches("with|in")) {
                items.add(item);
                item = clause;
                within = true;
            } else if (within
                    && !begins
                    && FoodWords.isWord(clause)
                    && thing(clause).isEmpty()) {
                // "Salted with 1 tsp salt and squeezed": what is done goes on with the first thing.
                int first = items.size() - 1;
                items.set(first, items.get(first) + between + clause);
            } else if (begins) {
                within = false;
                items.add(item);
                item = clause;
            } else {
                item = item + between + clause;
            }
            between = i + 1 < clauses.size() ? clauses.get(i + 1) : "";
        }
        items.add(item);
        List<String> all = new ArrayList<>();
        for (String one : items) {
            List<String> ofEach = shared(one.strip());
            all.addAll(ofEach.isEmpty() ? List.of(one.strip()) : ofEach);
        }
        return all;
    }

    /** At semicolons outside of brackets, where each part begins with an amount or a food: nothing goes on across one of those. */
    private List<String> parted(String text) {
        List<String> parts = new ArrayList<>();
        int from = 0;
        for (int at = text.indexOf("; "); at >= 0 && parts.size() < MOST_CLAUSES; at = text.indexOf("; ", at + 1)) {
            if (depth(text, at) == 0) {
                parts.add(text.substring(from, at).strip());
                from = at + 1;
            }
        }
        parts.add(text.substring(from).strip());
        boolean things = parts.stream()
                .allMatch(part -> !part.isEmpty()
                        && (amounts.startsAny(part) && !amounts.whatOf(part).isBlank()
                                || LineReader.nameFirst(undotted(part), amounts).isPresent()));
        return things ? parts : List.of(text);
    }

    /** Clauses and what stands between them, in turn; brackets are left whole. */
    private static List<String> clauses(String text) {
        List<String> clauses = new ArrayList<>();
        Matcher separator = SEPARATORS.matcher(text);
        int from = 0;
        while (separator.find()) {
            if (depth(text, separator.start()) == 0 && separator.start() > from) {
                clauses.add(text.substring(from, separator.start()));
                clauses.add(separator.group());
                from = separator.end();
            }
        }
        clauses.add(text.substring(from));
        return clauses;
    }

    private static int depth(String text, int at) {
        int depth = 0;
        for (int i = 0; i < at; i++) {
            char c = text.charAt(i);
            depth += c == '(' || c == '[' ? 1 : c == ')' || c == ']' ? -1 : 0;
        }
        return Math.max(0, depth);
    }

    /** "…; 1/2 cup + 1 tbsp water": a measure whose food comes with the next one. */
    private boolean beginsSum(List<String> clauses, int i) {
        boolean joined = i + 2 < clauses.size() && clauses.get(i + 1).strip().matches("and|&|\\+|plus");
        return joined
                && amounts.measured(clauses.get(i))
                && amounts.behind(clauses.get(i)).filter(String::isBlank).isPresent()
                && amounts.behind(clauses.get(i + 2)).flatMap(LineText::thing).isPresent();
    }

    /** Whether what stands so far is a thing by itself. */
    private boolean complete(String item, boolean list) {
        if (amounts.startsAny(item)) {
            return thing(amounts.whatOf(item)).isPresent();
        }
        boolean seasoning = thing(item).filter(LineText::seasons).isPresent()
                && FoodName.read(item).known();
        if (seasoning) {
            return true;
        }
        boolean turned = LineReader.nameFirst(undotted(item), amounts).isPresent();
        return turned || list && thing(item).isPresent();
    }

    /** Whether a clause begins a thing of its own: an amount of a food, a food with its amount, a bare food of a list. */
    private boolean begins(String clause, String between, boolean list) {
        boolean share = lower(clause).startsWith("half ") && !amounts.measured(clause);
        if (OF_IT.matcher(clause).find() || share) {
            return false;
        }
        boolean with = between.strip().equals("with");
        if (between.strip().equals("in")) {
            // Fried in so much fat; what is boiled in water leaves it.
            return amounts.measured(clause)
                    && thing(amounts.whatOf(clause))
                            .filter(food -> food.role() == Food.Role.OIL)
                            .isPresent();
        }
        if (amounts.startsAny(clause)) {
            String name = amounts.whatOf(clause);
            boolean says = name.matches("(?i)(?:for|when|if|until|more|extra)\\b.*");
            // What nobody knows is a thing all the same where it has a weight of its own.
            boolean strange = amounts.measured(clause) && !FoodWords.isWord(name) && name.split(" ").length <= 3;
            return !name.isBlank() && !says && (thing(name).isPresent() || strange);
        }
        if (with) {
            return false;
        }
        if (LineReader.nameFirst(undotted(clause), amounts).isPresent() || strangeFirst(clause)) {
            return true;
        }
        boolean strong = !between.isBlank() && between.strip().matches("[;·•|,].*");
        Optional<Food> food = thing(clause);
        FoodName name = FoodName.read(clause);
        boolean plain = name.known()
                && food.isPresent()
                && !clause.matches(
                        "(?i).*\\b(?:removed|discarded|reserved|only|off|on|included|separate|separated|apart|part|parts|peel|skin|juice)\\b.*");
        if (list && plain) {
            return strong || between.matches("(?i)\\s+(?:and|&|\\+|plus)\\s+");
        }
        boolean seasons = food.filter(LineText::seasons).isPresent();
        String lower = lower(clause);
        if (plain && strong && lower.matches("(?:some|a little|a bit of|plenty of|lots of|extra) .*")) {
            return true;
        }
        boolean beside = lower.matches(
                "(?:a little |some |more |extra )?(?:[\\p{L}]+ )?(?:oil|butter|flour|ghee|lard)\\b.*\\bfor .*");
        return strong && (plain && seasons && lower.split(" ").length <= 5 || beside);
    }

    /** A word that nobody knows with an amount behind it: "slt – 5 g". */
    private static boolean strangeFirst(String clause) {
        Matcher first = STRANGE_FIRST.matcher(clause);
        return first.find() && !FoodWords.isWord(first.group(1)) && AmountReader.holdsMeasure(clause);
    }

    private static boolean seasons(Food food) {
        return food.role() == Food.Role.SALT || food.key().equals("spice");
    }

    private static String lower(String text) {
        return text.toLowerCase(Locale.ROOT);
    }

    private static Optional<Food> thing(String name) {
        return FoodName.read(name).food().filter(food -> !NO_THINGS.contains(food.key()));
    }

    private List<String> shared(String text) {
        Matcher before = EACH_BEFORE.matcher(text);
        if (before.matches()) {
            boolean first = before.group(1) == null;
            String amount = first ? before.group(3) : before.group(1);
            if (amount(amount)) {
                return spread(amount, first ? before.group(4) : before.group(2));
            }
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

    /** Whether this is an amount and nothing behind it. */
    boolean amount(String text) {
        return amounts.behind(text.strip()).filter(String::isBlank).isPresent();
    }
}
