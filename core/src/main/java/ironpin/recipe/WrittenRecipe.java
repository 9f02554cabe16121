package ironpin.recipe;

import ironpin.amount.AmountReader;
import ironpin.amount.Legend;
import ironpin.quantity.CupStandard;
import ironpin.wording.Typed;
import java.util.List;

/**
 * A recipe as somebody wrote it, taken apart but not yet understood.
 *
 * @param title what it is called, 1 to 80 characters
 * @param yield what it says it makes, as written; may be empty
 * @param times what it says it takes, as written
 * @param lines what goes in, at least one and at most {@value #MOST_LINES}
 * @param steps what is done, in its words
 * @param source where it comes from, kept as a note; may be empty
 */
public record WrittenRecipe(
        String title, String yield, List<String> times, List<Line> lines, List<String> steps, String source) {
    /** More lines than this is no recipe for one supper. */
    public static final int MOST_LINES = 120;

    private static final int MOST_TITLE = 80;
    private static final int MOST_LINE = 200;
    private static final int MOST_METHOD = 10_000;

    /**
     * One thing that goes in.
     *
     * @param heading it stands under; may be empty
     * @param text as written, at most 200 characters
     * @param block which of the groups that empty lines make of the text, from 0
     */
    public record Line(String heading, String text, int block) {
        /** In a text without groups. */
        public Line(String heading, String text) {
            this(heading, text, 0);
        }

        public Line {
            heading = cut(Typed.clean(heading).strip(), MOST_TITLE);
            text = cut(Typed.clean(text).strip(), MOST_LINE);
        }
    }

    public WrittenRecipe {
        title = Typed.clean(title);
        title = title.isBlank() ? "A recipe from elsewhere" : cut(title.strip(), MOST_TITLE);
        yield = Typed.clean(yield);
        source = Typed.clean(source);
        times = times.stream().map(Typed::clean).toList();
        lines = List.copyOf(lines);
        steps = steps.stream().map(Typed::clean).toList();
        if (lines.isEmpty()) {
            throw new UnreadableRecipe(
                    "No ingredients were found. Write one on a line, as in \"300 g plain flour\", or list them.");
        }
        if (lines.size() > MOST_LINES) {
            throw new UnreadableRecipe(
                    "A recipe has 1 to " + MOST_LINES + " lines of ingredients; this one has " + lines.size() + ".");
        }
    }

    /** A line as it stands in a text: the one thing it holds, or each of several as a line of its own. */
    public static List<Line> lines(String heading, String text) {
        return lines(heading, new LineText(new AmountReader(CupStandard.US)).items(text), 0);
    }

    /** Several things that stand in one line, in a group of lines. */
    static List<Line> lines(String heading, List<String> items, int block) {
        return items.stream()
                .filter(item -> !item.isBlank())
                .map(item -> new Line(heading, item, block))
                .toList();
    }

    /** What the text says its own measures are, wherever it says so. */
    Legend legend() {
        StringBuilder all = new StringBuilder(title).append('\n').append(yield);
        steps.forEach(step -> all.append('\n').append(step));
        lines.stream().map(Line::heading).distinct().forEach(one -> all.append('\n')
                .append(one));
        lines.forEach(line -> all.append('\n').append(line.text()));
        return Legend.in(all.toString());
    }

    /** All that is done, in one text; what goes on for longer than any recipe is left off. */
    public String method() {
        return cut(String.join(" ", steps), MOST_METHOD);
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }
}
