package gatepin.web.yard;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane;
import gatepin.core.job.Lane.Pin;
import gatepin.core.supply.Region;
import gatepin.core.words.SentenceText;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All machines at a glance, in two queries however many there are. */
@Repository
class YardStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    YardStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * A machine in the yard.
     *
     * @param plate what its plate says in a line; blank until it is read
     * @param marks the marks on the motor's leads
     * @param waits what its job waits for
     * @param aside it was set aside, or its shop was
     */
    record Row(
            long jobId,
            long machineId,
            long shopId,
            String shop,
            Region region,
            String machine,
            String note,
            String plate,
            String marks,
            Sentence waits,
            Lane lane,
            boolean aside) {
        boolean isDone() {
            return lane.next().isEmpty();
        }
    }

    /** Every machine, the one touched last first. */
    List<Row> all() {
        Map<Long, Map<Gate, Pin>> pins = new HashMap<>();
        jdbc.sql("select job_id, gate, state from pin").query(row -> {
            pins.computeIfAbsent(row.getLong("job_id"), k -> new EnumMap<>(Gate.class))
                    .put(
                            Gate.valueOf(row.getString("gate")),
                            new Pin(Pin.State.valueOf(row.getString("state")), Sentence.none()));
        });
        return jdbc.sql("""
                        select job.id, machine.id as machine_id, shop.id as shop_id, shop.name as shop, shop.region,
                               machine.name, machine.note, motor.output, motor.output_unit, motor.rpm, job.waits,
                               motor.output = '' and exists (select 1 from plate_trace where plate_trace.motor_id = motor.id) as plate_gone,
                               coalesce(shop.set_aside_at, machine.set_aside_at) is not null as aside,
                               (select group_concat(volts order by volts separator '/') from motor_rating
                                where motor_rating.motor_id = motor.id) as volts,
                               (select group_concat(mark order by mark separator ' ') from lead_wire
                                where lead_wire.motor_id = motor.id) as marks
                        from job
                        join machine on machine.id = job.machine_id
                        join motor on motor.machine_id = machine.id
                        join shop on shop.id = job.shop_id
                        order by job.touched_at desc, job.id desc
                        """)
                .query((row, n) -> new Row(
                        row.getLong("id"),
                        row.getLong("machine_id"),
                        row.getLong("shop_id"),
                        row.getString("shop"),
                        Region.valueOf(row.getString("region")),
                        row.getString("name"),
                        row.getString("note"),
                        plate(
                                row.getString("output"),
                                row.getString("output_unit"),
                                Optional.ofNullable(row.getString("volts")),
                                row.getInt("rpm")),
                        Optional.ofNullable(row.getString("marks")).orElse(""),
                        Optional.ofNullable(row.getString("waits"))
                                .map(SentenceText::read)
                                .orElse(Sentence.none()),
                        new Lane(pins.getOrDefault(row.getLong("id"), Map.of()), row.getBoolean("plate_gone")),
                        row.getBoolean("aside")))
                .list();
    }

    private static String plate(String output, String unit, Optional<String> volts, int rpm) {
        return output.isBlank()
                ? ""
                : output + " " + unit + volts.map(v -> ", " + v + " V").orElse("") + ", " + rpm + " rpm";
    }

    /** Whether another machine of the shop has this name. */
    boolean isTaken(long machineId, String name) {
        return jdbc.sql("select exists (select 1 from machine one join machine other on other.shop_id = one.shop_id"
                        + " where one.id = :id and other.id <> one.id and lower(other.name) = lower(:name))")
                .param("id", machineId)
                .param("name", name)
                .query(Boolean.class)
                .single();
    }

    void rename(long machineId, String name, String note) {
        jdbc.sql("update machine set name = :name, note = :note where id = :id")
                .param("name", name)
                .param("note", note)
                .param("id", machineId)
                .update();
    }

    void setAside(long machineId, boolean aside) {
        jdbc.sql("update machine set set_aside_at = :at where id = :id")
                .param("at", aside ? Timestamp.from(clock.instant()) : null)
                .param("id", machineId)
                .update();
    }

    /** The machine a job is about. */
    long machineOf(long jobId) {
        return jdbc.sql("select machine_id from job where id = :id")
                .param("id", jobId)
                .query(Long.class)
                .single();
    }

    boolean isAside(long jobId) {
        return jdbc.sql("select set_aside_at is not null from machine join job on job.machine_id = machine.id"
                        + " where job.id = :id")
                .param("id", jobId)
                .query(Boolean.class)
                .single();
    }
}
