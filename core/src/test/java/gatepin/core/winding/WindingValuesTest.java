package gatepin.core.winding;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.Sentence;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.MotorValues;
import gatepin.core.machine.PlateFit;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.supply.Region;
import gatepin.core.winding.MarkProposal.Scheme;
import gatepin.core.winding.SenseTest.Sense;
import gatepin.core.words.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Typed readings, marks, the sense test, and what holds the gate. */
class WindingValuesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.8 | 1.8",
                "1,8 | 1.8",
                "2.2k | 2200",
                "5 M | 5000000",
                ".4 Ω | 0.4",
                "OL | Infinity",
                "open | Infinity",
                "∞ | Infinity"
            })
    void metersAreReadAsTheyShow(String typed, double ohms) {
        assertThat(OhmsReader.read("ohms", typed).value()).contains(ohms);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 | 2 | l.8  | 0.2 | 20  | ohms    | is no reading",
                "1 | 2 | -3   | 0.2 | 20  | ohms    | less than nothing",
                "1 | 2 | ''   | 0.2 | 20  | ohms    | What does the meter show",
                "1 | 1 | 3    | 0.2 | 20  | b       | Both probes are on 1",
                "1 | 7 | 3    | 0.2 | 20  | b       | no lead “7”",
                "1 | 2 | 3    | OL  | 20  | zero    | some tenths of an ohm",
                "1 | 2 | 3    | 0.2 | hot | celsius | no temperature",
                "1 | 2 | 3    | 0.2 | 900 | celsius | no temperature"
            })
    void whatCannotBeReadIsRefusedByItsField(
            String a, String b, String ohms, String zero, String celsius, String field, String message) {
        assertThat(OhmsReader.reading(new OhmsReader.Typed(a, b, ohms, zero, celsius, false), List.of("1", "2"))
                        .problems())
                .singleElement()
                .satisfies(p -> {
                    assertThat(p.field()).isEqualTo(field);
                    assertThat(p.message()).contains(message);
                });
    }

    @Test
    void thePadTakesNamesAndSetsOthersAsideWithTheirReason() {
        PadReader.Pad pad =
                PadReader.read("1 2, 3 H J", "H J: heater contact").value().orElseThrow();

        assertThat(pad.leads()).containsExactly("1", "2", "3");
        assertThat(pad.aside()).isEqualTo(Map.of("H", "heater contact", "J", "heater contact"));
        assertThat(PadReader.read("1 1", "").problems())
                .extracting(Problem::field)
                .contains("leads");
        assertThat(PadReader.read("1 frame", "").problems())
                .extracting(Problem::message)
                .anyMatch(m -> m.contains("bare metal"));
        assertThat(PadReader.read("1 2", "H").problems())
                .extracting(Problem::field)
                .containsExactly("aside");
        assertThat(PadReader.read("1 2 3 4 5 6 7 8 9 A B C D", "").problems()).isNotEmpty();
    }

    private static Arrangement dual() {
        return new Arrangement(
                Arrangement.Kind.DUAL_VOLTAGE,
                List.of(
                        new Part(Part.Role.RUN_HALF, "a", "b"),
                        new Part(Part.Role.RUN_HALF, "c", "d"),
                        new Part(Part.Role.START, "e", "f"),
                        new Part(Part.Role.PROTECTOR, "p", "q")));
    }

    @ParameterizedTest
    @CsvSource({
        "NORTH_AMERICAN, false, 'P1=p P2=q T1=a T2=b T3=c T4=d T5=e T8=f'",
        "NORTH_AMERICAN, true, 'P1=p P2=q T1=a T2=b T3=d T4=c T5=e T8=f'",
        "IEC, false, 'P1=p P2=q U1=a U2=b V1=c V2=d Z1=e Z2=f'"
    })
    @DisplayName("marks by NEMA MG 1 part 2 and IEC 60034-8, from memory")
    void marksFollowFromTheWindings(Scheme scheme, boolean turned, String marks) {
        List<MarkProposal.Marked> marked = MarkProposal.of(dual(), scheme, turned);

        assertThat(String.join(
                        " ",
                        marked.stream()
                                .map(m -> m.typed().mark() + "=" + m.lead())
                                .toList()))
                .isEqualTo(marks);
        Leads leads = Leads.read(marked.stream().map(MarkProposal.Marked::typed).toList())
                .value()
                .orElseThrow();
        assertThat(leads.windings()).hasSize(4);
    }

    @Test
    void aSharedLeadIsMarkedOnceAndEndsBothWindings() {
        Arrangement joined = new Arrangement(
                Arrangement.Kind.DUAL_VOLTAGE_JOINED,
                List.of(
                        new Part(Part.Role.RUN_HALF, "1", "4"),
                        new Part(Part.Role.RUN_HALF, "2", "5"),
                        new Part(Part.Role.START, "3", "5")));

        List<Leads.Typed> rows = MarkProposal.of(joined, Scheme.NORTH_AMERICAN, false).stream()
                .map(MarkProposal.Marked::typed)
                .toList();

        assertThat(rows).extracting(Leads.Typed::mark).containsExactly("T1", "T2", "T3", "T4", "T5");
        Leads leads = Leads.read(rows).value().orElseThrow();
        assertThat(leads.find("T4").orElseThrow().windingNames()).isEqualTo("run 2 + start 1");
    }

    /** The engine feeds one half of a motor at standstill and tells the voltage across both in series. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void theSenseTestTellsWhatTheEngineComputes(boolean turned) {
        Given given = Given.of(
                PlateReader.read(PlateText.read("3/4 HP 115/230 V 13.8/6.9 A 60 HZ 1725 RPM CAP START")
                                .fields())
                        .value()
                        .orElseThrow(),
                1);
        MotorValues values = PlateFit.fit(given).value().orElseThrow().values();
        Leads leads = Leads.read(List.of("T1", "T2", "T3", "T4").stream()
                        .map(m -> new Leads.Typed(m, "", ""))
                        .toList())
                .value()
                .orElseThrow();
        Motor motor = values.motor(leads);
        if (turned) {
            motor = motor.withCoils(
                    List.of(motor.coils().get(0), motor.coils().get(1).turned()));
        }
        List<Wire> wires = List.of(
                new Wire(Terminal.motor("T1"), Terminal.L1, Wire.Run.MOTOR_CABLE),
                new Wire(Terminal.motor("T2"), Terminal.L2, Wire.Run.MOTOR_CABLE),
                new Wire(Terminal.motor("T2"), Terminal.motor("T3"), Wire.Run.MOTOR_BOX));
        var supply = new gatepin.core.circuit.Supply(24, 60, gatepin.core.circuit.Supply.Kind.HOT_AND_NEUTRAL);
        Circuit wired =
                new Circuit(motor, FoundNothing.CHART, supply, gatepin.core.circuit.Feeder.STIFF, wires, List.of());
        var solved = gatepin.core.circuit.AcNetwork.of(wired, State.atRest(HandlePosition.FORWARD))
                .at(1);
        Coil fed = motor.coils().get(0);
        double across = solved.potential(Terminal.motor("T1"))
                .orElseThrow()
                .subtract(solved.potential(Terminal.motor("T4")).orElseThrow())
                .norm();

        assertThat(SenseTest.byVolts(solved.voltage(fed).norm(), across))
                .isEqualTo(turned ? Sense.OPPOSING : Sense.AIDING);
    }

    private static final class FoundNothing {
        private static final gatepin.core.circuit.ContactChart CHART =
                new gatepin.core.circuit.ContactChart(List.of(), Map.of());
    }

    @Test
    @DisplayName("aiding draws little, opposing much (common practice)")
    void theSenseTestByCurrents() {
        assertThat(SenseTest.byAmps(0.5, 3)).isEqualTo(Sense.AIDING);
        assertThat(SenseTest.byAmps(3, 0.5)).isEqualTo(Sense.OPPOSING);
        assertThat(SenseTest.byAmps(2, 2.1)).isEqualTo(Sense.UNSURE);
        assertThat(SenseTest.byVolts(12, 12.5)).isEqualTo(Sense.UNSURE);
        assertThat(SenseTest.volts(6)).isEqualTo(24);
        assertThat(SenseTest.volts(0.5)).isEqualTo(6);
    }

    private static WindingRecord record(boolean trusted, MeterReading... readings) {
        return new WindingRecord(List.of("1", "2", "3", "4"), List.of(readings), Hints.NONE, trusted, Optional.empty());
    }

    @Test
    void theGateIsHeldUntilTheWindingsAreSettledAndTheFrameIsRead() {
        MeterReading run = MeterReading.of("1", "2", 2);
        MeterReading start = MeterReading.of("3", "4", 6);
        MeterReading apart = MeterReading.of("1", "3", Double.POSITIVE_INFINITY);
        MeterReading frame = MeterReading.of("1", "frame", Double.POSITIVE_INFINITY);
        MeterReading frame3 = MeterReading.of("3", "frame", Double.POSITIVE_INFINITY);

        assertThat(record(false, run).lack())
                .hasValueSatisfying(
                        l -> assertThat(Wording.of(Region.NORTH_AMERICA).say(l)).contains("probe"));
        assertThat(record(false, run, start, apart).lack())
                .hasValue(Sentence.of("lack.windings.frame", List.of("1", "3")));
        assertThat(record(false, run, start, apart, frame, frame3).lack()).isEmpty();
        assertThat(record(true).lack()).as("the marks are relied on").isEmpty();
        assertThat(record(true, MeterReading.of("1", "frame", 12)).lack())
                .as("a fault to the frame holds it all the same")
                .hasValueSatisfying(
                        l -> assertThat(Wording.of(Region.NORTH_AMERICA).say(l)).contains("Do not power this motor"));
    }

    @Test
    void theSimulatedMeterErrsWithinItsBoundsAndAlwaysAlike() {
        HiddenMotor hidden = new HiddenMotor(
                List.of("1", "2", "3"),
                List.of(new HiddenMotor.Way("1", "2", 5), new HiddenMotor.Way("2", "3", 12, true)));
        SimulatedMeter meter = new SimulatedMeter(hidden, MeterError.USUAL, 0.2, 7);

        MeterReading read = meter.read("1", "3", MeterReading.StartSwitch.AT_REST);
        assertThat(read.ohms()).isBetween(17 * 0.99 - 0.1, 17 * 1.01 + 0.1);
        assertThat(meter.read("3", "1", MeterReading.StartSwitch.AT_REST)).isEqualTo(read);
        assertThat(meter.read("2", "3", MeterReading.StartSwitch.HELD_OPEN).isOpen())
                .isTrue();
        assertThat(meter.read("1", "frame", MeterReading.StartSwitch.AT_REST).isOpen())
                .isTrue();
    }
}
