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
import org.jspecify.annotations.Nullable;
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
                               machine.name, machine.note, job.waits,
                               json_value(plate.json, '$.outputAsWritten') as output, json_value(plate.json, '$.rpm') as rpm,
                               json_extract(plate.json, '$.ratings[*].volts') as volts,
                               json_extract(diagram.json, '$.leads.all[*].mark') as marks,
                               plate.json is null and traces.json is not null as plate_gone,
                               coalesce(shop.set_aside_at, machine.set_aside_at) is not null as aside
                        from job
                        join machine on machine.id = job.machine_id
                        join motor on motor.machine_id = machine.id
                        join shop on shop.id = job.shop_id
                        left join motor_part plate on plate.motor_id = motor.id and plate.part = 'plate'
                        left join motor_part traces on traces.motor_id = motor.id and traces.part = 'traces'
                        left join motor_part diagram on diagram.motor_id = motor.id and diagram.part = 'diagram'
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
                        plate(row.getString("output"), plain(row.getString("volts"), "/"), row.getInt("rpm")),
                        plain(row.getString("marks"), " "),
                        Optional.ofNullable(row.getString("waits"))
                                .map(SentenceText::read)
                                .orElse(Sentence.none()),
                        new Lane(pins.getOrDefault(row.getLong("id"), Map.of()), row.getBoolean("plate_gone")),
                        row.getBoolean("aside")))
                .list();
    }

    private static String plate(@Nullable String output, String volts, int rpm) {
        return output == null ? "" : output + ", " + volts + " V, " + rpm + " rpm";
    }

    /** What stands in a JSON array of plain values, with this between. */
    private static String plain(@Nullable String array, String between) {
        return array == null ? "" : array.replaceAll("[\\[\\]\"]", "").replace(", ", between);
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
