package ironpin.recipe;

import ironpin.wrapper.Fold;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Which closing the steps describe. */
final class FoldHint {
    private static final Map<Fold, Pattern> WORDS = words();

    private FoldHint() {}

    private static Map<Fold, Pattern> words() {
        Map<Fold, Pattern> words = new LinkedHashMap<>();
        words.put(
                Fold.GATHERED_BALL,
                Pattern.compile(
                        "\\bgather\\b.{0,80}\\b(?:ball|flatten|roll out|press flat)|\\b(?:flatten|press|roll)\\b.{0,40}\\b(?:stuffed|filled) (?:ball|dough|bread)"
                                + "|\\b(?:enclose|wrap the dough (?:a)?round)\\b"));
        words.put(
                Fold.LEAF,
                Pattern.compile(
                        "\\bleaf (?:fold|shape|pattern|pleats?)|\\blike (?:a leaf|the veins)|\\bleaf-shaped\\b"));
        words.put(
                Fold.PURSE,
                Pattern.compile(
                        "\\b(?:purses?|pouch(?:es)?|money bags?|bundle|topknot|drawstring)\\b|\\bgather\\b.{0,60}\\b(?:top|edges|together|twist)"
                                + "|\\bpleat\\w*\\b.{0,60}\\b(?:twist|at the top|around the filling|all round)"));
        words.put(
                Fold.PLEATED_CRESCENT, Pattern.compile("\\bpleat\\w*\\b|\\bcrimp(?:ed)? (?:crescent|on one side)\\b"));
        words.put(Fold.TRIANGLE, Pattern.compile("\\btriangles?\\b"));
        words.put(
                Fold.HALF_MOON,
                Pattern.compile(
                        "\\bhalf[ -]?moons?\\b|\\bfold (?:\\p{L}+ ){0,4}(?:in half|over)\\b|\\bsemi-?circles?\\b|\\bcrimp\\b|\\bd-shape"
                                + "|\\bfold over the filling\\b"));
        return words;
    }

    static Optional<Fold> of(List<StepSentence> sentences) {
        for (Map.Entry<Fold, Pattern> one : WORDS.entrySet()) {
            if (sentences.stream().anyMatch(sentence -> sentence.says(one.getValue()))) {
                return Optional.of(one.getKey());
            }
        }
        return Optional.empty();
    }
}
