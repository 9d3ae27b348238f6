package gatepin.web.parcel;

import gatepin.web.parcel.TableStore.Column;
import gatepin.web.parcel.TableStore.Reference;
import gatepin.web.parcel.TableStore.Table;
import gatepin.web.sql.NewRow;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcOperations;
import org.springframework.jdbc.core.namedparam.SqlParameterSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import org.springframework.stereotype.Repository;

/** Rows of the tables of a job, as they are. Names of tables and columns are the database's own, never those of a file. */
@Repository
class RowStore {
    private final JdbcClient jdbc;
    private final NamedParameterJdbcOperations batch;

    RowStore(JdbcClient jdbc, NamedParameterJdbcOperations batch) {
        this.jdbc = jdbc;
        this.batch = batch;
    }

    /** The machine of a job. */
    long machine(long job) {
        return jdbc.sql("select machine_id from job where id = :id")
                .param("id", job)
                .query(Long.class)
                .single();
    }

    /** The job of a machine. */
    long job(long machine) {
        return jdbc.sql("select id from job where machine_id = :id")
                .param("id", machine)
                .query(Long.class)
                .single();
    }

    /**
     * The rows of a table that hang on rows already taken.
     *
     * @param taken the rows of the tables before, by table
     */
    List<Map<String, @Nullable Object>> rows(
            Table table, Map<String, List<Map<String, @Nullable Object>>> taken, long machine) {
        Optional<Reference> by = table.references().stream()
                .filter(r -> taken.containsKey(r.toTable()) && !r.column().equals("shop_id"))
                .min(Comparator.comparing(
                        r -> r.toColumn().equals("id") || r.toColumn().equals("job_id") ? 0 : 1));
        String order = table.columns().stream().map(Column::name).collect(Collectors.joining(", "));
        if (by.isEmpty()) {
            return jdbc.sql("select * from " + table.name() + " where id = :id order by " + order)
                    .param("id", machine)
                    .query((row, n) -> row(table, row))
                    .list();
        }
        Reference reference = by.orElseThrow();
        Collection<@Nullable Object> values = taken.getOrDefault(reference.toTable(), List.of()).stream()
                .map(r -> r.get(reference.toColumn()))
                .distinct()
                .toList();
        return values.isEmpty()
                ? List.of()
                : jdbc.sql("select * from " + table.name() + " where " + reference.column() + " in (:values) order by "
                                + order)
                        .param("values", values)
                        .query((row, n) -> row(table, row))
                        .list();
    }

    private static Map<String, @Nullable Object> row(Table table, ResultSet row) throws SQLException {
        Map<String, @Nullable Object> values = new LinkedHashMap<>();
        for (Column column : table.columns()) {
            values.put(column.name(), value(column, row));
        }
        return values;
    }

    private static @Nullable Object value(Column column, ResultSet row) throws SQLException {
        Object value = switch (column.holds()) {
            case NUMBER -> row.getLong(column.name());
            case FRACTION ->
                row.getObject(column.name()) instanceof BigDecimal exact
                        ? exact
                        : (Object) row.getDouble(column.name());
            case TRUTH -> row.getBoolean(column.name());
            case TEXT -> row.getString(column.name());
            case MOMENT ->
                Optional.ofNullable(row.getTimestamp(column.name()))
                        .map(Timestamp::toInstant)
                        .orElse(Instant.EPOCH);
            case PICTURE -> row.getBytes(column.name());
        };
        return row.wasNull() || value == null ? null : value;
    }

    /** Puts a row in; gives the key that the database made, where it makes one. */
    Optional<Long> insert(Table table, Map<String, @Nullable Object> row) {
        StatementSpec insert = jdbc.sql(insertion(table, row.keySet())).params(stored(row));
        if (table.columns().stream().anyMatch(Column::counted)) {
            return Optional.of(NewRow.key(insert));
        }
        insert.update();
        return Optional.empty();
    }

    /** Puts rows of the same columns in, at one go, for which nobody asks their keys. */
    void insertAll(Table table, List<Map<String, @Nullable Object>> all) {
        if (!all.isEmpty()) {
            batch.batchUpdate(
                    insertion(table, all.get(0).keySet()),
                    all.stream().map(r -> new MapSqlParameterSource(stored(r))).toArray(SqlParameterSource[]::new));
        }
    }

    private static String insertion(Table table, Collection<String> columns) {
        return "insert into " + table.name() + " (" + String.join(", ", columns) + ") values ("
                + columns.stream().map(c -> ":" + c).collect(Collectors.joining(", ")) + ")";
    }

    private static Map<String, @Nullable Object> stored(Map<String, @Nullable Object> row) {
        Map<String, @Nullable Object> stored = new LinkedHashMap<>();
        row.forEach((column, value) ->
                stored.put(column, value instanceof Instant moment ? Timestamp.from(moment) : value));
        return stored;
    }

    void setPlan(long job, long plan) {
        jdbc.sql("update job set plan_id = :plan where id = :job")
                .param("plan", plan)
                .param("job", job)
                .update();
    }

    boolean isMachine(long shop, String name) {
        return !jdbc.sql("select id from machine where shop_id = :shop and name = :name")
                .param("shop", shop)
                .param("name", name)
                .query(Long.class)
                .list()
                .isEmpty();
    }

    Map<Long, String> people(Collection<Long> ids) {
        return named("select id, name as word from person where id in (:ids)", ids);
    }

    Map<Long, String> switches(Collection<Long> ids) {
        return named("select id, kind as word from switch_device where id in (:ids)", ids);
    }

    private Map<Long, String> named(String sql, Collection<Long> ids) {
        Map<Long, String> named = new LinkedHashMap<>();
        if (!ids.isEmpty()) {
            jdbc.sql(sql).param("ids", ids).query(row -> {
                named.put(row.getLong("id"), row.getString("word"));
            });
        }
        return named;
    }

    Optional<Long> person(long shop, String name) {
        return jdbc.sql("select id from person where shop_id = :shop and name = :name")
                .param("shop", shop)
                .param("name", name)
                .query(Long.class)
                .optional();
    }
}
