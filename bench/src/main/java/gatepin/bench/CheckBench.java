package gatepin.bench;

import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.ColdPlanner;
import gatepin.core.check.Fault;
import gatepin.core.check.FaultFinder;
import gatepin.core.check.Faults;
import gatepin.core.check.Meter;
import gatepin.core.check.SimulatedReading;
import gatepin.core.check.Suspects;
import gatepin.core.check.Symptom;
import gatepin.core.check.Taken;
import gatepin.core.check.WiringFault;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Planner;
import gatepin.core.plan.SampleMotors;
import gatepin.core.trouble.Past;
import gatepin.core.trouble.Trouble;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A cold-check plan (goal: 200 ms) and a ranking of what may be wrong (goal: 100 ms), six leads on a drum and eight on a cam. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class CheckBench {
    private final CheckRequest onDrum = request(SampleMotors.SIX_LEAD_HIGH, SwitchKind.CROSS_CORNER_DRUM);
    private final CheckRequest onCam = request(SampleMotors.PROTECTED, SwitchKind.CAM_12);
    private final List<Taken> single = read(onDrum, 1);
    private final List<Taken> pair = read(onDrum, 2);
    private final List<Taken> pairOnCam = read(onCam, 2);

    private static CheckRequest request(SampleMotors motor, SwitchKind kind) {
        Circuit circuit = new Circuit(
                motor.motor(),
                kind.chart(),
                motor.supply(),
                Feeder.USUAL,
                Planner.search(motor.on(kind)).plans().get(0).wires());
        return CheckRequest.of(circuit, motor.rated());
    }

    /** The plan's readings on a wiring with so many ends landed wrong. */
    private static List<Taken> read(CheckRequest request, int wrong) {
        Circuit actual = request.circuit();
        List<Fault> exchanged = Faults.of(actual).stream()
                .filter(WiringFault.EndsExchanged.class::isInstance)
                .toList();
        for (int i = 0; i < wrong; i++) {
            actual = exchanged.get(7 * i + 3).applyTo(actual);
        }
        SimulatedReading meter = new SimulatedReading(actual, Meter.USUAL, 5);
        return ColdPlanner.plan(request).steps().stream()
                .map(s -> meter.take(s.read()))
                .toList();
    }

    /** Six leads on a cross-corner drum. */
    @Benchmark
    public ColdPlan planOnDrum() {
        return ColdPlanner.plan(onDrum);
    }

    /** Eight leads with a protector on a cam of twelve terminals. */
    @Benchmark
    public ColdPlan planOnCam() {
        return ColdPlanner.plan(onCam);
    }

    /** Eleven readings with one mistake, six leads on a drum. */
    @Benchmark
    public Suspects rankOne() {
        return FaultFinder.rank(onDrum, single);
    }

    /** The same with two mistakes. */
    @Benchmark
    public Suspects rankTwo() {
        return FaultFinder.rank(onDrum, pair);
    }

    /** Two mistakes, eight leads on a cam. */
    @Benchmark
    public Suspects rankTwoOnCam() {
        return FaultFinder.rank(onCam, pairOnCam);
    }

    /** By what it does. */
    @Benchmark
    public Trouble complaint() {
        return Trouble.of(
                new Trouble.Machine(onDrum, Optional.empty(), Past.USED_TO_RUN, List.of()),
                EnumSet.of(Symptom.HUMS, Symptom.BY_HAND_ONLY));
    }
}
