package gatepin.core.plan;

import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import java.util.List;
import java.util.SortedSet;

/**
 * What the planner is asked for.
 *
 * @param leads the motor's leads
 * @param windings what lies between them
 * @param supply the supply, which says which lines are hot
 * @param chart the switch
 * @param forward what must be joined with the handle at FORWARD: every lead and both lines, in groups
 * @param reverse the same for REVERSE
 */
public record PlanRequest(
        List<Terminal> leads,
        List<Winding> windings,
        Supply supply,
        ContactChart chart,
        List<SortedSet<Terminal>> forward,
        List<SortedSet<Terminal>> reverse) {
    public PlanRequest {
        leads = List.copyOf(leads);
        windings = List.copyOf(windings);
        forward = List.copyOf(forward);
        reverse = List.copyOf(reverse);
    }
}
