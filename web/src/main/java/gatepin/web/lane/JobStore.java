package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.circuit.Supply;
import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import gatepin.core.supply.Region;
import gatepin.core.words.SentenceText;
import gatepin.web.sql.NewRow;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Jobs and the machines they are about. */
@Repository
public class JobStore {
    private static final String SELECT = """
            select job.id, job.shop_id, machine.name as machine, machine.note, shop.name as shop, shop.region,
                   motor.id as motor_id, job.volts, job.supply_kind, job.switch_id, job.switch_rating,
                   job.plan_id, job.revision
            from job
            join machine on machine.id = job.machine_id
            join motor on motor.machine_id = machine.id
            join shop on shop.id = job.shop_id
            where job.id = :id
            """;

    private final JdbcClient jdbc;
    private final Clock clock;

    JobStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    public Optional<Job> job(long id) {
        return jdbc.sql(SELECT).param("id", id).query(JobStore::job).optional();
    }

    /** Holds the job's row until the transaction ends: nobody else changes the job meanwhile. Gives false when there is no such job. */
    boolean hold(long id) {
        return jdbc.sql("select id from job where id = :id for update")
                .param("id", id)
                .query(Long.class)
                .optional()
                .isPresent();
    }

    private static Job job(ResultSet row, int number) throws SQLException {
        int volts = row.getInt("volts");
        Optional<Integer> knownVolts = row.wasNull() ? Optional.empty() : Optional.of(volts);
        return new Job(
                row.getLong("id"),
                row.getLong("shop_id"),
                row.getString("machine"),
                row.getString("note"),
                row.getString("shop"),
                Region.valueOf(row.getString("region")),
                row.getLong("motor_id"),
                knownVolts,
                Supply.Kind.valueOf(row.getString("supply_kind")),
                optionalLong(row, "switch_id"),
                row.getString("switch_rating"),
                optionalLong(row, "plan_id"),
                row.getInt("revision"));
    }

    private static Optional<Long> optionalLong(ResultSet row, String column) throws SQLException {
        long value = row.getLong(column);
        return row.wasNull() ? Optional.empty() : Optional.of(value);
    }

    /** How often each part was saved. */
    Map<Part<?>, Integer> versions(long jobId) {
        Map<Part<?>, Integer> versions = new HashMap<>();
        jdbc.sql("select part, version from part_version where job_id = :id")
                .param("id", jobId)
                .query(row -> {
                    int version = row.getInt("version");
                    Parts.of(row.getString("part")).ifPresent(p -> versions.put(p, version));
                });
        return versions;
    }

    /** Counts a save of these parts and of the job. */
    void saved(long jobId, Collection<Part<?>> parts) {
        for (Part<?> part : parts) {
            jdbc.sql("insert into part_version (job_id, part, version) values (:id, :part, 1)"
                            + " on duplicate key update version = version + 1")
                    .param("id", jobId)
                    .param("part", part.key())
                    .update();
        }
        jdbc.sql("update job set revision = revision + 1, touched_at = :now where id = :id")
                .param("now", Timestamp.from(clock.instant()))
                .param("id", jobId)
                .update();
    }

    /** Keeps what a job waits for. */
    void waits(long jobId, Sentence waits) {
        jdbc.sql("update job set waits = :waits where id = :id")
                .param("waits", SentenceText.write(waits))
                .param("id", jobId)
                .update();
    }

    /** The jobs that were never asked what they wait for. */
    List<Long> notAsked() {
        return jdbc.sql("select id from job where waits is null")
                .query(Long.class)
                .list();
    }

    /** The machines of all shops whose names begin so, in small letters. */
    public Set<String> machinesCalled(String beginning) {
        return new HashSet<>(
                jdbc.sql("select lower(name) from machine where lower(name) like concat(lower(:beginning), '%')")
                        .param("beginning", beginning)
                        .query(String.class)
                        .list());
    }

    public boolean machineExists(long shopId, String name) {
        return jdbc.sql("select count(*) from machine where shop_id = :shop and lower(name) = lower(:name)")
                        .param("shop", shopId)
                        .param("name", name)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** A machine with an unread motor and a job for it; gives the job's id. */
    public long open(long shopId, String machine, String note, Supply.Kind kind) {
        long machineId = NewRow.key(jdbc.sql("insert into machine (shop_id, name, note) values (:shop, :name, :note)")
                .param("shop", shopId)
                .param("name", machine)
                .param("note", note));
        jdbc.sql("insert into motor (shop_id, machine_id) values (:shop, :machine)")
                .param("shop", shopId)
                .param("machine", machineId)
                .update();
        return NewRow.key(jdbc.sql("insert into job (shop_id, machine_id, supply_kind, touched_at)"
                        + " values (:shop, :machine, :kind, :now)")
                .param("shop", shopId)
                .param("machine", machineId)
                .param("kind", kind.name())
                .param("now", Timestamp.from(clock.instant())));
    }

    /** Sets the voltage. */
    public void setSupply(long jobId, int volts, Supply.Kind kind) {
        jdbc.sql("update job set volts = :volts, supply_kind = :kind where id = :id")
                .param("volts", volts)
                .param("kind", kind.name())
                .param("id", jobId)
                .update();
    }

    /** The voltage is to be chosen anew. */
    public void clearVolts(long jobId) {
        jdbc.sql("update job set volts = null where id = :id")
                .param("id", jobId)
                .update();
    }

    /** Sets the switch and what is stamped on it. */
    public void setSwitch(long jobId, long switchId, String rating) {
        jdbc.sql("update job set switch_id = :switch, switch_rating = :rating where id = :id")
                .param("switch", switchId)
                .param("rating", rating)
                .param("id", jobId)
                .update();
    }

    /** Sets the chosen plan, or takes it away. */
    public void setPlan(long jobId, Optional<Long> planId) {
        jdbc.sql("update job set plan_id = :plan where id = :id")
                .param("plan", planId.orElse(null))
                .param("id", jobId)
                .update();
    }
}
