package gatepin.web.gate.rotation;

import gatepin.core.rotation.DriveStage;
import gatepin.core.rotation.DriveTrain;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.Tool;
import gatepin.core.rotation.ToolMotion;
import gatepin.core.rotation.Ways;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which way machines must turn. */
@Repository
class RotationStore implements Keeper {
    private final JdbcClient jdbc;

    RotationStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void recall(Job job, Recalled into) {
        long jobId = job.id();
        jdbc.sql(
                        "select machine, work_word, back_word, motion, tool, shaft_like_tool, both_ways, secured, coast_seconds, momentary"
                                + " from rotation_plan where job_id = :job")
                .param("job", jobId)
                .query((row, n) -> new RotationPlan(
                        machine(
                                row.getString("machine"),
                                row.getString("motion"),
                                new Ways(row.getString("work_word"), row.getString("back_word"))),
                        ToolMotion.of(row.getString("motion")).orElse(ToolMotion.SEEN),
                        Direction.valueOf(row.getString("tool")),
                        new DriveTrain(stages(jobId), row.getBoolean("shaft_like_tool")),
                        row.getBoolean("both_ways"),
                        hazards(jobId),
                        row.getBoolean("secured"),
                        Optional.ofNullable(row.getBigDecimal("coast_seconds")).map(BigDecimal::doubleValue),
                        row.getBoolean("momentary")))
                .optional()
                .ifPresent(into::rotation);
    }

    private static RotationPlan.Machine machine(String name, String motion, Ways ways) {
        Tool known = Tool.of(name);
        // a job from before there were tools
        Tool tool = known == Tool.OTHER ? ToolMotion.of(motion).map(Tool::with).orElse(Tool.OTHER) : known;
        return new RotationPlan.Machine(tool, ways);
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

    void save(long jobId, RotationPlan plan) {
        jdbc.sql("delete from drive_stage where job_id = :job")
                .param("job", jobId)
                .update();
        jdbc.sql("delete from reverse_hazard where job_id = :job")
                .param("job", jobId)
                .update();
        jdbc.sql(
                        "insert into rotation_plan (job_id, machine, work_word, back_word, motion, tool, shaft_like_tool, both_ways, secured, coast_seconds,"
                                + " momentary) values (:job, :machine, :work, :back, :motion, :tool, :like, :both, :secured, :coast, :momentary)"
                                + " on duplicate key update machine = values(machine), work_word = values(work_word),"
                                + " back_word = values(back_word), motion = values(motion), tool = values(tool),"
                                + " shaft_like_tool = values(shaft_like_tool), both_ways = values(both_ways),"
                                + " secured = values(secured), coast_seconds = values(coast_seconds),"
                                + " momentary = values(momentary)")
                .param("job", jobId)
                .param("machine", plan.machine().tool().name())
                .param("work", plan.machine().ways().work())
                .param("back", plan.machine().ways().back())
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
