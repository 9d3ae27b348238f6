package gatepin.core.plan;

import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wiring;
import java.util.List;

/**
 * A way to land the motor on the switch.
 *
 * @param wiring the whole wiring, grounds included
 * @param cost what it costs
 */
public record Plan(Wiring wiring, PlanCost cost) {
    public List<Wire> wires() {
        return wiring.wires();
    }
}
