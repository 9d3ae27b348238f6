package gatepin.core.circuit;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** The networks of one circuit in its states, each built once. Not safe for use by several threads at once. */
public final class Networks {
    private final Circuit circuit;
    private final Set<Terminal> terminals;
    private final Map<State, AcNetwork> built = new HashMap<>();

    private Networks(Circuit circuit) {
        this.circuit = circuit;
        this.terminals = circuit.terminals();
    }

    /** Of a circuit. */
    public static Networks of(Circuit circuit) {
        return new Networks(circuit);
    }

    public Circuit circuit() {
        return circuit;
    }

    /** In a state, ready to be solved at any slip. */
    public AcNetwork in(State state) {
        return built.computeIfAbsent(state, s -> AcNetwork.of(circuit, s, terminals));
    }

    /** At standstill with the start switch closed. */
    public AcSolution atRest(Setting setting) {
        return in(State.atRest(setting)).at(1);
    }
}
