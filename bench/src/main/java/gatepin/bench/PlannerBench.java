package gatepin.bench;

import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.Planner;
import gatepin.core.plan.SampleMotors;
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

/** The planner on a six-lead motor and switches of six terminals. Goal: 20 ms. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlannerBench {
    private final PlanRequest high = SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM);
    private final PlanRequest low = SampleMotors.SIX_LEAD_LOW.on(SwitchKind.CENTRE_SWAP_DRUM);

    /** The higher voltage on a cross-corner drum. */
    @Benchmark
    public PlanResult highOnCrossCornerDrum() {
        return Planner.search(high);
    }

    /** The lower voltage on a centre-swap drum. */
    @Benchmark
    public PlanResult lowOnCentreSwapDrum() {
        return Planner.search(low);
    }
}
