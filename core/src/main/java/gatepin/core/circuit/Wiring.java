package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * A whole wiring: motor leads and windings, switch, supply and the wires between them. Any wiring a person can
 * make is allowed, right or wrong.
 *
 * @param leads the motor's leads
 * @param windings what lies between the leads inside the motor
 * @param chart the switch
 * @param supply the supply
 * @param wires every wire outside the windings
 */
public record Wiring(
        List<Terminal> leads, List<Winding> windings, ContactChart chart, Supply supply, List<Wire> wires) {
    public Wiring {
        leads = List.copyOf(leads);
        windings = List.copyOf(windings);
        wires = List.copyOf(wires);
    }

    /** Every terminal of the wiring, splices and grounds included. */
    public Set<Terminal> terminals() {
        Set<Terminal> all = new LinkedHashSet<>(leads);
        windings.forEach(w -> all.addAll(List.of(w.like(), w.other())));
        all.addAll(chart.terminals());
        all.add(Terminal.L1);
        all.add(Terminal.L2);
        for (Wire wire : wires) {
            all.add(wire.from());
            all.add(wire.to());
        }
        return all;
    }

    /** What the wires and the contacts closed in a handle position join. */
    public Nodes nodes(HandlePosition position) {
        return nodes(chart.closedIn(position));
    }

    /** What the wires and the given closed contacts join. */
    public Nodes nodes(Collection<Contact> closed) {
        return Nodes.over(terminals()).joinWires(wires).joinContacts(closed).build();
    }

    /** The motor's leads and the two lines: the points a connection diagram speaks of. */
    public List<Terminal> leadsAndLines() {
        List<Terminal> points = new ArrayList<>(leads);
        points.add(Terminal.L1);
        points.add(Terminal.L2);
        return points;
    }
}
