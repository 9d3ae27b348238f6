package gatepin.core.wire;

import gatepin.core.circuit.Terminal;
import java.util.List;

/**
 * A joint in the motor box.
 *
 * @param name what it is called: a splice's mark, or the one lead's
 * @param leads the motor leads in it
 * @param conductors conductors of the cable in it
 * @param connector what closes it
 */
public record Splice(String name, List<Terminal> leads, int conductors, String connector) {
    public Splice {
        leads = List.copyOf(leads);
    }

    /** How many wires are in it. */
    public int wires() {
        return leads.size() + conductors;
    }
}
