package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.UnreadableAmount;
import ironpin.pantry.FoodName;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Puts a pasted table back in order: two columns of ingredients side by side, names in one column and amounts in the other, or
 * amounts and names on lines of their own.
 */
final class Columns {
    private static final Pattern CELLS = Pattern.compile("\\t+| {3,}|\\s*\\|\\s*");
    private static final Pattern RULE = Pattern.compile("^[\\s|:+=_-]{3,}$");

    private Columns() {}

    /** The lines as they would have been written one below the other. */
    static List<String> untangled(List<String> raw) {
        List<String> single = new ArrayList<>();
        List<String> left = new ArrayList<>();
        List<String> right = new ArrayList<>();
        for (String line : raw) {
            List<String> cells = cells(line);
            if (RULE.matcher(line).matches()) {
                continue;
            }
            if (cells.size() == 2 && bareAmount(cells.get(1)) && !startsWithAmount(cells.get(0))) {
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
        return joined(single);
    }

    private static void flush(List<String> single, List<String> left, List<String> right) {
        single.addAll(left);
        single.addAll(right);
        left.clear();
        right.clear();
    }

    private static List<String> cells(String line) {
        List<String> cells = new ArrayList<>();
        for (String cell : CELLS.split(line.strip(), 6)) {
            if (!cell.isBlank()) {
                cells.add(cell.strip());
            }
        }
        return cells;
    }

    /** An amount alone on its line belongs to the name on the next one; a block of amounts to the block of names below it. */
    private static List<String> joined(List<String> lines) {
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

    private static boolean names(List<String> lines, int from, int count) {
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

    private static boolean thing(String cell) {
        return Heading.of(cell).isPresent() || startsWithAmount(cell) && !bareAmount(cell);
    }

    private static boolean bareAmount(String text) {
        return text.length() <= 30 && text.matches(".*\\d.*|.*[½⅓⅔¼¾⅛].*") && LineText.amount(text);
    }

    private static boolean startsWithAmount(String text) {
        try {
            AmountReader.whatOf(LineText.tidy(text));
            return true;
        } catch (UnreadableAmount none) {
            return false;
        }
    }
}
