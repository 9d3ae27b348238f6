package gatepin.web.store;

import gatepin.core.circuit.Supply;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.Region;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Jobs and the machines they are about. */
@Repository
public class JobStore {
    private static final String SELECT = """
            select job.id, job.shop_id, machine.name as machine, machine.note, shop.name as shop, shop.region,
                   motor.id as motor_id, job.volts, job.supply_kind, job.switch_id, job.switch_rating,
                   job.plan_id, job.version
            from job
            join machine on machine.id = job.machine_id
            join motor on motor.machine_id = machine.id
            join shop on shop.id = job.shop_id
            """;

    private final JdbcClient jdbc;

    JobStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A job with the names around it. */
    public record Job(
            long id,
            long shopId,
            String machine,
            String note,
            String shop,
            Region region,
            long motorId,
            Optional<Integer> volts,
            Supply.Kind supplyKind,
            Optional<Long> switchId,
            String switchRating,
            Optional<Long> planId,
            int version) {}

    public Optional<Job> job(long id) {
        return jdbc.sql(SELECT + " where job.id = :id")
                .param("id", id)
                .query(JobStore::job)
                .optional();
    }

    /** All jobs, shop by shop, in the order they were opened. */
    public List<Job> jobs() {
        return jdbc.sql(SELECT + " order by shop.id, job.id")
                .query(JobStore::job)
                .list();
    }

    private static Job job(java.sql.ResultSet row, int number) throws java.sql.SQLException {
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
                row.getInt("version"));
    }

    private static Optional<Long> optionalLong(java.sql.ResultSet row, String column) throws java.sql.SQLException {
        long value = row.getLong(column);
        return row.wasNull() ? Optional.empty() : Optional.of(value);
    }

    public boolean machineExists(long shopId, String name) {
        return jdbc.sql("select count(*) from machine where shop_id = :shop and name = :name")
                        .param("shop", shopId)
                        .param("name", name)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** A machine with an unread motor and a job for it; gives the job's id. */
    public long open(long shopId, String machine, String note, Supply.Kind kind) {
        long machineId =
                ShopStore.insert(jdbc.sql("insert into machine (shop_id, name, note) values (:shop, :name, :note)")
                        .param("shop", shopId)
                        .param("name", machine)
                        .param("note", note));
        jdbc.sql("insert into motor (shop_id, machine_id, output, output_unit, hertz, rpm)"
                        + " values (:shop, :machine, '', 'hp', 0, 0)")
                .param("shop", shopId)
                .param("machine", machineId)
                .update();
        return ShopStore.insert(
                jdbc.sql("insert into job (shop_id, machine_id, supply_kind) values (:shop, :machine, :kind)")
                        .param("shop", shopId)
                        .param("machine", machineId)
                        .param("kind", kind.name()));
    }

    /**
     * Sets the voltage.
     *
     * @throws StaleEdit when the job is no longer at {@code version}
     */
    public void setSupply(long jobId, int version, int volts, Supply.Kind kind) {
        expectOne(jdbc.sql("update job set volts = :volts, supply_kind = :kind, version = version + 1"
                        + " where id = :id and version = :version")
                .param("volts", volts)
                .param("kind", kind.name())
                .param("id", jobId)
                .param("version", version)
                .update());
    }

    public Optional<PanelRun> run(long jobId) {
        return jdbc.sql("select metres, present_plug from job_supply where job_id = :id")
                .param("id", jobId)
                .query(PanelRun.class)
                .optional();
    }

    /**
     * Sets voltage and run together.
     *
     * @throws StaleEdit when the job is no longer at {@code version}
     */
    public void setRun(long jobId, int version, int volts, Supply.Kind kind, PanelRun run) {
        setSupply(jobId, version, volts, kind);
        jdbc.sql("insert into job_supply (job_id, metres, present_plug) values (:id, :metres, :plug)"
                        + " on duplicate key update metres = values(metres), present_plug = values(present_plug)")
                .param("id", jobId)
                .param("metres", run.metres())
                .param("plug", run.presentPlug())
                .update();
    }

    /**
     * Sets the switch and what is stamped on it.
     *
     * @throws StaleEdit when the job is no longer at {@code version}
     */
    public void setSwitch(long jobId, int version, long switchId, String rating) {
        expectOne(jdbc.sql("update job set switch_id = :switch, switch_rating = :rating, version = version + 1"
                        + " where id = :id and version = :version")
                .param("switch", switchId)
                .param("rating", rating)
                .param("id", jobId)
                .param("version", version)
                .update());
    }

    /** Sets the chosen plan, or takes it away. */
    public void setPlan(long jobId, Optional<Long> planId) {
        jdbc.sql("update job set plan_id = :plan, version = version + 1 where id = :id")
                .param("plan", planId.orElse(null))
                .param("id", jobId)
                .update();
    }

    private static void expectOne(int rows) {
        if (rows != 1) {
            throw new StaleEdit("the job");
        }
    }
}
