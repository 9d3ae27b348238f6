package gatepin.core.plan;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wiring;
import java.util.List;

/**
 * A way to land the motor on the switch.
 *
 * @param wiring the whole wiring, grounds included
 * @param cost what it costs
 * @param forward how leads and lines are joined at FORWARD
 * @param reverse how they are joined at REVERSE
 */
public record Plan(Wiring wiring, PlanCost cost, RunningConnection forward, RunningConnection reverse) {
    public List<Wire> wires() {
        return wiring.wires();
    }

    /** The leads that the switch moves from one line to the other, onto a line or off it. */
    public List<Terminal> interchanged() {
        return forward.movedFor(reverse);
    }
}
