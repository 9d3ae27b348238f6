package gatepin.core.plan;

import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import java.util.ArrayList;
import java.util.List;

/**
 * What the planner is asked for.
 *
 * @param leads the motor's leads
 * @param windings what lies between them
 * @param supply the supply, which says which lines are hot
 * @param chart the switch
 * @param hasOff the handle has a place where it stays OFF; without one, something ahead of it must stop the motor
 * @param running the connections that run the motor right, for each direction
 * @param wishes what a person asks of a plan besides
 */
public record PlanRequest(
        List<Terminal> leads,
        List<Winding> windings,
        Supply supply,
        ContactChart chart,
        boolean hasOff,
        RunningConnections running,
        Wishes wishes) {
    public PlanRequest {
        leads = List.copyOf(leads);
        windings = List.copyOf(windings);
    }

    PlanRequest wishing(Wishes others) {
        return new PlanRequest(leads, windings, supply, chart, hasOff, running, others);
    }

    /** The motor leads, then L1 and L2. */
    List<Terminal> points() {
        return points(leads);
    }

    static List<Terminal> points(List<Terminal> leads) {
        List<Terminal> points = new ArrayList<>(leads);
        points.add(Terminal.L1);
        points.add(Terminal.L2);
        return points;
    }
}
