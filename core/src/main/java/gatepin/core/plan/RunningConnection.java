package gatepin.core.plan;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Networks;
import gatepin.core.circuit.Protection;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * One way to join leads and lines that runs the motor right.
 *
 * @param groups every lead and both lines, in groups of what is joined; a lead that stands alone may be left out
 * @param runCurrentProtected the run windings' current passes the motor's protector, or the motor brings none out
 * @param wholeCurrentProtected all current does
 * @param protectorInNeutral what the motor's protector opens stays hot
 * @param onDiagram the diagram shows it, with the lines one way round or the other
 */
public record RunningConnection(
        List<SortedSet<Terminal>> groups,
        boolean runCurrentProtected,
        boolean wholeCurrentProtected,
        boolean protectorInNeutral,
        boolean onDiagram) {
    public RunningConnection {
        groups = List.copyOf(groups);
    }

    /**
     * A connection as the engine sees it.
     *
     * @param slip the slip the motor runs at in the direction it starts in
     */
    static RunningConnection of(List<SortedSet<Terminal>> groups, Circuit circuit, double slip, boolean onDiagram) {
        Networks networks = Networks.of(circuit);
        Protection protection = Protection.of(networks, HandlePosition.FORWARD, slip);
        return new RunningConnection(
                groups,
                !protection.runLeft(),
                protection.isWhole(),
                Protection.isInNeutral(networks, HandlePosition.FORWARD),
                onDiagram);
    }

    /** The motor straight on its supply, joined like this, on a supply that does not give way. */
    static Circuit circuit(List<SortedSet<Terminal>> groups, Motor motor, Supply supply) {
        return new Circuit(motor, ContactChart.NONE, supply, Feeder.STIFF, wires(groups));
    }

    /** Wires that join each group, and the frame's ground. */
    static List<Wire> wires(List<SortedSet<Terminal>> groups) {
        List<Wire> wires = new ArrayList<>();
        for (SortedSet<Terminal> group : groups) {
            group.stream()
                    .skip(1)
                    .forEach(t -> wires.add(
                            new Wire(group.first(), t, t.isLine() ? Wire.Run.SUPPLY_CABLE : Wire.Run.MOTOR_BOX)));
        }
        wires.add(new Wire(Terminal.MOTOR_FRAME, Terminal.GROUND, Wire.Run.MOTOR_CABLE));
        return wires;
    }

    /** The same groups with L1 and L2 in each other's place. */
    static List<SortedSet<Terminal>> linesExchanged(List<SortedSet<Terminal>> groups) {
        List<SortedSet<Terminal>> exchanged = new ArrayList<>();
        for (SortedSet<Terminal> group : groups) {
            SortedSet<Terminal> other = new TreeSet<>(group);
            other.removeIf(Terminal::isLine);
            if (group.contains(Terminal.L1)) {
                other.add(Terminal.L2);
            }
            if (group.contains(Terminal.L2)) {
                other.add(Terminal.L1);
            }
            exchanged.add(other);
        }
        return exchanged;
    }

    /** What a lead is joined with here: L1, L2, or no line. */
    private String lineOf(Terminal lead) {
        return groups.stream()
                .filter(g -> g.contains(lead))
                .flatMap(g -> g.stream().filter(Terminal::isLine))
                .map(Terminal::mark)
                .findFirst()
                .orElse("");
    }

    /** The leads that must change places between this connection and another: to another line, to one, or off it. */
    List<Terminal> movedFor(RunningConnection other) {
        return groups.stream()
                .flatMap(SortedSet::stream)
                .filter(t -> !t.isLine() && !lineOf(t).equals(other.lineOf(t)))
                .sorted()
                .toList();
    }
}
