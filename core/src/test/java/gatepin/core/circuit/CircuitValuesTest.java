package gatepin.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Estimate;
import gatepin.core.machine.Load;
import gatepin.core.machine.RatedPoint;
import gatepin.core.machine.RunUp.Conditions;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Quantities that cannot be are refused where they are made, with the part's name and the value. */
class CircuitValuesTest {
    private static final Terminal A = Terminal.motor("T1");
    private static final Terminal B = Terminal.motor("T4");

    private static Coil coil(double turns, double ohms, double leakage, double volts, double joules) {
        return new Coil("run 1", Role.RUN, A, B, 0, turns, ohms, leakage, volts, joules);
    }

    static Stream<Arguments> refused() {
        return Stream.of(
                refused("run 1: turns is 0.0", () -> coil(0, 1, 1, 115, 100)),
                refused("run 1: ohms is -1.0", () -> coil(1, -1, 1, 115, 100)),
                refused("run 1: ohms is NaN", () -> coil(1, Double.NaN, 1, 115, 100)),
                refused("run 1: leakage ohms is -0.1", () -> coil(1, 1, -0.1, 115, 100)),
                refused("run 1: rated volts is Infinity", () -> coil(1, 1, 1, Double.POSITIVE_INFINITY, 100)),
                refused("run 1: joules per kelvin is 0.0", () -> coil(1, 1, 1, 115, 0)),
                refused("degrees is NaN", () -> new Coil("x", Role.RUN, A, B, Double.NaN, 1, 1, 1, 1, 1)),
                refused("not a coil", () -> new Coil("p", Role.PROTECTOR, A, B, 0, 1, 1, 1, 1, 1)),
                refused("C: microfarads is 0.0", () -> new Capacitor("C", A, B, 0, 0)),
                refused("C: series ohms is -1.0", () -> new Capacitor("C", A, B, 10, -1)),
                refused("R: ohms is 0.0", () -> new Resistor("R", A, B, 0)),
                refused("feeder: ohms is 0.0", () -> new Feeder(0, 0)),
                refused("3 poles", () -> new Rotor(3, 60, 1, 1, 10, 0, 0.01)),
                refused("rotor: magnetizing ohms is 0.0", () -> new Rotor(4, 60, 1, 1, 0, 0, 0.01)),
                refused("not motor.T1 with itself", () -> new InnerContact("s", Kind.START_SWITCH, A, A, Health.WORKS)),
                refused(
                        "two parts of the motor are called run 1",
                        () -> new Motor(
                                List.of(A, B),
                                List.of(coil(1, 1, 1, 1, 1), coil(1, 1, 1, 1, 1)),
                                List.of(),
                                List.of(),
                                BenchMotors.QUARTER_HP_ROTOR)),
                refused(
                        "a coil belongs to the motor",
                        () -> new Circuit(
                                BenchMotors.quarterHp(),
                                new ContactChart(List.of(), java.util.Map.of()),
                                new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL),
                                Feeder.STIFF,
                                List.of(),
                                List.of(coil(1, 1, 1, 1, 1)))),
                refused("slip lies between", () -> new RatedPoint(0, 3)),
                refused("does not lie from", () -> new Estimate(5, 6, 7)),
                refused("inertia above zero", () -> new Load(Load.Law.CONSTANT, 1, 1, 0)),
                refused("lasts up to an hour", () -> new Conditions(List.of(), 0, 0.75, 0.4, 20)),
                refused("closes below the speed", () -> new Conditions(List.of(), 1, 0.4, 0.75, 20)));
    }

    private static Arguments refused(String message, ThrowingCallable making) {
        return Arguments.of(message, making);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("refused")
    void whatCannotBeIsRefused(String message, ThrowingCallable making) {
        assertThatThrownBy(making).isInstanceOf(IllegalArgumentException.class).hasMessageContaining(message);
    }

    @Test
    void unknownPartsAreNamed() {
        AcNetwork network = AcNetwork.of(
                BenchMotors.wired(BenchMotors.quarterHp(), new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL), "T1-L1"),
                State.atRest(HandlePosition.OFF));

        assertThatThrownBy(() -> network.at(1).current(new Resistor("lamp", A, B, 5)))
                .hasMessageContaining("no element lamp");
        assertThatThrownBy(() -> network.at(1).potential(Terminal.motor("X9"))).hasMessageContaining("motor.X9");
        assertThatThrownBy(() -> network.at(1).lineCurrent(A)).hasMessageContaining("no line");
    }

    @Test
    void aLampInParallelDrawsItsShare() {
        Supply supply = new Supply(120, 60, Supply.Kind.HOT_AND_NEUTRAL);
        Resistor lamp = new Resistor("lamp", Terminal.L1, Terminal.L2, 240);
        Circuit wired = new Circuit(
                BenchMotors.quarterHp(),
                new ContactChart(List.of(), java.util.Map.of()),
                supply,
                Feeder.STIFF,
                List.of(),
                List.of(lamp));
        AcSolution solution =
                AcNetwork.of(wired, State.atRest(HandlePosition.OFF)).at(1);

        assertThat(solution.current(lamp).norm()).isCloseTo(0.5, org.assertj.core.api.Assertions.within(1e-6));
        assertThat(Ohmmeter.on(wired, State.atRest(HandlePosition.OFF)).ohms(Terminal.L1, Terminal.L2))
                .isCloseTo(240, org.assertj.core.api.Assertions.within(1e-6));
        assertThat(Ohmmeter.on(wired, State.atRest(HandlePosition.OFF)).readings(List.of(Terminal.L1, Terminal.L2, A)))
                .filteredOn(Ohmmeter.Reading::isOpen)
                .hasSize(2);
    }

    @Test
    void theFieldImpedanceAtNoSlipIsTheMagnetizingReactanceAlone() {
        assertThat(BenchMotors.QUARTER_HP_ROTOR.fieldImpedance(0, 60).getRealPart())
                .isZero();
        assertThat(BenchMotors.QUARTER_HP_ROTOR.fieldImpedance(0, 60).getImaginaryPart())
                .isCloseTo(66.8, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(BenchMotors.QUARTER_HP_ROTOR.fieldImpedance(0, 30).getImaginaryPart())
                .as("reactances go with the frequency")
                .isCloseTo(33.4, org.assertj.core.api.Assertions.within(1e-9));
    }
}
