package ironpin.recipe;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where a text says how many it makes: on a line of its own, in its title, in a heading. */
final class YieldLine {
    private static final int FEWEST_BARE = 4;
    private static final String NUMBER =
            "(?:\\d{1,4}(?: ?[–-] ?\\d{1,4}| to \\d{1,4}| or \\d{1,4})?|(?:one|two|three|four|five|six|half a|a)(?: and a half)? dozen|\\d{1,2}½? ?doz(?:en|\\.)?|a dozen|ten|twelve"
                    + "|fifteen|sixteen|eighteen|twenty(?:-(?:four|five|eight))?|thirty(?:-(?:two|five|six))?|forty(?:-(?:five|eight))?|fifty|sixty|seventy(?:-two)?|eighty|ninety|a hundred)";
    private static final String ABOUT =
            "(?:about |approx\\.? |approximately |around |roughly |some |ca\\.? |~ ?|abt |up to |enough for )?";
    private static final String PIECES =
            "(?:(?:large|small|big|medium|stuffed|round|little|pan|griddle) )?(?:pieces|pcs\\.?|pc\\.?|nos\\.?|no\\.?|dumplings?|parcels?|breads?|flatbreads?|crescents?|pockets?|purses?|half-moons?|servings?|portions?|turnovers?|buns?|balls?|units?|ea\\.?|skins|ones"
                    + "|stk\\.?|stück|uds\\.?|unidades|large|small|medium|rounds|moons|leaves|cakes|turnovers|triangles)";
    private static final Pattern OWN = Pattern.compile(
            "(?i)^(?:this )?(?:recipe )?(?:makes|make|yields?|serves|servings?|portions|quantity|pieces|batch size|output|how many|number of pieces|number|for \\d+ (?:people|persons|eaters"
                    + "|servings|pieces|guests))\\b.{0,50}$|^\\(?(?:for |makes )?" + ABOUT + NUMBER + " " + PIECES
                    + "\\)?(?: \\([^()]{1,30}\\))?\\.?$|^(?:makes |gives |yields )?(?:about|approx\\.?|ca\\.?|around|roughly|~) ?"
                    + NUMBER + " "
                    + PIECES + "[,;] .{1,40}$|^\\((?:for|makes) " + ABOUT + NUMBER + "\\)$|^(?:for|makes) " + ABOUT
                    + NUMBER
                    + "$|^enough for .{1,40}$|^" + ABOUT + NUMBER + " " + PIECES
                    + " (?:@|at|à|of|x) ?\\d[\\d.,]* ?(?:g|oz)\\b.{0,20}$");
    private static final Pattern WITHIN = Pattern.compile(
            "(?i)\\b(?:makes|serves|yields?|yield:|feeds|enough for|rinde|ergibt|gives)\\b[^).;]{0,50}|\\bfor \\d{1,3} (?:people|persons|pieces|guests)|\\bbatch of \\d{1,3}\\b|\\b\\d{1,3} (?:pieces|pcs|nos)\\b|\\b\\d{1,2} ?dz\\b");
    private static final Pattern BRACKETS = Pattern.compile("(?i)\\((?:makes |for |yields? |x ?|× ?)?(" + ABOUT + NUMBER
            + ")(?: (?:[\\p{L}-]+ ){0,2}" + PIECES + ")?\\)\\s*$");
    private static final Pattern AT_END = Pattern.compile(
            "(?i)(?:[,–—:|]|\\s-|\\bx|×)\\s*(?:makes |for )?(" + ABOUT + NUMBER + ")(?:\\s?" + PIECES + ")?\\.?$");
    private static final Pattern BARE = Pattern.compile(
            "(?i)^(?!.*\\b(?:no\\.?|number|recipe|type|part|version|day|step|page|route|class|year)\\s*\\d+$).*\\p{L}\\s+(\\d{1,3})(?: ?[–-] ?\\d{1,3})?$");
    private static final Pattern FOR = Pattern.compile("(?i)\\bfor (?:about )?(\\d{2,3})\\s*:?$");
    private static final int FEWEST_FOR = 12;

    private YieldLine() {}

    /** Whether a line says that and nothing else. */
    static boolean is(String line) {
        return OWN.matcher(line).matches();
    }

    /** What a title or a heading says of it, in words that {@link RecipeYield} reads. */
    static Optional<String> within(String line) {
        Matcher makes = WITHIN.matcher(line.replace("approx.", "about").replace("ca.", "about"));
        if (makes.find()) {
            return Optional.of(makes.group());
        }
        for (Pattern pattern : new Pattern[] {BRACKETS, AT_END}) {
            Matcher found = pattern.matcher(line);
            if (found.find()) {
                return Optional.of("Makes " + found.group(1));
            }
        }
        Matcher count = FOR.matcher(line);
        if (count.find() && Integer.parseInt(count.group(1)) >= FEWEST_FOR) {
            return Optional.of("Makes " + count.group(1));
        }
        Matcher bare = BARE.matcher(line);
        return bare.matches() && Integer.parseInt(bare.group(1)) >= FEWEST_BARE
                ? Optional.of("Makes " + bare.group(1))
                : Optional.empty();
    }
}
