package gatepin.web.gate.safe;

import gatepin.core.safe.CapacitorCheck;
import gatepin.core.safe.SafeRecord;
import gatepin.core.safe.SafeRecord.Disconnect;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How machines were made safe: the lock-out, capacitors, and what was measured on them. */
@Repository
class SafeStore implements Keeper {
    private final JdbcClient jdbc;
    private final Clock clock;

    SafeStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    @Override
    public void recall(Job job, Recalled into) {
        record(job.id()).ifPresent(into::safe);
    }

    /** The record of a job; empty until its lock-out is written down. Capacitors are kept from the start. */
    private Optional<SafeRecord> record(long jobId) {
        return jdbc.sql("select disconnect, note, meter_before, dead, meter_after, no_capacitor from safe_record"
                        + " where job_id = :job")
                .param("job", jobId)
                .query((row, n) -> new SafeRecord(
                        Disconnect.valueOf(row.getString("disconnect")),
                        row.getString("note"),
                        row.getBoolean("meter_before"),
                        row.getBoolean("dead"),
                        row.getBoolean("meter_after"),
                        row.getBoolean("no_capacitor"),
                        capacitors(jobId)))
                .optional();
    }

    /** The capacitors of a job, each with its last measurement. */
    public List<CapacitorCheck> capacitors(long jobId) {
        return jdbc.sql("""
                        select name, microfarads, volts, bleed_ohms,
                          (select r.volts from capacitor_reading r where r.capacitor_id = capacitor.id
                           order by r.id desc limit 1) as after_volts
                        from capacitor where job_id = :job and off_at is null order by id
                        """)
                .param("job", jobId)
                .query((row, n) -> new CapacitorCheck(
                        row.getString("name"),
                        row.getDouble("microfarads"),
                        row.getInt("volts"),
                        Optional.ofNullable(row.getBigDecimal("bleed_ohms")).map(java.math.BigDecimal::doubleValue),
                        Optional.ofNullable(row.getBigDecimal("after_volts")).map(java.math.BigDecimal::doubleValue)))
                .list();
    }

    public void save(long jobId, SafeRecord record) {
        jdbc.sql(
                        "insert into safe_record (job_id, disconnect, note, meter_before, dead, meter_after, no_capacitor)"
                                + " values (:job, :disconnect, :note, :before, :dead, :after, :none) on duplicate key update"
                                + " disconnect = values(disconnect), note = values(note), meter_before = values(meter_before),"
                                + " dead = values(dead), meter_after = values(meter_after), no_capacitor = values(no_capacitor)")
                .param("job", jobId)
                .param("disconnect", record.disconnect().name())
                .param("note", record.note())
                .param("before", record.meterBefore())
                .param("dead", record.dead())
                .param("after", record.meterAfter())
                .param("none", record.noCapacitor())
                .update();
    }

    /** Adds a capacitor; gives false when the job has one of that name. */
    public boolean add(long jobId, CapacitorCheck capacitor) {
        if (capacitors(jobId).stream().anyMatch(c -> c.name().equalsIgnoreCase(capacitor.name()))) {
            return false;
        }
        jdbc.sql("insert into capacitor (job_id, name, microfarads, volts, bleed, bleed_ohms)"
                        + " values (:job, :name, :farads, :volts, :bleed, :ohms)")
                .param("job", jobId)
                .param("name", capacitor.name())
                .param("farads", capacitor.microfarads())
                .param("volts", capacitor.volts())
                .param("bleed", capacitor.bleedOhms().isPresent() ? "SEEN" : "NOT_SEEN")
                .param("ohms", capacitor.bleedOhms().orElse(null))
                .update();
        return true;
    }

    /**
     * Takes a capacitor off the list: it was none, or was written down wrong. What was measured on it is kept. Gives false when there is
     * none of that name.
     */
    boolean remove(long jobId, String name) {
        return jdbc.sql("update capacitor set off_at = :now where job_id = :job and name = :name and off_at is null")
                        .param("now", Timestamp.from(clock.instant()))
                        .param("job", jobId)
                        .param("name", name)
                        .update()
                == 1;
    }

    /** Adds what was measured across a capacitor; gives false when the job has none of that name. */
    public boolean measured(long jobId, String name, double volts, String how, long personId) {
        return jdbc.sql(
                                "insert into capacitor_reading (capacitor_id, volts, how, at, person_id)"
                                        + " select id, :volts, :how, :at, :person from capacitor where job_id = :job and name = :name and off_at is null")
                        .param("volts", volts)
                        .param("how", how)
                        .param("at", Timestamp.from(clock.instant()))
                        .param("person", personId)
                        .param("job", jobId)
                        .param("name", name)
                        .update()
                == 1;
    }
}
