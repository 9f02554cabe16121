package ironpin.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Into how many pieces the steps divide the dough: "halve it, roll ropes, cut each into 12". */
final class DivisionHint {
    private static final int LARGEST_FIRST_CUT = 12;
    private static final int MOST = 2_000;
    private static final Pattern HALVES = Pattern.compile("\\b(?:halve|in half|into halves|half of the dough)\\b");
    private static final Pattern QUARTERS = Pattern.compile("\\b(?:quarter the dough|into quarters|in quarters)\\b");
    private static final Pattern THIRDS = Pattern.compile("\\b(?:into thirds|in thirds)\\b");
    private static final Pattern INTO = Pattern.compile(
            "\\b(?:into|in|off|out|wrap|fold|fill|make|get|yields?|have|gives?|shape|form|cut|form about|be)\\s+(?:about |roughly |around |approximately |some )?(\\d{1,4})"
                    + "(?:\\s?(?:-|–|to)\\s?\\d{1,4})?\\s+(?:\\d{1,3} ?-?g\\b )?(?:(?:equal|even|small|little|same-?sized|equal-?sized|walnut-?sized|large|big"
                    + "|smaller|thin|thick|individual|smooth|round|identical|long|balls? of) ?){0,3}"
                    + "(pieces?|portions?|balls?|discs?|disks?|rounds?|circles?|parts?|lumps?|nuggets?|wrappers?|skins?|dumplings?|ropes?|logs?"
                    + "|strands?|sausages?|strips?|cylinders?|segments?|breads?|flatbreads?|squares?|slices?|equal\\b)");
    private static final Pattern DIVIDED = Pattern.compile(
            "\\b(?:divide|cut|portion|split|shape)\\b[^.;\\d]{0,30}?\\b(?:into|in)\\s+(?:about )?(\\d{1,3})(?=\\s*(?:[,.;]|$|and\\b|of \\d))");
    private static final Pattern TIMES_MASS =
            Pattern.compile("\\b(?:into|in|make|shape|cut)\\s+(?:about )?(\\d{1,3}) ?[x×] ?\\d{1,3} ?g\\b");
    private static final Pattern FROM_EACH = Pattern.compile("\\b(\\d{1,3}) (?:\\p{L}+ )?(?:from|out of|off) each\\b");
    private static final Pattern EACH_INTO = Pattern.compile(
            "\\beach\\b.{0,60}?\\b(?:into|in)\\s+(?:about |roughly )?(\\d{1,3})\\b(?! ?(?:cm|mm|inch|minutes?|g)\\b)"
                    + "|\\b(?:into|in)\\s+(?:about )?(\\d{1,3})\\s+(?:pieces |balls |portions |parts )?each\\b");
    private static final Pattern LONG_PARTS =
            Pattern.compile("ropes?|logs?|strands?|sausages?|strips?|cylinders?|portions?|parts?|pieces?");

    private static final Pattern WRAPPERS = Pattern.compile(
            "\\((?:about |approx\\.? |~)?(\\d{1,3})(?: (?:wrappers|skins|pieces|sheets|count))?\\)|/ ?(?:about |approx\\.? )?(\\d{1,3})\\)|^(\\d{1,3}) (?!packs?|packages?|packets?|x )[\\p{L} -]{0,40}(?:wrappers?|skins?)\\b");

    private DivisionHint() {}

    static Optional<Integer> of(List<StepSentence> sentences) {
        int first = 1;
        int best = 0;
        for (StepSentence sentence : sentences) {
            if (food(sentence)) {
                continue;
            }
            int cut = firstCut(sentence);
            Matcher each = EACH_INTO.matcher(sentence.text());
            if (each.find()) {
                int many = Integer.parseInt(each.group(1) != null ? each.group(1) : each.group(2));
                int parts = cut > 1 && cut != many ? cut : first;
                if (parts > 1 && many > 1) {
                    best = Math.max(best, parts * many);
                    first = 1;
                    continue;
                }
            }
            Matcher from = FROM_EACH.matcher(sentence.text());
            Matcher times = TIMES_MASS.matcher(sentence.text());
            if (times.find()) {
                best = Math.max(best, Integer.parseInt(times.group(1)));
                continue;
            }
            if (from.find() && Math.max(cut, first) > 1) {
                best = Math.max(best, (cut > 1 ? cut : first) * Integer.parseInt(from.group(1)));
                first = 1;
                continue;
            }
            from.reset();
            Matcher divided = DIVIDED.matcher(sentence.text());
            if (divided.find()) {
                int parts = Integer.parseInt(divided.group(1));
                if (from.find()) {
                    best = Math.max(best, parts * Integer.parseInt(from.group(1)));
                    continue;
                }
                first = parts <= LARGEST_FIRST_CUT ? parts : first;
                best = parts > 4 ? Math.max(best, parts) : best;
            }
            Matcher into = INTO.matcher(sentence.text());
            while (into.find()) {
                int count = Integer.parseInt(into.group(1));
                boolean parts = LONG_PARTS.matcher(into.group(2)).matches() && count <= LARGEST_FIRST_CUT;
                if (parts) {
                    first = count;
                }
                // Two or three portions are for resting, not for the plate.
                boolean ropes = into.group(2).matches("(?:rope|log|strand|sausage|strip|cylinder)s?");
                if (count > 3 && !ropes) {
                    best = Math.max(best, count);
                }
            }
            first = cut > 1 ? cut : first;
        }
        return best > 1 && best <= MOST ? Optional.of(best) : Optional.empty();
    }

    /** "Chop the cabbage into 5 pieces" divides no dough. */
    private static boolean food(StepSentence sentence) {
        return sentence.about() == StepSentence.About.FILLING
                && !sentence.text().matches(".{0,400}\\b(?:dough|filling)\\b.{0,400}");
    }

    private static int firstCut(StepSentence sentence) {
        if (sentence.says(HALVES)) {
            return 2;
        }
        if (sentence.says(QUARTERS)) {
            return 4;
        }
        if (sentence.says(THIRDS)) {
            return 3;
        }
        Matcher into = INTO.matcher(sentence.text());
        if (into.find()) {
            int count = Integer.parseInt(into.group(1));
            if (count <= LARGEST_FIRST_CUT && LONG_PARTS.matcher(into.group(2)).matches()) {
                return count;
            }
        }
        return 1;
    }

    /** How many wrappers out of a pack it wants, if it counts them. */
    static Optional<Integer> ofWrappers(List<RecipeLine> lines) {
        for (RecipeLine line : lines) {
            Matcher counted = WRAPPERS.matcher(line.text().toLowerCase(Locale.ROOT));
            if (line.meaning().orElse(null) instanceof Meaning.Wrappers && counted.find()) {
                String said = counted.group(1) != null
                        ? counted.group(1)
                        : counted.group(2) != null ? counted.group(2) : counted.group(3);
                int count = Integer.parseInt(said);
                return Optional.of(count).filter(one -> one >= 4 && one <= MOST);
            }
        }
        return Optional.empty();
    }
}
