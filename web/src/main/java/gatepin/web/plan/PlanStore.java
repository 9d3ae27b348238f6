package gatepin.web.plan;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.plan.PlanCost;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import gatepin.web.sql.NewRow;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Chosen plans and their wires. */
@Repository
public class PlanStore implements Keeper {
    private final JdbcClient jdbc;
    private final Clock clock;

    PlanStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A chosen plan, its wires in working order. */
    public record ChosenPlan(long id, PlanCost cost, List<Wire> wires) {}

    @Override
    public void recall(Job job, Recalled into) {
        job.planId().flatMap(this::plan).ifPresent(p -> {
            into.keep(ChosenPlan.class, p);
            into.plan(p.wires());
        });
    }

    /** Saves a plan with its wires in working order. */
    public long add(long jobId, PlanCost cost, List<Wire> wires) {
        long id = NewRow.key(jdbc.sql("""
                        insert into plan (job_id, hot_leads_in_off, hot_lines_unbroken, neutral_switched,
                                          beside_protector, beyond_diagram, conductors, jumpers, most_on_one_terminal, chosen_at)
                        values (:job, :hot, :unbroken, :neutral, :beside, :beyond, :conductors, :jumpers, :most, :at)
                        """)
                .param("job", jobId)
                .param("hot", cost.hotLeadsInOff())
                .param("unbroken", cost.hotLinesUnbroken())
                .param("neutral", cost.neutralSwitched())
                .param("beside", cost.besideProtector())
                .param("beyond", cost.beyondDiagram())
                .param("conductors", cost.conductors())
                .param("jumpers", cost.jumpers())
                .param("most", cost.mostOnOneTerminal())
                .param("at", java.sql.Timestamp.from(clock.instant())));
        for (int i = 0; i < wires.size(); i++) {
            Wire wire = wires.get(i);
            jdbc.sql("insert into wire (plan_id, step, from_terminal, to_terminal, run)"
                            + " values (:plan, :step, :from, :to, :run)")
                    .param("plan", id)
                    .param("step", i + 1)
                    .param("from", wire.from().id())
                    .param("to", wire.to().id())
                    .param("run", wire.run().name())
                    .update();
        }
        return id;
    }

    private Optional<ChosenPlan> plan(long planId) {
        List<Wire> wires = jdbc.sql(
                        "select from_terminal, to_terminal, run from wire where plan_id = :id order by step")
                .param("id", planId)
                .query((row, n) -> new Wire(
                        Terminal.fromId(row.getString("from_terminal")),
                        Terminal.fromId(row.getString("to_terminal")),
                        Wire.Run.valueOf(row.getString("run"))))
                .list();
        return jdbc.sql("select * from plan where id = :id")
                .param("id", planId)
                .query((row, n) -> new ChosenPlan(
                        row.getLong("id"),
                        new PlanCost(
                                row.getInt("hot_leads_in_off"),
                                row.getInt("hot_lines_unbroken"),
                                row.getInt("neutral_switched"),
                                row.getInt("beside_protector"),
                                row.getInt("beyond_diagram"),
                                row.getInt("conductors"),
                                row.getInt("jumpers"),
                                row.getInt("most_on_one_terminal")),
                        wires))
                .optional();
    }
}
