package gatepin.core.lane;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.lane.Lane.Change;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.lane.Lane.Pin;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LaneTest {
    private static final Pin OPEN = new Pin(Pin.State.PULLED, "");
    private static final Lane ALL_OPEN = allOpen();

    private static Lane allOpen() {
        Map<Gate, Pin> pins = new EnumMap<>(Gate.class);
        for (Gate gate : Gate.values()) {
            pins.put(gate, gate == Gate.WIRE ? new Pin(Pin.State.OVERRIDDEN, "why") : OPEN);
        }
        return new Lane(pins);
    }

    /** Evidence of a job whose lock-out, wires as found and windings lack nothing. */
    private static Evidence evidence(
            boolean plateRead, boolean volts, Optional<String> danger, boolean later, int wiresLeft) {
        return new Evidence(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                plateRead,
                Optional.empty(),
                volts,
                volts,
                danger,
                later,
                later,
                Optional.empty(),
                later,
                Optional.empty(),
                wiresLeft);
    }

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
        Lane lane = new Lane(Map.of(Gate.SAFE, OPEN, Gate.FOUND, OPEN, Gate.PLATE, OPEN, Gate.SWITCH, OPEN));

        assertThat(lane.next()).isEqualTo(Optional.of(Gate.DIAGRAM));
        assertThat(lane.hindrances(Gate.DIAGRAM, List.of())).isEmpty();
        assertThat(lane.hindrances(Gate.WIRE, List.of()))
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("Diagram"));
    }

    @Test
    void aGateNeedsItsEvidence() {
        Evidence nothing = new Evidence(
                Optional.of("lock"),
                Optional.of("wires"),
                Optional.of("ohms"),
                Optional.of("way"),
                false,
                Optional.empty(),
                false,
                false,
                Optional.empty(),
                false,
                false,
                Optional.empty(),
                false,
                Optional.empty(),
                0);
        Evidence twoWiresLeft = evidence(true, true, Optional.empty(), true, 2);

        for (Gate gate : Gate.values()) {
            assertThat(nothing.missing(gate)).as(gate.title()).hasSize(1);
            assertThat(twoWiresLeft.missing(gate)).as(gate.title()).hasSize(gate == Gate.WIRE ? 1 : 0);
        }
        assertThat(twoWiresLeft.firstLack(Gate.WIRE)).hasValue("2 wires are not made yet.");
    }

    @Test
    void aConnectionThatBurnsHoldsTheDiagramsPin() {
        Evidence burning = evidence(true, true, Optional.of("run 1 gets 230 V"), true, 0);

        assertThat(burning.missing(Gate.DIAGRAM))
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("in danger: run 1 gets 230 V."));
        assertThat(burning.missing(Gate.PLATE)).isEmpty();
    }
}
