package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;
import org.hipparchus.complex.Complex;

/**
 * How the current of a node parts among its wires and contacts. Where they form a tree, Kirchhoff's current law alone
 * settles it; where they form a ring, each piece is taken to resist alike (one unit), as short pieces of one wire do.
 */
final class NodeCurrents {
    private NodeCurrents() {}

    /** A potential for each terminal, such that the current in a joint is the difference between its ends. */
    static Map<Terminal, Complex> potentials(AcNetwork network, Complex[] currents) {
        Circuit circuit = network.circuit();
        List<Terminal> terminals = new ArrayList<>(circuit.terminals());
        Map<Terminal, Integer> at = new HashMap<>();
        for (int i = 0; i < terminals.size(); i++) {
            at.put(terminals.get(i), i);
        }
        int n = terminals.size();
        DMatrixRMaj laplacian = new DMatrixRMaj(n, n);
        circuit.wires().forEach(w -> joint(laplacian, index(at, w.from()), index(at, w.to())));
        circuit.chart()
                .closedIn(network.state().setting())
                .forEach(c -> joint(laplacian, index(at, c.a()), index(at, c.b())));
        circuit.motor().contacts().stream()
                .filter(c -> c.isClosed(network.state()))
                .forEach(c -> joint(laplacian, index(at, c.a()), index(at, c.b())));
        for (int i = 0; i < n; i++) {
            // one terminal of each node is the reference
            if (network.nodes().nodeOf(terminals.get(i)).equals(terminals.get(i))) {
                laplacian.add(i, i, 1);
            }
        }
        DMatrixRMaj injected = new DMatrixRMaj(n, 2);
        for (Terminal line : List.of(Terminal.L1, Terminal.L2, Terminal.GROUND)) {
            inject(injected, index(at, line), currents[network.feederOf(line)]);
        }
        for (Element element : circuit.elements()) {
            Complex current = currents[network.branchOf(element)];
            inject(injected, index(at, element.a()), current.negate());
            inject(injected, index(at, element.b()), current);
        }
        LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.symmPosDef(n);
        if (!solver.setA(laplacian)) {
            throw new IllegalStateException("the joints of the circuit cannot be resolved");
        }
        DMatrixRMaj potential = new DMatrixRMaj(n, 2);
        solver.solve(injected, potential);
        Map<Terminal, Complex> result = new HashMap<>();
        for (int i = 0; i < n; i++) {
            result.put(terminals.get(i), new Complex(potential.get(i, 0), potential.get(i, 1)));
        }
        return result;
    }

    private static int index(Map<Terminal, Integer> at, Terminal terminal) {
        Integer index = at.get(terminal);
        if (index == null) {
            throw new IllegalArgumentException("this circuit has no terminal " + terminal);
        }
        return index;
    }

    private static void joint(DMatrixRMaj laplacian, int a, int b) {
        laplacian.add(a, a, 1);
        laplacian.add(b, b, 1);
        laplacian.add(a, b, -1);
        laplacian.add(b, a, -1);
    }

    private static void inject(DMatrixRMaj injected, int at, Complex current) {
        injected.add(at, 0, current.getRealPart());
        injected.add(at, 1, current.getImaginaryPart());
    }
}
