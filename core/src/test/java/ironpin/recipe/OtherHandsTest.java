package ironpin.recipe;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.allergen.AllergenAnswer;
import ironpin.pantry.Allergen;
import ironpin.pantry.CsvResource;
import ironpin.quantity.CupStandard;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** Fifty recipes by other hands, against what each line of them is: what is not read as stated is marked, never silent. */
public class OtherHandsTest {
    private static final String FOLDER = "other-hands/";

    /** What one text came to. */
    private record Score(
            int lines, int right, List<String> marked, List<String> silent, List<String> allergens, String yield) {
        boolean whole() {
            return right == lines && yield.isEmpty();
        }
    }

    @Test
    public void readsWhatOthersWrote() throws IOException {
        List<Score> scores = scores();
        List<String> silent =
                scores.stream().flatMap(one -> one.silent().stream()).toList();
        List<String> allergens =
                scores.stream().flatMap(one -> one.allergens().stream()).toList();
        List<String> yields =
                scores.stream().map(Score::yield).filter(one -> !one.isEmpty()).toList();
        assertEquals(silent, List.of(), "wrong, and not said");
        assertEquals(allergens, List.of(), "allergens missed");
        assertEquals(yields, List.of(), "yields");
        int lines = scores.stream().mapToInt(Score::lines).sum();
        int right = scores.stream().mapToInt(Score::right).sum();
        assertTrue(right >= 0.98 * lines, right + " of " + lines);
    }

    /** Prints what is not as stated, and the sums. */
    public static void main(String[] none) throws IOException {
        List<Score> scores = scores();
        for (Score one : scores) {
            one.marked().forEach(it -> System.out.println("marked   | " + it));
            one.silent().forEach(it -> System.out.println("SILENT   | " + it));
            one.allergens().forEach(it -> System.out.println("ALLERGEN | " + it));
            if (!one.yield().isEmpty()) {
                System.out.println("YIELD    | " + one.yield());
            }
        }
        System.out.printf(
                "%d of %d lines right, silent %d, %d of %d whole, %d yields wrong%n",
                scores.stream().mapToInt(Score::right).sum(),
                scores.stream().mapToInt(Score::lines).sum(),
                scores.stream().mapToInt(one -> one.silent().size()).sum(),
                scores.stream().filter(Score::whole).count(),
                scores.size(),
                scores.stream().filter(one -> !one.yield().isEmpty()).count());
    }

    private static List<Score> scores() throws IOException {
        Map<String, List<Map<String, String>>> lines =
                CsvResource.rows(OtherHandsTest.class, FOLDER + "lines.csv").stream()
                        .collect(Collectors.groupingBy(row -> row.get("recipe")));
        List<Score> scores = new ArrayList<>();
        for (Map<String, String> recipe : CsvResource.rows(OtherHandsTest.class, FOLDER + "recipes.csv")) {
            scores.add(score(recipe, lines.getOrDefault(recipe.get("recipe"), List.of())));
        }
        return scores;
    }

