package gatepin.core.lane;

import gatepin.core.Effort;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.CapacitorBeside;
import gatepin.core.diagram.Connection;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Leads;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Wishes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How the job's switch can be wired: what the planner is asked, and what it finds. */
public final class Planning {
    private final Workup workup;
    private final JobMotor motor;
    private final Memory memory;

    Planning(Workup workup, JobMotor motor, Memory memory) {
        this.workup = workup;
        this.motor = motor;
        this.memory = memory;
    }

    /** What to ask the planner; empty while the diagram or the switch is missing. */
    public Optional<PlanRequest> planRequest(Effort effort) {
        return workup.facts()
                .gear()
                .kind()
                .flatMap(kind -> planRequest(kind, workup.facts().wishes(), effort));
    }

    private Optional<PlanRequest> planRequest(SwitchKind kind, Wishes wishes, Effort effort) {
        if (workup.supply().isEmpty() || workup.connection().isEmpty()) {
            return Optional.empty();
        }
        Supply supply = workup.supply().orElseThrow();
        Connection read = workup.connection().orElseThrow();
        Optional<CapacitorBeside> beside = motor.beside(read, CapacitorBeside.TAGS);
        Leads leads =
                beside.map(CapacitorBeside::leads).orElse(workup.facts().motor().leads());
        Connection connection = beside.map(CapacitorBeside::connection).orElse(read);
        return Optional.of(new PlanRequest(
                leads.terminals(),
                leads.windings(),
                supply,
                workup.isOneWay() ? kind.chartForOneWay() : kind.chart(),
                kind.hasOff(),
                running(leads, connection, supply, effort),
                wishes.on(kind.chart().terminals()).sparing(kind.worn())));
    }

    /**
     * The connections that run the motor right. While the engine cannot run it as its diagram says, only what the diagram itself states
     * counts as that.
     */
    private RunningConnections running(Leads leads, Connection connection, Supply supply, Effort effort) {
        if (motor.rated().isPresent() && workup.connectionDanger().isEmpty()) {
            RunningConnections found = memory.running(
                    motor.fitted().orElseThrow().values().motor(leads),
                    leads,
                    motor.rated().orElseThrow(),
                    connection,
                    supply,
                    effort);
            if (workup.isOneWay() && !found.forward().isEmpty()) {
                return found.forOneWay();
            }
            if (connection.swap().isNone()
                    || !found.forward().isEmpty() && !found.reverse().isEmpty()) {
                return found;
            }
        }
        FittedMotor typical = motor.typical(supply);
        RunningConnections written = RunningConnections.asWritten(
                connection,
                leads,
                typical.values().motor(leads),
                new RatedPoint(JobMotor.TYPICAL_SLIP, typical.given().ratedNm()),
                supply);
        if (workup.isOneWay()) {
            return written.forOneWay();
        }
        return connection.swap().isNone() ? new RunningConnections(written.forward(), List.of()) : written;
    }

    /** The plans for the job; empty while the diagram or the switch is missing. */
    public Optional<PlanResult> plans(Effort effort) {
        return planRequest(effort).map(r -> memory.plans(r, effort));
    }

    /** The switches of the library that could do the job, whatever a person wishes besides. */
    public List<SwitchKind> wouldDo(Effort effort) {
        List<SwitchKind> able = new ArrayList<>();
        for (SwitchKind kind : workup.isOneWay() ? SwitchKind.ONE_WAY : SwitchKind.ALL) {
            boolean can = kind.hasOff()
                    && planRequest(kind, Wishes.NONE, effort)
                            .map(r -> !memory.plans(r, effort).plans().isEmpty())
                            .orElse(false);
            if (can) {
                able.add(kind);
            }
        }
        return able;
    }
}
