package gatepin.web.bench;

import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Wire;
import gatepin.core.lane.Workup.OnBench;
import gatepin.core.machine.Copper;
import gatepin.core.machine.Load;
import gatepin.core.machine.RunUp;
import gatepin.core.machine.RunUp.Conditions;
import gatepin.core.machine.RunUpTrace;
import gatepin.core.machine.RunUpTrace.Happening;
import gatepin.core.machine.RunUpTrace.Sample;
import gatepin.core.verdict.Analysis.InSetting;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * What happens when a wiring gets power in one position, second by second.
 *
 * @param words what there is to see, hear and smell
 * @param trips seconds until the breaker trips; negative where it holds
 * @param smoke seconds until copper would have burnt; negative where it would not
 * @param burnt the windings that burn
 * @param speeds the shaft, the first second finely
 * @param starting what flows in each wire while the start switch is closed
 * @param running what flows in each wire at rated speed
 */
public record PowerOn(
        String words,
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

    /** Nothing flows. */
    static PowerOn nothing(String words, double trips) {
        return new PowerOn(words, trips, -1, List.of(), List.of(), List.of(), List.of());
    }

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

    /** Gives it power; a machine that starts free on the shaft. */
    static PowerOn of(JobFile file, OnBench bench, HandlePosition position) {
        Circuit circuit = bench.circuit();
        if (Carrying.of(circuit, position).isShort()) {
            return nothing("The breaker trips at once: the lines are joined.", 0);
        }
        RunUpTrace trace =
                RunUp.simulate(circuit, Load.startsFree(bench.fitted()), Conditions.starting(position, LOOK_FOR));
        Optional<Double> breaker = file.workup().standsAhead().branch().map(b -> (double) b.breakerHigh());
        double trips = breaker.filter(b -> trace.peakAmps() > TRIPS_BEYOND * b)
                .map(b -> 0.02)
                .orElse(-1.0);
        double smoke = trips >= 0 ? -1 : trace.secondsToDamage().orElse(-1.0);
        List<String> burnt = smoke < 0 ? List.of() : burnt(circuit, trace, smoke);
        InSetting in = bench.analysis().in(position);
        return new PowerOn(
                words(trace, trips, smoke, burnt, position),
                trips,
                smoke,
                burnt,
                speeds(trace),
                flows(circuit, in.standstill()),
                flows(circuit, in.running()));
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

    private static String words(
            RunUpTrace trace, double trips, double smoke, List<String> burnt, HandlePosition position) {
        if (trips >= 0) {
            return "The breaker trips: " + Math.round(trace.peakAmps()) + " A at the start.";
        }
        String run;
        if (trace.peakAmps() < Carrying.NOTHING_AMPS) {
            run = position == HandlePosition.OFF ? "OFF: no current flows." : "Nothing happens: no current flows.";
        } else if (trace.secondsToSpeed().isEmpty()) {
            run = "It hums and does not turn, at " + Math.round(trace.peakAmps()) + " A.";
        } else {
            run = "Up to " + Math.round(Math.abs(trace.last().rpm())) + " rpm in "
                    + String.format(Locale.ROOT, "%.1f", trace.secondsToSpeed().orElseThrow()) + " s, "
                    + Math.round(trace.peakAmps()) + " A at the start, "
                    + String.format(Locale.ROOT, "%.1f", trace.last().lineAmps()) + " A running."
                    + trace.first(Happening.START_SWITCH_OPENED)
                            .map(s -> " The start switch clicks out after " + String.format(Locale.ROOT, "%.1f", s)
                                    + " s.")
                            .orElse("");
        }
        return smoke < 0
                ? run
                : run + " Smoke after " + Math.round(smoke) + " s: " + String.join(", ", burnt) + " burns.";
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
