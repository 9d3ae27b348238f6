package gatepin.core.plan;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wiring;
import java.util.HashSet;
import java.util.Set;

/** A handle thrown straight across under power: an arc can hold one side while the other closes. */
public final class Across {
    private Across() {}

    /** Whether the contacts of both ways, closed at once, would join the lines. */
    public static boolean shorts(Wiring wiring) {
        Set<Contact> both = new HashSet<>(wiring.chart().closedIn(HandlePosition.FORWARD));
        both.addAll(wiring.chart().closedIn(HandlePosition.REVERSE));
        return wiring.nodes(both).same(Terminal.L1, Terminal.L2);
    }
}
