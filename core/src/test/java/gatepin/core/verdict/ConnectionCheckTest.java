package gatepin.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.diagram.Misread;
import gatepin.core.diagram.Misread.Mend;
import gatepin.core.diagram.Rebuilt;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.MotorValues;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The engine on diagrams: usual patterns are sound, misread ones are found and mended, scratched columns rebuilt. */
class ConnectionCheckTest {
    private static final List<Integer> DUAL = List.of(115, 230);
    private static final Supply V115 = new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply V230 = new Supply(230, 60, Supply.Kind.TWO_HOT);
    private static final Given GIVEN = Given.of(
            PlateReader.read(PlateText.read("3/4 HP 115/230 V 13.8/6.9 A 60 HZ 1725 RPM CAP START")
                            .fields())
                    .value()
                    .orElseThrow(),
            1);
    private static final MotorValues VALUES =
            PlateFit.fit(GIVEN).value().orElseThrow().values();
    private static final RatedPoint RATED = new RatedPoint(0.0417, GIVEN.ratedNm());

    private static DiagramPattern pattern(String key) {
        return DiagramPattern.ALL.stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static Leads leads(String key) {
        return Leads.read(pattern(key).leads()).value().orElseThrow();
    }

    private static Connection connection(String key, int volts) {
        return ConnectionReader.read(pattern(key).column(volts, DUAL), leads(key))
                .value()
                .orElseThrow();
    }

    private static ConnectionCheck check(Connection connection, Leads leads, Supply supply) {
        Motor motor = VALUES.motor(leads);
        return ConnectionCheck.of(connection, leads, motor, RATED, supply, Feeder.STIFF);
    }

    @ParameterizedTest
    @ValueSource(strings = {"six-lead", "six-lead-protector", "six-lead-three-terminal-protector", "iec-halves"})
    void dualVoltagePatternsAreSoundOnBothVoltagesAndTurnTheSameWay(String key) {
        ConnectionCheck low = check(connection(key, 115), leads(key), V115);
        ConnectionCheck high = check(connection(key, 230), leads(key), V230);

        assertThat(low.danger()).isEmpty();
        assertThat(high.danger()).isEmpty();
        assertThat(low.way()).isEqualTo(high.way());
        assertThat(low.agreesWith(high)).isTrue();
        ConnectionCheck turned = check(connection(key, 230).reversed(), leads(key), V230);
        assertThat(turned.danger()).isEmpty();
        assertThat(low.agreesWith(turned)).as("one of them turns the other way").isFalse();
        assertThat(check(connection(key, 115), leads(key), V230).danger()).isPresent();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "four-lead",
                "five-lead",
                "iec",
                "iec-capacitor",
                "run-start",
                "run-start-capacitor",
                "psc-colours"
            })
    void singleVoltagePatternsAreSound(String key) {
        assertThat(check(connection(key, 115), leads(key), V115).danger()).isEmpty();
    }

    @Test
    void theProtectorOfAFiveLeadMotorCarriesAllThoughItsFarLeadStaysInside() {
        ConnectionCheck check = check(connection("five-lead", 115), leads("five-lead"), V115);

        assertThat(check.asWritten().verdicts()).extracting(Verdict::rule).contains(Rule.PROTECTED);
    }

