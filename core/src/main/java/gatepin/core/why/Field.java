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
 * @param turning how it goes round: 1 evenly counter-clockwise, 0 not at all, −1 evenly clockwise; the thin side of its way beside the thick one
 * @param torqueNm the torque at this moment's slip, N·m; its sign is the direction
 * @param lineAmps what the line feeds, A
 */
public record Field(List<Tip> moments, double turning, double torqueNm, double lineAmps) {
    /** How often the arrow is drawn over a period. */
    public static final int MOMENTS = 36;

    /** Where the arrow ends. */
    public record Tip(double x, double y) {}

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
        return new Field(moments, turning(along, across), solution.torqueNm(), solution.lineAmps());
    }

    private static double at(Complex phasor, double angle) {
        return Math.sqrt(2) * (phasor.getRealPart() * Math.cos(angle) - phasor.getImaginaryPart() * Math.sin(angle));
    }

    /** The longest arrow. */
    public double most() {
        return moments.stream().mapToDouble(t -> Math.hypot(t.x(), t.y())).max().orElse(0);
    }

    /** The part that goes round one way against the part that goes round the other way. */
    private static double turning(Complex along, Complex across) {
        double forward = along.add(across.multiply(Complex.I)).norm();
        double backward = along.subtract(across.multiply(Complex.I)).norm();
        return forward + backward == 0 ? 0 : (forward - backward) / (forward + backward);
    }

    /** The thin side of the arrow's way beside the thick one: 1 for a field that goes round evenly, 0 for one that only throbs. */
    public double roundness() {
        return Math.abs(turning);
    }

    /** Which way the arrow goes round: 1 counter-clockwise, −1 clockwise, 0 where it only throbs. */
    public int way() {
        return roundness() < 0.001 ? 0 : (int) Math.signum(turning);
    }
}
