package ironpin.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * What is said in how many situations, at and around every edge: {@code sentences.txt} holds a situation on a line and below it
 * the sentences that were read by a person and found true, each with its saying and its level.
 */
public class SentencesTest {
    private static final int FEWEST_SITUATIONS = 150;

    @DataProvider
    Object[][] situations() {
        return table().entrySet().stream()
                .map(one -> new Object[] {one.getKey(), one.getValue()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "situations")
    public void saysWhatIsTrue(String situation, List<String> expected) {
        List<String> said =
                Situation.said(situation).stream().map(SituationTable::row).toList();
        Set<String> sayings = new TreeSet<>();
        for (String row : expected) {
            assertTrue(said.contains(row), situation + "\nsays not: " + row + "\nbut: " + String.join("\n     ", said));
            sayings.add(row.split(" ")[0]);
        }
        // Of what is looked at, nothing else is said.
        List<String> others = said.stream()
                .filter(row -> sayings.contains(row.split(" ")[0]) && !expected.contains(row))
                .toList();
        assertEquals(others, List.of(), situation);
    }

    /** A finding that nobody reads fails here: write a situation in which it is said. */
    @Test
    public void everySayingHasASituation() {
        Map<String, List<String>> table = table();
        Set<Saying> missing = EnumSet.allOf(Saying.class);
        table.values().forEach(rows -> rows.forEach(row -> missing.remove(Saying.valueOf(row.split(" ")[0]))));
        assertEquals(missing, Set.of(), "said in no situation");
        assertTrue(table.size() >= FEWEST_SITUATIONS, table.size() + " situations");
        assertTrue(table.values().stream().noneMatch(List::isEmpty), "a situation of which nothing is expected");
    }

    private static Map<String, List<String>> table() {
        Map<String, List<String>> table = new LinkedHashMap<>();
        String situation = "";
        try (InputStream in = SentencesTest.class.getResourceAsStream("sentences.txt")) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                if (line.startsWith(" ")) {
                    table.get(situation).add(line.strip());
                } else if (!line.isBlank()) {
                    situation = line.strip();
                    assertTrue(table.put(situation, new ArrayList<>()) == null, "twice: " + situation);
                }
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return table;
    }
}
