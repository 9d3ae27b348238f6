package gatepin.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import gatepin.core.circuit.BenchMotors;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.machine.Load.Law;
import gatepin.core.machine.RunUp.Conditions;
import gatepin.core.machine.RunUpTrace.Happening;
import gatepin.core.machine.RunUpTrace.Sample;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RunUpTest {
    private static final Supply V115 = new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply V230_50 = new Supply(230, 50, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Load LIGHT = new Load(Law.CONSTANT, 1, 1, 0.012);

    private static Circuit drum(Motor motor) {
        return BenchMotors.wired(motor, V115, "T1-6 T3-6 5-L1 6-3 T5-1 T8-4 2-L2 T2-L2 T4-L2");
    }

    private static Circuit pscOnDrum(Motor motor) {
        return BenchMotors.wired(motor, V230_50, "U1-6 5-L1 6-3 Z1-1 Z2-4 2-L2 U2-L2");
    }

    private static RunUpTrace run(Circuit wired, Load load, Conditions conditions) {
        return RunUp.simulate(wired, load, conditions);
    }

    @Test
    @DisplayName(
            "the start switch opens at three quarters of synchronous speed (common practice), then it runs near rated speed")
    void aCapacitorStartMotorRunsUp() {
        RunUpTrace trace = run(drum(BenchMotors.sixLead()), LIGHT, Conditions.starting(HandlePosition.FORWARD, 2));

        assertThat(trace.events())
                .filteredOn(e -> e.what() == Happening.START_SWITCH_OPENED)
                .singleElement()
                .satisfies(e -> assertThat(Math.abs(e.rpm())).isCloseTo(1350, within(0.5)));
        assertThat(Math.abs(trace.last().rpm())).isBetween(1700.0, 1800.0);
        assertThat(trace.peakAmps()).isGreaterThan(3 * trace.last().lineAmps());
        assertThat(trace.secondsToSpeed().orElseThrow()).isBetween(0.05, 1.0);
        assertThat(trace.inrushSeconds())
                .as("most of the run-up, and never longer")
                .isBetween(
                        0.3 * trace.secondsToSpeed().orElseThrow(),
                        trace.secondsToSpeed().orElseThrow());
    }

    @Test
    @DisplayName(
            "thrown straight across at full speed a capacitor-start motor keeps its old direction (common practice)")
    void straightThrowKeepsItsDirection() {
        RunUpTrace trace = run(
                drum(BenchMotors.sixLead()),
                LIGHT,
                Conditions.starting(HandlePosition.FORWARD, 4).thenAt(2, HandlePosition.REVERSE));

        double before = at(trace, 1.9).rpm();
        assertThat(trace.last().rpm()).isCloseTo(before, within(20.0));
        assertThat(trace.first(Happening.STOPPED)).isEmpty();
    }

    @Test
    @DisplayName("after a full stop it turns the other way")
    void afterAStopItReverses() {
        RunUpTrace trace = run(
                drum(BenchMotors.sixLead()),
                LIGHT,
                Conditions.starting(HandlePosition.FORWARD, 8)
                        .thenAt(1, HandlePosition.OFF)
                        .thenAt(6, HandlePosition.REVERSE));

        assertThat(trace.first(Happening.START_SWITCH_CLOSED))
                .as("the click on the way down")
                .isPresent();
        assertThat(trace.first(Happening.STOPPED).orElseThrow()).isBetween(1.0, 6.0);
        assertThat(Math.signum(trace.last().rpm()))
                .isEqualTo(-Math.signum(at(trace, 0.9).rpm()));
        assertThat(Math.abs(trace.last().rpm())).isGreaterThan(1700);
    }

    @Test
    @DisplayName("a PSC gearmotor thrown straight across brakes and reverses (common practice)")
    void aPscMotorPlugs() {
        Load light = new Load(Law.CONSTANT, 0.1, 0.1, 0.004);
        RunUpTrace trace = run(
                pscOnDrum(BenchMotors.gearmotor()),
                light,
                Conditions.starting(HandlePosition.FORWARD, 8).thenAt(3, HandlePosition.REVERSE));

        assertThat(trace.first(Happening.STOPPED)).isPresent();
        assertThat(Math.signum(trace.last().rpm()))
                .isEqualTo(-Math.signum(at(trace, 2.9).rpm()));
    }

    @Test
    @DisplayName("start winding left in: hurt within a minute or so; start switch stuck open: hums where it stands"
            + " (common practice)")
    void stuckStartSwitches() {
        RunUpTrace closed = run(
                drum(BenchMotors.sixLead().with(Kind.START_SWITCH, Health.STUCK_CLOSED)),
                LIGHT,
                Conditions.starting(HandlePosition.FORWARD, 180));
        assertThat(closed.secondsToDamage().orElseThrow()).isBetween(5.0, 120.0);

        RunUpTrace open = run(
                drum(BenchMotors.sixLead().with(Kind.START_SWITCH, Health.STUCK_OPEN)),
                LIGHT,
                Conditions.starting(HandlePosition.FORWARD, 2));
        assertThat(open.last().rpm()).isZero();
        assertThat(open.secondsToSpeed()).isEmpty();
        assertThat(open.last().lineAmps()).isGreaterThan(20);
    }

    @Test
    void aStiffStartHoldsIt() {
        Load stiff = new Load(Law.CONSTANT, 1, 60, 0.012);

        assertThat(run(drum(BenchMotors.sixLead()), stiff, Conditions.starting(HandlePosition.FORWARD, 1))
                        .last()
                        .rpm())
                .isZero();
    }

    @ParameterizedTest
    @EnumSource(Law.class)
    void atTheEndTorqueAndLoadBalance(Law law) {
        RunUpTrace trace = run(
                drum(BenchMotors.sixLead()),
                new Load(law, 2.5, 1, 0.012),
                Conditions.starting(HandlePosition.FORWARD, 3));

        assertThat(Math.abs(trace.last().torqueNm())).isCloseTo(trace.last().loadNm(), withinPercentage(1));
    }

    @Test
    @DisplayName("J dω/dt = T: without load twice the inertia takes twice as long")
    void timeGoesWithInertia() {
        double once = run(
                        drum(BenchMotors.sixLead()),
                        new Load(Law.CONSTANT, 0, 0, 0.01),
                        Conditions.starting(HandlePosition.FORWARD, 2))
                .first(Happening.START_SWITCH_OPENED)
                .orElseThrow();
        double twice = run(
                        drum(BenchMotors.sixLead()),
                        new Load(Law.CONSTANT, 0, 0, 0.02),
                        Conditions.starting(HandlePosition.FORWARD, 2))
                .first(Happening.START_SWITCH_OPENED)
                .orElseThrow();

        assertThat(twice).isCloseTo(2 * once, withinPercentage(0.5));
    }

    private static Sample at(RunUpTrace trace, double seconds) {
        return trace.samples().stream()
                .filter(s -> s.seconds() >= seconds)
                .findFirst()
                .orElseThrow();
    }
}
