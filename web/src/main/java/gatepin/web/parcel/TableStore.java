package gatepin.web.parcel;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * Which tables hold what belongs to one job, by the database's own foreign keys: a table that a later version adds is carried along
 * without being named here.
 */
@Repository
class TableStore {
    /** Where a job begins. */
    private static final String FIRST = "machine";
    /** What belongs to a shop or to a person, and is there already where a job comes in. */
    private static final Set<String> OF_THE_SHOP = Set.of(
            "shop",
            "person",
            "shop_outlet",
            "meter",
            "switch_device",
            "switch_terminal",
            "switch_contact",
            "switch_link");

    /** What is kept as a whole travels among the facts; how often it was saved there means nothing here. */
    private static final Set<String> NOT_AS_ROWS = Set.of("job_part", "motor_part", "part_version");

    /** What had rows of its own in an earlier version, and is kept as a whole since: its facts say the same. */
    private static final Set<String> ONCE_ROWS = Set.of(
            "part_version",
            "found_record",
            "found_wire",
            "cable_lengths",
            "job_supply",
            "plan_wish",
            "rotation_plan",
            "drive_stage",
            "reverse_hazard",
            "motor_rating",
            "plate_trace",
            "lead_wire",
            "lead_end",
            "connection",
            "connection_lead",
            "stud",
            "board_layout",
            "board_link",
            "board_lead");

    /** The same of columns: what a motor's plate says. */
    private static final Set<String> ONCE_COLUMNS = Set.of(
            "output",
            "output_unit",
            "hertz",
            "rpm",
            "family",
            "code_letter",
            "start_microfarads",
            "run_microfarads",
            "plate_text",
            "plate_read");

    private final JdbcClient jdbc;
    private final Flyway flyway;

    TableStore(JdbcClient jdbc, Flyway flyway) {
        this.jdbc = jdbc;
        this.flyway = flyway;
    }

    /** What a column holds. */
    enum Holds {
        NUMBER,
        FRACTION,
        TRUTH,
        TEXT,
        MOMENT,
        PICTURE
    }

    /**
     * A column.
     *
     * @param optional it may hold nothing, or the database has a value for where nothing is said
     * @param counted the database makes its value
     */
    record Column(String name, Holds holds, boolean optional, boolean counted) {}

    /** A column that holds what a column of another table holds. */
    record Reference(String column, String toTable, String toColumn) {}

    /** A table with its columns and where they point to. */
    record Table(String name, List<Column> columns, List<Reference> references) {
        Optional<Column> column(String wanted) {
            return columns.stream().filter(c -> c.name().equals(wanted)).findFirst();
        }

        List<Reference> from(String column) {
            return references.stream().filter(r -> r.column().equals(column)).toList();
        }
    }

    /** The version of the tables. */
    int version() {
        return Integer.parseInt(flyway.info().current().getVersion().getVersion());
    }

    /** The tables of a job, each after those that it points to. */
    List<Table> tables() {
        Map<String, Table> all = all();
        Set<String> reached = new LinkedHashSet<>(List.of(FIRST));
        boolean more = true;
        while (more) {
            more = false;
            for (Table table : all.values()) {
                boolean points = table.references().stream().anyMatch(r -> reached.contains(r.toTable()));
                more |= points
                        && !OF_THE_SHOP.contains(table.name())
                        && !NOT_AS_ROWS.contains(table.name())
                        && reached.add(table.name());
            }
        }
        List<Table> ordered = new ArrayList<>();
        Set<String> placed = new LinkedHashSet<>();
        while (ordered.size() < reached.size()) {
            Table next = reached.stream()
                    .filter(n -> !placed.contains(n))
                    .map(all::get)
                    .filter(t -> t.references().stream()
                            .allMatch(r -> placed.contains(r.toTable()) || !reached.contains(r.toTable())))
                    .min(Comparator.comparing(Table::name))
                    .orElseThrow(() -> new IllegalStateException("tables point to each other in a circle"));
            ordered.add(next);
            placed.add(next.name());
        }
        return ordered;
    }

    /** Whether a file of an earlier version may have rows of that name which are no longer asked for. */
    static boolean wereRows(String table) {
        return ONCE_ROWS.contains(table);
    }

    /** The same of a column. */
    static boolean wasColumn(String table, String column) {
        return table.equals("motor") && ONCE_COLUMNS.contains(column);
    }

    /** A job points to its plan, and the plan to its job: the plan is named once both are there. */
    static boolean isSetLater(String table, String column) {
        return table.equals("job") && column.equals("plan_id");
    }

    private Map<String, Table> all() {
        Map<String, List<Column>> columns = new LinkedHashMap<>();
        jdbc.sql(
                        "select table_name, column_name, data_type, column_type, is_nullable, extra, column_default is not null"
                                + " from information_schema.columns where table_schema = database()"
                                + " and is_generated = 'NEVER' order by table_name, ordinal_position")
                .query(row -> {
                    columns.computeIfAbsent(row.getString(1), k -> new ArrayList<>())
                            .add(new Column(
                                    row.getString(2),
                                    holds(row.getString(3), row.getString(4)),
                                    row.getString(5).equals("YES") || row.getBoolean(7),
                                    row.getString(6).contains("auto_increment")));
                });
        Map<String, List<Reference>> references = new LinkedHashMap<>();
        jdbc.sql("select table_name, column_name, referenced_table_name, referenced_column_name"
                        + " from information_schema.key_column_usage"
                        + " where table_schema = database() and referenced_table_name is not null"
                        + " order by table_name, constraint_name, ordinal_position")
                .query(row -> {
                    if (!(row.getString(1).equals("job") && row.getString(3).equals("plan"))) {
                        references
                                .computeIfAbsent(row.getString(1), k -> new ArrayList<>())
                                .add(new Reference(row.getString(2), row.getString(3), row.getString(4)));
                    }
                });
        Map<String, Table> tables = new LinkedHashMap<>();
        columns.forEach((name, its) ->
                tables.put(name, new Table(name, its, references.getOrDefault(name, List.of()))));
        return tables;
    }

    private static Holds holds(String type, String columnType) {
        return switch (type) {
            case "tinyint" -> columnType.startsWith("tinyint(1)") ? Holds.TRUTH : Holds.NUMBER;
            case "smallint", "mediumint", "int", "bigint" -> Holds.NUMBER;
            case "decimal", "double", "float" -> Holds.FRACTION;
            case "timestamp", "datetime" -> Holds.MOMENT;
            case "blob", "mediumblob", "longblob" -> Holds.PICTURE;
            default -> Holds.TEXT;
        };
    }
}
