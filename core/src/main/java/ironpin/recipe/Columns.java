package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.pantry.FoodName;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Puts a pasted table back in order: rows of cells whose columns are told by what they hold, two columns of ingredients side by
 * side, names in one column and amounts in the other, or amounts and names on lines of their own.
 */
final class Columns {
    private static final Pattern CELLS = Pattern.compile("\\t+| {3,}|\\s*\\|\\s*");
    private static final Pattern COUNTS =
            Pattern.compile("(?i)(?:pcs?|pieces?|nos?|ea|each|whole|units?|x|stk|st|uds?)\\.?");
    private static final Pattern RULE = Pattern.compile("^[\\s|:+=_-]{3,}$");
    private static final Pattern SEMICOLONS = Pattern.compile("\\s*;\\s*");
    private static final Pattern COMMAS = Pattern.compile("\\s*,\\s*");
    private static final Pattern QUOTED = Pattern.compile("^\"[^\"]+\"[,;]|[,;]\"[^\"]+\"(?:[,;]|$)");
    private static final Pattern CELL = Pattern.compile("\\G(?:\"([^\"]*)\"|([^,;\"]*))(?:[,;]|$)");
    private static final Pattern NUMBER = Pattern.compile(
            "(?:~ ?)?(?:\\d+(?:[.,/]\\d+)?(?: ?[–-] ?\\d+(?:[.,/]\\d+)?)?|\\d* ?[½¼¾⅓⅔⅛]|\\d+ \\d/\\d)");
    private static final Pattern PERCENT = Pattern.compile("\\d+(?:[.,]\\d+)? ?%");
    private static final Pattern WORD_FOR_A_COLUMN = Pattern.compile(
            "(?i)(?:ingredients?|items?|amounts?|quantit(?:y|ies)|qty\\.?|units?|measures?|where|for|part|section|notes?|what|how much|weight|grams?|metric|us|g|%|name|component|baker'?s ?%"
                    + "|volume|cups?|product|used in|use|step|group)");
    private static final int FEWEST_ROWS = 2;
    private static final int MOST_CELLS = 8;

    private final AmountReader amounts;

    Columns(AmountReader amounts) {
        this.amounts = amounts;
    }

    /** The lines as they would have been written one below the other. */
    List<String> untangled(List<String> raw) {
        List<String> single = new ArrayList<>();
        int i = 0;
        while (i < raw.size()) {
            int end = table(raw, i);
            if (end > i) {
                single.addAll(rows(raw.subList(i, end)));
                i = end;
            } else {
                single.add(raw.get(i));
                i++;
            }
        }
        return joined(pairs(single));
    }

    /** Where a table of three or more columns that begins here ends; here, if none begins. */
    private int table(List<String> raw, int from) {
        int end = from;
        int rows = 0;
        while (end < raw.size() && (end > from && goesOn(raw.get(from), raw.get(end)) || row(raw.get(end)))) {
            rows += RULE.matcher(raw.get(end)).matches() ? 0 : 1;
            end++;
        }
        return rows >= FEWEST_ROWS ? end : from;
    }

    /** A rule, or a row of as many cells with a number in it, whatever it names. */
    private boolean goesOn(String first, String line) {
        if (RULE.matcher(line).matches()) {
            return true;
        }
        List<String> cells = line.length() > RecipeText.TELLING ? List.of() : split(line);
        return cells.size() >= 3
                && cells.size() == split(first).size()
                && cells.stream().anyMatch(cell -> NUMBER.matcher(cell).matches() || bareAmount(cell));
    }

    private boolean row(String line) {
        if (line.length() > RecipeText.TELLING) {
            return false;
        }
        List<String> cells = split(line);
        if (cells.size() < 3 || cells.size() > MOST_CELLS) {
            return false;
        }
        boolean head = cells.stream()
                .filter(cell -> !cell.isEmpty())
                .allMatch(cell -> WORD_FOR_A_COLUMN.matcher(cell).matches());
        boolean number = cells.stream().anyMatch(cell -> NUMBER.matcher(cell).matches() || bareAmount(cell));
        boolean named =
                cells.stream().anyMatch(cell -> FoodName.read(cell).food().isPresent() && !startsWithAmount(cell));
        return head || number && named;
    }

    private static List<String> split(String line) {
        if (line.contains("|") || line.contains("\t") || line.strip().contains("   ")) {
            return cells(line);
        }
        if (QUOTED.matcher(line).find()) {
            return quoted(line);
        }
        List<String> semicolons = List.of(SEMICOLONS.split(line.strip(), -1));
        List<String> commas = List.of(COMMAS.split(line.strip(), -1));
        return semicolons.size() >= 3 ? semicolons : bare(commas) ? commas : List.of(line);
    }

    /** Cells in quotation marks may hold the comma that parts them. */
    private static List<String> quoted(String line) {
        List<String> cells = new ArrayList<>();
        Matcher cell = CELL.matcher(line.strip());
        while (cell.find() && cells.size() < MOST_CELLS) {
            cells.add((cell.group(1) == null ? cell.group(2) : cell.group(1)).strip());
        }
        return cells;
    }

    /** "flour,260,g,dough": a list in a sentence has a number with each of its names. */
    private static boolean bare(List<String> cells) {
        return cells.size() >= 3
                && cells.stream().anyMatch(cell -> NUMBER.matcher(cell).matches());
    }

