package gatepin.bench;

import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.ConstraintPlanner;
import gatepin.core.plan.PlanCost;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.SampleMotors;
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

/**
 * The planner on switches of six terminals (goal: 20 ms) and on a cam of twelve (goal: 200 ms). Beside it a general constraint solver
 * that finds only the one best plan.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlannerBench {
    private final PlanRequest highOnDrum = SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM);
    private final PlanRequest lowOnSwap = SampleMotors.SIX_LEAD_LOW.on(SwitchKind.CENTRE_SWAP_DRUM);
    private final PlanRequest protectedOnDrum = SampleMotors.PROTECTED.on(SwitchKind.CROSS_CORNER_DRUM);
    private final PlanRequest highOnCam = SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CAM_12);
    private final PlanRequest lowOnCam = SampleMotors.SIX_LEAD_LOW.on(SwitchKind.CAM_12);
    private final PlanRequest fourOnDrum = SampleMotors.FOUR_LEAD.on(SwitchKind.CROSS_CORNER_DRUM);
    private final PlanRequest fourOnCam = SampleMotors.FOUR_LEAD.on(SwitchKind.CAM_12);

    /** All connections that run a six-lead motor on the higher voltage. */
    @Benchmark
    public RunningConnections runningConnections() {
        return SampleMotors.SIX_LEAD_HIGH.running();
    }

    /** The higher voltage on a cross-corner drum. */
    @Benchmark
    public PlanResult highOnCrossCornerDrum() {
        return Planner.search(highOnDrum);
    }

    /** The lower voltage on a centre-swap drum. */
    @Benchmark
    public PlanResult lowOnCentreSwapDrum() {
        return Planner.search(lowOnSwap);
    }

    /** Eight leads, with a protector, on a cross-corner drum. */
    @Benchmark
    public PlanResult protectedOnCrossCornerDrum() {
        return Planner.search(protectedOnDrum);
    }

    /** The higher voltage on a twelve-terminal cam. */
    @Benchmark
    public PlanResult highOnCam() {
        return Planner.search(highOnCam);
    }

    /** The lower voltage on a twelve-terminal cam. */
    @Benchmark
    public PlanResult lowOnCam() {
        return Planner.search(lowOnCam);
    }

    /** Four leads on a cross-corner drum. */
    @Benchmark
    public PlanResult fourLeadsOnCrossCornerDrum() {
        return Planner.search(fourOnDrum);
    }

    /** Four leads on a twelve-terminal cam. */
    @Benchmark
    public PlanResult fourLeadsOnCam() {
        return Planner.search(fourOnCam);
    }

    /** The constraint solver: four leads on a cross-corner drum. */
    @Benchmark
    @BenchmarkMode(Mode.SingleShotTime)
    @Warmup(iterations = 2)
    @Measurement(iterations = 3)
    public Optional<PlanCost> solverFourLeadsOnCrossCornerDrum() {
        return ConstraintPlanner.best(fourOnDrum);
    }

    /** The constraint solver: four leads on a twelve-terminal cam. */
    @Benchmark
    @BenchmarkMode(Mode.SingleShotTime)
    @Warmup(iterations = 0)
    @Measurement(iterations = 1)
    public Optional<PlanCost> solverFourLeadsOnCam() {
        return ConstraintPlanner.best(fourOnCam);
    }
}
