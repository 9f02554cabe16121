package ironpin.store;

import ironpin.quantity.Dimension;
import ironpin.quantity.Quantity;
import ironpin.quantity.Sentence;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;

/**
 * Labels were text in which a quantity stood as a mark: a letter for its dimension, a digit each for its form and decimals, and the
 * number, between two characters that nobody types. They become {@link Labels}.
 */
final class LabelsAsSentences implements JavaMigration {
    private static final Pattern MARK = Pattern.compile("\uE000([a-z])([0-4])([0-9])([^\uE000\uE001]+)\uE001");
    private static final Map<String, Dimension> DIMENSIONS = Map.of(
            "m", Dimension.MASS,
            "t", Dimension.TEMPERATURE,
            "l", Dimension.LENGTH,
            "v", Dimension.VOLUME,
            "r", Dimension.MASS_PER_LENGTH);
    private static final String STRAY = "[\uE000\uE001]";

    @Override
    public void migrate(Context context) throws SQLException {
        rewrite(context.getConnection(), "revision", "label", "batch_id", "no");
        rewrite(context.getConnection(), "bag", "cooking", "id", "id");
    }

    /** @param key that a row is found by, with the other */
    private static void rewrite(Connection kitchen, String table, String column, String key, String other)
            throws SQLException {
        String read = "select " + column + ", " + key + ", " + other + " from " + table;
        String write = "update " + table + " set " + column + " = ? where " + key + " = ? and " + other + " = ?";
        try (Statement select = kitchen.createStatement();
                ResultSet old = select.executeQuery(read);
                PreparedStatement update = kitchen.prepareStatement(write)) {
            while (old.next()) {
                update.setString(1, Labels.written(sentence(old.getString(1))));
                update.setLong(2, old.getLong(2));
                update.setLong(3, old.getLong(3));
                update.addBatch();
            }
            update.executeBatch();
        }
    }

    /** What somebody's name happened to look like is left as words. */
    static Sentence sentence(String marked) {
        List<Object> parts = new ArrayList<>();
        Matcher mark = MARK.matcher(marked);
        int from = 0;
        while (mark.find()) {
            parts.add(marked.substring(from, mark.start()).replaceAll(STRAY, ""));
            parts.add(quantity(mark));
            from = mark.end();
        }
        parts.add(marked.substring(from).replaceAll(STRAY, ""));
        return Sentence.of(parts.toArray());
    }

    private static Object quantity(Matcher mark) {
        Dimension dimension = DIMENSIONS.get(mark.group(1));
        try {
            return dimension == null
                    ? mark.group(4)
                    : new Quantity(
                            dimension,
                            Quantity.Form.values()[Integer.parseInt(mark.group(2))],
                            Double.parseDouble(mark.group(4)),
                            Integer.parseInt(mark.group(3)));
        } catch (NumberFormatException notOurs) {
            return mark.group(4);
        }
    }

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("7");
    }

    @Override
    public String getDescription() {
        return "labels as sentences";
    }

    @Override
    public Integer getChecksum() {
        return 1;
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }
}
