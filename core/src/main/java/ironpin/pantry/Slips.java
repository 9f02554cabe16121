package ironpin.pantry;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** Words typed wrong: the one known word that is near, if there is but one. */
final class Slips {
    private static final int SHORTEST = 4;
    private static final int SHORTEST_KNOWN = 3;
    /** From this length on two slips may be in a word. */
    private static final int LONG = 8;

    private Slips() {}

    /**
     * The one of these words that is a slip away from what was typed (two in a long word): a letter left out, put in, changed, or
     * two in the wrong order. Nothing if none or several are, or if the word is too short to tell.
     */
    static Optional<String> near(String typed, Collection<String> known) {
        List<String> nearest = nearest(typed, known);
        if (nearest.size() > 1) {
            // The same letters in another order, or one of them twice, are nearer than others.
            nearest.removeIf(
                    word -> !sorted(word).equals(sorted(typed)) && !single(word).equals(single(typed)));
        }
        return nearest.size() == 1 ? Optional.of(nearest.get(0)) : Optional.empty();
    }

    /** All of these words that are as few slips away from what was typed as any is; none where that is too many. */
    static List<String> nearest(String typed, Collection<String> known) {
        List<String> nearest = new ArrayList<>();
        if (typed.length() < SHORTEST) {
            return nearest;
        }
        int most = typed.length() >= LONG ? 2 : 1;
        int least = most + 1;
        for (String word : known) {
            boolean may = word.length() >= SHORTEST_KNOWN
                    && Math.abs(word.length() - typed.length()) <= most
                    && word.charAt(0) == typed.charAt(0);
            int slips = may ? slips(typed, word, most) : most + 1;
            if (slips < least) {
                least = slips;
                nearest.clear();
            }
            if (slips == least && slips <= most) {
                nearest.add(word);
            }
        }
        return nearest;
    }

    private static String single(String word) {
        return word.replaceAll("(.)\\1", "$1");
    }

    private static String sorted(String word) {
        return word.chars()
                .sorted()
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** How many slips part two words, or one more than may be. */
    private static int slips(String a, String b, int most) {
        int[][] steps = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                if (i == 0 || j == 0) {
                    steps[i][j] = i + j;
                    continue;
                }
                int changed = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                steps[i][j] = Math.min(steps[i - 1][j - 1] + changed, 1 + Math.min(steps[i - 1][j], steps[i][j - 1]));
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                if (swapped) {
                    steps[i][j] = Math.min(steps[i][j], steps[i - 2][j - 2] + 1);
                }
            }
        }
        return Math.min(most + 1, steps[a.length()][b.length()]);
    }
}
