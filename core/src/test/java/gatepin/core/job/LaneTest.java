package gatepin.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.job.Lane.Pin;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LaneTest {
    private static final Pin OPEN = new Pin(Pin.State.PULLED, "");
    private static final Lane ALL_OPEN = new Lane(Map.of(
            Gate.PLATE,
            OPEN,
            Gate.DIAGRAM,
            OPEN,
            Gate.SUPPLY,
            OPEN,
            Gate.SWITCH,
            OPEN,
            Gate.WIRE,
            new Pin(Pin.State.OVERRIDDEN, "why")));

    @Test
    void anotherVoltageDropsEverythingThatReliedOnItAndSaysWhy() {
        List<Drop> drops = ALL_OPEN.dropsAfter(
                List.of(new Change(Fact.VOLTAGE, "the supply voltage changed from 230 V to 115 V")));

        assertThat(drops).extracting(Drop::gate).containsExactly(Gate.DIAGRAM, Gate.SUPPLY, Gate.SWITCH, Gate.WIRE);
        assertThat(drops).extracting(Drop::reason).containsOnly("The supply voltage changed from 230 V to 115 V.");
    }

    @ParameterizedTest
    @EnumSource(Fact.class)
    void aPinDropsExactlyWhereItsGateReliedOnTheFact(Fact fact) {
        assertThat(ALL_OPEN.dropsAfter(List.of(new Change(fact, "it changed"))))
                .extracting(Drop::gate)
                .containsExactlyElementsOf(java.util.Arrays.stream(Gate.values())
                        .filter(g -> g.reliesOn().contains(fact))
                        .toList());
        assertThat(new Lane(Map.of()).dropsAfter(List.of(new Change(fact, "it changed"))))
                .as("a pin that is in cannot drop")
                .isEmpty();
    }

    @Test
    void everyFactHoldsSomePin() {
        for (Fact fact : Fact.values()) {
            assertThat(Gate.values()).anyMatch(g -> g.reliesOn().contains(fact));
        }
    }

    @Test
    void workGoesOnAtTheFirstShutGateAndGatesArePassedInOrder() {
        Lane lane = new Lane(Map.of(Gate.PLATE, OPEN, Gate.SWITCH, OPEN));

        assertThat(lane.next()).isEqualTo(Optional.of(Gate.DIAGRAM));
        assertThat(lane.hindrances(Gate.DIAGRAM, List.of())).isEmpty();
        assertThat(lane.hindrances(Gate.WIRE, List.of()))
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("Diagram"));
    }

    @Test
    void aGateNeedsItsEvidence() {
        Evidence nothing =
                new Evidence(false, Optional.empty(), false, false, Optional.empty(), false, false, false, 0);
        Evidence twoWiresLeft = new Evidence(true, Optional.empty(), true, true, Optional.empty(), true, true, true, 2);

        for (Gate gate : Gate.values()) {
            assertThat(nothing.missing(gate)).as(gate.title()).hasSize(1);
            assertThat(twoWiresLeft.missing(gate)).as(gate.title()).hasSize(gate == Gate.WIRE ? 1 : 0);
        }
        assertThat(twoWiresLeft.firstLack(Gate.WIRE)).hasValue("2 wires are not made yet.");
    }

    @Test
    void aConnectionThatBurnsHoldsTheDiagramsPin() {
        Evidence burning =
                new Evidence(true, Optional.empty(), true, true, Optional.of("run 1 gets 230 V"), true, true, true, 0);

        assertThat(burning.missing(Gate.DIAGRAM))
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("in danger: run 1 gets 230 V."));
        assertThat(burning.missing(Gate.PLATE)).isEmpty();
    }
}
