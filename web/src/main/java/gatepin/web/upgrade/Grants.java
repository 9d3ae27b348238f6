package gatepin.web.upgrade;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * What the application's own account may do, table by table: it adds to the log and can neither change it nor take from it, and the list
 * of what was done to the tables is none of its business.
 */
final class Grants {
    private static final String ACCOUNT = "'gatepin_app'@'127.0.0.1'";
    private static final Set<String> ONLY_ADDED_TO = Set.of("log_entry");
    /** The server's number for a grant that is not there. */
    private static final int NO_SUCH_GRANT = 1141;

    private static final String HISTORY_OF_TABLES = "flyway_schema_history";

    private Grants() {}

    /** Gives them, as the owner of the tables. */
    static void give(DataSource owner) {
        JdbcTemplate jdbc = new JdbcTemplate(owner);
        jdbc.execute((Connection c) -> {
            try (Statement statement = c.createStatement()) {
                // an account made by an earlier version had everything
                statement.execute("revoke select, insert, update, delete on " + c.getCatalog() + ".* from " + ACCOUNT);
            } catch (SQLException e) {
                if (e.getErrorCode() != NO_SUCH_GRANT) {
                    throw e;
                }
            }
            return true;
        });
        for (String grant : grants(JdbcClient.create(owner))) {
            jdbc.execute(grant);
        }
    }

    private static List<String> grants(JdbcClient jdbc) {
        List<String> grants = new ArrayList<>();
        List<String> tables = jdbc.sql("select table_name from information_schema.tables"
                        + " where table_schema = database() and table_type = 'BASE TABLE'")
                .query(String.class)
                .list();
        for (String table : tables) {
            if (!table.equals(HISTORY_OF_TABLES)) {
                String may = ONLY_ADDED_TO.contains(table) ? "select, insert" : "select, insert, update, delete";
                grants.add("grant " + may + " on `" + table + "` to " + ACCOUNT);
            }
        }
        return grants;
    }
}
