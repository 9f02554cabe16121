package ironpin.clock;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whole days of work, read line by line: what is done when, by whom, after what, with which masses and timers. */
public class DayTableTest {
    @DataProvider
    public Object[][] days() throws IOException {
        Map<String, List<String>> days = new LinkedHashMap<>();
        List<String> rows = List.of();
        try (InputStream text = DayTableTest.class.getResourceAsStream("day.txt")) {
            for (String line : new String(text.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList()) {
                if (line.startsWith("  ")) {
                    rows.add(line.strip());
                } else {
                    rows = new ArrayList<>();
                    days.put(line, rows);
                }
            }
        }
        return days.entrySet().stream()
                .map(day -> new Object[] {day.getKey(), day.getValue()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "days")
    public void aDayIsAsItWasRead(String situation, List<String> rows) {
        assertEquals(DayTable.rows(situation), rows);
    }
}
