package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

/**
 * What an ohmmeter reads between any two terminals with the plug pulled: coils and resistors only. Capacitors block it;
 * start switch and protector stand as they are cold.
 */
public final class Ohmmeter {
    /** What the meter shows for an open circuit ("OL"). */
    public static final double OPEN = Double.POSITIVE_INFINITY;

    private final Nodes nodes;
    private final Map<Terminal, Integer> indexOf = new HashMap<>();
    /** Nodes with a resistive way between them belong to one island. */
    private final int[] island;

    private final DMatrixRMaj inverse;

    private Ohmmeter(Circuit circuit, State state) {
        this.nodes = circuit.nodes(state);
        for (Terminal terminal : circuit.terminals()) {
            indexOf.computeIfAbsent(nodes.nodeOf(terminal), n -> indexOf.size());
        }
        int n = indexOf.size();
        DMatrixRMaj conductance = new DMatrixRMaj(n, n);
        this.island = new int[n];
        for (int i = 0; i < n; i++) {
            island[i] = i;
        }
        for (Element element : circuit.elements()) {
            if (element instanceof Coil coil) {
                add(conductance, coil, coil.presentOhms());
            } else if (element instanceof Resistor resistor) {
                add(conductance, resistor, resistor.ohms());
            }
        }
        for (int i = 0; i < n; i++) {
            if (island[i] == i) {
                // the island's reference: any value will do, readings are differences
                conductance.add(i, i, 1);
            }
        }
        LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.symmPosDef(n);
        if (!solver.setA(conductance)) {
            throw new IllegalStateException("the ohmmeter's equations are singular in " + state);
        }
        this.inverse = new DMatrixRMaj(n, n);
        solver.invert(inverse);
    }

    /** The meter on a wired motor in a state; use {@link State#atRest} for one that stands and is cold. */
    public static Ohmmeter on(Circuit circuit, State state) {
        return new Ohmmeter(circuit, state);
    }

    private int index(Terminal terminal) {
        Integer index = indexOf.get(nodes.nodeOf(terminal));
        if (index == null) {
            throw new IllegalArgumentException("this circuit has no terminal " + terminal);
        }
        return index;
    }

    private void add(DMatrixRMaj conductance, Element element, double ohms) {
        int a = index(element.a());
        int b = index(element.b());
        if (a == b) {
            return;
        }
        conductance.add(a, a, 1 / ohms);
        conductance.add(b, b, 1 / ohms);
        conductance.add(a, b, -1 / ohms);
        conductance.add(b, a, -1 / ohms);
        int from = island[b];
        int to = island[a];
        for (int i = 0; i < island.length; i++) {
            if (island[i] == from) {
                island[i] = to;
            }
        }
    }

    /** The reading between two terminals at 20 °C, Ω; {@link #OPEN} where nothing connects them. */
    public double ohms(Terminal a, Terminal b) {
        int i = index(a);
        int j = index(b);
        if (i == j) {
            return 0;
        }
        if (island[i] != island[j]) {
            return OPEN;
        }
        return Math.max(0, inverse.get(i, i) + inverse.get(j, j) - 2 * inverse.get(i, j));
    }

    /** All pairs that read other than open, for a list of terminals. */
    public List<Reading> readings(List<Terminal> terminals) {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < terminals.size(); i++) {
            for (int j = i + 1; j < terminals.size(); j++) {
                readings.add(new Reading(terminals.get(i), terminals.get(j), ohms(terminals.get(i), terminals.get(j))));
            }
        }
        return readings;
    }

    /** One reading; {@link #OPEN} ohms where the meter shows OL. */
    public record Reading(Terminal a, Terminal b, double ohms) {
        public boolean isOpen() {
            return Double.isInfinite(ohms);
        }
    }
}
