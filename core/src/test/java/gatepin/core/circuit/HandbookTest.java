package gatepin.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Winding.Role;
import java.util.List;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Worked examples of the handbooks, and facts of the trade. */
class HandbookTest {
    private static final Supply V110 = new Supply(110, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply V115 = new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply V230 = new Supply(230, 60, Supply.Kind.TWO_HOT);
    private static final State RUNNING = State.atSpeed(HandlePosition.FORWARD);
    private static final State STARTING = State.atRest(HandlePosition.FORWARD);
    private static final String LOW = "T1-L1 T3-L1 T5-L1 T2-L2 T4-L2 T8-L2";

    private static AcSolution standstill(Motor motor, Supply supply, String wires) {
        return AcNetwork.of(BenchMotors.wired(motor, supply, wires), STARTING).at(1);
    }

    private static double startingTorque(Motor motor, Supply supply, String wires) {
        return standstill(motor, supply, wires).torqueNm();
    }

    @Test
    @DisplayName("1/4 hp on its main winding, slip 0.05: 3.59 A, power factor 0.62, 244 W in, 147 W out, 60 %"
            + " (Fitzgerald, Kingsley and Umans, Electric Machinery, ch. 9, from memory)")
    void mainWindingAlone() {
        AcSolution running = AcNetwork.of(
                        BenchMotors.wired(BenchMotors.quarterHp(), V110, "T1-L1 T4-L2 T5-L1 T8-L2"), RUNNING)
                .at(0.05);

        double amps = running.lineAmps();
        assertThat(amps).isCloseTo(3.59, withinPercentage(1));
        assertThat(running.inputWatts() / (110 * amps)).isCloseTo(0.62, withinPercentage(1));
        assertThat(running.inputWatts()).isCloseTo(244, withinPercentage(1));
        double shaft = running.torqueNm() * BenchMotors.QUARTER_HP_ROTOR.synchronousRadians(60) * 0.95 - 37;
        assertThat(shaft).isCloseTo(147, withinPercentage(1));
        assertThat(shaft / running.inputWatts()).isCloseTo(0.60, withinPercentage(1));
        assertThat(BenchMotors.QUARTER_HP_ROTOR.synchronousRpm(60) * 0.95).isEqualTo(1710);
    }

    @Test
    @DisplayName("177 µF puts the starting currents of main 4.5 + j3.7 Ω and auxiliary 9.5 + j3.5 Ω in quadrature"
            + " (Fitzgerald, Kingsley and Umans, ch. 9, from memory)")
    void capacitorForQuadrature() {
        // the book's impedances hold the rotor's share already, so the rotor here has none
        Rotor none = new Rotor(4, 60, 1, 0, 1e-9, 0, 0.01);
        Terminal inside = Terminal.inside("a");
        Coil main = BenchMotors.coil("run 1", Role.RUN, "T1", "T4", 1, 4.5, 3.7, 120);
        Coil auxiliary = BenchMotors.coil("start 1", Role.START, "T5", "T8", 1, 9.5, 3.5, 120)
                .between(Terminal.motor("T5"), inside);
        Motor motor = new Motor(
                BenchMotors.leads("T1", "T4", "T5", "T8"),
                List.of(main, auxiliary),
                List.of(new Capacitor("start capacitor", inside, Terminal.motor("T8"), 177, 0)),
                List.of(),
                none);

        AcSolution start = standstill(motor, V110, "T1-L1 T5-L1 T4-L2 T8-L2");

        Complex ratio = start.current(auxiliary).divide(start.current(main));
        assertThat(Math.toDegrees(ratio.getArgument())).isCloseTo(90, withinPercentage(1));
    }

    @Test
    @DisplayName(
            "interchanging the start ends, or the run ends, reverses; interchanging both does not (common practice)")
    void reversing() {
        Motor motor = BenchMotors.quarterHp();
        double asIs = startingTorque(motor, V110, "T1-L1 T5-L1 T4-L2 T8-L2");

        assertThat(asIs).isPositive();
        assertThat(startingTorque(motor, V110, "T1-L1 T8-L1 T4-L2 T5-L2")).isCloseTo(-asIs, withinPercentage(0.01));
        assertThat(startingTorque(motor, V110, "T4-L1 T5-L1 T1-L2 T8-L2")).isCloseTo(-asIs, withinPercentage(0.01));
        assertThat(startingTorque(motor, V110, "T4-L1 T8-L1 T1-L2 T5-L2")).isCloseTo(asIs, withinPercentage(0.01));
    }

    @Test
    @DisplayName("half the voltage gives a quarter of the starting torque (common practice)")
    void torqueGoesWithTheSquareOfTheVoltage() {
        Supply half = new Supply(55, 60, Supply.Kind.HOT_AND_NEUTRAL);
        String wires = "T1-L1 T5-L1 T4-L2 T8-L2";

        assertThat(startingTorque(BenchMotors.quarterHp(), half, wires))
                .isCloseTo(startingTorque(BenchMotors.quarterHp(), V110, wires) / 4, withinPercentage(0.01));
    }

    @Test
    @DisplayName(
            "in series the run halves share the voltage, and low and high connection start alike (common practice)")
    void halvesInSeries() {
        Motor motor = BenchMotors.sixLead();
        AcSolution high = standstill(motor, V230, "T1-L1 T2-T3 T5-T2 T4-L2 T8-L2");

        Complex first = high.voltage(motor.coils().get(0));
        Complex second = high.voltage(motor.coils().get(1));
        assertThat(first.add(second).norm()).isCloseTo(230, withinPercentage(0.1));
        // while it starts, the start winding hangs on the second half and shifts its share a little
        AcSolution running = AcNetwork.of(BenchMotors.wired(motor, V230, "T1-L1 T2-T3 T5-T2 T4-L2 T8-L2"), RUNNING)
                .at(0.04);
        assertThat(running.voltage(motor.coils().get(0)).norm()).isCloseTo(115, withinPercentage(0.1));
        double low = startingTorque(motor, V115, LOW);
        assertThat(high.torqueNm()).as("same way round").isPositive();
        assertThat(low).isPositive();
        assertThat(AcNetwork.of(BenchMotors.wired(motor, V115, LOW), RUNNING)
                        .at(0.04)
                        .torqueNm())
                .as("running on either voltage is the same")
                .isCloseTo(running.torqueNm(), withinPercentage(0.01));
    }

    @Test
    @DisplayName("208 V from a wye: each hot is 120 V to ground (common practice); 240 V split-phase: half")
    void voltsToGround() {
        Supply wye = new Supply(208, 60, Supply.Kind.TWO_HOT);
        AcSolution solution = standstill(BenchMotors.sixLead(), wye, "T1-L1 T4-L2 T2-T3");

        assertThat(solution.potential(Terminal.motor("T1")).orElseThrow().norm())
                .isCloseTo(120, withinPercentage(0.2));
        assertThat(wye.emf(Terminal.L1).subtract(wye.emf(Terminal.L2)).norm()).isCloseTo(208, withinPercentage(0.001));
        assertThat(new Supply(240, 60, Supply.Kind.TWO_HOT).emf(Terminal.L2).norm())
                .isEqualTo(120);
    }

    @Test
    @DisplayName("start switch stuck open: no starting torque, it hums and can be spun either way (common practice)")
    void startSwitchStuckOpen() {
        Motor stuck = BenchMotors.quarterHp().with(Kind.START_SWITCH, Health.STUCK_OPEN);
        Circuit wired = BenchMotors.wired(stuck, V110, "T1-L1 T5-L1 T4-L2 T8-L2");
        AcNetwork network = AcNetwork.of(wired, STARTING);

        assertThat(Math.abs(network.torqueAt(1))).isLessThan(1e-9);
        assertThat(network.torqueAt(0.5)).as("spun forward it goes on").isPositive();
        assertThat(network.torqueAt(1.5)).as("spun backward it goes on").isNegative();
    }

    @Test
    @DisplayName("a three-phase motor on one phase hums and does not start (common practice)")
    void threePhaseOnOnePhase() {
        List<Coil> phases = List.of(phase("T1", 0), phase("T2", 120), phase("T3", 240));
        Motor motor = new Motor(
                BenchMotors.leads("T1", "T2", "T3"), phases, List.of(), List.of(), BenchMotors.QUARTER_HP_ROTOR);

        AcSolution onOnePhase = standstill(motor, V230, "T1-L1 T2-L2");

        assertThat(onOnePhase.lineAmps()).isPositive();
        assertThat(Math.abs(onOnePhase.torqueNm())).isLessThan(1e-9);
    }

    private static Coil phase(String mark, double degrees) {
        return new Coil(
                "phase " + mark, Role.RUN, Terminal.motor(mark), Terminal.inside("star"), degrees, 1, 2, 2.5, 133, 500);
    }

    @Test
    @DisplayName(
            "1.8 Ω which becomes 3.7 Ω with the start switch held open: run and start in parallel (common practice)")
    void theOhmmeterSeesRunAndStartInParallel() {
        Motor motor = new Motor(
                BenchMotors.leads("T1", "T4"),
                List.of(
                        BenchMotors.coil("run 1", Role.RUN, "T1", "T4", 1, 3.7, 3, 120),
                        BenchMotors.coil("start 1", Role.START, "T1", "T4", 0.8, 3.5, 2, 120)
                                .between(Terminal.motor("T1"), Terminal.inside("a"))),
                List.of(),
                List.of(new InnerContact(
                        "start switch", Kind.START_SWITCH, Terminal.inside("a"), Terminal.motor("T4"), Health.WORKS)),
                BenchMotors.QUARTER_HP_ROTOR);
        Circuit wired = BenchMotors.wired(motor, V115, "");

        assertThat(Ohmmeter.on(wired, STARTING).ohms(Terminal.motor("T1"), Terminal.motor("T4")))
                .isCloseTo(1.8, withinPercentage(1));
        assertThat(Ohmmeter.on(wired, RUNNING).ohms(Terminal.motor("T1"), Terminal.motor("T4")))
                .isCloseTo(3.7, withinPercentage(0.01));
    }

    @Test
    @DisplayName(
            "three leads: the two lower readings add up to the highest; a capacitor blocks the meter (common practice)")
    void theOhmmeterOnThreeLeads() {
        Motor motor = new Motor(
                BenchMotors.leads("C", "M", "A"),
                List.of(
                        BenchMotors.coil("run 1", Role.RUN, "M", "C", 1, 4, 3, 230),
                        BenchMotors.coil("start 1", Role.START, "A", "C", 1, 11, 3, 230)),
                List.of(new Capacitor("run capacitor", Terminal.motor("A"), Terminal.motor("M"), 10, 1)),
                List.of(),
                BenchMotors.QUARTER_HP_ROTOR);
        Ohmmeter meter = Ohmmeter.on(BenchMotors.wired(motor, V230, ""), STARTING);

        assertThat(meter.ohms(Terminal.motor("M"), Terminal.motor("A"))).isCloseTo(15, withinPercentage(0.01));
        assertThat(meter.ohms(Terminal.motor("M"), Terminal.motor("C"))).isCloseTo(4, withinPercentage(0.01));
        assertThat(meter.ohms(Terminal.motor("M"), Terminal.MOTOR_FRAME)).isEqualTo(Ohmmeter.OPEN);
        assertThat(Ohmmeter.on(BenchMotors.wired(BenchMotors.psc(), V230, "U1-L1 Z1-L1 U2-L2 Z2-L2"), STARTING)
                        .ohms(Terminal.L1, Terminal.L2))
                .as("the start circuit does not show at the plug")
                .isCloseTo(9, withinPercentage(0.01));
    }
}
