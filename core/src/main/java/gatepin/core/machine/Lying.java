package gatepin.core.machine;

import gatepin.core.circuit.AcrossTheLines;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How the capacitors of a wiring lie to each other with the start switch open, and to the lines.
 *
 * @param shared how many ends two of them have in common at speed where it is first meant to run: what the start switch alone joins is
 *     not one; empty where nothing is wired
 * @param across those that lie straight across the lines wherever it is meant to run
 */
record Lying(Optional<Map<List<String>, Integer>> shared, Set<String> across) {
    /** Nobody knows. */
    static final Lying ANYHOW = new Lying(Optional.empty(), Set.of());

    static Lying in(Circuit circuit) {
        return new Lying(
                circuit.settings().stream()
                        .filter(Setting::isMeantToRun)
                        .findFirst()
                        .map(s -> shared(circuit.nodes(State.atSpeed(s)), circuit.capacitors())),
                AcrossTheLines.capacitors(circuit));
    }

    /** Whether some capacitors may count as one in series, or else in parallel: as they lie, or either where nobody knows. */
    boolean mayBe(List<Capacitor> some, boolean inSeries) {
        return shared.map(known -> {
                    for (int i = 1; i < some.size(); i++) {
                        List<String> two = pair(some.get(i - 1), some.get(i));
                        if (known.getOrDefault(two, 0) != (inSeries ? 1 : 2)) {
                            return false;
                        }
                    }
                    return true;
                })
                .orElse(true);
    }

    private static Map<List<String>, Integer> shared(Nodes nodes, List<Capacitor> capacitors) {
        Map<List<String>, Integer> shared = new HashMap<>();
        for (int i = 0; i < capacitors.size(); i++) {
            for (int j = 0; j < i; j++) {
                shared.put(
                        pair(capacitors.get(i), capacitors.get(j)),
                        shared(nodes, capacitors.get(i), capacitors.get(j)));
            }
        }
        return shared;
    }

    private static List<String> pair(Capacitor one, Capacitor other) {
        return one.name().compareTo(other.name()) <= 0
                ? List.of(one.name(), other.name())
                : List.of(other.name(), one.name());
    }

    private static int shared(Nodes nodes, Capacitor one, Capacitor other) {
        boolean straight = nodes.same(one.a(), other.a()) && nodes.same(one.b(), other.b());
        boolean crossed = nodes.same(one.a(), other.b()) && nodes.same(one.b(), other.a());
        boolean touch = nodes.same(one.a(), other.a())
                || nodes.same(one.a(), other.b())
                || nodes.same(one.b(), other.a())
                || nodes.same(one.b(), other.b());
        return straight || crossed ? 2 : touch ? 1 : 0;
    }
}
