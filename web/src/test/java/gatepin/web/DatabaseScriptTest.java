package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What the database's start script makes of a bad end of the run before. */
@Tag("alone")
class DatabaseScriptTest {
    /** Who owns nothing but what the server needs. */
    private static final int NOBODY_ELSE = 64788;

    @Test
    void aServerThatWasKilledOrLeftOverIsNoHindrance() throws Exception {
        RunningDatabase database = RunningDatabase.startNew("script");
        assertThat(answers(database)).isTrue();

        long first = database.process().pid();
        database.process().destroyForcibly();
        database.start();
        assertThat(answers(database)).as("after a kill").isTrue();
        assertThat(database.process().pid()).isNotEqualTo(first);

        long second = database.process().pid();
        database.start();
        assertThat(answers(database)).as("with one left over").isTrue();
        assertThat(isRunning(second)).as("the one left over").isFalse();

        database.stop();
        Path half = Files.createDirectories(database.folder().resolve("data.new.1"));
        Files.writeString(half.resolve("ibdata1"), "half a data folder");
        Files.delete(database.folder().resolve("port"));
        database.start();
        assertThat(answers(database)).as("after half a start").isTrue();
        database.stop();
        assertThat(Files.exists(database.folder().resolve("mariadb.pid"))).isFalse();
    }

    /** A server that starts clears away temporary tables in its folder for them, those of another server too. */
    @Test
    void oneServersStartLeavesTheTemporaryTablesOfAnotherAlone() throws Exception {
        RunningDatabase first = RunningDatabase.startNew("tables-one");
        Path table = Path.of(temporaryFolder(first)).resolve("#sql-temptable-1-2-3.MAI");
        Files.writeString(table, "a temporary table in use");

        RunningDatabase second = RunningDatabase.startNew("tables-two");

        assertThat(table).exists();
        assertThat(Path.of(temporaryFolder(second))).isNotEqualTo(table.getParent());
        second.stop();
        first.stop();
    }

    @Test
    void passwordsAreForTheOwnerOnly() throws Exception {
        RunningDatabase database = RunningDatabase.startNew("secrets");

        assertThat(Files.getPosixFilePermissions(database.folder().resolve("secrets")))
                .isEqualTo(java.nio.file.attribute.PosixFilePermissions.fromString("rw-------"));
        database.stop();
    }

    @Test
    void theServerHasNoMoreRightsThanItNeedsAndItsFolderServesWhoeverStartsIt() throws Exception {
        // one that others can pass through; where not even root's server may be another user, it stays root's
        RunningDatabase database = RunningDatabase.startNew("rights", Path.of("/tmp"));
        Path project = RunningDatabase.projectRoot().resolve("scripts");
        int me = (int) Files.getAttribute(Path.of("/proc/self"), "unix:uid");
        int owner = (int) Files.getAttribute(project, "unix:uid");

        for (int start = 0; start < 2; start++) {
            Path server = Path.of("/proc/" + database.process().pid());
            assertThat(Files.getAttribute(server, "unix:uid"))
                    .as("start %d", start)
                    .isEqualTo(me != 0 ? me : owner != 0 ? owner : NOBODY_ELSE);
            assertThat(answers(database)).isTrue();
            database.start();
        }
        database.stop();
    }

    /** One that has ended and only waits to be buried does not run. */
    private static boolean isRunning(long pid) throws IOException {
        Path stat = Path.of("/proc/" + pid + "/stat");
        return Files.exists(stat) && !Files.readString(stat).contains(") Z ");
    }

    private static boolean answers(RunningDatabase database) throws Exception {
        try (Connection connection = connection(database)) {
            return connection.isValid(3);
        }
    }

    private static String temporaryFolder(RunningDatabase database) throws Exception {
        try (Connection connection = connection(database);
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select @@tmpdir")) {
            row.next();
            return row.getString(1);
        }
    }

    private static Connection connection(RunningDatabase database) throws SQLException {
        Map<String, String> environment = database.environment();
        return DriverManager.getConnection(
                "jdbc:mariadb://127.0.0.1:" + environment.get("GATEPIN_DB_PORT") + "/gatepin",
                "gatepin_owner",
                environment.get("GATEPIN_DB_OWNER_PASSWORD"));
    }
}
