package gatepin.web.store;

import gatepin.core.rotation.DriveStage;
import gatepin.core.rotation.DriveTrain;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.ToolMotion;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which way machines must turn. */
@Repository
public class RotationStore {
    private final JdbcClient jdbc;

    RotationStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public Optional<RotationPlan> plan(long jobId) {
        return jdbc.sql("select motion, tool, shaft_like_tool, both_ways, secured, coast_seconds, momentary"
                        + " from rotation_plan where job_id = :job")
                .param("job", jobId)
                .query((row, n) -> new RotationPlan(
                        ToolMotion.of(row.getString("motion")).orElse(ToolMotion.SEEN),
                        Direction.valueOf(row.getString("tool")),
                        new DriveTrain(stages(jobId), row.getBoolean("shaft_like_tool")),
                        row.getBoolean("both_ways"),
                        hazards(jobId),
                        row.getBoolean("secured"),
                        Optional.ofNullable(row.getBigDecimal("coast_seconds")).map(BigDecimal::doubleValue),
                        row.getBoolean("momentary")))
                .optional();
    }

    private List<DriveStage> stages(long jobId) {
        return jdbc.sql("select kind, driver, driven, turned from drive_stage where job_id = :job order by number")
                .param("job", jobId)
                .query((row, n) -> new DriveStage(
                        DriveStage.Kind.valueOf(row.getString("kind")),
                        row.getDouble("driver"),
                        row.getDouble("driven"),
                        row.getBoolean("turned")))
                .list();
    }

    private List<Hazard> hazards(long jobId) {
        return jdbc
                .sql("select hazard from reverse_hazard where job_id = :job")
                .param("job", jobId)
                .query((row, n) -> Hazard.valueOf(row.getString("hazard")))
                .list()
                .stream()
                .sorted()
                .toList();
    }

    /** How often it was saved: the version to hand back when saving. */
    public int version(long jobId) {
        return jdbc.sql("select version from rotation_plan where job_id = :job")
                .param("job", jobId)
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    /**
     * Saves it.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public void save(long jobId, int version, RotationPlan plan) {
        if (version(jobId) != version) {
            throw new StaleEdit("the rotation");
        }
        jdbc.sql("delete from drive_stage where job_id = :job")
                .param("job", jobId)
                .update();
        jdbc.sql("delete from reverse_hazard where job_id = :job")
                .param("job", jobId)
                .update();
        jdbc.sql("insert into rotation_plan (job_id, motion, tool, shaft_like_tool, both_ways, secured, coast_seconds,"
                        + " momentary, version) values (:job, :motion, :tool, :like, :both, :secured, :coast, :momentary, 1)"
                        + " on duplicate key update motion = values(motion), tool = values(tool),"
                        + " shaft_like_tool = values(shaft_like_tool), both_ways = values(both_ways),"
                        + " secured = values(secured), coast_seconds = values(coast_seconds),"
                        + " momentary = values(momentary), version = version + 1")
                .param("job", jobId)
                .param("motion", plan.motion().name())
                .param("tool", plan.tool().name())
                .param("like", plan.train().shaftPointsLikeTool())
                .param("both", plan.bothWays())
                .param("secured", plan.secured())
                .param("coast", plan.coastSeconds().orElse(null))
                .param("momentary", plan.momentary())
                .update();
        List<DriveStage> stages = plan.train().stages();
        for (int i = 0; i < stages.size(); i++) {
            jdbc.sql("insert into drive_stage (job_id, number, kind, driver, driven, turned)"
                            + " values (:job, :number, :kind, :driver, :driven, :turned)")
                    .param("job", jobId)
                    .param("number", i)
                    .param("kind", stages.get(i).kind().name())
                    .param("driver", stages.get(i).driver())
                    .param("driven", stages.get(i).driven())
                    .param("turned", stages.get(i).turned())
                    .update();
        }
        for (Hazard hazard : plan.hazards()) {
            jdbc.sql("insert into reverse_hazard (job_id, hazard) values (:job, :hazard)")
                    .param("job", jobId)
                    .param("hazard", hazard.name())
                    .update();
        }
    }
}
