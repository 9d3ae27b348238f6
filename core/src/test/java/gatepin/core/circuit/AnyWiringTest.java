package gatepin.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.circuit.Device.Type;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.LongStream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a person lands where, there is an answer, and it obeys physics. Seeds are printed with a failure. */
class AnyWiringTest {
    static LongStream seeds() {
        return LongStream.range(0, 300);
    }

    private static final double[] SLIPS = {1, 0.6, 0.04, 0, 1.96, 2, -0.1};

    private static void everyState(Circuit wired, java.util.function.Consumer<AcNetwork> check) {
        for (HandlePosition position : HandlePosition.values()) {
            check.accept(AcNetwork.of(wired, State.atRest(position)));
            check.accept(AcNetwork.of(wired, State.atSpeed(position)));
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void powerInIsCopperLossAndWhatCrossesTheGap(long seed) {
        everyState(BenchMotors.randomWiring(seed), network -> {
            for (double slip : SLIPS) {
                AcSolution solution = network.at(slip);
                double in = solution.inputWatts();
                assertThat(solution.copperWatts() + solution.airgapWatts())
                        .as("seed %d, slip %s", seed, slip)
                        .isCloseTo(in, within(1e-7 * (1 + Math.abs(in) + solution.copperWatts())));
                assertThat(network.torqueAt(slip)).isEqualTo(solution.torqueNm());
            }
        });
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void currentsAddUpToNothingAtEveryTerminal(long seed) {
        Circuit wired = BenchMotors.randomWiring(seed);
        everyState(wired, network -> {
            AcSolution solution = network.at(0.3);
            Map<Terminal, Complex> sum = new HashMap<>();
            for (Terminal line : List.of(Terminal.L1, Terminal.L2, Terminal.GROUND)) {
                sum.merge(line, solution.lineCurrent(line).negate(), Complex::add);
            }
            wired.elements().forEach(e -> passes(sum, e.a(), e.b(), solution.current(e)));
            wired.wires().forEach(w -> passes(sum, w.from(), w.to(), solution.current(w)));
            wired.chart()
                    .closedIn(network.state().setting())
                    .forEach(c -> passes(sum, c.a(), c.b(), solution.current(c)));
            wired.motor().contacts().forEach(c -> passes(sum, c.a(), c.b(), solution.current(c)));
            sum.forEach((terminal, current) -> assertThat(current.norm())
                    .as("seed %d at %s", seed, terminal)
                    .isLessThan(1e-7 * (1 + solution.lineAmps())));
        });
    }

    private static void passes(Map<Terminal, Complex> sum, Terminal a, Terminal b, Complex current) {
        sum.merge(a, current, Complex::add);
        sum.merge(b, current.negate(), Complex::add);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void namesMeanNothing(long seed) {
        Circuit wired = BenchMotors.randomWiring(seed);
        UnaryOperator<Terminal> rename = t -> t.is(Type.MOTOR) && !t.isGround()
                ? Terminal.motor("X" + (char) ('A' + Math.floorMod(t.mark().hashCode(), 26)) + t.mark())
                : t;
        Circuit renamed = renamed(wired, rename);
        for (HandlePosition position : HandlePosition.values()) {
            AcSolution a = AcNetwork.of(wired, State.atRest(position)).at(0.7);
            AcSolution b = AcNetwork.of(renamed, State.atRest(position)).at(0.7);
            assertThat(b.torqueNm()).isCloseTo(a.torqueNm(), within(1e-9 * (1 + Math.abs(a.torqueNm()))));
            assertThat(b.lineAmps()).isCloseTo(a.lineAmps(), within(1e-9 * (1 + a.lineAmps())));
        }
    }

    private static Circuit renamed(Circuit wired, UnaryOperator<Terminal> rename) {
        Motor motor = wired.motor();
        Motor other = new Motor(
                motor.leads().stream().map(rename).toList(),
                motor.coils().stream()
                        .map(c -> c.between(rename.apply(c.like()), rename.apply(c.other())))
                        .toList(),
                motor.capacitors().stream()
                        .map(c -> c.between(rename.apply(c.a()), rename.apply(c.b())))
                        .toList(),
                motor.contacts().stream()
                        .map(c -> new InnerContact(
                                c.name(), c.kind(), rename.apply(c.a()), rename.apply(c.b()), c.health()))
                        .toList(),
                motor.rotor());
        List<Wire> wires = new ArrayList<>();
        wired.wires().forEach(w -> wires.add(new Wire(rename.apply(w.from()), rename.apply(w.to()), w.run())));
        java.util.Collections.reverse(wires);
        return new Circuit(other, wired.chart(), wired.supply(), wired.feeder(), wires, wired.outside());
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void aMirroredWiringMirrorsTheTorque(long seed) {
        Circuit wired = BenchMotors.randomWiring(seed);
        for (HandlePosition position : HandlePosition.values()) {
            // with the start winding's axis on the other side of the run winding's, the field turns the other way
            double there = AcNetwork.of(wired, State.atRest(position)).torqueAt(1);
            double here = AcNetwork.of(wired.with(atMinus90(wired.motor())), State.atRest(position))
                    .torqueAt(1);
            assertThat(here).isCloseTo(-there, within(1e-9 * (1 + Math.abs(there))));
        }
    }

    private static Motor atMinus90(Motor motor) {
        return motor.withCoils(motor.coils().stream()
                .map(c -> new Coil(
                        c.name(),
                        c.role(),
                        c.like(),
                        c.other(),
                        -c.degrees(),
                        c.turns(),
                        c.ohms(),
                        c.leakageOhms(),
                        c.ratedVolts(),
                        c.joulesPerKelvin()))
                .toList());
    }

    /** Nodal equations as in the textbooks, solved by EJML, with a little leakage to ground where a part floats. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void agreesWithTextbookNodalEquations(long seed) {
        Circuit wired = BenchMotors.randomWiring(seed);
        everyState(wired, network -> {
            for (double slip : new double[] {1, 0.2, 1.9}) {
                AcSolution solution = network.at(slip);
                Map<Element, Complex> reference = NodalReference.currents(wired, network.nodes(), slip);
                double scale = 1
                        + reference.values().stream()
                                .mapToDouble(Complex::norm)
                                .max()
                                .orElse(0);
                reference.forEach((element, current) -> assertThat(
                                solution.current(element).subtract(current).norm())
                        .as("seed %d, slip %s, %s", seed, slip, element.name())
                        .isLessThan(1e-5 * scale));
            }
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "T1-L1",
                "L1-L2",
                "T1-T4 T5-T8",
                "T1-L1 T4-L1 T5-L1 T8-L1 L2-L1",
                "T1-L1 T1-L2 T4-L1 T4-L2 T5-G T8-G FRAME-G",
                "T1-1 T4-2 T5-3 T8-4 5-L1 6-L2"
            })
    void shortsOpensAndIslandsHaveAnswers(String wires) {
        Circuit wired =
                BenchMotors.wired(BenchMotors.quarterHp(), new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL), wires);
        everyState(wired, network -> {
            AcSolution solution = network.at(1);
            assertThat(solution.torqueNm()).isFinite();
            assertThat(solution.lineAmps()).isFinite();
        });
    }

    @Test
    void whatHangsInTheAirHasNoPotential() {
        Circuit wired =
                BenchMotors.wired(BenchMotors.sixLead(), new Supply(230, 60, Supply.Kind.TWO_HOT), "T1-L1 FRAME-G");
        AcSolution solution =
                AcNetwork.of(wired, State.atRest(HandlePosition.OFF)).at(1);

        assertThat(solution.potential(Terminal.motor("T2")).orElseThrow().norm())
                .as("hot through the winding")
                .isCloseTo(115, within(0.01));
        assertThat(solution.potential(Terminal.motor("T3"))).isEmpty();
        assertThat(solution.potential(Terminal.MOTOR_FRAME).orElseThrow().norm())
                .isZero();
    }
}