    /** A line for each row: its amounts, its name, its notes, under a heading where a column says what it is for. */
    private List<String> rows(List<String> table) {
        List<String> lines = new ArrayList<>();
        String place = "";
        for (String line : table) {
            List<String> cells = RULE.matcher(line).matches() ? List.of() : split(line);
            boolean head = cells.stream()
                    .allMatch(cell ->
                            cell.isEmpty() || WORD_FOR_A_COLUMN.matcher(cell).matches());
            if (head) {
                continue;
            }
            List<String> measured = new ArrayList<>();
            List<String> named = new ArrayList<>();
            String where = "";
            for (int i = 0; i < cells.size(); i++) {
                String cell = cells.get(i);
                String next = i + 1 < cells.size() ? cells.get(i + 1) : "";
                if (cell.isEmpty() || PERCENT.matcher(cell).matches() && !measured.isEmpty()) {
                    continue;
                }
                if (NUMBER.matcher(cell).matches() && COUNTS.matcher(next).matches()) {
                    // "6 | pcs": so many of what stands in another cell.
                    measured.add(cell);
                    i++;
                } else if (NUMBER.matcher(cell).matches()
                        && !next.isEmpty()
                        && bareAmount("1 " + next)
                        && !named(next)) {
                    measured.add(cell + " " + next);
                    i++;
                } else if (NUMBER.matcher(cell).matches() || bareAmount(cell)) {
                    measured.add(cell);
                } else if (Heading.part(cell).isPresent() && cell.split(" ").length <= 3 && !named.isEmpty()) {
                    where = cell;
                } else {
                    named.add(cell);
                }
            }
            if (!where.isEmpty() && !where.equals(place)) {
                place = where;
                lines.add("For the " + where.toLowerCase(Locale.ROOT) + ":");
            }
            lines.add(line(measured, named));
        }
        return lines;
    }

    private static String line(List<String> measured, List<String> named) {
        // A bare number behind a measure is a share or a count of something else.
        List<String> amounts = measured.size() > 1
                ? measured.stream()
                        .filter(one -> !NUMBER.matcher(one).matches())
                        .toList()
                : measured;
        String amount =
                amounts.isEmpty() ? "" : amounts.get(0) + (amounts.size() > 1 ? " (" + amounts.get(1) + ")" : "") + " ";
        return (amount + String.join(", ", named)).strip();
    }

    private static boolean named(String cell) {
        return FoodName.read(cell).food().isPresent();
    }

    private List<String> pairs(List<String> raw) {
        List<String> single = new ArrayList<>();
        List<String> left = new ArrayList<>();
        List<String> right = new ArrayList<>();
        for (String line : raw) {
            List<String> cells =
                    cells(line).stream().filter(cell -> !cell.isEmpty()).toList();
            if (RULE.matcher(line).matches()) {
                continue;
            }
            if (cells.size() == 2 && cells.get(0).endsWith(":")) {
                flush(single, left, right);
                single.add(cells.get(0) + " " + cells.get(1));
            } else if (cells.size() == 2 && bareAmount(cells.get(1)) && !startsWithAmount(cells.get(0))) {
                flush(single, left, right);
                single.add(cells.get(1) + " " + cells.get(0));
            } else if (cells.size() == 2 && bareAmount(cells.get(0))) {
                flush(single, left, right);
                single.add(cells.get(0) + " " + cells.get(1));
            } else if (cells.size() == 2 && thing(cells.get(0)) && thing(cells.get(1))) {
                left.add(cells.get(0));
                right.add(cells.get(1));
            } else {
                flush(single, left, right);
                // What is no table keeps the bars between its parts.
                single.add(String.join(line.contains("|") ? " | " : " ", cells));
            }
        }
        flush(single, left, right);
        return single;
    }

    private static void flush(List<String> single, List<String> left, List<String> right) {
        single.addAll(left);
        single.addAll(right);
        left.clear();
        right.clear();
    }

    private static List<String> cells(String line) {
        String inner = line.strip().replaceFirst("^\\|\\s*", "").replaceFirst("\\s*\\|$", "");
        List<String> cells = new ArrayList<>();
        for (String cell : CELLS.split(inner, MOST_CELLS)) {
            cells.add(cell.strip());
        }
        return cells;
    }

    /** An amount alone on its line belongs to the name on the next one; a block of amounts to the block of names below it. */
    private List<String> joined(List<String> lines) {
        List<String> out = new ArrayList<>();
        int i = 0;
        while (i < lines.size()) {
            int run = 0;
            while (i + run < lines.size() && bareAmount(lines.get(i + run))) {
                run++;
            }
            if (run > 0 && names(lines, i + run, run)) {
                for (int k = 0; k < run; k++) {
                    out.add(lines.get(i + k) + " " + lines.get(i + run + k));
                }
                i += 2 * run;
            } else {
                out.add(lines.get(i));
                i++;
            }
        }
        return out;
    }

    private boolean names(List<String> lines, int from, int count) {
        if (from + count > lines.size()) {
            return false;
        }
        for (int i = from; i < from + count; i++) {
            if (startsWithAmount(lines.get(i))
                    || FoodName.read(lines.get(i)).food().isEmpty()) {
                return false;
            }
        }
        return true;
    }

    private boolean thing(String cell) {
        return Heading.of(cell).isPresent() || startsWithAmount(cell) && !bareAmount(cell);
    }

    private boolean bareAmount(String text) {
        Optional<String> rest = text.length() <= 30
                        && (text.matches(".*\\d.*|.*[½⅓⅔¼¾⅛].*")
                                || AmountReader.number(text).isPresent())
                ? amounts.behind(text.strip())
                : Optional.empty();
        return rest.filter(String::isBlank).isPresent();
    }

    private boolean startsWithAmount(String text) {
        return amounts.startsAny(LineText.tidy(text));
    }
}
