package gatepin.core.bench;

import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.Copper;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Load;
import gatepin.core.machine.RunUp;
import gatepin.core.machine.RunUp.Conditions;
import gatepin.core.machine.RunUpTrace;
import gatepin.core.machine.RunUpTrace.Happening;
import gatepin.core.machine.RunUpTrace.Sample;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.InSetting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * What happens when a wiring gets power in one position, second by second; the machine on the shaft starts free.
 *
 * @param isShort the lines are joined
 * @param peakAmps the most that flows, A
 * @param toSpeed seconds until it is at speed; empty where it never is
 * @param rpm how fast it turns in the end, negative in the minus direction
 * @param amps what it draws in the end, A
 * @param opens seconds until its start switch clicks out; empty where it does not
 * @param trips seconds until the breaker trips; negative where it holds
 * @param smoke seconds until copper would have burnt; negative where it would not
 * @param burnt the windings that burn
 * @param speeds the shaft, the first second finely
 * @param starting what flows in each wire while the start switch is closed
 * @param running what flows in each wire at rated speed
 */
public record PowerOn(
        boolean isShort,
        double peakAmps,
        Optional<Double> toSpeed,
        double rpm,
        double amps,
        Optional<Double> opens,
        double trips,
        double smoke,
        List<String> burnt,
        List<Spin> speeds,
        List<Flow> starting,
        List<Flow> running) {
    private static final double LOOK_FOR = 120;
    private static final double FINE_UNTIL = 1;
    private static final double COARSE_STEP = 0.25;
    private static final double SHOWN_UNTIL = 8;
    /** A breaker carries a start of this many times its size for some seconds, and trips beyond (common practice). */
    private static final double TRIPS_BEYOND = 8;

    /** The shaft at a moment: s, rpm, and whether the start switch is closed. */
    public record Spin(double at, long rpm, boolean starting, long amps) {}

    /** The current of a wire, by both its ends: A, and how far it is behind the first line's voltage, degrees. */
    public record Flow(String ends, double amps, long degrees) {}

    /** The lines are joined: the breaker trips at once. */
    private static final PowerOn SHORT = new PowerOn(
            true, 0, Optional.empty(), 0, 0, Optional.empty(), 0, -1, List.of(), List.of(), List.of(), List.of());

    private static List<Flow> flows(Circuit circuit, AcSolution solution) {
        List<Flow> flows = new ArrayList<>();
        for (Wire wire : circuit.wires()) {
            Complex current = solution.current(wire);
            if (current.norm() >= Carrying.NOTHING_AMPS) {
                flows.add(new Flow(
                        wire.key(),
                        Math.round(current.norm() * 100) / 100.0,
                        Math.round(-Math.toDegrees(current.getArgument()))));
            }
        }
        return flows;
    }

    /**
     * Gives it power.
     *
     * @param fitted the motor as fitted to its plate
     * @param analysis what the wiring does
     * @param breaker the size of the breaker it hangs on, A; empty where nobody knows
     */
    public static PowerOn of(FittedMotor fitted, Analysis analysis, HandlePosition position, Optional<Double> breaker) {
        Circuit circuit = analysis.circuit();
        if (Carrying.of(circuit, position).isShort()) {
            return SHORT;
        }
        RunUpTrace trace = RunUp.simulate(circuit, Load.startsFree(fitted), Conditions.starting(position, LOOK_FOR));
        double trips = breaker.filter(b -> trace.peakAmps() > TRIPS_BEYOND * b)
                .map(b -> 0.02)
                .orElse(-1.0);
        double smoke = trips >= 0 ? -1 : trace.secondsToDamage().orElse(-1.0);
        InSetting in = analysis.in(position);
        return new PowerOn(
                false,
                trace.peakAmps(),
                trace.secondsToSpeed(),
                trace.last().rpm(),
                trace.last().lineAmps(),
                trace.first(Happening.START_SWITCH_OPENED),
                trips,
                smoke,
                smoke < 0 ? List.of() : burnt(circuit, trace, smoke),
                speeds(trace),
                flows(circuit, in.standstill()),
                flows(circuit, in.running()));
    }

    /** Whether nothing flows at all. */
    public boolean isNothing() {
        return !isShort && peakAmps < Carrying.NOTHING_AMPS;
    }

    /** Whether it gets up to speed and stays whole. */
    public boolean runsWell() {
        return toSpeed.isPresent() && trips < 0 && smoke < 0;
    }

    private static List<String> burnt(Circuit circuit, RunUpTrace trace, double smoke) {
        Sample at = trace.samples().stream()
                .filter(s -> s.seconds() >= smoke)
                .findFirst()
                .orElse(trace.last());
        List<String> burnt = new ArrayList<>();
        List<Coil> coils = circuit.motor().coils();
        for (int i = 0; i < coils.size(); i++) {
            if (at.coilCelsius().get(i) >= Copper.DAMAGE_CELSIUS) {
                burnt.add(coils.get(i).name());
            }
        }
        return burnt;
    }

    private static List<Spin> speeds(RunUpTrace trace) {
        List<Spin> spins = new ArrayList<>();
        double next = 0;
        double opened = trace.first(Happening.START_SWITCH_OPENED).orElse(Double.MAX_VALUE);
        for (Sample sample : trace.samples()) {
            if (sample.seconds() >= next && sample.seconds() <= SHOWN_UNTIL) {
                spins.add(new Spin(
                        Math.round(sample.seconds() * 1000) / 1000.0,
                        Math.round(sample.rpm()),
                        sample.seconds() < opened,
                        Math.round(sample.lineAmps())));
                next = sample.seconds() + (sample.seconds() < FINE_UNTIL ? 0.02 : COARSE_STEP);
            }
        }
        return spins;
    }
}
