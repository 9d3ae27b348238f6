package gatepin.web.upgrade;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Set;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * What the application's own account may do, table by table: it adds to the log and to what was measured, and can neither change
 * these nor take from them; the list of what was done to the tables is none of its business.
 */
final class Grants {
    private static final String ACCOUNT = "'gatepin_app'@'127.0.0.1'";
    private static final Set<String> ONLY_ADDED_TO = Set.of(
            "log_entry", "capacitor_reading", "ohm_reading", "start_trial", "check_entry", "job_event", "paper_taken");
    private static final Set<String> NEVER_TAKEN_FROM = Set.of("capacitor", "job", "machine", "shop", "person");
    /** The server's numbers for a grant that is not there: on a database, on a table. */
    private static final Set<Integer> NO_SUCH_GRANT = Set.of(1141, 1147);

    private static final String HISTORY_OF_TABLES = "flyway_schema_history";

    private Grants() {}

    /** Gives them, as the owner of the tables. */
    static void give(DataSource owner) {
        JdbcTemplate jdbc = new JdbcTemplate(owner);
        JdbcClient client = JdbcClient.create(owner);
        String schema = client.sql("select database()").query(String.class).single();
        // what an earlier version gave
        revoke(jdbc, "revoke select, insert, update, delete on `" + schema + "`.* from " + ACCOUNT);
        for (String table : tables(client)) {
            revoke(jdbc, "revoke all privileges on `" + table + "` from " + ACCOUNT);
            if (!table.equals(HISTORY_OF_TABLES)) {
                jdbc.execute("grant " + allowed(table) + " on `" + table + "` to " + ACCOUNT);
            }
        }
    }

    private static void revoke(JdbcTemplate jdbc, String sql) {
        jdbc.execute((Connection c) -> {
            try (Statement statement = c.createStatement()) {
                statement.execute(sql);
            } catch (SQLException e) {
                if (!NO_SUCH_GRANT.contains(e.getErrorCode())) {
                    throw e;
                }
            }
            return true;
        });
    }

    private static List<String> tables(JdbcClient client) {
        return client.sql("select table_name from information_schema.tables"
                        + " where table_schema = database() and table_type = 'BASE TABLE'")
                .query(String.class)
                .list();
    }

    private static String allowed(String table) {
        if (ONLY_ADDED_TO.contains(table)) {
            return "select, insert";
        }
        return NEVER_TAKEN_FROM.contains(table) ? "select, insert, update" : "select, insert, update, delete";
    }
}
