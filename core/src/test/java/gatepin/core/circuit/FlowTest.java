package gatepin.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Winding.Circuit;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Plan;
import gatepin.core.plan.Planner;
import gatepin.core.plan.SampleMotors;
import java.util.List;
import org.junit.jupiter.api.Test;

class FlowTest {
    private static final Plan PLAN =
            Planner.search(SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM)).plans().stream()
                    .filter(p -> p.cost().beyondDiagram() == 0)
                    .findFirst()
                    .orElseThrow();

    private static Wire wireFrom(String lead) {
        return PLAN.wires().stream()
                .filter(w -> w.from().equals(Terminal.motor(lead)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theStartWindingIsFedAcrossOneHalfInTheHighConnection() {
        Flow flow = Flow.of(PLAN.wiring(), HandlePosition.FORWARD);

        assertThat(flow.paths()).hasSize(2).allSatisfy(path -> assertThat(path).hasSize(2));
        assertThat(flow.circuitOf(wireFrom("T1"))).hasValue(Circuit.RUN);
        assertThat(flow.circuitOf(wireFrom("T5"))).hasValue(Circuit.START);
        assertThat(flow.circuitOf(wireFrom("T8"))).hasValue(Circuit.START);
        assertThat(flow.circuitOf(Contact.between("5", "6"))).hasValue(Circuit.RUN);
        assertThat(flow.circuitOf(Contact.between("1", "3"))).hasValue(Circuit.START);
        assertThat(flow.circuitOf(Contact.between("1", "2")))
                .as("open in this position")
                .isEmpty();
    }

    @Test
    void nothingFlowsInOffButHalfTheMotorIsHot() {
        Flow flow = Flow.of(PLAN.wiring(), HandlePosition.OFF);

        assertThat(flow.nothingEnergised()).isTrue();
        assertThat(flow.circuitOf(wireFrom("T1"))).isEmpty();
        assertThat(flow.hotLeads()).extracting(Terminal::mark).containsExactly("T1", "T2", "T3", "T4");
    }

    @Test
    void aWireAcrossTheLinesIsAShort() {
        Wiring plan = PLAN.wiring();
        List<Wire> wires = new java.util.ArrayList<>(plan.wires());
        wires.add(new Wire(Terminal.onSwitch("5"), Terminal.onSwitch("2"), Wire.Run.SWITCH_BOX));
        Wiring wrong = new Wiring(plan.leads(), plan.windings(), plan.chart(), plan.supply(), wires);

        assertThat(Flow.of(wrong, HandlePosition.FORWARD).isShort()).isTrue();
        assertThat(Flow.of(wrong, HandlePosition.FORWARD).nothingEnergised()).isTrue();
    }

    @Test
    void marksSortAsPeopleCount() {
        assertThat(java.util.stream.Stream.of("T10", "T2", "P1", "T1", "A").sorted(Marks.NATURAL_ORDER))
                .containsExactly("A", "P1", "T1", "T2", "T10");
    }
}
