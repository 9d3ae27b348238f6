package gatepin.core.why;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.State;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;

/**
 * What the windings push in the bore of a motor over one period of the line: the sum of turns times current of every coil, each along its
 * own axis. Two axes that pulse one after the other make an arrow that goes round; one alone makes one that only grows and shrinks.
 *
 * @param moments the arrow's tip, {@link #MOMENTS} times over a period; the run winding lies along x; ampere-turns relative to one run half
 * @param torqueNm the torque at this moment's slip, N·m; its sign is the direction
 * @param lineAmps what the line feeds, A
 */
public record Field(List<Tip> moments, double torqueNm, double lineAmps) {
    /** How often the arrow is drawn over a period. */
    public static final int MOMENTS = 36;

    /** Where the arrow ends. */
    public record Tip(double x, double y) {
        double length() {
            return Math.hypot(x, y);
        }
    }

    public Field {
        moments = List.copyOf(moments);
    }

    /** The field of a circuit in a state at a slip. */
    public static Field of(Circuit circuit, State state, double slip) {
        AcSolution solution = AcNetwork.of(circuit, state).at(slip);
        Complex along = Complex.ZERO;
        Complex across = Complex.ZERO;
        for (Coil coil : circuit.motor().coils()) {
            if (coil.health() == Coil.Health.OPEN) {
                continue;
            }
            Complex pushes = solution.current(coil).multiply(coil.turns());
            double axis = Math.toRadians(coil.degrees());
            along = along.add(pushes.multiply(Math.cos(axis)));
            across = across.add(pushes.multiply(Math.sin(axis)));
        }
        List<Tip> moments = new ArrayList<>();
        for (int i = 0; i < MOMENTS; i++) {
            double angle = 2 * Math.PI * i / MOMENTS;
            moments.add(new Tip(at(along, angle), at(across, angle)));
        }
        return new Field(moments, solution.torqueNm(), solution.lineAmps());
    }

    private static double at(Complex phasor, double angle) {
        return Math.sqrt(2) * (phasor.getRealPart() * Math.cos(angle) - phasor.getImaginaryPart() * Math.sin(angle));
    }

    /** The longest arrow. */
    public double most() {
        return moments.stream().mapToDouble(Tip::length).max().orElse(0);
    }

    /** The shortest arrow beside the longest: 1 for a field that goes round evenly, 0 for one that only throbs. */
    public double roundness() {
        double most = most();
        return most == 0 ? 0 : moments.stream().mapToDouble(Tip::length).min().orElse(0) / most;
    }

    /** Which way the arrow goes round: 1 one way, −1 the other, 0 where it only throbs. */
    public int way() {
        double area = 0;
        for (int i = 0; i < MOMENTS; i++) {
            Tip one = moments.get(i);
            Tip next = moments.get((i + 1) % MOMENTS);
            area += one.x() * next.y() - one.y() * next.x();
        }
        return roundness() < 0.01 ? 0 : (int) Math.signum(area);
    }
}
