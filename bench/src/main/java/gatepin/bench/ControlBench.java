package gatepin.bench;

import gatepin.core.Effort;
import gatepin.core.control.ControlSupply;
import gatepin.core.control.ControlWishes;
import gatepin.core.control.ControlWishes.Before;
import gatepin.core.control.ControlWishes.Start;
import gatepin.core.control.ControlWishes.With;
import gatepin.core.control.Ladder;
import gatepin.core.control.Proof;
import gatepin.core.control.Prover;
import gatepin.core.control.Simulation;
import gatepin.core.control.Simulation.Act;
import java.util.EnumSet;
import java.util.List;
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

/** Control circuits: every state with every single fault, and a run in time. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class ControlBench {
    private static final EnumSet<With> BOTH_INTERLOCKS = EnumSet.of(
            With.EMERGENCY_STOP, With.BUTTON_INTERLOCK, With.MECHANICAL_INTERLOCK, With.MIRROR_CONTACTS, With.LAMPS);

    private final ControlWishes plain =
            new ControlWishes(ControlSupply.LOW, Start.BUTTONS, Before.NOTHING, 5, BOTH_INTERLOCKS);
    private final ControlWishes large = new ControlWishes(ControlSupply.LOW, Start.BUTTONS, Before.TIMER, 5, large());
    private final ControlWishes selector =
            new ControlWishes(ControlSupply.LOW, Start.SELECTOR, Before.TIMER, 5, BOTH_INTERLOCKS);
    private final Ladder plainLadder = plain.ladder();
    private final Ladder largeLadder = large.ladder();
    private final Ladder selectorLadder = selector.ladder();

    private static EnumSet<With> large() {
        EnumSet<With> with = EnumSet.copyOf(BOTH_INTERLOCKS);
        with.add(With.SECOND_STATION);
        with.add(With.LIMITS);
        return with;
    }

    /** Two contactors, one station. */
    @Benchmark
    public Proof plain() {
        return Prover.prove(plainLadder, plain.asked(), Effort.unlimited());
    }

    /** Two contactors, two stations, two limit switches, a timer. */
    @Benchmark
    public Proof twoStationsLimitsTimer() {
        return Prover.prove(largeLadder, large.asked(), Effort.unlimited());
    }

    /** A selector behind a relay, with a timer. */
    @Benchmark
    public Proof selectorWithTimer() {
        return Prover.prove(selectorLadder, selector.asked(), Effort.unlimited());
    }

    /** Thirty seconds of the large one with ten acts. */
    @Benchmark
    public Simulation.Run run() {
        return Simulation.run(
                largeLadder,
                List.of(
                        new Act(6000, "S1", true),
                        new Act(6200, "S1", false),
                        new Act(9000, "B1", true),
                        new Act(9100, "S2", true),
                        new Act(9300, "S2", false),
                        new Act(15_000, "S12", true),
                        new Act(15_200, "S12", false),
                        new Act(20_000, "S9", true),
                        new Act(21_000, "power", false),
                        new Act(22_000, "power", true)),
                3,
                30_000,
                Effort.unlimited());
    }
}
