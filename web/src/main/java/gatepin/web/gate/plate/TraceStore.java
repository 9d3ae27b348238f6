package gatepin.web.gate.plate;

import gatepin.core.machine.Traces;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What is left to see of motors whose plate is gone. */
@Repository
class TraceStore implements Keeper {
    private final JdbcClient jdbc;

    TraceStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void recall(Job job, Recalled into) {
        Optional<Traces.Typed> typed = typed(job.motorId());
        typed.ifPresent(t -> into.keep(Traces.Typed.class, t));
        typed.flatMap(t -> Traces.read(t).value()).ifPresent(into::traces);
    }

    private Optional<Traces.Typed> typed(long motorId) {
        return jdbc.sql(
                        "select volts, shaft, height, start_microfarads, run_microfarads, conductor, idle_amps, rpm, family"
                                + " from plate_trace where motor_id = :id")
                .param("id", motorId)
                .query((row, n) -> new Traces.Typed(
                        row.getString("volts"),
                        row.getString("shaft"),
                        row.getString("height"),
                        row.getString("start_microfarads"),
                        row.getString("run_microfarads"),
                        row.getString("conductor"),
                        row.getString("idle_amps"),
                        row.getString("rpm"),
                        row.getString("family")))
                .optional();
    }

    void save(long motorId, Traces.Typed typed) {
        jdbc.sql(
                        "replace into plate_trace (motor_id, volts, shaft, height, start_microfarads, run_microfarads, conductor,"
                                + " idle_amps, rpm, family) values (:id, :volts, :shaft, :height, :start, :run, :conductor, :idle,"
                                + " :rpm, :family)")
                .param("id", motorId)
                .param("volts", typed.volts())
                .param("shaft", typed.shaft())
                .param("height", typed.height())
                .param("start", typed.startMicrofarads())
                .param("run", typed.runMicrofarads())
                .param("conductor", typed.conductor())
                .param("idle", typed.idleAmps())
                .param("rpm", typed.rpm())
                .param("family", typed.family())
                .update();
    }

    /** The plate was found again. */
    void forget(long motorId) {
        jdbc.sql("delete from plate_trace where motor_id = :id")
                .param("id", motorId)
                .update();
    }
}