    private static Score score(Map<String, String> recipe, List<Map<String, String>> stated) throws IOException {
        String file = recipe.get("recipe");
        String cups = recipe.get("cups");
        CupStandard standard = cups.isEmpty() ? CupStandard.US : CupStandard.valueOf(cups);
        ReadRecipe read = new RecipeReader(standard).read(RecipeText.read(text(file), ""));
        List<RecipeLine> lines = read.lines();
        Set<Integer> used = new HashSet<>();
        List<String> marked = new ArrayList<>();
        List<String> silent = new ArrayList<>();
        Map<Allergen, List<String>> must = new EnumMap<>(Allergen.class);
        int right = 0;
        for (Map<String, String> row : stated) {
            String words = row.get("found_by").toLowerCase(Locale.ROOT);
            String place = row.get("place").split("-")[0];
            if (!row.get("allergens_sure").equals("?")) {
                for (String code : row.get("allergens_sure").split(" ")) {
                    if (!code.isEmpty()) {
                        must.computeIfAbsent(Allergen.valueOf(code.toUpperCase(Locale.ROOT)), it -> new ArrayList<>())
                                .add(words);
                    }
                }
            }
            Optional<RecipeLine> found = lines.stream()
                    .filter(line -> !used.contains(line.no()) && holds(line, words))
                    .sorted((a, b) -> Boolean.compare(
                            !a.place().key().startsWith(place), !b.place().key().startsWith(place)))
                    .findFirst();
            if (found.isEmpty()) {
                boolean held = lines.stream()
                        .anyMatch(line -> used.contains(line.no())
                                && holds(line, words)
                                && (line.status() == RecipeLine.Status.GUESSED
                                        || line.status() == RecipeLine.Status.NOT_READ));
                (held ? marked : silent).add(file + ": '" + words + "' is nowhere");
                continue;
            }
            RecipeLine line = found.get();
            used.add(line.no());
            String why = wrong(row, place, line);
            if (why.isEmpty()) {
                right++;
            } else {
                boolean said =
                        line.status() == RecipeLine.Status.GUESSED || line.status() == RecipeLine.Status.NOT_READ;
                (said ? marked : silent)
                        .add(file + ": " + line.text() + ": " + why + " [" + line.status() + " " + line.trouble()
                                + "]");
            }
        }
        return new Score(stated.size(), right, marked, silent, missed(file, read, must), yieldOf(file, recipe, read));
    }

    private static boolean holds(RecipeLine line, String words) {
        return line.text().toLowerCase(Locale.ROOT).contains(words);
    }

    private static String wrong(Map<String, String> row, String place, RecipeLine line) {
        List<String> why = new ArrayList<>();
        if (!line.place().key().startsWith(place)) {
            why.add("place " + line.place().key() + ", not " + place);
        }
        double grams = line.weighed().map(mass -> mass.usual()).orElse(-1.0);
        if (row.get("grams_least").isEmpty()) {
            if (grams > 0 && !row.get("place").equals("beside")) {
                why.add("an amount made up: " + grams);
            }
        } else if (grams < 0) {
            why.add("no amount");
        } else if (grams < Double.parseDouble(row.get("grams_least"))
                || grams > Double.parseDouble(row.get("grams_most"))) {
            why.add(grams + " g, not " + row.get("grams_least") + " to " + row.get("grams_most"));
        }
        String meaning = line.meaning().map(Meaning::key).orElse("null");
        if (!row.get("meaning").isEmpty() && !meaning.matches("(?:" + row.get("meaning") + ").*")) {
            why.add("meaning " + meaning + ", not " + row.get("meaning"));
        }
        return String.join("; ", why);
    }

    private static List<String> missed(String file, ReadRecipe read, Map<Allergen, List<String>> must) {
        AllergenAnswer answer = RecipeAllergens.of(read);
        String unknown = String.join(" ", answer.unknown()).toLowerCase(Locale.ROOT);
        List<String> missed = new ArrayList<>();
        must.forEach((allergen, of) -> {
            boolean open = !answer.known()
                    && of.stream()
                            .flatMap(words -> List.of(words.split(" ")).stream())
                            .anyMatch(word -> word.length() > 2 && unknown.contains(word));
            if (!answer.sure().containsKey(allergen) && !open) {
                missed.add(file + ": " + allergen + " of " + of);
            }
        });
        return missed;
    }

    private static String yieldOf(String file, Map<String, String> recipe, ReadRecipe read) {
        String stated = recipe.get("pieces");
        Optional<Integer> pieces = read.pieces();
        boolean fine;
        if (stated.isEmpty() || stated.equals("None")) {
            fine = pieces.isEmpty();
        } else {
            String[] ends = stated.split("-");
            fine = pieces.filter(
                            one -> one >= Integer.parseInt(ends[0]) && one <= Integer.parseInt(ends[ends.length - 1]))
                    .isPresent();
        }
        String eaters = recipe.get("eaters");
        fine &= eaters.isEmpty()
                || read.yield().eaters().map(String::valueOf).orElse("").equals(eaters);
        return fine
                ? ""
                : file + ": pieces " + pieces + ", not " + stated + "; eaters "
                        + read.yield().eaters() + ", " + eaters;
    }

    private static String text(String file) throws IOException {
        try (InputStream in = OtherHandsTest.class.getResourceAsStream(FOLDER + file + ".txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
