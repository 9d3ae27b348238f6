package gatepin.core.bench;

import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.verdict.Analysis;
import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * What a meter shows whose probes lie on a wiring.
 *
 * @param ohms with the plug pulled, Ω; infinite for OL
 * @param standing volts between the two points at standstill; empty where one of them floats
 * @param running volts between them at rated slip; empty where one of them floats
 */
public record Probes(double ohms, Optional<Double> standing, Optional<Double> running) {
    /** Reads two points in a setting. */
    public static Probes on(Analysis analysis, Setting setting, Terminal a, Terminal b) {
        Circuit circuit = analysis.circuit();
        if (!circuit.terminals().containsAll(List.of(a, b))) {
            // a nut that lies ready with nothing in it
            return new Probes(a.equals(b) ? 0 : Ohmmeter.OPEN, Optional.empty(), Optional.empty());
        }
        double ohms = a.equals(b)
                ? 0
                : Ohmmeter.on(circuit, State.atRest(setting), Ohmmeter.Points.of(circuit, List.of(a, b)))
                        .ohms(a, b);
        Analysis.InSetting in = analysis.in(setting);
        return new Probes(ohms, between(in.standstill(), a, b), between(in.running(), a, b));
    }

    private static Optional<Double> between(AcSolution solution, Terminal a, Terminal b) {
        if (solution.nodes().same(a, b)) {
            return Optional.of(0.0);
        }
        Optional<Complex> one = solution.potential(a);
        Optional<Complex> other = solution.potential(b);
        return one.isPresent() && other.isPresent()
                ? Optional.of(one.get().subtract(other.get()).norm())
                : Optional.empty();
    }

    /**
     * What a clamp around a wire shows in a setting.
     *
     * @param standing at standstill, A
     * @param running at rated slip, A
     */
    public record Clamped(double standing, double running) {
        /** Reads a wire of the wiring. */
        public static Clamped on(Analysis analysis, Setting setting, Wire wire) {
            Analysis.InSetting in = analysis.in(setting);
            return new Clamped(
                    in.standstill().current(wire).norm(),
                    in.running().current(wire).norm());
        }
    }
}
