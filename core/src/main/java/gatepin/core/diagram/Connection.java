package gatepin.core.diagram;

import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Flow;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wiring;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * One column of a connection diagram: how the leads are joined for one voltage, and which pair to interchange for
 * the opposite rotation.
 *
 * @param volts the voltage of the column
 * @param line1 the leads that go to L1
 * @param line2 the leads that go to L2
 * @param joined the leads that are joined and insulated, group by group
 * @param swap the two leads to interchange to reverse
 */
public record Connection(
        int volts, SortedSet<String> line1, SortedSet<String> line2, List<SortedSet<String>> joined, Swap swap) {
    /** Two leads that change places to reverse the motor. */
    public record Swap(String first, String second) {}

    /** The leads on the two lines and each joined group, with the lines among them, as sets of terminals. */
    public List<SortedSet<Terminal>> groups() {
        List<SortedSet<Terminal>> groups = new ArrayList<>();
        groups.add(terminals(line1, Terminal.L1));
        groups.add(terminals(line2, Terminal.L2));
        for (SortedSet<String> group : joined) {
            groups.add(terminals(group));
        }
        groups.sort(java.util.Comparator.comparing(SortedSet::first));
        return groups;
    }

    /** The same column on another voltage of its range. */
    public Connection at(int otherVolts) {
        return new Connection(otherVolts, line1, line2, joined, swap);
    }

    /** The same column for the opposite rotation: the two leads of the swap have changed places. */
    public Connection reversed() {
        return new Connection(
                volts,
                interchange(line1),
                interchange(line2),
                joined.stream().map(this::interchange).toList(),
                swap);
    }

    /**
     * The connection without a switch: lines and splices straight on the leads, the frame grounded.
     *
     * @param leads the motor's leads
     * @param supply the supply it hangs on
     */
    public Wiring direct(Leads leads, Supply supply) {
        List<Wire> wires = new ArrayList<>();
        line1.forEach(l -> wires.add(new Wire(Terminal.motor(l), Terminal.L1, Wire.Run.MOTOR_CABLE)));
        line2.forEach(l -> wires.add(new Wire(Terminal.motor(l), Terminal.L2, Wire.Run.MOTOR_CABLE)));
        int splice = 0;
        for (SortedSet<String> group : joined) {
            Terminal nut = Terminal.splice("S" + ++splice);
            group.forEach(l -> wires.add(new Wire(Terminal.motor(l), nut, Wire.Run.MOTOR_BOX)));
        }
        wires.add(new Wire(Terminal.MOTOR_FRAME, Terminal.GROUND, Wire.Run.MOTOR_CABLE));
        return new Wiring(leads.terminals(), leads.windings(), new ContactChart(List.of(), Map.of()), supply, wires);
    }

    /** How many run halves lie in series between the lines: 2 in a high-voltage connection, else 1. */
    public int runHalvesInSeries(Leads leads, Supply supply) {
        return Flow.of(direct(leads, supply), HandlePosition.FORWARD).paths().stream()
                .mapToInt(path -> (int) path.stream()
                        .filter(l -> l.winding().circuit() == Winding.Circuit.RUN)
                        .count())
                .max()
                .orElse(1);
    }

    /**
     * Whether reversing moves the line from one winding to the other, as on a three-lead PSC motor: its two windings are
     * then alike (common practice).
     */
    public boolean reversesByOtherWinding(Leads leads) {
        Optional<Lead> first = leads.find(swap.first());
        Optional<Lead> second = leads.find(swap.second());
        return first.isPresent()
                && second.isPresent()
                && !first.orElseThrow().sharesWindingWith(second.orElseThrow())
                && (first.orElseThrow().isOf(Winding.Circuit.RUN)
                        || second.orElseThrow().isOf(Winding.Circuit.RUN))
                && (first.orElseThrow().isOf(Winding.Circuit.START)
                        || second.orElseThrow().isOf(Winding.Circuit.START));
    }

    private SortedSet<String> interchange(SortedSet<String> group) {
        SortedSet<String> result = new TreeSet<>(group);
        if (group.contains(swap.first()) != group.contains(swap.second())) {
            boolean first = group.contains(swap.first());
            result.remove(first ? swap.first() : swap.second());
            result.add(first ? swap.second() : swap.first());
        }
        return result;
    }

    private static SortedSet<Terminal> terminals(SortedSet<String> leads, Terminal... also) {
        SortedSet<Terminal> group = new TreeSet<>(List.of(also));
        leads.forEach(l -> group.add(Terminal.motor(l)));
        return group;
    }
}
