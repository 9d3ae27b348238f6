package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Severity;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Rule;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every usual diagram at both voltages on every kind of switch: 360 pairs, every plan of every front analysed. */
@Tag("long")
class SweepTest {
    static Stream<Sweep.Wired> diagrams() {
        return Sweep.all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("diagrams")
    @DisplayName(
            "every plan runs both ways without danger, and planner and verdicts agree on protector, hot leads and lines")
    void everyPlanIsSoundAndCostsWhatThePlannerSays(Sweep.Wired motor) {
        RunningConnections running = motor.running();
        assertThat(running.forward()).isNotEmpty();
        assertThat(running.reverse()).isNotEmpty();
        int plans = 0;
        for (SwitchKind kind : SwitchKind.ALL) {
            for (Plan plan : Planner.search(motor.on(kind, running)).plans()) {
                plans++;
                holds(motor, kind, plan);
            }
        }
        assertThat(plans).isGreaterThan(10);
    }

    private static void holds(Sweep.Wired motor, SwitchKind kind, Plan plan) {
        String name = motor + " on " + kind.name() + ": " + plan.wires();
        Circuit circuit = new Circuit(motor.motor(), kind.chart(), motor.supply(), Feeder.STIFF, plan.wires());
        Analysis analysis = Analysis.of(circuit, motor.rated());

        assertThat(analysis.verdicts())
                .as(name)
                .noneMatch(v -> v.severity() == Severity.DANGER && (kind.hasOff() || !v.isOfOff()))
                .anyMatch(v -> v.rule() == Rule.REVERSES);
        assertThat(analysis.in(HandlePosition.FORWARD).way()).as(name).isNotEqualTo(Way.NONE);
        boolean bypassed = analysis.verdicts().stream().anyMatch(v -> v.rule() == Rule.PROTECTOR_BYPASSED);
        if (circuit.motor().has(Kind.PROTECTOR)) {
            assertThat(plan.cost().besideProtector() > 0).as(name).isEqualTo(bypassed);
            if (kind.hasOff()) {
                // on a face that breaks one line only the protector may be left in the neutral; that is then said
                assertThat(analysis.verdicts().stream()
                                .anyMatch(v -> v.rule() == Rule.PROTECTED || v.rule() == Rule.PROTECTOR_IN_NEUTRAL))
                        .as(name)
                        .isNotEqualTo(bypassed);
            }
        } else {
            assertThat(bypassed).as(name).isFalse();
        }
        if (kind.hasOff()) {
            Carrying off = Carrying.of(circuit, HandlePosition.OFF);
            assertThat(off.nothingFlows()).as(name).isTrue();
            assertThat(off.hotLeads()).as(name).hasSize(plan.cost().hotLeadsInOff());
            long unbroken = Stream.of(Terminal.L1, Terminal.L2)
                    .filter(l -> circuit.supply().isHot(l) && !off.isBroken(l))
                    .count();
            assertThat(unbroken).as(name).isEqualTo(plan.cost().hotLinesUnbroken());
        }
    }

    @Test
    @DisplayName("a plan's key is that of its wires, and no two plans of a front share one")
    void keysTellPlansApart() {
        for (Sweep.Wired motor : Sweep.all()) {
            List<Plan> plans = Planner.search(motor.on(SwitchKind.CROSS_CORNER_DRUM, motor.running()))
                    .plans();
            assertThat(plans.stream().map(Plan::key)).doesNotHaveDuplicates();
            List<Plan> again = Planner.search(motor.on(SwitchKind.CROSS_CORNER_DRUM, motor.running()))
                    .plans();
            assertThat(again.stream().map(Plan::key))
                    .containsExactlyElementsOf(plans.stream().map(Plan::key).toList());
        }
    }

    @Test
    @DisplayName(
            "500 wirings landed at random: nothing good is said beside a short or a live frame, and every bare frame is told")
    void nothingGoodIsSaidOfWhatIsDangerous() {
        int shorted = 0;
        for (long seed = 0; seed < 500; seed++) {
            Sweep.Wired motor = Sweep.all().get((int) (seed % 24));
            SwitchKind kind = SwitchKind.ALL.get((int) (seed % SwitchKind.ALL.size()));
            List<Wire> wires = MadeUpWorld.anyWires(seed, motor, kind);
            Supply supply = seed % 3 == 0 ? new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL) : motor.supply();
            Circuit circuit = new Circuit(motor.motor(), kind.chart(), supply, Feeder.USUAL, wires);
            Analysis analysis = Analysis.of(circuit, motor.rated());
            List<Rule> rules = analysis.verdicts().stream().map(v -> v.rule()).toList();
            if (rules.contains(Rule.SHORT) || rules.contains(Rule.EARTH_FAULT) || rules.contains(Rule.FRAME_LIVE)) {
                shorted++;
                assertThat(rules).as("seed %d", seed).doesNotContain(Rule.PROTECTED, Rule.DEAD_IN_OFF);
            }
            for (Terminal frame : circuit.frames()) {
                boolean bonded = Nodes.of(wires, List.of()).same(frame, Terminal.GROUND);
                boolean told = analysis.verdicts().stream()
                        .anyMatch(v -> v.rule() == Rule.FRAME_NOT_BONDED
                                && v.terminals().contains(frame));
                assertThat(told).as("seed %d, %s", seed, frame).isNotEqualTo(bonded);
                boolean onLine = circuit.settings().stream()
                        .anyMatch(s -> Nodes.of(wires, kind.chart().closedIn(s)).same(frame, Terminal.L1)
                                && !bonded
                                && !Nodes.of(wires, kind.chart().closedIn(s)).same(Terminal.L1, Terminal.GROUND)
                                && !Nodes.of(wires, kind.chart().closedIn(s)).same(Terminal.L1, Terminal.L2));
                if (onLine) {
                    assertThat(rules).as("seed %d, line on %s", seed, frame).contains(Rule.FRAME_LIVE);
                }
            }
        }
        assertThat(shorted).isGreaterThan(100);
    }
}
