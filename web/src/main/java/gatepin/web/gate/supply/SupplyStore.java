package gatepin.web.gate.supply;

import gatepin.core.supply.PanelRun;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How supplies get to their machines. */
@Repository
class SupplyStore implements Keeper {
    private final JdbcClient jdbc;

    SupplyStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void recall(Job job, Recalled into) {
        jdbc.sql("select metres, present_plug from job_supply where job_id = :job")
                .param("job", job.id())
                .query(PanelRun.class)
                .optional()
                .ifPresent(into::run);
    }

    void save(long jobId, PanelRun run) {
        jdbc.sql("insert into job_supply (job_id, metres, present_plug) values (:id, :metres, :plug)"
                        + " on duplicate key update metres = values(metres), present_plug = values(present_plug)")
                .param("id", jobId)
                .param("metres", run.metres())
                .param("plug", run.presentPlug())
                .update();
    }
}
