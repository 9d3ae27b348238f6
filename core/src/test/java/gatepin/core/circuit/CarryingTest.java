package gatepin.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Winding.Role;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Plan;
import gatepin.core.plan.Planner;
import gatepin.core.plan.SampleMotors;
import java.util.List;
import org.junit.jupiter.api.Test;

class CarryingTest {
    private static final Plan PLAN =
            Planner.search(SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM)).plans().stream()
                    .filter(p -> p.cost().beyondDiagram() == 0)
                    .findFirst()
                    .orElseThrow();

    private static Carrying carrying(List<Wire> wires, HandlePosition position) {
        return Carrying.of(SampleMotors.SIX_LEAD_HIGH.circuit(SwitchKind.CROSS_CORNER_DRUM, wires), position);
    }

    private static Wire wireFrom(String lead) {
        return PLAN.wires().stream()
                .filter(w -> w.from().equals(Terminal.motor(lead)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theStartWindingIsFedAcrossOneHalfInTheHighConnection() {
        Carrying flow = carrying(PLAN.wires(), HandlePosition.FORWARD);

        assertThat(flow.paths()).hasSize(2).allSatisfy(path -> assertThat(path).hasSize(2));
        assertThat(flow.roleOf(wireFrom("T1"))).hasValue(Role.RUN);
        assertThat(flow.roleOf(wireFrom("T5"))).hasValue(Role.START);
        assertThat(flow.roleOf(wireFrom("T8"))).hasValue(Role.START);
        assertThat(flow.roleOf(Contact.between("5", "6"))).hasValue(Role.RUN);
        assertThat(flow.roleOf(Contact.between("1", "3"))).hasValue(Role.START);
        assertThat(flow.roleOf(Contact.between("1", "2")))
                .as("open in this position")
                .isEmpty();
    }

    @Test
    void nothingFlowsInOffButHalfTheMotorIsHot() {
        Carrying flow = carrying(PLAN.wires(), HandlePosition.OFF);

        assertThat(flow.nothingFlows()).isTrue();
        assertThat(flow.roleOf(wireFrom("T1"))).isEmpty();
        assertThat(flow.hotLeads()).extracting(Terminal::mark).containsExactly("T1", "T2", "T3", "T4");
    }

    @Test
    void aWireAcrossTheLinesIsAShort() {
        List<Wire> wires = new java.util.ArrayList<>(PLAN.wires());
        wires.add(new Wire(Terminal.onSwitch("5"), Terminal.onSwitch("2"), Wire.Run.SWITCH_BOX));

        assertThat(carrying(wires, HandlePosition.FORWARD).isShort()).isTrue();
        assertThat(carrying(wires, HandlePosition.FORWARD).nothingFlows()).isTrue();
    }

    @Test
    void marksSortAsPeopleCount() {
        assertThat(java.util.stream.Stream.of("T10", "T2", "P1", "T1", "A").sorted(Marks.NATURAL_ORDER))
                .containsExactly("A", "P1", "T1", "T2", "T10");
    }
}
