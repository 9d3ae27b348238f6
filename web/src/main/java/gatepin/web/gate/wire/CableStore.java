package gatepin.web.gate.wire;

import gatepin.core.wire.CableLengths;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How long the cables of jobs are. */
@Repository
class CableStore implements Keeper {
    private final JdbcClient jdbc;

    CableStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void recall(Job job, Recalled into) {
        jdbc.sql("select motor_cable, supply_cord from cable_lengths where job_id = :job")
                .param("job", job.id())
                .query((row, n) -> new CableLengths(row.getDouble("motor_cable"), row.getDouble("supply_cord")))
                .optional()
                .ifPresent(into::cables);
    }

    public void save(long jobId, CableLengths lengths) {
        jdbc.sql("replace into cable_lengths (job_id, motor_cable, supply_cord) values (:job, :motor, :supply)")
                .param("job", jobId)
                .param("motor", lengths.motorCableMetres())
                .param("supply", lengths.supplyCordMetres())
                .update();
    }
}
