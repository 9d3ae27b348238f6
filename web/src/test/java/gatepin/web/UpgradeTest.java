package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** New versions on old data: a copy first, a way back, nothing newer touched, and an account that may do no more than it needs. */
@Tag("alone")
class UpgradeTest {
    private final RunningDatabase database = RunningDatabase.startNew("upgrade");

    private ConfigurableApplicationContext run(String... settings) {
        return RunningGatePin.on(database, settings);
    }

    private Connection as(String user, String password) throws SQLException {
        Map<String, String> environment = database.environment();
        return DriverManager.getConnection(
                "jdbc:mariadb://127.0.0.1:" + environment.get("GATEPIN_DB_PORT") + "/gatepin",
                user,
                environment.get(password));
    }

    private Connection owner() throws SQLException {
        return as("gatepin_owner", "GATEPIN_DB_OWNER_PASSWORD");
    }

    private static void does(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    /** Every table with a checksum of all its rows. */
    private Map<String, Long> tables() throws SQLException {
        Map<String, Long> sums = new TreeMap<>();
        try (Connection connection = owner();
                Statement statement = connection.createStatement();
                ResultSet names = statement.executeQuery("show full tables where table_type = 'BASE TABLE'")) {
            while (names.next()) {
                try (Statement sum = connection.createStatement();
                        ResultSet row = sum.executeQuery("checksum table `" + names.getString(1) + "`")) {
                    row.next();
                    sums.put(names.getString(1), row.getLong(2));
                }
            }
        }
        return sums;
    }

    /** A later version whose change of the tables goes wrong after its first half. */
    private Path badChange(String sql) throws IOException {
        Path folder = Files.createDirectories(database.folder().resolve("later"));
        Files.writeString(folder.resolve("V99__later.sql"), sql);
        return folder;
    }

    @Test
    void aChangeThatFailsOrIsCutOffLeavesEverythingAsItWas() throws Exception {
        run().close();
        Map<String, Long> before = tables();
        assertThat(before).hasSizeGreaterThan(30);

        Path later = badChange("create table half_done (id int);\ndelete from pin;\nalter table nowhere add x int;\n");
        String both = "spring.flyway.locations=classpath:db/migration,filesystem:" + later;
        assertThatThrownBy(() -> run(both)).rootCause().isInstanceOf(SQLException.class);
        assertThat(tables()).as("a change that failed halfway").isEqualTo(before);

        List<Path> copies;
        try (Stream<Path> files = Files.list(database.folder().resolve("backup"))) {
            copies = files.toList();
        }
        assertThat(copies)
                .singleElement()
                .satisfies(copy -> assertThat(Files.getPosixFilePermissions(copy))
                        .isEqualTo(PosixFilePermissions.fromString("rw-------")));

        // as if the computer had gone off between the copy and the end of the change
        try (Connection owner = owner()) {
            does(owner, "create table half_done (id int)");
            does(owner, "delete from pin");
        }
        Files.writeString(
                database.folder().resolve("backup/changing"), copies.get(0).toString());
        run().close();
        assertThat(tables()).as("a change that was cut off").isEqualTo(before);
        assertThat(database.folder().resolve("backup/changing")).doesNotExist();
    }

    @Test
    void dataOfANewerVersionIsLeftAlone() throws Exception {
        run().close();
        try (Connection owner = owner()) {
            does(
                    owner,
                    "insert into flyway_schema_history (installed_rank, version, description, type, script, installed_by,"
                            + " execution_time, success) values (999, '99', 'later', 'SQL', 'V99__later.sql', 'x', 1, true)");
        }
        Map<String, Long> before = tables();

        assertThatThrownBy(this::run)
                .hasStackTraceContaining("This data was written by a newer Gate Pin: its tables are of version 99");
        assertThat(tables()).isEqualTo(before);
    }

    @Test
    void theApplicationsAccountAddsToTheLogAndNoMore() throws Exception {
        try (Connection owner = owner()) {
            // what an earlier version gave
            does(owner, "grant select, insert, update, delete on gatepin.* to 'gatepin_app'@'127.0.0.1'");
        }
        run().close();

        try (Connection app = as("gatepin_app", "GATEPIN_DB_APP_PASSWORD")) {
            does(app, "select count(*) from log_entry");
            does(app, "update machine set name = name");
            for (String forbidden : List.of(
                    "update log_entry set id = id",
                    "delete from log_entry",
                    "update capacitor_reading set volts = 0",
                    "delete from ohm_reading",
                    "delete from capacitor",
                    "delete from job",
                    "select * from flyway_schema_history",
                    "delete from flyway_schema_history",
                    "drop table machine",
                    "create table own (id int)",
                    "alter table machine add column x int",
                    "select * from mysql.user")) {
                assertThatThrownBy(() -> does(app, forbidden)).as(forbidden).hasMessageContaining("denied");
            }
        }
    }
}
