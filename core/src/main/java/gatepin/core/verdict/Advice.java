package gatepin.core.verdict;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.StandardConnection;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.RatedPoint;
import java.util.List;

/** What to do about a wrong connection. Only what the engine has run and found sound is advised. */
public enum Advice {
    /** Nothing the engine could show to be sound. */
    NONE,
    /** Wire the connection that the motor has for this voltage. */
    WIRE_FOR_THIS_VOLTAGE,
    /** The motor has no connection for this voltage: give it the one on its plate. */
    GIVE_ITS_OWN_VOLTAGE,
    /** Interchange the two ends of one half. */
    INTERCHANGE_ONE_HALF;

    /** How far from its own voltage a supply may be, as a share (NEMA MG 1 part 12, from memory: ten percent). */
    private static final double TOLERANCE = 0.12;

    /** For a motor that gets too much or too little. */
    static Advice forVoltage(Circuit circuit) {
        return StandardConnection.at(circuit.motor(), circuit.supply())
                .map(c -> near(circuit.supply().volts(), c.supply().volts())
                        ? WIRE_FOR_THIS_VOLTAGE
                        : GIVE_ITS_OWN_VOLTAGE)
                .orElse(NONE);
    }

    private static boolean near(double one, double other) {
        return Math.abs(one - other) <= TOLERANCE * other;
    }

    /**
     * For halves that work against each other: interchanging the ends of one of them, where that leaves every run coil with its
     * own voltage; else the connection for this voltage.
     */
    static Advice forOpposing(Circuit circuit, Setting setting, RatedPoint rated) {
        return circuit.motor().windings().stream()
                        .filter(w -> w.role() == Role.RUN)
                        .anyMatch(w -> isSound(turned(circuit, w), setting, rated))
                ? INTERCHANGE_ONE_HALF
                : forVoltage(circuit);
    }

    private static boolean isSound(Circuit circuit, Setting setting, RatedPoint rated) {
        AcSolution solution = AcNetwork.of(circuit, State.atSpeed(setting)).at(rated.slip());
        return !solution.nodes().same(Terminal.L1, Terminal.L2)
                && circuit.motor().coils(Role.RUN).stream()
                        .allMatch(c -> near(solution.voltage(c).norm(), c.ratedVolts()));
    }

    /** The same circuit with the two leads of a winding in each other's place. */
    private static Circuit turned(Circuit circuit, Winding winding) {
        List<Wire> wires = circuit.wires().stream()
                .map(w -> new Wire(turned(w.from(), winding), turned(w.to(), winding), w.run()))
                .toList();
        return circuit.rewired(wires);
    }

    private static Terminal turned(Terminal terminal, Winding winding) {
        return terminal.device().equals(Device.MOTOR) && winding.has(terminal) ? winding.farFrom(terminal) : terminal;
    }
}
