package gatepin.core.verdict;

import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Coil;
import gatepin.core.machine.Normal;
import java.util.List;
import org.hipparchus.complex.Complex;

/** Coils along one axis whose fields work against each other. */
final class Opposing {
    /** Below this cosine of the phase between them the fields of two halves work against each other. */
    private static final double OPPOSING = -0.5;
    /** Two coils whose axes lie this close, as the cosine of the angle between them, work along one axis. */
    private static final double ALONG_ONE_AXIS = 0.9;

    private Opposing() {}

    /** The first two of some coils that work against each other; empty where none do. A nine-lead motor has two coils on each axis. */
    static List<Coil> pair(List<Coil> coils, AcSolution solution, Normal usual) {
        for (int i = 0; i < coils.size(); i++) {
            for (int j = i + 1; j < coils.size(); j++) {
                if (areAgainst(coils.get(i), coils.get(j), solution, usual)) {
                    return List.of(coils.get(i), coils.get(j));
                }
            }
        }
        return List.of();
    }

    private static boolean areAgainst(Coil one, Coil other, AcSolution solution, Normal usual) {
        double between = Math.cos(Math.toRadians(one.degrees() - other.degrees()));
        return Math.abs(between) > ALONG_ONE_AXIS
                && usual.carries(solution, one)
                && usual.carries(solution, other)
                && oppose(field(one, solution), field(other, solution).multiply(Math.signum(between)));
    }

    /** What a coil adds to the field along its axis, ampere turns. */
    private static Complex field(Coil coil, AcSolution solution) {
        return solution.current(coil).multiply(coil.turns());
    }

    /** Whether two fields are opposite in phase. */
    private static boolean oppose(Complex one, Complex other) {
        double cosine = one.multiply(other.conjugate()).getRealPart() / (one.norm() * other.norm());
        return cosine < OPPOSING;
    }
}
