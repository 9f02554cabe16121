package ironpin.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * A process that knows nothing of Ironpin but the database's address: says what it finds, commits so many times, saying each, and
 * halts where it stands. Rows of several sizes leave room inside the file.
 */
final class CommittingKitchen {
    private static final int ROWS = 40;
    private static final int WIDEST = 9_000;

    private CommittingKitchen() {}

    /** @param args folder, commits */
    public static void main(String[] args) throws SQLException {
        String url = new DataFolder(Path.of(args[0]).toAbsolutePath()).url();
        try (Connection connection = DriverManager.getConnection(url, "ironpin", "");
                Statement statement = connection.createStatement()) {
            // As after a long evening: old room may be used again at once.
            statement.execute("set retention_time 50");
            statement.execute(
                    "create table if not exists said (id int primary key, n int not null, what varchar not null)");
            int found = found(statement);
            System.out.println("found " + found);
            try (PreparedStatement write = connection.prepareStatement("merge into said values (?, ?, ?)")) {
                for (int n = found + 1; n <= found + Integer.parseInt(args[1]); n++) {
                    write.setInt(1, n % ROWS);
                    write.setInt(2, n);
                    write.setString(3, "x".repeat((n * 7919) % WIDEST));
                    write.executeUpdate();
                    statement.execute("checkpoint sync");
                    System.out.println(n);
                    System.out.flush();
                }
            }
            Runtime.getRuntime().halt(137);
        }
    }

    private static int found(Statement statement) throws SQLException {
        try (ResultSet row = statement.executeQuery("select coalesce(max(n), 0) from said")) {
            row.next();
            return row.getInt(1);
        }
    }
}
