package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.Given;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
 * @param swap the two leads to interchange to reverse; none where the diagram states none
 */
public record Connection(
        int volts, SortedSet<String> line1, SortedSet<String> line2, List<SortedSet<String>> joined, Swap swap) {
    /** Two leads that change places to reverse the motor. */
    public record Swap(String first, String second) {
        /** The diagram states none: it turns one way, as far as it tells. */
        public static final Swap NONE = new Swap("", "");

        public boolean isNone() {
            return equals(NONE);
        }

        /** Its two leads, or none. */
        public List<String> marks() {
            return isNone() ? List.of() : List.of(first, second);
        }

        /** As it is written: two marks, or nothing. */
        public String written() {
            return isNone() ? "" : first + " " + second;
        }
    }

    public Connection {
        line1 = sorted(line1);
        line2 = sorted(line2);
        joined = joined.stream().map(Connection::sorted).toList();
    }

    private static SortedSet<String> sorted(SortedSet<String> marks) {
        SortedSet<String> sorted = new TreeSet<>(Marks.NATURAL_ORDER);
        sorted.addAll(marks);
        return Collections.unmodifiableSortedSet(sorted);
    }

    /** The leads on the two lines and each joined group, with the lines among them, as sets of terminals. */
    public List<SortedSet<Terminal>> groups(Leads leads) {
        List<SortedSet<Terminal>> groups = new ArrayList<>();
        groups.add(terminals(leads, line1, Terminal.L1));
        groups.add(terminals(leads, line2, Terminal.L2));
        for (SortedSet<String> group : joined) {
            groups.add(terminals(leads, group));
        }
        groups.sort(java.util.Comparator.comparing(SortedSet::first));
        return groups;
    }

    /** The groups as sets of marks, the lines' first: the same for two connections that join alike. */
    public List<Set<String>> marks() {
        List<Set<String>> marks = new ArrayList<>(List.of(line1, line2));
        joined.stream()
                .map(g -> new TreeSet<>(List.copyOf(g)))
                .sorted(java.util.Comparator.comparing(TreeSet::first))
                .forEach(marks::add);
        return marks;
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

    /** The wires of the connection without a switch: lines and splices straight on the leads, the frame grounded. */
    public List<Wire> direct(Leads leads) {
        List<Wire> wires = new ArrayList<>();
        line1.forEach(l -> wires.add(new Wire(leads.terminal(l), Terminal.L1, Wire.Run.MOTOR_CABLE)));
        line2.forEach(l -> wires.add(new Wire(leads.terminal(l), Terminal.L2, Wire.Run.MOTOR_CABLE)));
        int splice = 0;
        for (SortedSet<String> group : joined) {
            Terminal nut = Terminal.splice("X" + ++splice);
            group.forEach(l -> wires.add(new Wire(leads.terminal(l), nut, Wire.Run.MOTOR_BOX)));
        }
        wires.add(new Wire(Terminal.MOTOR_FRAME, Terminal.GROUND, Wire.Run.MOTOR_CABLE));
        return wires;
    }

    /** How many run halves lie in series between the lines: 2 in a high-voltage connection, else 1. */
    public int runHalvesInSeries(Leads leads) {
        Nodes nodes = Nodes.of(direct(leads), List.of());
        return Math.max(1, mostRunHalves(nodes.nodeOf(Terminal.L1), nodes, leads.windings(), new HashSet<>(), 0));
    }

    private static int mostRunHalves(
            Terminal node, Nodes nodes, List<Winding> windings, Set<Terminal> passed, int halves) {
        if (node.equals(nodes.nodeOf(Terminal.L2))) {
            return halves;
        }
        passed.add(node);
        int most = 0;
        for (Winding winding : windings) {
            Terminal a = nodes.nodeOf(winding.like());
            Terminal b = nodes.nodeOf(winding.other());
            Terminal far = a.equals(node) ? b : a;
            if ((a.equals(node) || b.equals(node)) && !passed.contains(far)) {
                int more = winding.role() == Winding.Role.RUN ? 1 : 0;
                most = Math.max(most, mostRunHalves(far, nodes, windings, passed, halves + more));
            }
        }
        passed.remove(node);
        return most;
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
                && (first.orElseThrow().isOf(Winding.Role.RUN)
                        || second.orElseThrow().isOf(Winding.Role.RUN))
                && (first.orElseThrow().isOf(Winding.Role.START)
                        || second.orElseThrow().isOf(Winding.Role.START));
    }

    /**
     * What a motor is fitted to as its column shows it: how many of its run halves the plate's only voltage finds in series, and whether
     * the start winding lies across all of them or one.
     */
    public static Given given(Plate plate, Optional<Connection> connection, Leads leads) {
        if (plate.isDualVoltage() || connection.isEmpty()) {
            return Given.of(plate, 1);
        }
        Connection column = connection.orElseThrow();
        int inSeries = column.runHalvesInSeries(leads);
        return Given.of(plate, inSeries)
                .withStartAcross(inSeries > 1 && column.isStartOnBothLines(leads) ? inSeries : 1);
    }

    /** Whether what is known goes with two windings that are alike: a PSC motor that its column reverses by moving the line. */
    public Given alike(Given given, Leads leads) {
        return given.family() == MotorFamily.PERMANENT_SPLIT_CAPACITOR
                        && reversesByOtherWinding(leads)
                        && !given.areWindingsUnlike()
                ? given.withEqualWindings()
                : given;
    }

    /** Whether a way leads from line to line through start windings and what belongs to them, past every run winding. */
    private boolean isStartOnBothLines(Leads leads) {
        Nodes nodes = Nodes.of(direct(leads), List.of());
        List<Winding> others = leads.windings().stream()
                .filter(w -> w.role() != Winding.Role.RUN)
                .toList();
        Set<Terminal> reached = new HashSet<>(Set.of(nodes.nodeOf(Terminal.L1)));
        boolean more = true;
        while (more) {
            more = false;
            for (Winding winding : others) {
                Terminal a = nodes.nodeOf(winding.like());
                Terminal b = nodes.nodeOf(winding.other());
                more |= reached.contains(a) && reached.add(b) || reached.contains(b) && reached.add(a);
            }
        }
        return reached.contains(nodes.nodeOf(Terminal.L2));
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

    private static SortedSet<Terminal> terminals(Leads leads, SortedSet<String> marks, Terminal... also) {
        SortedSet<Terminal> group = new TreeSet<>(List.of(also));
        marks.forEach(m -> group.add(leads.terminal(m)));
        return group;
    }
}