    @Test
    void onTheLowVoltageEachRunHalfPassesItsOwnHeaterOfAThreeTerminalProtector() {
        String key = "six-lead-three-terminal-protector";
        ConnectionCheck low = check(connection(key, 115), leads(key), V115);

        assertThat(low.asWritten().verdicts()).extracting(Verdict::rule).contains(Rule.PROTECTED);
        assertThat(leads(key).find("P1").orElseThrow().ends()).hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1/8 HP 115 V 2.1 A 60 HZ 1650 RPM PSC RUN CAP 10 MFD",
                "1/2 HP 115 V 6.2 A 60 HZ 1625 RPM PSC RUN CAP 30 MFD",
                "0.25 kW 230 V 1.9 A 50 HZ 1380 RPM PSC RUN CAP 10 MFD",
                "1 HP 115 V 12 A 60 HZ 1725 RPM CAP START CAP RUN START CAP 300 MFD RUN CAP 35 MFD"
            })
    void aStartWindingThatStaysInWithItsRunCapacitorLasts(String plateText) {
        var plate = PlateReader.read(PlateText.read(plateText).fields()).value().orElseThrow();
        Given given = Given.of(plate, 1);
        Leads leads = leads("psc-colours");
        int volts = plate.ratings().get(0).volts();

        ConnectionCheck check = ConnectionCheck.of(
                connection("psc-colours", 115),
                leads,
                PlateFit.fit(given).value().orElseThrow().values().motor(leads),
                new RatedPoint(plate.slip(), given.ratedNm()),
                new Supply(volts, plate.hertz(), Supply.Kind.HOT_AND_NEUTRAL),
                Feeder.STIFF);

        assertThat(check.danger()).isEmpty();
    }

    @Test
    void aThreeLeadMotorWithEqualWindingsReversesByMovingTheLineToTheOtherEndOfItsCapacitor() {
        Given given = Given.of(
                        PlateReader.read(PlateText.read("1/8 HP 115 V 2.1 A 60 HZ 1650 RPM PSC RUN CAP 10 MFD")
                                        .fields())
                                .value()
                                .orElseThrow(),
                        1)
                .withEqualWindings();
        MotorValues alike = PlateFit.fit(given).value().orElseThrow().values();
        Leads leads = leads("psc-three-wire");
        Connection connection = connection("psc-three-wire", 115);

        ConnectionCheck check = ConnectionCheck.of(
                connection, leads, alike.motor(leads), new RatedPoint(0.083, given.ratedNm()), V115, Feeder.STIFF);

        assertThat(connection.reversesByOtherWinding(leads)).isTrue();
        assertThat(connection("four-lead", 115).reversesByOtherWinding(leads("four-lead")))
                .isFalse();
        assertThat(alike.startOhms()).isEqualTo(alike.runOhms());
        assertThat(check.reverses()).isTrue();
        assertThat(check.danger()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"six-lead", "six-lead-protector", "iec-halves"})
    void aScratchedColumnIsRebuiltFromTheOther(String key) {
        Leads leads = leads(key);
        Connection low = connection(key, 115);
        Connection high = connection(key, 230);

        assertThat(Rebuilt.high(low, leads, 230).orElseThrow().groups(leads)).isEqualTo(high.groups(leads));
        assertThat(Rebuilt.low(high, leads, 115).orElseThrow().groups(leads)).isEqualTo(low.groups(leads));
        for (String other : List.of("four-lead", "psc-three-wire", "six-lead-three-terminal-protector")) {
            assertThat(Rebuilt.high(connection(other, 115), leads(other), 230))
                    .as(other)
                    .isEmpty();
        }
    }

    @ParameterizedTest(name = "L1 {0}, L2 {1}, joined {2}, swap {3}: {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "T1 | T3 T8 | T2 T4 T5 | T5 T8 | T3 and T4 are mistaken",
                "T1 | T4 T5 | T2 T3 T8 | T2 T5 | To reverse",
                "T1 | T4    | T2 T3 T5 | T1 T4 | T8 is missing"
            })
    void aMisreadConnectionIsMended(String line1, String line2, String joined, String swap, String words) {
        Leads leads = leads("six-lead");
        Connection wrong = ConnectionReader.read(new ConnectionReader.Typed("230", line1, line2, joined, swap), leads)
                .value()
                .orElseThrow();
        assertThat(check(wrong, leads, V230).danger()).isPresent();

        List<Mend> mends =
                Misread.mends(wrong, leads, c -> check(c, leads, V230).danger().isEmpty());

        assertThat(mends).isNotEmpty();
        assertThat(mends).anySatisfy(m -> assertThat(m.words()).contains(words));
        assertThat(mends)
                .allSatisfy(m ->
                        assertThat(check(m.connection(), leads, V230).danger()).isEmpty());
    }

    @Test
    void aSoundConnectionOnItsVoltageHasNoWarning() {
        assertThat(check(connection("six-lead", 230), leads("six-lead"), V230)
                        .asWritten()
                        .verdicts())
                .isNotEmpty()
                .allSatisfy(v -> assertThat(v.severity()).isEqualTo(gatepin.core.Severity.GOOD));
    }
}
