package gatepin.bench;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.BenchMotors;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.NodalReference;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.format.SpiceNetlist;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Given;
import gatepin.core.machine.Load;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.machine.RunUp;
import gatepin.core.machine.RunUpTrace;
import gatepin.core.plate.MotorFamily;
import gatepin.core.verdict.Analysis;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/** The engine on a six-lead motor wired to a cross-corner drum for 230 V. Goal: a full analysis within 5 ms. */
@org.openjdk.jmh.annotations.State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class EngineBench {
    private static final int POINTS = 200;
    /** How often one ngspice process repeats the analysis, so that its start does not count. */
    private static final int REPEATS = 1000;

    private final Circuit wired = BenchMotors.wired(
            BenchMotors.sixLead(),
            new Supply(230, 60, Supply.Kind.TWO_HOT),
            "T1-5 6-L1 T2-T3 T3-1 T5-3 T8-2 T4-4 4-L2 FRAME-G");
    private final RatedPoint rated = new RatedPoint(0.042, 3.1);
    private final State atRest = State.atRest(HandlePosition.FORWARD);
    private final Nodes nodes = wired.nodes(atRest);
    private final AcNetwork network = AcNetwork.of(wired, atRest);
    private final Load load = new Load(Load.Law.CONSTANT, 3, 3, 0.012);
    private Path once = Path.of("unset");
    private Path often = Path.of("unset");

    @Setup
    public void writeNetlists() throws IOException {
        String netlist = SpiceNetlist.standstill(wired, atRest, "bench").text();
        once = Files.writeString(Files.createTempFile("bench", ".cir"), netlist);
        String analysis = "ac lin 1 60 60";
        often = Files.writeString(
                Files.createTempFile("bench", ".cir"),
                netlist.replace(analysis, "repeat " + REPEATS + "\n" + analysis + "\nend"));
    }

    @TearDown
    public void removeNetlists() throws IOException {
        Files.delete(once);
        Files.delete(often);
    }

    /** All positions and states, verdicts, ohmmeter: what happens when a person moves a wire. */
    @Benchmark
    public Analysis fullAnalysis() {
        return Analysis.of(wired, rated);
    }

    /** One state from wires to currents: merging nodes, finding loops, solving. */
    @Benchmark
    public double oneState() {
        return AcNetwork.of(wired, atRest).at(1).lineAmps();
    }

    /** The same by textbook nodal equations and EJML's dense complex solver. */
    @Benchmark
    public Object oneStateNodalEjml() {
        return NodalReference.currents(wired, nodes, 1);
    }

    /** The same by ngspice, started anew. */
    @Benchmark
    public int oneStateNgspiceProcess() throws IOException, InterruptedException {
        return ngspice(once);
    }

    /** A thousand analyses in one ngspice process. */
    @Benchmark
    public int thousandStatesNgspice() throws IOException, InterruptedException {
        return ngspice(often);
    }

    private static int ngspice(Path netlist) throws IOException, InterruptedException {
        return new ProcessBuilder("ngspice", "-b", netlist.toString())
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
    }

    /** Torque at 200 speeds. */
    @Benchmark
    public double torqueCurve() {
        double most = 0;
        for (int i = 0; i < POINTS; i++) {
            most = Math.max(most, network.torqueAt(2.0 * i / POINTS));
        }
        return most;
    }

    /** Currents at 200 speeds by nodal equations and EJML. */
    @Benchmark
    public int torqueCurveNodalEjml() {
        int count = 0;
        for (int i = 0; i < POINTS; i++) {
            count += NodalReference.currents(wired, nodes, 2.0 * i / POINTS).size();
        }
        return count;
    }

    /** From standstill to speed and on, three seconds of it, with the start switch opening. */
    @Benchmark
    public RunUpTrace runUp() {
        return RunUp.simulate(wired, load, RunUp.Conditions.starting(HandlePosition.FORWARD, 3));
    }

    /** From a plate to an equivalent circuit. */
    @Benchmark
    public FittedMotor fit() {
        return PlateFit.fit(new Given(
                        MotorFamily.CAPACITOR_START,
                        559,
                        115,
                        Optional.of(13.8),
                        60,
                        1725,
                        4,
                        6.75,
                        false,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .value()
                .orElseThrow();
    }
}
