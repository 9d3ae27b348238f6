package gatepin.core.circuit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.Complex_F64;
import org.ejml.data.ZMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_ZDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;
import org.hipparchus.complex.Complex;

/**
 * A second way to the same currents, for tests and benchmarks: modified nodal equations as in the textbooks, one
 * equation for each node and each branch, with a little leakage to ground where a part floats; solved dense by EJML.
 */
public final class NodalReference {
    private NodalReference() {}

    /** The current of every element at a slip, A. */
    public static Map<Element, Complex> currents(Circuit wired, Nodes nodes, double slip) {
        Map<Terminal, Integer> node = new HashMap<>();
        wired.terminals().forEach(t -> node.computeIfAbsent(nodes.nodeOf(t), k -> node.size()));
        List<Element> elements = wired.elements();
        int n = node.size();
        int size = n + elements.size() + 3;
        ZMatrixRMaj matrix = new ZMatrixRMaj(size, size);
        ZMatrixRMaj right = new ZMatrixRMaj(size, 1);
        for (int i = 0; i < n; i++) {
            matrix.set(i, i, 1e-9, 0);
        }
        double hertz = wired.supply().hertz();
        double scale = hertz / wired.motor().rotor().ratedHertz();
        Complex forward = wired.motor().rotor().fieldImpedance(slip, hertz);
        Complex backward = wired.motor().rotor().fieldImpedance(2 - slip, hertz);
        Complex s = forward.add(backward).divide(2);
        Complex d = forward.subtract(backward).divide(2);
        for (int e = 0; e < elements.size(); e++) {
            Element element = elements.get(e);
            int row = n + e;
            stamp(matrix, row, at(node, nodes, element.a()), 1);
            stamp(matrix, row, at(node, nodes, element.b()), -1);
            Complex own = element instanceof Coil c
                    ? new Complex(c.ohms(), c.leakageOhms() * scale)
                    : element instanceof Capacitor c
                            ? new Complex(c.esrOhms(), -1e6 / (2 * Math.PI * hertz * c.microfarads()))
                            : new Complex(((Resistor) element).ohms(), 0);
            add(matrix, row, row, own.negate());
            if (element instanceof Coil p) {
                for (int o = 0; o < elements.size(); o++) {
                    if (elements.get(o) instanceof Coil q) {
                        double kk = p.turns() * q.turns();
                        boolean sameAxis = p.role() == q.role();
                        Complex mutual = sameAxis
                                ? s.multiply(kk)
                                : d.multiply(new Complex(0, p.role() == Winding.Role.RUN ? -kk : kk));
                        add(matrix, row, n + o, mutual.negate());
                    }
                }
            }
        }
        Supply supply = wired.supply();
        Complex[] emf = {supply.emf(Terminal.L1), supply.emf(Terminal.L2), Complex.ZERO};
        List<Terminal> lines = List.of(Terminal.L1, Terminal.L2, Terminal.GROUND);
        for (int l = 0; l < 3; l++) {
            int row = n + elements.size() + l;
            int at = at(node, nodes, lines.get(l));
            add(matrix, at, row, Complex.ONE.negate());
            add(matrix, row, at, Complex.ONE);
            add(
                    matrix,
                    row,
                    row,
                    new Complex(wired.feeder().ohms(), wired.feeder().reactanceOhms()));
            right.set(row, 0, emf[l].getRealPart(), emf[l].getImaginaryPart());
        }
        LinearSolverDense<ZMatrixRMaj> solver = LinearSolverFactory_ZDRM.lu(size);
        solver.setA(matrix);
        ZMatrixRMaj x = new ZMatrixRMaj(size, 1);
        solver.solve(right, x);
        Map<Element, Complex> currents = new HashMap<>();
        for (int e = 0; e < elements.size(); e++) {
            Complex_F64 value = new Complex_F64();
            x.get(n + e, 0, value);
            currents.put(elements.get(e), new Complex(value.real, value.imaginary));
        }
        return currents;
    }

    private static int at(Map<Terminal, Integer> node, Nodes nodes, Terminal terminal) {
        return node.getOrDefault(nodes.nodeOf(terminal), -1);
    }

    private static void stamp(ZMatrixRMaj matrix, int row, int node, double sign) {
        add(matrix, node, row, new Complex(sign, 0));
        add(matrix, row, node, new Complex(sign, 0));
    }

    private static void add(ZMatrixRMaj matrix, int row, int column, Complex value) {
        matrix.set(
                row,
                column,
                matrix.getReal(row, column) + value.getRealPart(),
                matrix.getImag(row, column) + value.getImaginaryPart());
    }
}
