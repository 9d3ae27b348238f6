package gatepin.core.plan;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A handle thrown straight across under power: an arc can hold one side while the other closes. */
public final class Across {
    private Across() {}

    /** Whether the contacts of both ways, closed at once, would join the lines. */
    public static boolean shorts(List<Wire> wires, ContactChart chart) {
        Set<Contact> both = new HashSet<>(chart.closedIn(HandlePosition.FORWARD));
        both.addAll(chart.closedIn(HandlePosition.REVERSE));
        return Nodes.of(wires, both).same(Terminal.L1, Terminal.L2);
    }
}
