package gatepin.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.Reading;
import gatepin.core.check.MadeUpWirings;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wire.Run;
import gatepin.core.verdict.Analysis;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class HandWiringTest {
    private static final List<Terminal> POINTS = List.of(
            Terminal.motor("T1"),
            Terminal.motor("T2"),
            Terminal.motor("T3"),
            Terminal.motor("T5"),
            Terminal.MOTOR_FRAME,
            Terminal.splice("X1"),
            Terminal.splice("X2"),
            Terminal.onSwitch("1"),
            Terminal.onSwitch("2"),
            Terminal.onSwitch("3"),
            Terminal.SWITCH_FRAME,
            Terminal.L1,
            Terminal.L2,
            Terminal.GROUND);

    private static HandWiring joined(HandWiring wiring, String one, String other) {
        return wiring.join(Terminal.fromId(one), Terminal.fromId(other), POINTS)
                .value()
                .orElseThrow();
    }

    private static String refused(HandWiring wiring, String one, String other) {
        Reading<HandWiring> read = wiring.join(Terminal.fromId(one), Terminal.fromId(other), POINTS);
        assertThat(read.value()).isEmpty();
        return read.problems().get(0).message();
    }

    @Test
    void aWireLiesWhereSuchAWireLiesWhicheverEndIsPutFirst() {
        HandWiring wiring = joined(HandWiring.NOTHING, "S1.2", "motor.T1");
        wiring = joined(wiring, "supply.L1", "S1.2");
        wiring = joined(wiring, "S1.3", "S1.1");
        wiring = joined(wiring, "splice.X1", "motor.T2");
        assertThat(wiring.wires())
                .extracting(Wire::toString)
                .containsExactly("motor.T1 → S1.2", "S1.2 → supply.L1", "S1.1 → S1.3", "motor.T2 → splice.X1");
        assertThat(wiring.wires())
                .extracting(Wire::run)
                .containsExactly(Run.MOTOR_CABLE, Run.SUPPLY_CABLE, Run.SWITCH_BOX, Run.MOTOR_BOX);
    }

    @Test
    void twoLeadsAreJoinedInANut() {
        HandWiring two = joined(HandWiring.NOTHING, "motor.T2", "motor.T3");
        assertThat(two.wires())
                .extracting(Wire::toString)
                .containsExactly("motor.T2 → splice.X1", "motor.T3 → splice.X1");
        HandWiring three = joined(two, "motor.T5", "motor.T2");
        assertThat(three.wires()).hasSize(3).allMatch(w -> w.to().equals(Terminal.splice("X1")));
        assertThat(refused(three, "motor.T5", "motor.T3")).contains("in one nut already");
    }

    @Test
    void whatNoHandCanDoIsRefusedWithTheReason() {
        HandWiring wiring = joined(HandWiring.NOTHING, "motor.T1", "S1.1");
        assertThat(refused(wiring, "motor.T1", "motor.T1")).contains("itself");
        assertThat(refused(wiring, "S1.1", "motor.T1")).contains("joined by a wire already");
        assertThat(refused(wiring, "motor.T1", "S1.2")).contains("lies on 1 already");
        assertThat(refused(wiring, "motor.T1", "motor.T2")).contains("lies on 1 already");
        assertThat(refused(wiring, "motor.T9", "S1.2")).contains("no T9");
        wiring = joined(wiring, "S1.1", "S1.2");
        assertThat(refused(wiring, "S1.1", "S1.3")).contains("full");
        assertThat(wiring.part(Terminal.L1, Terminal.L2).value()).isEmpty();
        assertThat(wiring.part(Terminal.onSwitch("2"), Terminal.onSwitch("1"))
                        .value()
                        .orElseThrow()
                        .wires())
                .hasSize(1);
    }

    @Test
    void whateverIsDoneNothingIsOverfullNothingIsTwiceAndPartingUndoesJoining() {
        for (int seed = 0; seed < 200; seed++) {
            Random chance = new Random(seed);
            HandWiring wiring = HandWiring.NOTHING;
            for (int act = 0; act < 60; act++) {
                Terminal one = POINTS.get(chance.nextInt(POINTS.size()));
                Terminal other = POINTS.get(chance.nextInt(POINTS.size()));
                HandWiring before = wiring;
                wiring = wiring.join(one, other, POINTS).value().orElse(wiring);
                if (wiring.wires().size() == before.wires().size() + 1) {
                    Wire last = wiring.wires().get(wiring.wires().size() - 1);
                    assertThat(wiring.part(last.to(), last.from()).value()).contains(before);
                }
                if (chance.nextInt(4) == 0 && !wiring.wires().isEmpty()) {
                    Wire off = wiring.wires().get(chance.nextInt(wiring.wires().size()));
                    wiring = wiring.part(off.from(), off.to()).value().orElseThrow();
                }
                assertSound(wiring);
            }
        }
    }

    private static void assertSound(HandWiring wiring) {
        Set<Set<Terminal>> pairs = new HashSet<>();
        wiring.wires()
                .forEach(w -> assertThat(pairs.add(Set.of(w.from(), w.to()))).isTrue());
        for (Terminal point : POINTS) {
            long lies = wiring.wires().stream().filter(w -> w.lands(point)).count();
            boolean lead = point.is(Type.MOTOR) && !point.isFrame();
            assertThat(lies).as(point.id()).isLessThanOrEqualTo(lead ? 1 : HandWiring.IN_A_NUT);
        }
        assertThat(wiring.nuts()).contains(Terminal.splice("X1"), Terminal.splice("X2"));
    }

    /** Laid by hand in any order a plan does what the plan does. */
    @Test
    void aPlanLaidByHandDoesWhatThePlanDoes() {
        for (MadeUpWirings made : MadeUpWirings.some(25, 4000)) {
            Circuit planned = made.request().circuit();
            List<Wire> wires = new ArrayList<>(planned.wires());
            Collections.shuffle(wires, new Random(7));
            List<Wire> laid = new ArrayList<>();
            for (Wire wire : wires) {
                laid.add(HandWiring.wire(wire.to(), wire.from()));
            }
            assertThat(laid.stream().map(HandWiringTest::ends).toList())
                    .containsExactlyInAnyOrderElementsOf(
                            planned.wires().stream().map(HandWiringTest::ends).toList());
            Analysis byPlan = Analysis.of(planned, made.request().rated());
            Analysis byHand = Analysis.of(planned.rewired(laid), made.request().rated());
            planned.settings()
                    .forEach(s -> assertThat(byHand.in(s).way())
                            .as("%s at %s", made.name(), s)
                            .isEqualTo(byPlan.in(s).way()));
            assertThat(byHand.verdicts().stream().map(v -> v.rule()).sorted().toList())
                    .isEqualTo(byPlan.verdicts().stream()
                            .map(v -> v.rule())
                            .sorted()
                            .toList());
        }
    }

    @Test
    void theProbesShowSomethingWhereverTheyLie() {
        for (MadeUpWirings made : MadeUpWirings.some(12, 7000)) {
            Circuit circuit = made.request().circuit();
            Analysis analysis = Analysis.of(circuit, made.request().rated());
            List<Terminal> points = new ArrayList<>(circuit.terminals());
            points.add(Terminal.splice("X9"));
            Random chance = new Random(made.name().hashCode());
            for (int i = 0; i < 60; i++) {
                Terminal a = points.get(chance.nextInt(points.size()));
                Terminal b = points.get(chance.nextInt(points.size()));
                circuit.settings().forEach(s -> {
                    Probes here = Probes.on(analysis, s, a, b);
                    Probes there = Probes.on(analysis, s, b, a);
                    assertThat(here.ohms()).isCloseTo(there.ohms(), within(1e-6));
                    assertThat(here.standing().isPresent())
                            .isEqualTo(there.standing().isPresent());
                    here.standing()
                            .ifPresent(v ->
                                    assertThat(v).isCloseTo(there.standing().orElseThrow(), within(1e-6)));
                    assertThat(here.ohms()).isNotNegative();
                });
            }
            Probes lines = Probes.on(analysis, circuit.settings().get(0), Terminal.L1, Terminal.L2);
            assertThat(lines.running().orElseThrow())
                    .isBetween(
                            0.5 * circuit.supply().volts(),
                            1.01 * circuit.supply().volts());
        }
    }

    private static Set<Terminal> ends(Wire wire) {
        return Set.of(wire.from(), wire.to());
    }
}
