package gatepin.core.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.Problem;
import gatepin.core.Reading;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlateReaderTest {
    private static Reading<Plate> read(String output, String unit, String rest) {
        String[] f = rest.split(",", -1);
        return PlateReader.read(TypedPlate.of(
                output, unit, f[0].strip(), f[1].strip(), f[2].strip(), f[3].strip(), f[4].strip(), f[5].strip()));
    }

    @ParameterizedTest
    @CsvSource({"3/4, hp, 559.3", "1-1/2, hp, 1118.6", "1 1/2, hp, 1118.6", "0.55, kW, 550", "'0,55', kW, 550"})
    @DisplayName("1 hp = 745.7 W")
    void powerIsReadAsPlatesWriteIt(String written, String unit, double watts) {
        Plate plate = read(written, unit, "115,20,,,60,1725").value().orElseThrow();

        assertThat(plate.ratedOutputWatts()).isCloseTo(watts, within(0.1));
    }

    @ParameterizedTest
    @CsvSource({"60, 3450, 2", "60, 1725, 4", "60, 1140, 6", "60, 850, 8", "50, 2850, 2", "50, 1425, 4", "50, 950, 6"})
    @DisplayName("usual full-load speeds belong to their pole numbers; synchronous rpm = 120 f / poles")
    void polesFromRatedSpeed(int hertz, int rpm, int poles) {
        Plate plate =
                read("1/2", "hp", "115,9.8,,," + hertz + "," + rpm).value().orElseThrow();

        assertThat(plate.poles()).isEqualTo(poles);
        assertThat(plate.synchronousRpm()).isEqualTo(120.0 * hertz / poles);
        assertThat(plate.slip()).isBetween(0.03, 0.06);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3/4  | 115,2,,,60,1725         | lowAmps   | more comes out than goes in",
                "3/4  | 115,13.8,,,60,1800      | rpm       | fits no induction motor",
                "3/4  | 115,13.8,,,60,3600      | rpm       | fits no induction motor",
                "3/4  | 115,13.8,,,55,1725      | hertz     | no mains frequency",
                "3/4  | 230,6.9,115,13.8,60,1725| highVolts | must be above",
                "3/4  | 115,13.8,,6.9,60,1725   | highVolts | no second voltage",
                "3/4  | 208,7.6,230,6.9,60,1725 | highVolts | Write both into the first field",
                "3/4  | 115-230,13.8,,,60,1725  | lowVolts  | no range of one connection",
                "3/4  | 230-208,7.6,,,60,1725   | lowVolts  | no range of one connection",
                "3/4  | 115,13.8-6.9,,,60,1725  | lowAmps   | more amps here than voltages",
                "3/4  | 115,-1,,,60,1725        | lowAmps   | out of range",
                "3/4  | ,13.8,,,60,1725         | lowVolts  | What voltage",
                "3/4  | 115,x,,,60,1725         | lowAmps   | no number of amps",
                "3/4  | 115,NaN,,,60,1725       | lowAmps   | no number",
                "3/4  | 115,13.8,,,60,fast      | rpm       | no whole number",
                "3/0  | 115,13.8,,,60,1725      | output    | is no power",
                "-1   | 115,13.8,,,60,1725      | output    | is no power",
                "900  | 115,13.8,,,60,1725      | output    | no single-phase motor",
                "''   | 115,13.8,,,60,1725      | output    | What power"
            })
    void whatNoPlateCanSayIsRefusedByItsField(String output, String rest, String field, String message) {
        Reading<Plate> reading = read(output, "hp", rest);

        assertThat(reading.value()).isEmpty();
        assertThat(reading.problems()).extracting(Problem::field).contains(field);
        assertThat(reading.problems()).extracting(Problem::message).anyMatch(m -> m.contains(message));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "115,18.4,208-230,9.6-9.2 | 115=18.4 208=9.6 230=9.2 | true",
                "115,18.4,208-230,9.2     | 115=18.4 208= 230=9.2    | true",
                "208–230,9.6/9.2,,        | 208=9.6 230=9.2          | false",
                "220 to 240,,,            | 220= 240=                | false"
            })
    @DisplayName("a hyphen between voltages is a range of one connection (common practice)")
    void aRangeIsReadAsTheVoltagesOfOneConnection(String typed, String ratings, boolean dual) {
        Plate plate = read("1-1/2", "hp", typed.strip() + ",60,1725").value().orElseThrow();

        assertThat(plate.ratings())
                .extracting(r -> r.volts() + "=" + r.amps().map(String::valueOf).orElse(""))
                .containsExactly(ratings.split(" "));
        assertThat(plate.isDualVoltage()).isEqualTo(dual);
    }

    @Test
    @DisplayName("3/4 hp at 230 V, 6.9 A (NEC Table 430.248, from memory): efficiency times power factor below one")
    void impliedEfficiencyTimesPowerFactor() {
        Plate plate = read("3/4", "hp", "115,13.8,230,6.9,60,1725").value().orElseThrow();

        assertThat(plate.efficiencyTimesPowerFactor(plate.at(230).orElseThrow()))
                .hasValueSatisfying(v -> assertThat(v).isCloseTo(0.352, within(0.001)));
    }

    private static Reading<Plate> extras(String family, String code, String start, String run) {
        return PlateReader.read(
                TypedPlate.of("3/4", "hp", "115", "13.8", "", "", "60", "1725", family, code, start, run, ""));
    }

    @Test
    void familyCodeAndCapacitorsAreRead() {
        Plate plate = extras("capacitor-start", "k", "300 MFD", "").value().orElseThrow();

        assertThat(plate.extras().code()).contains(CodeLetter.K);
        assertThat(plate.extras().startMicrofarads()).contains(300.0);
        assertThat(plate.likelyFamily()).isEqualTo(MotorFamily.CAPACITOR_START);
    }

    @ParameterizedTest(name = "{0} and {1} µF: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "''  | ''      | CAPACITOR_START",
                "300 | ''      | CAPACITOR_START",
                "300 | 30      | CAPACITOR_START_CAPACITOR_RUN",
                "''  | 12,5 uF | PERMANENT_SPLIT_CAPACITOR"
            })
    void theCapacitorsTellTheFamilyWhereNobodyDid(String start, String run, MotorFamily likely) {
        assertThat(extras("", "", start, run).value().orElseThrow().likelyFamily())
                .isEqualTo(likely);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "steam           | ''   | ''   | ''  | family           | Choose one",
                "capacitor-start | I    | ''   | ''  | code             | no code letter",
                "capacitor-start | ''   | none | ''  | startMicrofarads | no capacitance",
                "capacitor-start | ''   | 0    | ''  | startMicrofarads | out of range",
                "capacitor-start | ''   | NaN  | ''  | startMicrofarads | no capacitance",
                "split-phase     | ''   | 300  | ''  | startMicrofarads | has no start capacitor",
                "capacitor-start | ''   | ''   | 12  | runMicrofarads   | has no run capacitor"
            })
    void extrasThatCannotBeAreRefusedByTheirField(
            String family, String code, String start, String run, String field, String message) {
        assertThat(extras(family, code, start, run).problems()).singleElement().satisfies(p -> {
            assertThat(p.field()).isEqualTo(field);
            assertThat(p.message()).contains(message);
        });
    }
}
