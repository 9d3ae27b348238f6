package gatepin.core.safe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.safe.Discharge.Bleeder;
import gatepin.core.safe.SafeRecord.Disconnect;
import gatepin.core.supply.Region;
import gatepin.core.words.Wording;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DischargeTest {
    @ParameterizedTest(name = "{0} µF at {1} V: {2} J, {3} s through 20 kΩ")
    @CsvSource({"100, 100, 0.5, 4.605", "300, 325.27, 15.87, 20.893", "10, 622.25, 1.936, 0.826"})
    @DisplayName("energy ½ C V²; V = V0 e^(−t / RC), so t = R C ln(V0 / 10 V) (any textbook of physics)")
    void energyAndTime(double microfarads, double volts, double joules, double seconds) {
        Discharge discharge = new Discharge(microfarads, volts);

        assertThat(discharge.joules()).isCloseTo(joules, within(0.005 * joules));
        assertThat(discharge.secondsThrough(20_000)).isCloseTo(seconds, within(0.005 * seconds));
    }

    @Test
    @DisplayName("after one time constant 36.8 % of the voltage is left (any textbook of physics)")
    void oneTimeConstant() {
        // from e times the safe voltage one time constant leads to it
        Discharge discharge = new Discharge(100, Discharge.SAFE_VOLTS * Math.E);

        assertThat(discharge.secondsThrough(10_000)).isCloseTo(1.0, within(1e-9));
        assertThat(new Discharge(100, 9).secondsThrough(10_000)).isZero();
    }

    @Test
    void aCapacitorOnAlternatingVoltageIsLeftAtItsPeak() {
        assertThat(Discharge.onAlternating(30, 230).chargedVolts()).isCloseTo(325.27, within(0.01));
        assertThatThrownBy(() -> new Discharge(0, 100)).hasMessageContaining("holds no charge");
    }

    @ParameterizedTest
    @CsvSource({"300, 165", "400, 330", "10, 440", "0.5, 24", "2000, 250"})
    void theBleederIsAStandardResistorThatIsDoneInSecondsAndBearsIt(double microfarads, int volts) {
        Discharge discharge = Discharge.onAlternating(microfarads, volts);
        Bleeder bleeder = discharge.bleeder();

        assertThat(bleeder.seconds()).isLessThanOrEqualTo(5.0);
        assertThat(Discharge.standardBelow(bleeder.ohms())).isCloseTo(bleeder.ohms(), within(1e-6));
        assertThat(bleeder.peakWatts())
                .isCloseTo(discharge.chargedVolts() * discharge.chargedVolts() / bleeder.ohms(), within(1e-6));
        assertThat(bleeder.watts() * 5.0).isGreaterThanOrEqualTo(Math.min(bleeder.peakWatts(), 250));
    }

    private static SafeRecord record(Disconnect way, boolean proved, CapacitorCheck... capacitors) {
        return new SafeRecord(way, "", proved, proved, proved, false, List.of(capacitors));
    }

    private static CapacitorCheck capacitor(Optional<Double> volts) {
        return new CapacitorCheck("start capacitor", 300, 165, Optional.of(15_000.0), volts);
    }

    @Test
    void nothingCountsAsSafeBeforeItIsProvedAndMeasured() {
        assertThat(record(Disconnect.LOCKED, false).lack())
                .hasValueSatisfying(
                        l -> assertThat(Wording.of(Region.NORTH_AMERICA).say(l)).contains("live source"));
        assertThat(record(Disconnect.LOCKED, true).lack())
                .hasValueSatisfying(
                        l -> assertThat(Wording.of(Region.NORTH_AMERICA).say(l)).contains("every capacitor"));
        assertThat(record(Disconnect.PLUG, true, capacitor(Optional.empty())).lack())
                .hasValueSatisfying(
                        l -> assertThat(Wording.of(Region.NORTH_AMERICA).say(l))
                                .contains("start capacitor is not measured"));
        assertThat(record(Disconnect.PLUG, true, capacitor(Optional.of(43.0))).lack())
                .hasValueSatisfying(
                        l -> assertThat(Wording.of(Region.NORTH_AMERICA).say(l)).contains("still holds 43 V"));
        assertThat(record(Disconnect.PLUG, true, capacitor(Optional.of(0.4))).lack())
                .isEmpty();
        assertThat(record(Disconnect.LOOSE, false, capacitor(Optional.of(0.4))).lack())
                .as("a loose motor hangs on no line")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "start | 300 | 165 |      | ",
                "start | 300 MFD | 165 VAC | 15k | ",
                "start | 0 | 165 | | microfarads",
                "start | x | 165 | | microfarads",
                "''    | 300 | 165 | | name",
                "start | 300 | 5 | | volts",
                "start | 300 | 165 | 3 | bleedOhms"
            })
    void aCansFiguresAreReadOrRefusedByTheirField(
            String name, String microfarads, String volts, String bleed, String field) {
        var read =
                CapacitorReader.read(new CapacitorReader.Typed(name, microfarads, volts, bleed == null ? "" : bleed));

        if (field == null) {
            assertThat(read.value().orElseThrow().microfarads()).isEqualTo(300);
        } else {
            assertThat(read.problems())
                    .singleElement()
                    .satisfies(p -> assertThat(p.field()).isEqualTo(field));
        }
    }
}
