package gatepin.core.found;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.found.FoundWiring.Difference;
import gatepin.core.found.FoundWiring.Traced;
import gatepin.core.found.FoundWiring.Weight;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Leads;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FoundWiringTest {
    private static final Leads SIX = leads("T1 T2 T3 T4 T5 T8");
    private static final Connection HIGH = column("230", "T1", "T4 T8", "T2 T3 T5");
    private static final Connection LOW = column("115", "T1 T3 T5", "T2 T4 T8", "");

    private static Leads leads(String marks) {
        return Leads.read(Arrays.stream(marks.split(" "))
                        .map(m -> new Leads.Typed(m, "", ""))
                        .toList())
                .value()
                .orElseThrow();
    }

    private static Connection column(String volts, String line1, String line2, String joined) {
        return ConnectionReader.read(new ConnectionReader.Typed(volts, line1, line2, joined, "T5 T8"), SIX)
                .value()
                .orElseThrow();
    }

    /** Wires as "T1: T1 > switch 5", one a line. */
    private static List<FoundWire> wires(String text) {
        return FoundWireReader.read(
                        Arrays.stream(text.split("\n"))
                                .filter(l -> !l.isBlank())
                                .map(l -> {
                                    String[] parts = l.strip().split("\\s*[:>]\\s*", 3);
                                    return new FoundWireReader.Typed(parts[0], "", "", parts[1], parts[2], "");
                                })
                                .toList(),
                        SIX.terminals())
                .value()
                .orElseThrow();
    }

    private static FoundWiring onDrum(String text) {
        return new FoundWiring(wires(text), SwitchKind.CROSS_CORNER_DRUM.chart());
    }

    private static FoundWiring direct(String text) {
        return new FoundWiring(wires(text), FoundWiring.NO_SWITCH);
    }

    private static final String DRUM = """
            T1: T1 > switch 5
            : switch 6 > L1
            T5: T5 > switch 1
            T8: T8 > switch 4
            T2: T2 > nut a
            T3: T3 > nut a
            : nut a > switch 3
            T4: T4 > switch 2
            : switch 2 > L2
            """;

    @Test
    @DisplayName("five conductors on the cross-corner drum (common practice) equal the diagram both ways")
    void aRightWiringDiffersNowhere() {
        assertThat(onDrum(DRUM).differences(SIX, HIGH, Optional.of(LOW))).isEmpty();
        assertThat(onDrum(DRUM).groups(SIX, HandlePosition.FORWARD))
                .isNotEqualTo(onDrum(DRUM).groups(SIX, HandlePosition.REVERSE));
    }

    @Test
    @DisplayName("a diagram that leaves the capacitor out is the same wiring with it in the start circuit")
    void aCapacitorTheDiagramLeavesOutIsNoDifference() {
        String throughCapacitor = DRUM.replace("T8: T8 > switch 4", "T8: T8 > cap 1\n: cap 2 > switch 4");
        assertThat(onDrum(throughCapacitor).differences(SIX, HIGH, Optional.of(LOW)))
                .isEmpty();

        assertThat(onDrum(throughCapacitor.replace("cap 2 > switch 4", "cap 2 > switch 3"))
                        .differences(SIX, HIGH, Optional.of(LOW)))
                .isNotEmpty();
    }

    @Test
    void aWireOnAnotherTerminalIsDangerousWhereItChangesWhatIsJoined() {
        FoundWiring wrong = onDrum(DRUM.replace("T8 > switch 4", "T8 > switch 3"));

        assertThat(wrong.differences(SIX, HIGH, Optional.empty()))
                .isNotEmpty()
                .allSatisfy(d -> assertThat(d.weight()).isEqualTo(Weight.DANGEROUS));
    }

    @Test
    @DisplayName("a lead on the far end of a link works until the link is moved (common practice)")
    void aWireOnTheFarStudWillMatterAfterAChange() {
        // on the low voltage T1, T3 and T5 are one point: T5's wire sits on T1's stud
        FoundWiring found = direct("""
                T1: T1 > L1
                T3: T3 > L1
                T5: T1 > T5x
                : T5 > L1
                T2: T2 > L2
                T4: T4 > L2
                T8: T8 > L2
                """);

        List<Difference> differences = found.differences(SIX, LOW, Optional.of(HIGH));

        assertThat(differences).singleElement().satisfies(d -> {
            assertThat(d.weight()).isEqualTo(Weight.MATTERS_LATER);
            assertThat(d.title()).isEqualTo("Wire T5 lands on T1");
            assertThat(d.words()).contains("only while it is wired for 115 V");
        });
        assertThat(found.differences(SIX, LOW, Optional.empty()))
                .singleElement()
                .satisfies(d -> assertThat(d.weight()).isEqualTo(Weight.HARMLESS));
    }

    @Test
    void anUnmarkedWireIsFollowedThroughTheSwitchAndTheCapacitor() {
        FoundWiring found = onDrum("""
                : cap 1 > switch 1
                T8: T8 > cap 2
                T5: K1 3 > switch 5
                : switch 6 > L1
                T1: T1 > switch 3
                """);

        List<Traced> traced = found.traced(SIX);

        assertThat(traced)
                .extracting(t -> t.wire().number() + " " + t.leads() + " " + t.through())
                .contains("1 [T1] contacts");
        FoundWiring blocked = direct(": cap 1 > K1 3\nT8: T8 > cap 2");
        assertThat(blocked.traced(SIX)).singleElement().satisfies(t -> {
            assertThat(t.leads()).containsExactly("T8");
            assertThat(t.through()).isEqualTo("the capacitor");
        });
    }

    @Test
    @DisplayName("1–2, 3–4 and 5–6 are the poles of a contactor (IEC 60947-4-1, from memory)")
    void aWireIsFollowedThroughAContactor() {
        FoundWiring found = direct(": L1 > K1 3\nT5: K1 4 > T5\n: K2 1 > K1 6");

        assertThat(found.traced(SIX)).singleElement().satisfies(t -> {
            assertThat(t.wire().number()).isEqualTo(1);
            assertThat(t.leads()).containsExactly("T5");
            assertThat(t.through()).isEqualTo("contacts");
        });
    }

    @Test
    void whatIsSetAsideIsNoPartOfTheCircuit() {
        List<FoundWire> wires = FoundWireReader.read(
                        List.of(
                                new FoundWireReader.Typed("", "grey", "1", "lamp", "switch 2", "work lamp"),
                                new FoundWireReader.Typed("T1", "", "", "T1", "switch 9", "")),
                        SIX.terminals())
                .value()
                .orElseThrow();
        FoundWiring found = new FoundWiring(wires, SwitchKind.CROSS_CORNER_DRUM.chart());

        assertThat(found.bench()).hasSize(1);
        assertThat(found.unknownEnds(SIX)).containsExactly(Terminal.onSwitch("9"));
        assertThat(wires.get(0).name()).isEqualTo("wire 1 (grey with one band)");
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "t5, motor.T5",
        "switch 3, S1.3",
        "3, S1.3",
        "neutral, supply.L2",
        "cap 1, capacitor.1",
        "frame, motor.G",
        "earth, supply.G",
        "U1, motor.U1",
        "C1, capacitor.C1",
        "K1 14, splice.K1 14"
    })
    void placesAreReadAsPeopleWriteThem(String typed, String id) {
        List<FoundWire> wires = FoundWireReader.read(
                        List.of(new FoundWireReader.Typed("", "", "", typed, "X9Z", "")), SIX.terminals())
                .value()
                .orElseThrow();

        Terminal end = wires.get(0).oneEnd();
        assertThat(end.id()).isEqualTo(id);
        assertThat(FoundWireReader.read(
                                List.of(new FoundWireReader.Typed("", "", "", FoundWireReader.words(end), "X9Z", "")),
                                SIX.terminals())
                        .value()
                        .orElseThrow()
                        .get(0)
                        .oneEnd())
                .as("its words read back as the same place")
                .isEqualTo(end);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "T1 | ''  | T1       | ''       | wires[0].otherEnd | Where does this end sit",
                "T1 | ''  | T1       | t1       | wires[0].otherEnd | Both ends sit on",
                "T1 | two | T1       | switch 1 | wires[0].bands    | no number of bands",
                "T1 | ''  | %&/      | switch 1 | wires[0].oneEnd   | cannot be a place",
                "a mark that is long | '' | T1 | switch 1 | wires[0].mark | at most 12"
            })
    void whatCannotBeIsRefusedByItsField(
            String mark, String bands, String one, String other, String field, String message) {
        assertThat(FoundWireReader.read(
                                List.of(new FoundWireReader.Typed(mark, "", bands, one, other, "")), SIX.terminals())
                        .problems())
                .extracting(Problem::field, p -> p.message().contains(message))
                .containsExactly(org.assertj.core.groups.Tuple.tuple(field, true));
    }

    @Test
    void somethingMustBeWrittenDown() {
        assertThat(FoundRecord.NOTHING.lack()).isPresent();
        assertThat(new FoundRecord(true, List.of()).lack()).isEmpty();
        assertThat(new FoundRecord(false, wires("T1: T1 > L1")).lack()).isEmpty();
    }

    @Test
    void pointsNamedAfterAContactorAreItsTerminalsWhereTheGearHasThem() {
        List<FoundWire> wires = List.of(
                new FoundWire(1, "T1", "", 0, Terminal.motor("T1"), Terminal.splice("K1 2"), ""),
                new FoundWire(2, "", "", 0, Terminal.splice("K2.1"), Terminal.L1, ""),
                new FoundWire(3, "", "", 0, Terminal.splice("K2.13"), Terminal.L2, ""));

        assertThat(new FoundWiring(wires, SwitchKind.CONTACTORS_3.chart()).bench())
                .extracting(Wire::toString)
                .containsExactly("motor.T1 → K1.2", "K2.1 → supply.L1", "splice.K2.13 → supply.L2");
        assertThat(new FoundWiring(wires, SwitchKind.CROSS_CORNER_DRUM.chart()).bench())
                .extracting(Wire::from)
                .contains(Terminal.splice("K2.1"));
    }
}
