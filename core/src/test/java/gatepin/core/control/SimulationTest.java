package gatepin.core.control;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Effort;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.ControlWishes.Before;
import gatepin.core.control.ControlWishes.Start;
import gatepin.core.control.ControlWishes.With;
import gatepin.core.control.Simulation.Act;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A control circuit in time. */
class SimulationTest {
    private static final double COAST_SECONDS = 3;

    private static Simulation.Run run(Ladder ladder, int until, Act... acts) {
        return Simulation.run(ladder, List.of(acts), COAST_SECONDS, until, Effort.unlimited());
    }

    private static ControlWishes wishes(Before before) {
        return MadeUpLadders.wishes(
                Start.BUTTONS, before, EnumSet.of(With.EMERGENCY_STOP, With.BUTTON_INTERLOCK, With.MIRROR_CONTACTS));
    }

    @Test
    void aButtonSealsInAndAStopLetsGo() {
        Ladder ladder = wishes(Before.NOTHING).ladder();
        assertThat(run(ladder, 1000, new Act(100, "S1", true), new Act(300, "S1", false))
                        .last())
                .satisfies(m -> assertThat(m.look().in()).containsExactly("K1"))
                .satisfies(m -> assertThat(m.motion()).isEqualTo(HandlePosition.FORWARD));
        assertThat(run(
                                ladder,
                                9000,
                                new Act(100, "S1", true),
                                new Act(300, "S1", false),
                                new Act(1000, "S0", true),
                                new Act(1100, "S0", false))
                        .last())
                .satisfies(m -> assertThat(m.look().in()).isEmpty())
                .satisfies(m -> assertThat(m.motion()).isEqualTo(HandlePosition.OFF));
    }

    @Test
    void theOtherWayWaitsForTheTimer() {
        Ladder ladder = wishes(Before.TIMER).ladder();
        Act[] early = {
            new Act(6000, "S1", true),
            new Act(6200, "S1", false),
            new Act(9000, "S0", true),
            new Act(9200, "S0", false),
            new Act(11_000, "S2", true),
            new Act(11_200, "S2", false)
        };
        assertThat(run(ladder, 13_000, early).last().look().in()).isEmpty();
        Act[] late = early.clone();
        late[4] = new Act(15_000, "S2", true);
        late[5] = new Act(15_200, "S2", false);
        assertThat(run(ladder, 16_000, late).last().look().in()).containsExactly("K2");
    }

    @Test
    void aCoilThroughItsOwnContactChatters() {
        Ladder buzzer =
                LadderText.read("K1 contactor forward\nK1: K1 nc").value().orElseThrow();
        assertThat(run(buzzer, 60_000).chatters()).isTrue();
        assertThat(run(wishes(Before.NOTHING).ladder(), 60_000).chatters()).isFalse();
    }

    @Test
    void itNeverLeavesTheStatesThatWereGoneThrough() {
        Random random = new Random(1616);
        for (int i = 0; i < 60; i++) {
            // the proof takes a timer to wait longer than the shaft coasts
            ControlWishes any = MadeUpLadders.any(random);
            ControlWishes wishes =
                    new ControlWishes(any.supply(), any.start(), any.before(), COAST_SECONDS + 1, any.with());
            Ladder ladder = wishes.ladder();
            BitSet proved = Prover.reach(
                    Space.of(ControlNet.of(ladder), ControlFault.NONE, Effort.unlimited()), Effort.unlimited());
            List<Act> acts = new ArrayList<>();
            int at = 0;
            for (int a = 0; a < 40; a++) {
                at += random.nextInt(4) == 0 ? random.nextInt(6000) : random.nextInt(40);
                Part part = ladder.parts().get(random.nextInt(ladder.parts().size()));
                if (!part.kind().isLoad() && part.kind() != Part.Kind.STANDSTILL) {
                    acts.add(new Act(at, part.name(), random.nextBoolean()));
                } else if (random.nextInt(3) == 0) {
                    acts.add(new Act(at, "power", random.nextInt(3) > 0));
                }
            }
            for (long state : Simulation.states(ladder, acts, COAST_SECONDS, at + 10_000, Effort.unlimited())) {
                assertThat(proved.get((int) state))
                        .as(
                                "%s, state %x of %d bits after %s in %s",
                                wishes,
                                state,
                                Space.of(ControlNet.of(ladder), ControlFault.NONE, Effort.unlimited()).bits,
                                acts,
                                LadderText.write(ladder))
                        .isTrue();
            }
        }
    }
}
