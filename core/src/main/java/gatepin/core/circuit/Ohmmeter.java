package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
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

    /** The terminals of a circuit by number: for many meters on circuits that have the same terminals. */
    public static final class Points {
        private final Map<Terminal, Integer> numbers = new HashMap<>();

        /** The terminals of a circuit. */
        public static Points of(Circuit circuit) {
            return of(circuit, List.of());
        }

        /** The terminals of a circuit, and more that others of its kind have. */
        public static Points of(Circuit circuit, Collection<Terminal> more) {
            Points points = new Points();
            circuit.terminals().forEach(points::add);
            more.forEach(points::add);
            return points;
        }

        private void add(Terminal terminal) {
            numbers.putIfAbsent(terminal, numbers.size());
        }

        /** The number of a terminal, or less than 0 where it is none of these. */
        int number(Terminal terminal) {
            Integer number = numbers.get(terminal);
            return number == null ? -1 : number;
        }

        int count() {
            return numbers.size();
        }
    }

    private final Points points;
    /** By terminal: the number of its node among those where something resists; less than 0 where nothing does. */
    private final int[] resistive;
    /** By terminal: one terminal that stands for its node. */
    private final int[] node;
    /** By resistive node: one that stands for all that some resistive way reaches. */
    private final int[] island;

    private final DMatrixRMaj inverse;

    private Ohmmeter(Circuit circuit, State state, Points points) {
        this.points = points;
        this.node = joined(circuit, state, points);
        List<Element> resisting = new ArrayList<>();
        for (Element element : circuit.elements()) {
            if (!(element instanceof Capacitor) && root(element.a()) != root(element.b())) {
                resisting.add(element);
            }
        }
        this.resistive = new int[node.length];
        Arrays.fill(resistive, -1);
        int n = 0;
        for (Element element : resisting) {
            for (int end : new int[] {root(element.a()), root(element.b())}) {
                if (resistive[end] < 0) {
                    resistive[end] = n++;
                }
            }
        }
        this.island = new int[n];
        DMatrixRMaj conductance = new DMatrixRMaj(n, n);
        for (int i = 0; i < n; i++) {
            island[i] = i;
        }
        for (Element element : resisting) {
            double ohms = element instanceof Coil coil ? coil.presentOhms() : ((Resistor) element).ohms();
            add(conductance, resistive[root(element.a())], resistive[root(element.b())], 1 / ohms);
        }
        for (int i = 0; i < n; i++) {
            if (island[i] == i) {
                // the island's reference: any value will do, readings are differences
                conductance.add(i, i, 1);
            }
        }
        this.inverse = new DMatrixRMaj(n, n);
        if (n > 0) {
            LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.symmPosDef(n);
            if (!solver.setA(conductance)) {
                throw new IllegalStateException("the ohmmeter's equations are singular in " + state);
            }
            solver.invert(inverse);
        }
    }

    /** The meter on a wired motor in a state; use {@link State#atRest} for one that stands and is cold. */
    public static Ohmmeter on(Circuit circuit, State state) {
        return on(circuit, state, Points.of(circuit));
    }

    /**
     * The same, on a circuit whose terminals are numbered already.
     *
     * @throws IllegalArgumentException when the circuit has a terminal that is not among them
     */
    public static Ohmmeter on(Circuit circuit, State state, Points points) {
        return new Ohmmeter(circuit, state, points);
    }

    private static int[] joined(Circuit circuit, State state, Points points) {
        int[] parent = new int[points.count()];
        for (int i = 0; i < parent.length; i++) {
            parent[i] = i;
        }
        for (Wire wire : circuit.wires()) {
            join(parent, number(points, wire.from()), number(points, wire.to()));
        }
        for (Contact contact : circuit.chart().closedIn(state.setting())) {
            join(parent, number(points, contact.a()), number(points, contact.b()));
        }
        for (InnerContact contact : circuit.motor().contacts()) {
            if (contact.isClosed(state)) {
                join(parent, number(points, contact.a()), number(points, contact.b()));
            }
        }
        for (int i = 0; i < parent.length; i++) {
            parent[i] = root(parent, i);
        }
        return parent;
    }

    private static int number(Points points, Terminal terminal) {
        int number = points.number(terminal);
        if (number < 0) {
            throw new IllegalArgumentException("this circuit has no terminal " + terminal);
        }
        return number;
    }

    private static void join(int[] parent, int a, int b) {
        parent[root(parent, b)] = root(parent, a);
    }

    private static int root(int[] parent, int of) {
        int root = of;
        while (parent[root] != root) {
            parent[root] = parent[parent[root]];
            root = parent[root];
        }
        return root;
    }

    private int root(Terminal terminal) {
        return node[number(points, terminal)];
    }

    private void add(DMatrixRMaj conductance, int a, int b, double siemens) {
        conductance.add(a, a, siemens);
        conductance.add(b, b, siemens);
        conductance.add(a, b, -siemens);
        conductance.add(b, a, -siemens);
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
        return ohms(root(a), root(b));
    }

    /** The readings between all of these: by the place of one and of the other in the list, Ω. */
    public double[][] ohms(List<Terminal> terminals) {
        int[] nodes = terminals.stream().mapToInt(this::root).toArray();
        double[][] ohms = new double[nodes.length][nodes.length];
        for (int i = 0; i < nodes.length; i++) {
            for (int j = 0; j < i; j++) {
                ohms[i][j] = ohms(nodes[i], nodes[j]);
                ohms[j][i] = ohms[i][j];
            }
        }
        return ohms;
    }

    private double ohms(int one, int other) {
        if (one == other) {
            return 0;
        }
        int i = resistive[one];
        int j = resistive[other];
        if (i < 0 || j < 0 || island[i] != island[j]) {
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
