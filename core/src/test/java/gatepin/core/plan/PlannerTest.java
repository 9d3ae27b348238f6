package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Flow;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Connection;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.PlanResult.Hindrance;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.SortedSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PlannerTest {
    @Test
    @DisplayName("six leads, 230 V, cross-corner drum: five conductors, no jumper, one line stays on (common practice)")
    void highVoltageOnTheCrossCornerDrum() {
        PlanResult result = Planner.search(SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM));

        PlanCost best = result.plans().get(0).cost();
        assertThat(best.conductors()).isEqualTo(5);
        assertThat(best.jumpers()).isZero();
        assertThat(best.hotLinesUnbroken()).isEqualTo(1);
        assertThat(best.hotLeadsInOff())
                .as("the run winding hangs on the unbroken line")
                .isEqualTo(4);
    }

    @Test
    @DisplayName("six leads, 115 V, cross-corner drum: four conductors, one jumper, hot broken, neutral left alone")
    void lowVoltageOnTheCrossCornerDrum() {
        PlanCost best = Planner.search(SampleMotors.SIX_LEAD_LOW.on(SwitchKind.CROSS_CORNER_DRUM))
                .plans()
                .get(0)
                .cost();

        assertThat(best.conductors()).isEqualTo(4);
        assertThat(best.jumpers()).isEqualTo(1);
        assertThat(best.hotLeadsInOff()).isZero();
        assertThat(best.neutralSwitched()).isZero();
    }

    @Test
    @DisplayName("six leads, 115 V, centre-swap drum: four conductors and no jumper (common practice)")
    void lowVoltageOnTheCentreSwapDrum() {
        PlanResult result = Planner.search(SampleMotors.SIX_LEAD_LOW.on(SwitchKind.CENTRE_SWAP_DRUM));

        assertThat(result.plans()).anySatisfy(plan -> {
            assertThat(plan.cost().conductors()).isEqualTo(4);
            assertThat(plan.cost().jumpers()).isZero();
            assertThat(plan.cost().hotLeadsInOff()).isZero();
        });
    }

    @Test
    void theDemoPlateOfTheTradeSaysWhichCornersTheSwapGoesTo() {
        Plan plan = Planner.search(SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM))
                .plans()
                .get(0);

        List<String> corners = plan.wires().stream()
                .filter(w -> w.from().equals(Terminal.motor("T5")) || w.from().equals(Terminal.motor("T8")))
                .map(w -> w.to().mark())
                .sorted()
                .toList();
        assertThat(corners)
                .as("the two leads to interchange go to opposite corners of the upper four")
                .isIn(List.of("1", "4"), List.of("2", "3"));
    }

    @Test
    @DisplayName("a third pole breaks a line: what a two-pole toggle cannot do, a three-pole one can (common practice)")
    void aThreePoleToggleReversesAndDisconnects() {
        for (SampleMotors motor : SampleMotors.ALL) {
            PlanResult result = Planner.search(motor.on(SwitchKind.TPDT_CENTRE_OFF));

            assertThat(result.plans()).as(motor.toString()).isNotEmpty();
            assertThat(result.plans().get(0).cost().hotLinesUnbroken()).isLessThanOrEqualTo(1);
        }
    }

    @Test
    void aTwoPoleToggleCannotReverseAndAlsoDisconnectASixLeadMotor() {
        PlanResult result = Planner.search(SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.DPDT_CENTRE_OFF));

        assertThat(result.plans()).isEmpty();
        assertThat(result.hindrance()).isEqualTo(Hindrance.NO_OFF);
    }

    static Stream<Arguments> everyMotorOnEverySwitch() {
        return SampleMotors.ALL.stream().flatMap(m -> SwitchKind.ALL.stream().map(s -> Arguments.of(m, s)));
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everyMotorOnEverySwitch")
    void everyPlanJoinsJustWhatTheDiagramSays(SampleMotors motor, SwitchKind kind) {
        Connection connection = motor.connection();
        for (Plan plan : Planner.search(motor.on(kind)).plans()) {
            Collection<Terminal> points = plan.wiring().leadsAndLines();
            assertThat(joined(plan, HandlePosition.FORWARD, points)).isEqualTo(withSingles(connection, points));
            assertThat(joined(plan, HandlePosition.REVERSE, points))
                    .isEqualTo(withSingles(connection.reversed(), points));
            for (HandlePosition position : HandlePosition.values()) {
                assertThat(Flow.of(plan.wiring(), position).isShort()).isFalse();
            }
            assertThat(Flow.of(plan.wiring(), HandlePosition.OFF).nothingEnergised())
                    .isTrue();
        }
    }

    private static List<SortedSet<Terminal>> joined(Plan plan, HandlePosition position, Collection<Terminal> points) {
        return plan.wiring().nodes(position).groupsAmong(points);
    }

    private static List<SortedSet<Terminal>> withSingles(Connection connection, Collection<Terminal> points) {
        List<SortedSet<Terminal>> groups = new ArrayList<>(connection.groups());
        for (Terminal point : points) {
            if (groups.stream().noneMatch(g -> g.contains(point))) {
                groups.add(new java.util.TreeSet<>(List.of(point)));
            }
        }
        groups.sort(java.util.Comparator.comparing(SortedSet::first));
        return groups;
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everyMotorOnEverySwitch")
    void theCostOfAPlanIsWhatItsWiresCost(SampleMotors motor, SwitchKind kind) {
        for (Plan plan : Planner.search(motor.on(kind)).plans()) {
            Flow off = Flow.of(plan.wiring(), HandlePosition.OFF);
            assertThat(plan.cost().hotLeadsInOff()).isEqualTo(off.hotLeads().size());
            assertThat(plan.cost().jumpers()).isEqualTo(count(plan, Wire.Run.SWITCH_BOX));
            assertThat(plan.cost().conductors())
                    .as("a ground is no conductor")
                    .isEqualTo(count(plan, Wire.Run.MOTOR_CABLE) - 1);
            for (Terminal terminal : kind.chart().terminals()) {
                assertThat(plan.wires().stream().filter(w -> w.lands(terminal)).count())
                        .isLessThanOrEqualTo(plan.cost().mostOnOneTerminal());
            }
        }
    }

    private static int count(Plan plan, Wire.Run run) {
        return (int) plan.wires().stream().filter(w -> w.run() == run).count();
    }

    @Test
    @DisplayName("nothing is left out: an exhaustive search over all landings of a small motor finds no cheaper plan")
    void theBestIsBest() {
        PlanRequest request = SampleMotors.FOUR_LEAD.on(SwitchKind.CROSS_CORNER_DRUM);

        List<PlanCost> found =
                Planner.search(request).plans().stream().map(Plan::cost).toList();

        assertThat(found).isEqualTo(ExhaustiveSearch.front(request)).isNotEmpty();
    }

    @Test
    void aSupplyWithTwoHotsCountsBothLinesAsHot() {
        SampleMotors motor = SampleMotors.FOUR_LEAD;
        PlanRequest onTwoHots = new PlanRequest(
                motor.leads().terminals(),
                motor.leads().windings(),
                new Supply(230, 60, Supply.Kind.TWO_HOT),
                SwitchKind.CROSS_CORNER_DRUM.chart(),
                motor.connection().groups(),
                motor.connection().reversed().groups());

        assertThat(Planner.search(onTwoHots).plans().get(0).cost().hotLeadsInOff())
                .isPositive();
    }
}
