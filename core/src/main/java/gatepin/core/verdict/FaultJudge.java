package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Networks;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;

/** Shorts, faults to ground, and frames: what can kill before anything turns. Every frame counts, not the motor's alone. */
final class FaultJudge {
    private static final List<Terminal> LINES = List.of(Terminal.L1, Terminal.L2);

    private final Circuit circuit;
    private final Networks networks;
    private final Networks stiff;
    private final SortedSet<Terminal> unbonded = new TreeSet<>();

    FaultJudge(Networks networks, Networks stiff) {
        this.circuit = networks.circuit();
        this.networks = networks;
        this.stiff = stiff;
        // a bond that a contact opens is none
        Nodes wires = Nodes.of(circuit.wires(), List.of());
        circuit.frames().stream().filter(f -> !wires.same(f, Terminal.GROUND)).forEach(unbonded::add);
    }

    /** A line goes straight to the other or to ground: nothing else matters there. */
    boolean isShort(Setting setting) {
        Nodes nodes = networks.in(State.atRest(setting)).nodes();
        return nodes.same(Terminal.L1, Terminal.L2)
                || LINES.stream().anyMatch(l -> isHot(l) && nodes.same(l, Terminal.GROUND));
    }

    private boolean isHot(Terminal line) {
        return circuit.supply().isHot(line);
    }

    List<Verdict> in(Setting setting) {
        List<Verdict> verdicts = new ArrayList<>();
        AcSolution actual = networks.atRest(setting);
        Nodes nodes = actual.nodes();
        if (nodes.same(Terminal.L1, Terminal.L2)) {
            verdicts.add(Verdict.of(Rule.SHORT, Severity.DANGER)
                    .in(setting)
                    .at(LINES)
                    .along(Joints.path(circuit, setting, Terminal.L1, Terminal.L2))
                    .reading(actual.lineAmps(), 0));
        }
        double toGround = actual.lineCurrent(Terminal.GROUND).norm();
        boolean straight = false;
        for (Terminal line : LINES) {
            if (nodes.same(line, Terminal.GROUND)) {
                straight = true;
                verdicts.add(onGround(setting, line, toGround));
            }
        }
        if (!straight && toGround > Carrying.NOTHING_AMPS) {
            verdicts.add(leak(setting, nodes, actual, toGround));
        }
        unbonded(setting, verdicts);
        return verdicts;
    }

    /** Current to ground that no wire brings there: through a winding whose end is on the frame, or through what leaks to it. */
    private Verdict leak(Setting setting, Nodes nodes, AcSolution actual, double amps) {
        List<Element> through = circuit.elements().stream()
                .filter(e -> nodes.same(e.a(), Terminal.GROUND) != nodes.same(e.b(), Terminal.GROUND))
                .filter(e -> actual.current(e).norm() > Carrying.NOTHING_AMPS / 10)
                .toList();
        List<Terminal> onGround = circuit.motor().leads().stream()
                .filter(l -> nodes.same(l, Terminal.GROUND))
                .toList();
        List<Terminal> leaking = through.stream()
                .map(e -> nodes.same(e.a(), Terminal.GROUND) ? e.b() : e.a())
                .flatMap(t -> t.is(Type.INSIDE) ? Stream.<Terminal>empty() : Stream.of(t))
                .distinct()
                .toList();
        return Verdict.of(Rule.EARTH_FAULT, Severity.DANGER)
                .in(setting)
                .about(through.isEmpty() ? "" : through.get(0).name())
                .at(onGround.isEmpty() ? leaking : onGround)
                .reading(amps, 0);
    }

    private Verdict onGround(Setting setting, Terminal line, double amps) {
        Verdict verdict = Verdict.of(
                        isHot(line) ? Rule.EARTH_FAULT : Rule.NEUTRAL_ON_FRAME,
                        isHot(line) ? Severity.DANGER : Severity.WARN)
                .in(setting)
                .at(List.of(line, Terminal.GROUND))
                .along(Joints.path(circuit, setting, line, Terminal.GROUND));
        return isHot(line) ? verdict.reading(amps, 0) : verdict;
    }

    private void unbonded(Setting setting, List<Verdict> verdicts) {
        AcSolution solution = stiff.atRest(setting);
        for (Terminal frame : unbonded) {
            double volts = solution.potential(frame).map(Complex::norm).orElse(0.0);
            if (volts > Carrying.FELT_VOLTS) {
                verdicts.add(Verdict.of(Rule.FRAME_LIVE, Severity.DANGER)
                        .in(setting)
                        .at(List.of(frame))
                        .reading(volts, 0));
            }
            if (!isHot(Terminal.L2) && solution.nodes().same(frame, Terminal.L2)) {
                verdicts.add(Verdict.of(Rule.NEUTRAL_ON_FRAME, Severity.DANGER)
                        .in(setting)
                        .at(List.of(Terminal.L2, frame))
                        .along(Joints.path(circuit, setting, Terminal.L2, frame)));
            }
        }
    }

    /** Frames without a ground, told once for all settings. */
    List<Verdict> frames() {
        return unbonded.isEmpty()
                ? List.of()
                : List.of(Verdict.of(Rule.FRAME_NOT_BONDED, Severity.DANGER).at(List.copyOf(unbonded)));
    }
}
