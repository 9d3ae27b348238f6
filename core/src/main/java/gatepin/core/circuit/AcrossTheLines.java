package gatepin.core.circuit;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Capacitors that lie straight across the lines wherever a motor is meant to run: there they correct its power factor. */
public final class AcrossTheLines {
    private AcrossTheLines() {}

    /** Their names; none where the wiring runs the motor in no setting. */
    public static Set<String> capacitors(Circuit circuit) {
        List<Nodes> running = circuit.settings().stream()
                .filter(Setting::isMeantToRun)
                .map(s -> circuit.nodes(State.atRest(s)))
                .filter(n -> !n.same(Terminal.L1, Terminal.L2))
                .toList();
        return circuit.capacitors().stream()
                .filter(c -> !running.isEmpty() && running.stream().allMatch(n -> isAcross(c, n)))
                .map(Capacitor::name)
                .collect(Collectors.toSet());
    }

    /** Whether a capacitor lies straight across the lines where terminals are joined like this. */
    public static boolean isAcross(Capacitor capacitor, Nodes nodes) {
        return (nodes.same(capacitor.a(), Terminal.L1) && nodes.same(capacitor.b(), Terminal.L2))
                || (nodes.same(capacitor.a(), Terminal.L2) && nodes.same(capacitor.b(), Terminal.L1));
    }
}
