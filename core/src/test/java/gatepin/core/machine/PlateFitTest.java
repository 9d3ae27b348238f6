package gatepin.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import gatepin.core.Problem;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.FittedMotor.Residual;
import gatepin.core.plate.CodeLetter;
import gatepin.core.plate.MotorFamily;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlateFitTest {
    private static Given given(MotorFamily family, double watts, double volts, double amps, int hertz, int rpm) {
        return new Given(
                family,
                watts,
                volts,
                amps > 0 ? Optional.of(amps) : Optional.empty(),
                hertz,
                rpm,
                4,
                8.5 * Math.pow(watts / 745.7, 0.8),
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static FittedMotor fit(Given given) {
        return PlateFit.fit(given).value().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "CAPACITOR_START, 559, 115, 13.8, 60, 1725",
        "SPLIT_PHASE, 373, 115, 8.8, 60, 1725",
        "PERMANENT_SPLIT_CAPACITOR, 93, 115, 2.1, 60, 1650",
        "CAPACITOR_START_CAPACITOR_RUN, 1491, 115, 24, 60, 1740",
        "CAPACITOR_START, 370, 230, 2.9, 50, 1420",
        "CAPACITOR_START, 3728, 230, 28, 60, 1740",
        "SPLIT_PHASE, 186, 110, 0, 60, 1725"
    })
    void theFittedMotorDoesWhatItsPlateSays(
            MotorFamily family, double watts, double volts, double amps, int hertz, int rpm) {
        FittedMotor fitted = fit(given(family, watts, volts, amps, hertz, rpm));

        Residual output = fitted.residuals().get(0);
        assertThat(output.got()).isCloseTo(watts, withinPercentage(2));
        if (amps > 0) {
            assertThat(fitted.residuals().get(1).got()).isCloseTo(amps, withinPercentage(3));
        }
        assertThat(fitted.misfit()).isLessThan(1.5);
        double ratio = fitted.values().startOhms() / fitted.values().runOhms();
        assertThat(ratio)
                .as("start winding about 2 to 3 times the run winding (common practice)")
                .isBetween(1.1, 4.0);
    }

    @Test
    @DisplayName("a measured winding and a code letter narrow the bands")
    void measuringNarrows() {
        Given plate = given(MotorFamily.CAPACITOR_START, 559, 115, 13.8, 60, 1725);
        Given more = new Given(
                plate.family(),
                559,
                115,
                Optional.of(13.8),
                60,
                1725,
                4,
                0.75 * CodeLetter.K.middle(),
                true,
                Optional.of(0.72),
                Optional.of(1.9),
                Optional.of(300.0),
                Optional.empty());

        Estimate wide = locked(fit(plate));
        Estimate narrow = locked(fit(more));

        assertThat(narrow.high() - narrow.low()).isLessThan(0.8 * (wide.high() - wide.low()));
        assertThat(fit(more).values().runOhms()).isCloseTo(0.72, withinPercentage(3));
        assertThat(narrow.value())
                .as("code K: 8 to 9 kVA/hp (NEC Table 430.7(B), from memory)")
                .isBetween(0.75 * 8000 / 115 * 0.93, 0.75 * 9000 / 115 * 1.07);
    }

    private static Estimate locked(FittedMotor fitted) {
        return fitted.estimate(v -> AcNetwork.of(PlateFit.acrossTheLine(v), State.atRest(HandlePosition.FORWARD))
                .at(1)
                .lineAmps());
    }

    @ParameterizedTest
    @CsvSource({
        "559, 115, 4, 60, 1725, amps",
        "559, 115, 13.8, 60, 1800, rpm",
        "559, 115, 13.8, 60, 1900, rpm",
        "-5, 115, 13.8, 60, 1725, output",
        "559, 0, 13.8, 60, 1725, volts",
        "559, 115, NaN, 60, 1725, amps"
    })
    void impossiblePlatesAreRefusedWithTheReason(
            double watts, double volts, double amps, int hertz, int rpm, String field) {
        Given given = new Given(
                MotorFamily.SPLIT_PHASE,
                watts,
                volts,
                Optional.of(amps),
                hertz,
                rpm,
                4,
                8.5 * Math.pow(watts / 745.7, 0.8),
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());

        List<Problem> problems = PlateFit.fit(given).problems();

        assertThat(problems).extracting(Problem::field).contains(field);
        assertThat(problems).allSatisfy(p -> assertThat(p.message()).isNotBlank());
    }

    @Test
    void halvesShareTheCopper() {
        MotorValues values = fit(given(MotorFamily.CAPACITOR_START, 559, 115, 13.8, 60, 1725))
                .values();
        Leads leads = Leads.read(List.of(
                        new Leads.Typed("T1", "", ""),
                        new Leads.Typed("T2", "", ""),
                        new Leads.Typed("T3", "", ""),
                        new Leads.Typed("T4", "", ""),
                        new Leads.Typed("T5", "", ""),
                        new Leads.Typed("T8", "", "")))
                .value()
                .orElseThrow();

        var motor = values.motor(leads);

        assertThat(motor.coils(Role.RUN))
                .hasSize(2)
                .allSatisfy(c -> assertThat(c.ohms()).isCloseTo(2 * values.runOhms(), within(1e-9)));
        assertThat(motor.coils(Role.START)).extracting(Coil::like).containsExactly(Terminal.motor("T5"));
        assertThat(motor.capacitors()).hasSize(1);
        assertThat(motor.contacts()).hasSize(1);
    }

    @Test
    @DisplayName(
            "copper from 20 °C: 3.9 % more resistance for 10 K (R2 = R1 (234.5 + t2)/(234.5 + t1), IEEE 112, from memory)")
    void copperWarms() {
        Coil coil = new Coil("run 1", Role.RUN, Terminal.motor("T1"), Terminal.motor("T4"), 0, 1, 2, 1, 115, 1000);
        double cold = Copper.kelvinPerSecond(coil, 10, 20);

        assertThat(cold).isCloseTo(100 * 2 / 1000.0, within(1e-12));
        assertThat(Copper.kelvinPerSecond(coil, 10, 30) + 10 / 550.0).isCloseTo(cold * 264.5 / 254.5, within(1e-9));
        assertThat(Copper.secondsToDamage(coil, 2, 20)).isInfinite();
        assertThat(Copper.secondsToDamage(coil, 10, 190)).isZero();
    }

    @Test
    void timeToDamageAgreesWithSteppingThroughIt() {
        Coil coil = new Coil("run 1", Role.RUN, Terminal.motor("T1"), Terminal.motor("T4"), 0, 1, 2, 1, 115, 1000);
        double celsius = 20;
        double seconds = 0;
        while (celsius < Copper.DAMAGE_CELSIUS) {
            celsius += 0.01 * Copper.kelvinPerSecond(coil, 30, celsius);
            seconds += 0.01;
        }

        assertThat(Copper.secondsToDamage(coil, 30, 20)).isCloseTo(seconds, withinPercentage(0.1));
    }

    @ParameterizedTest
    @CsvSource({"K, 8.0, 9.0", "a, 0, 3.15", "V, 22.4, 25"})
    void codeLetters(String typed, double from, double below) {
        CodeLetter letter = CodeLetter.of(typed).orElseThrow();

        assertThat(letter.from()).isEqualTo(from);
        assertThat(letter.below()).isEqualTo(below);
        assertThat(CodeLetter.of("I")).isEmpty();
        assertThat(CodeLetter.of("Q")).isEmpty();
    }
}
