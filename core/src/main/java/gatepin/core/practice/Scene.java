package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.bench.HandWiring;
import gatepin.core.circuit.Circuit;
import gatepin.core.diagram.StudBoard;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Leads;
import gatepin.core.rotation.DriveTrain;
import java.util.List;
import java.util.Optional;

/** What lies there to be looked at. */
public sealed interface Scene {
    /** Words only. */
    record Bare() implements Scene {}

    /** A plate: lines as they are stamped. */
    record Stamped(List<String> lines) implements Scene {}

    /** Leads that hang out of a motor. */
    record Loose(List<String> marks) implements Scene {}

    /**
     * A wiring on the bench.
     *
     * @param isCopper whether these are wires, which tell nobody what flows in them, and not a drawing of what is to be
     */
    record Wired(Leads leads, Optional<SwitchKind> gear, Circuit circuit, HandWiring wiring, boolean isCopper)
            implements Scene {}

    /** A board of studs. */
    record Board(StudBoard studs, StudBoard.Layout layout) implements Scene {}

    /** What lies between motor and tool. */
    record Train(DriveTrain train, Sentence tool) implements Scene {}
}
