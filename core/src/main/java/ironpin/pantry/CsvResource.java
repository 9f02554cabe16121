package ironpin.pantry;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Reference tables beside a class: a header line, then plain comma-separated cells without quoting. */
public final class CsvResource {
    private CsvResource() {}

    /** The rows of a table, each by its column. @throws IllegalStateException if it is missing or a row is short */
    public static List<Map<String, String>> rows(Class<?> beside, String name) {
        return rows(beside, name, ",");
    }

    /** The same of a table whose cells are parted by another sign, which none of them holds. */
    public static List<Map<String, String>> rows(Class<?> beside, String name, String sign) {
        try (InputStream in = beside.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("the table " + name + " is missing");
            }
            BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
            String[] header = lines.readLine().split(sign);
            List<Map<String, String>> rows = new ArrayList<>();
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                rows.add(row(name, header, line.split(sign, -1)));
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, String> row(String name, String[] header, String[] cells) {
        if (cells.length != header.length) {
            throw new IllegalStateException("a row of " + name + " has " + cells.length + " cells");
        }
        Map<String, String> row = new HashMap<>();
        for (int i = 0; i < cells.length; i++) {
            row.put(header[i], cells[i]);
        }
        return row;
    }
}
