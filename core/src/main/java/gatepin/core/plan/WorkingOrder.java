package gatepin.core.plan;

import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The order in which wires are made: the interchanged leads first, so that they cannot get mixed; then the
 * splices and the rest of the motor's cable, jumpers, lines, and the grounds (common practice).
 */
public final class WorkingOrder {
    private WorkingOrder() {}

    /** The wires of a plan in working order. */
    public static List<Wire> of(Plan plan) {
        return of(plan.wires(), interchanged(plan));
    }

    /** Wires that somebody laid by hand in working order. */
    public static List<Wire> of(List<Wire> wires) {
        return of(wires, Set.of());
    }

    private static List<Wire> of(List<Wire> wires, Set<Terminal> first) {
        return wires.stream()
                .sorted(Comparator.comparingInt((Wire w) -> rank(w, first))
                        .thenComparing(Wire::from)
                        .thenComparing(Wire::to))
                .toList();
    }

    /** The interchanged leads, and the splices they go into. */
    private static Set<Terminal> interchanged(Plan plan) {
        List<Terminal> leads = plan.interchanged();
        Set<Terminal> all = plan.wires().stream()
                .filter(w -> leads.contains(w.from()) && w.to().is(Type.SPLICE))
                .map(Wire::to)
                .collect(Collectors.toSet());
        all.addAll(leads);
        return all;
    }

    private static int rank(Wire wire, Set<Terminal> interchanged) {
        if (wire.isGround()) {
            return 5;
        }
        return switch (wire.run()) {
            case MOTOR_BOX -> 1;
            case MOTOR_CABLE -> interchanged.contains(wire.from()) ? 0 : 2;
            case SWITCH_BOX -> 3;
            case SUPPLY_CABLE -> 4;
        };
    }
}
