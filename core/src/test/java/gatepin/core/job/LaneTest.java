package gatepin.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Sentence;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.job.Lane.Pin;
import gatepin.core.lane.Parts;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LaneTest {
    private static final Pin OPEN = new Pin(Pin.State.PULLED, Sentence.none());
    private static final Lane ALL_OPEN = allOpen();

    private static Lane allOpen() {
        Map<Gate, Pin> pins = new EnumMap<>(Gate.class);
        for (Gate gate : Gate.values()) {
            pins.put(gate, gate == Gate.WIRE ? new Pin(Pin.State.OVERRIDDEN, Sentence.own("why")) : OPEN);
        }
        return new Lane(pins);
    }

    @Test
    void anotherVoltageDropsEverythingThatReliedOnItAndSaysWhy() {
        Sentence changed = Sentence.of("change.volts", Sentence.of("supply", 230), Sentence.of("supply", 115));
        List<Drop> drops = ALL_OPEN.dropsAfter(List.of(new Change(Fact.VOLTAGE, changed)));

        assertThat(drops)
                .extracting(Drop::gate)
                .containsExactly(
                        Gate.DIAGRAM, Gate.SUPPLY, Gate.SWITCH, Gate.WIRE, Gate.COLD, Gate.LIVE, Gate.HANDOVER);
        assertThat(drops).extracting(Drop::reason).containsOnly(changed);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "SAFE, SAFE, once it is unlocked it is locked out anew",
        "found, FOUND, another record of the wires",
        "PLATE, PLATE SUPPLY, another motor is sized anew",
        "LEADS, DIAGRAM WINDINGS SWITCH WIRE COLD LIVE HANDOVER, other marks are other wires",
        "WINDINGS, WINDINGS, another reading names other windings",
        "run, SUPPLY LIVE HANDOVER, another cable",
        "rotation, ROTATION SWITCH HANDOVER, the handle's ways change places",
        "CONNECTION, DIAGRAM SWITCH WIRE COLD LIVE HANDOVER, other groups are other wires",
        "SWITCH, SWITCH WIRE COLD LIVE HANDOVER, another switch has other terminals",
        "PLAN, SWITCH WIRE COLD LIVE HANDOVER, another list of wires",
        "wishes, '', they count when a plan is asked for",
        "cables, '', they are on labels and buying list alone",
        "WIRES, WIRE COLD LIVE HANDOVER, a wire is not made any more",
        "PAPERS, HANDOVER, what isolates it has another name",
        "MENDED, COLD LIVE HANDOVER, what was mended is read again"
    })
    void aPinDropsWhereItsGateReliedOnIt(String of, String gates, String why) {
        Relied relied = Parts.of(of).<Relied>map(p -> p).orElseGet(() -> Fact.valueOf(of));
        List<Change> changes = List.of(new Change(relied, Sentence.own("It changed.")));

        assertThat(ALL_OPEN.dropsAfter(changes))
                .as(why)
                .extracting(d -> d.gate().name())
                .containsExactly(gates.isEmpty() ? new String[0] : gates.split(" "));
        assertThat(new Lane(Map.of()).dropsAfter(changes))
                .as("a pin that is in cannot drop")
                .isEmpty();
    }

    @Test
    void workGoesOnAtTheFirstShutGateAndGatesArePassedInOrder() {
        Lane lane = new Lane(Map.of(Gate.SAFE, OPEN, Gate.FOUND, OPEN, Gate.PLATE, OPEN, Gate.SWITCH, OPEN));

        assertThat(lane.next()).isEqualTo(Optional.of(Gate.DIAGRAM));
        assertThat(lane.hindrances(Gate.DIAGRAM, Optional.empty())).isEmpty();
        assertThat(lane.hindrances(Gate.WIRE, Optional.of(Sentence.of("lack.wires", 2))))
                .containsExactly(Sentence.of("hindrance.before", "Diagram"), Sentence.of("lack.wires", 2));
    }
}
