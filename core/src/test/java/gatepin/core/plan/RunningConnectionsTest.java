package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Severity;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.SwitchKind;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.SortedSet;
import java.util.TreeSet;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

class RunningConnectionsTest {
    static final List<SampleMotors> MOTORS = SampleMotors.ALL;

    private static Analysis analysis(SampleMotors motor, List<SortedSet<Terminal>> groups) {
        Motor real = motor.fitted().values().motor(motor.leads());
        Circuit wired = new Circuit(
                real, ContactChart.NONE, motor.supply(), Feeder.STIFF, RunningConnection.wires(groups), List.of());
        return Analysis.of(wired, motor.rated());
    }

    private static Way way(SampleMotors motor, RunningConnection connection) {
        return analysis(motor, connection.groups()).in(HandlePosition.FORWARD).way();
    }

    @ParameterizedTest
    @FieldSource("MOTORS")
    void everyOneStartsItsWayAndHurtsNothing(SampleMotors motor) {
        RunningConnections all = motor.running();
        Way forward = way(motor, all.forward().get(0));

        assertThat(forward).isNotEqualTo(Way.NONE);
        assertThat(all.forward()).allMatch(c -> way(motor, c) == forward);
        assertThat(all.reverse()).allMatch(c -> way(motor, c) == forward.opposite());
        for (RunningConnection connection : all.forward()) {
            assertThat(analysis(motor, connection.groups()).verdicts()).noneMatch(v -> v.severity() == Severity.DANGER);
        }
    }

    @ParameterizedTest
    @FieldSource("MOTORS")
    void theDiagramsOwnComeFirst(SampleMotors motor) {
        RunningConnections all = motor.running();

        assertThat(Partition.of(
                        PlanRequest.points(motor.leads().terminals()),
                        all.forward().get(0).groups()))
                .isEqualTo(Partition.of(
                        PlanRequest.points(motor.leads().terminals()),
                        motor.connection().groups(motor.leads())));
        assertThat(all.forward().get(0).onDiagram()).isTrue();
        assertThat(all.reverse().get(0).onDiagram()).isTrue();
    }

    @Test
    @DisplayName(
            "high voltage: two orders of the halves, two senses, the start winding across either half: eight each way (common practice)")
    void sixLeadsOnTheHigherVoltageRunInSixteenWays() {
        RunningConnections all = SampleMotors.SIX_LEAD_HIGH.running();

        assertThat(all.forward()).hasSize(8);
        assertThat(all.reverse()).hasSize(8);
    }

    @Test
    @DisplayName("low voltage: swap the ends of the start winding or of the run winding, never both (common practice)")
    void sixLeadsOnTheLowerVoltageReverseByEitherWinding() {
        RunningConnections all = SampleMotors.SIX_LEAD_LOW.running();

        assertThat(all.forward()).hasSize(2);
        assertThat(all.reverse()).hasSize(2);
    }

    /** No connection is missed: random ones that the engine finds as good as the diagram's are all in the list. */
    @Tag("long")
    @Test
    void noneIsMissed() {
        SampleMotors motor = SampleMotors.SIX_LEAD_HIGH;
        RunningConnections all = motor.running();
        List<Terminal> points = PlanRequest.points(motor.leads().terminals());
        double rated = Math.abs(torque(motor, motor.connection().groups(motor.leads())));
        Random chance = new Random(23);
        int found = 0;
        for (int n = 0; n < 6000; n++) {
            List<SortedSet<Terminal>> groups = random(points, chance);
            boolean shorted = groups.stream().anyMatch(g -> g.contains(Terminal.L1) && g.contains(Terminal.L2));
            if (!shorted && Math.abs(Math.abs(torque(motor, groups)) - rated) < 0.01 * rated) {
                int[] here = Partition.of(points, groups);
                found++;
                assertThat(java.util.stream.Stream.concat(all.forward().stream(), all.reverse().stream()))
                        .anyMatch(c -> java.util.Arrays.equals(Partition.of(points, c.groups()), here));
            }
        }
        assertThat(found).isPositive();
    }

    private static double torque(SampleMotors motor, List<SortedSet<Terminal>> groups) {
        return analysis(motor, groups).in(HandlePosition.FORWARD).standstill().torqueNm();
    }

    private static List<SortedSet<Terminal>> random(List<Terminal> points, Random chance) {
        List<Terminal> shuffled = new ArrayList<>(points);
        Collections.shuffle(shuffled, chance);
        List<SortedSet<Terminal>> groups = new ArrayList<>(List.of(new TreeSet<>(), new TreeSet<>(), new TreeSet<>()));
        shuffled.forEach(p -> groups.get(chance.nextInt(3)).add(p));
        return groups.stream()
                .filter(g -> !g.isEmpty())
                .sorted(java.util.Comparator.comparing(SortedSet::first))
                .toList();
    }

    @Test
    @DisplayName("without centre-off an arc across a toggle wired in a cross shorts the lines (common practice)")
    void thrownStraightAcross() {
        List<Plan> plans = Planner.search(SampleMotors.FOUR_LEAD.on(SwitchKind.DPDT_STRAIGHT_ACROSS))
                .plans();

        assertThat(plans).isNotEmpty().allMatch(p -> Across.shorts(p.wires(), SwitchKind.DPDT_STRAIGHT_ACROSS.chart()));
    }
}
