package gatepin.web.store;

import gatepin.core.wire.CableLengths;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How long the cables of jobs are. */
@Repository
public class CableStore {
    private final JdbcClient jdbc;

    CableStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The lengths of a job's cables; the usual ones until somebody measured. */
    public CableLengths lengths(long jobId) {
        return jdbc.sql("select motor_cable, supply_cord from cable_lengths where job_id = :job")
                .param("job", jobId)
                .query((row, n) -> new CableLengths(row.getDouble("motor_cable"), row.getDouble("supply_cord")))
                .optional()
                .orElse(CableLengths.USUAL);
    }

    public void save(long jobId, CableLengths lengths) {
        jdbc.sql("replace into cable_lengths (job_id, motor_cable, supply_cord) values (:job, :motor, :supply)")
                .param("job", jobId)
                .param("motor", lengths.motorCableMetres())
                .param("supply", lengths.supplyCordMetres())
                .update();
    }
}
