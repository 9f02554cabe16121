package ironpin.store;

import ironpin.wording.Typed;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.UUID;
import org.jooq.Field;
import org.jooq.JSON;
import org.jooq.Record;
import org.jooq.Table;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A row of the database as a line of JSON: a property for each column that holds something, named like it. */
final class ArchivedRow {
    private static final JsonMapper JSON_LINES = JsonMapper.shared();

    private static final int FIRST_YEAR = 1970;
    private static final int LAST_YEAR = 2199;

    private ArchivedRow() {}

    static ObjectNode written(Record row) {
        ObjectNode line = JSON_LINES.createObjectNode();
        for (Field<?> column : row.fields()) {
            Object value = row.get(column);
            if (value != null && !(value instanceof byte[])) {
                line.set(property(column), written(value));
            }
        }
        return line;
    }

    private static JsonNode written(Object value) {
        if (value instanceof JSON json) {
            return JSON_LINES.readTree(json.data());
        }
        if (value instanceof OffsetDateTime time) {
            return JSON_LINES.valueToTree(time.toInstant().toString());
        }
        return value instanceof Number || value instanceof Boolean
                ? JSON_LINES.valueToTree(value)
                : JSON_LINES.valueToTree(value.toString());
    }

    /** What is the same of this row in whatever kitchen it stands, as text. */
    static String sameAnywhere(Record row, Table<?> table) {
        ObjectNode line = written(row);
        for (Field<?> column : row.fields()) {
            if (Archived.place(column, table)) {
                line.remove(property(column));
            }
        }
        return line.toString();
    }

    static String property(Field<?> column) {
        return column.getName().toLowerCase(Locale.ROOT);
    }

    /**
     * A row as it was written; what is not said is left to the database. Columns nobody knows are refused: what they said would be lost.
     *
     * @throws IllegalArgumentException with what is wrong with it
     */
    static Record read(Table<?> table, String text) {
        JsonNode line = JSON_LINES.readTree(text);
        if (!line.isObject()) {
            throw new IllegalArgumentException("it is not one row");
        }
        Record row = table.newRecord();
        for (String name : line.propertyNames()) {
            Field<?> column = table.field(name.toUpperCase(Locale.ROOT));
            if (column == null || !property(column).equals(name)) {
                throw new IllegalArgumentException("nothing here is called '" + Typed.name(name) + "'");
            }
            set(row, column, line.get(name));
        }
        return row;
    }

    private static <T> void set(Record row, Field<T> column, JsonNode said) {
        row.set(column, column.getType().cast(value(column, said)));
    }

    private static Object value(Field<?> column, JsonNode said) {
        Class<?> type = column.getType();
        try {
            if (type == Long.class && said.isIntegralNumber() && said.canConvertToLong()) {
                return said.longValue();
            }
            if (type == Integer.class && said.isInt()) {
                return said.intValue();
            }
            if (type == Double.class && said.isNumber() && Double.isFinite(said.doubleValue())) {
                return said.doubleValue();
            }
            if (type == Boolean.class && said.isBoolean()) {
                return said.booleanValue();
            }
            if (type == JSON.class && said.isObject()) {
                return JSON.valueOf(said.toString());
            }
            if (said.isString()) {
                return ofText(type, said.stringValue());
            }
        } catch (DateTimeException | IllegalArgumentException odd) {
            throw new IllegalArgumentException(property(column) + " cannot be read", odd);
        }
        throw new IllegalArgumentException(property(column) + " cannot be read");
    }

    private static Object ofText(Class<?> type, String text) {
        if (type == String.class) {
            return Typed.clean(text);
        }
        if (type == UUID.class) {
            return UUID.fromString(text);
        }
        if (type == OffsetDateTime.class) {
            OffsetDateTime time = Instant.parse(text).atOffset(ZoneOffset.UTC);
            demandOurs(time.getYear());
            return time;
        }
        if (type == LocalDateTime.class) {
            LocalDateTime time = LocalDateTime.parse(text);
            demandOurs(time.getYear());
            return time;
        }
        if (type == LocalDate.class) {
            LocalDate day = LocalDate.parse(text);
            demandOurs(day.getYear());
            return day;
        }
        throw new IllegalArgumentException("no text");
    }

    private static void demandOurs(int year) {
        if (year < FIRST_YEAR || year > LAST_YEAR) {
            throw new IllegalArgumentException("a time lies in " + FIRST_YEAR + " to " + LAST_YEAR);
        }
    }
}
