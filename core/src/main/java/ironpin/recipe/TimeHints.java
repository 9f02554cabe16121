package ironpin.recipe;

import ironpin.cook.VesselKind;
import ironpin.dough.KneadSchool;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Rests, kneading, and how and how long the pieces are cooked. */
final class TimeHints {
    private static final Duration OVERNIGHT = Duration.ofHours(10);
    private static final int LONG_KNEAD_MINUTES = 6;
    private static final String R = StepSentence.RANGE;
    private static final Pattern RESTS = Pattern.compile(
            "\\b(?:rest(?!\\s+of\\b)|rests|resting|stand|relax|sit|set (?:it )?aside|leave|covered|cover|chill|refrigerate)\\b[^.\\d]{0,60}?"
                    + R + "\\s?(min|mins|minutes?|h|hours?|hrs?)\\b");
    private static final Pattern NIGHT =
            Pattern.compile("\\b(?:rest|leave|chill|refrigerate|stand|fridge)\\b[^.]{0,50}\\bovernight\\b");
    private static final Pattern NO_DOUGH = Pattern.compile(
            "\\b(?:salt the|squeeze|cabbage|greens|marinate|filling|meat|mince|mixture|stock|jelly|aspic|mushrooms?|soak|soaking|steep|cool|cooled"
                    + "|potato|potatoes|vegetables?|freeze|freezer|dip|sauce)\\b");
    private static final Pattern COOKS = Pattern.compile(
            "\\b(?:steam|steamed|boil|boiled|cook|simmer|poach|griddle|fry|toast|bake|dry-fry|brown)\\b(?:(?!\\bmin)[^.]){0,70}?"
                    + R
                    + "\\s?(min|mins|minutes?)\\b|" + R
                    + "\\s?(min|mins|minutes?)\\b[^.\\d]{0,30}?\\b(?:on each side|each side|a side|per side|until cooked"
                    + "|until done|until they float)\\b");
    private static final Pattern SIDES = Pattern.compile("\\b(?:each side|a side|per side|both sides|either side)\\b");
    /** What comes on top of another time is not the time. */
    private static final Pattern MORE = Pattern.compile("^\\s*(?:more|longer|further)\\b");

    private static final Pattern KNEADS =
            Pattern.compile("\\bknead(?:ing)?\\b[^.,;\\d]{0,40}?" + R + "\\s?(min|mins|minutes?|seconds?)\\b");
    private static final Pattern KNEADS_AGAIN =
            Pattern.compile("\\bknead (?:it )?(?:again|once more|a second time)\\b|\\bfold it\\b");

    private static final Pattern GRIDDLE = Pattern.compile(
            "\\b(?:griddle|dry (?:frying |hot )?pan|dry skillet|hot plate|flat pan|tawa|comal|bakestone|cast-?iron pan|planch[ae]|dry, hot)\\b");
    private static final Pattern FRY =
            Pattern.compile("\\b(?:pan-?fry|fry|frying pan|skillet|golden|brown(?:ed)?|crisp)\\b");
    private static final Pattern LID = Pattern.compile("\\b(?:lid|cover|covered)\\b");
    private static final Pattern WET = Pattern.compile("\\b(?:water|stock|steam)\\b");
    private static final Pattern STEAM = Pattern.compile("\\b(?:steam|steamer|steamed|steaming|basket)\\b");
    private static final Pattern BOIL =
            Pattern.compile("\\b(?:boil|boiled|simmer|poach|pot of|float|boiling (?:salted )?water|salted water)\\b");

    private TimeHints() {}

    /** The longest rest of the dough. */
    static Optional<Duration> rest(List<StepSentence> sentences) {
        Optional<Duration> longest = Optional.empty();
        for (StepSentence sentence : sentences) {
            boolean dough = sentence.about() != StepSentence.About.FILLING
                    && sentence.about() != StepSentence.About.PIECES
                    && !(NO_DOUGH.matcher(sentence.text()).find()
                            && !sentence.text().contains("dough"));
            if (!dough) {
                continue;
            }
            if (sentence.says(NIGHT)) {
                longest = longer(longest, OVERNIGHT);
            }
            Matcher found = RESTS.matcher(sentence.text());
            while (found.find()) {
                longest = longer(
                        longest, StepSentence.time(StepSentence.spread(found, 1).low(), found.group(3)));
            }
        }
        return longest;
    }

    private static Optional<Duration> longer(Optional<Duration> one, Duration other) {
        return one.filter(time -> time.compareTo(other) >= 0).or(() -> Optional.of(other));
    }

    /** Minutes of the last thing that is done to the pieces themselves. */
    static Optional<Duration> cooking(List<StepSentence> sentences) {
        Optional<Duration> last = Optional.empty();
        for (StepSentence sentence : sentences) {
            if (!ofPieces(sentence)) {
                continue;
            }
            Matcher found = COOKS.matcher(sentence.text());
            while (found.find()) {
                int at = found.group(1) != null ? 1 : 4;
                Duration time = StepSentence.time(StepSentence.spread(found, at).usual(), found.group(at + 2));
                String behind = sentence.text().substring(found.end(at + 2));
                boolean sides = SIDES.matcher(found.group() + behind).find();
                if (!MORE.matcher(behind).find()) {
                    last = Optional.of(sides ? time.multipliedBy(2) : time);
                }
            }
        }
        return last;
    }

    private static boolean ofPieces(StepSentence sentence) {
        return sentence.about() != StepSentence.About.FILLING && !sentence.cooksAFood();
    }

    /** What the pieces are cooked in: by what is said of them, the last word counting most. */
    static Optional<VesselKind> vessel(List<StepSentence> sentences) {
        StringBuilder all = new StringBuilder();
        for (StepSentence sentence : sentences) {
            if (ofPieces(sentence)) {
                all.append(sentence.text()).append(' ');
            }
        }
        String text = all.toString();
        if (GRIDDLE.matcher(text).find()) {
            return Optional.of(VesselKind.GRIDDLE);
        }
        boolean fry = FRY.matcher(text).find();
        boolean lid = LID.matcher(text).find() && WET.matcher(text).find();
        boolean pan = text.contains("pan") || text.contains("skillet");
        if (fry && lid && pan && !boilsFirst(text)) {
            return Optional.of(VesselKind.PAN);
        }
        if (STEAM.matcher(text).find()) {
            return Optional.of(VesselKind.BASKET);
        }
        if (BOIL.matcher(text).find()) {
            return Optional.of(VesselKind.POT);
        }
        return fry ? Optional.of(VesselKind.PAN) : Optional.empty();
    }

    private static boolean boilsFirst(String text) {
        return text.contains("float");
    }

    /** The school of kneading. */
    static Optional<KneadSchool> kneading(List<StepSentence> sentences) {
        int most = 0;
        boolean again = false;
        boolean night = false;
        for (StepSentence sentence : sentences) {
            Matcher found = KNEADS.matcher(sentence.text());
            while (found.find()) {
                Duration time = StepSentence.time(StepSentence.spread(found, 1).usual(), found.group(3));
                most = Math.max(most, (int) Math.max(1, time.toMinutes()));
            }
            again |= sentence.says(KNEADS_AGAIN);
            night |= sentence.says(NIGHT) && sentence.about() != StepSentence.About.FILLING;
        }
        if (night) {
            return Optional.of(KneadSchool.OVERNIGHT);
        }
        if (most >= LONG_KNEAD_MINUTES) {
            return Optional.of(KneadSchool.LONG);
        }
        return most > 0 && again ? Optional.of(KneadSchool.SHORT_WITH_RESTS) : Optional.empty();
    }
}
