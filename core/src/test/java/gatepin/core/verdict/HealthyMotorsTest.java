package gatepin.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Protection;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.RatedPoint;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What is right is called right, for any motor; and what is wrong with it is called by its cause. */
class HealthyMotorsTest {
    private static final int MOTORS = 240;
    private static List<HealthyMotors> motors = List.of();

    @BeforeAll
    static void make() {
        motors = HealthyMotors.some(MOTORS).stream()
                .flatMap(m -> Stream.of(m, m.givenPartByPart()))
                .toList();
    }

    private static Circuit direct(HealthyMotors m) {
        return new Circuit(
                m.motor(),
                ContactChart.NONE,
                m.supply(),
                Feeder.STIFF,
                m.connection().direct(m.leads()));
    }

    private static List<Verdict> worseThanGood(Circuit circuit, HealthyMotors m) {
        return Analysis.of(circuit, m.rated()).verdicts().stream()
                .filter(v -> v.severity() != Severity.GOOD)
                .toList();
    }

    private static String rules(List<Verdict> verdicts) {
        return verdicts.stream()
                .map(v -> v.rule() + " " + Math.round(100 * v.value()) / 100.0 + "/"
                        + Math.round(100 * v.expected()) / 100.0)
                .collect(Collectors.joining(", "));
    }

    @Test
    @DisplayName(
            "any healthy motor of any family, on its plate's own column at rated volts, has no finding worse than good")
    void whatIsRightIsNotCondemned() {
        List<String> condemned = new ArrayList<>();
        for (HealthyMotors m : motors) {
            for (List<Wire> wires : List.of(
                    m.connection().direct(m.leads()), m.connection().reversed().direct(m.leads()))) {
                List<Verdict> bad = worseThanGood(direct(m).rewired(wires), m);
                if (!bad.isEmpty()) {
                    condemned.add(m + ": " + rules(bad));
                }
            }
        }
        assertThat(condemned).isEmpty();
    }

    @Test
    @DisplayName(
            "a few percent of the line up or down, as every shop has them, condemn nothing either (NEMA MG 1 part 12, from memory)")
    void usualVoltagesAreNoFault() {
        List<String> condemned = new ArrayList<>();
        for (HealthyMotors m : motors) {
            for (double off : new double[] {0.95, 1.04}) {
                Supply other = new Supply(
                        (int) Math.round(m.supply().volts() * off),
                        m.supply().hertz(),
                        m.supply().kind());
                List<Verdict> bad = worseThanGood(direct(m).on(other), m).stream()
                        .filter(v -> v.severity() == Severity.DANGER)
                        .toList();
                if (!bad.isEmpty()) {
                    condemned.add(m + " at " + off + ": " + rules(bad));
                }
            }
        }
        assertThat(condemned).isEmpty();
    }

    @Test
    @DisplayName(
            "a stuck start switch is called what it is: left in where it is closed, the start capacitor out where it is open")
    void aStuckStartSwitchIsCalledByItsCause() {
        for (HealthyMotors m : motors) {
            if (!m.motor().has(Kind.START_SWITCH)) {
                continue;
            }
            Analysis closed =
                    Analysis.of(direct(m).with(m.motor().with(Kind.START_SWITCH, Health.STUCK_CLOSED)), m.rated());
            Analysis open =
                    Analysis.of(direct(m).with(m.motor().with(Kind.START_SWITCH, Health.STUCK_OPEN)), m.rated());
            boolean runCapacitor =
                    m.motor().capacitors().stream().anyMatch(c -> c.name().startsWith("run"));

            assertThat(closed.verdicts())
                    .as(m + ", stuck closed")
                    .anyMatch(v -> v.rule() == Rule.START_LEFT_IN)
                    .noneMatch(v -> v.rule() == Rule.START_CAPACITOR_OUT);
            assertThat(open.verdicts())
                    .as(m + ", stuck open")
                    .noneMatch(v -> v.rule() == Rule.START_LEFT_IN)
                    .anyMatch(v -> v.rule() == (runCapacitor ? Rule.START_CAPACITOR_OUT : Rule.START_NOT_ENERGISED));
        }
    }

    @Test
    @DisplayName("a protector jumpered over is a danger on every motor, and a whole one is never called bypassed")
    void aProtectorIsJudgedAlikeOnEveryMotor() {
        int protectedMotors = 0;
        for (HealthyMotors m : motors) {
            List<Terminal> ends = m.motor().contacts().stream()
                    .filter(c -> c.kind() == Kind.PROTECTOR)
                    .flatMap(c -> List.of(c.a(), c.b()).stream())
                    .distinct()
                    .toList();
            if (ends.isEmpty()) {
                continue;
            }
            protectedMotors++;
            List<Wire> jumpered = new ArrayList<>(direct(m).wires());
            ends.stream().skip(1).forEach(e -> jumpered.add(new Wire(ends.get(0), e, Wire.Run.MOTOR_BOX)));

            assertThat(Analysis.of(direct(m), m.rated()).verdicts())
                    .as(m.name())
                    .anyMatch(v -> v.rule() == Rule.PROTECTED);
            assertThat(Analysis.of(direct(m).rewired(jumpered), m.rated()).verdicts())
                    .as(m.name())
                    .anyMatch(v -> v.rule() == Rule.PROTECTOR_BYPASSED && v.severity() == Severity.DANGER);
            assertThat(Protection.of(
                                    direct(m).rewired(jumpered),
                                    HandlePosition.FORWARD,
                                    m.rated().slip())
                            .runLeft())
                    .isTrue();
        }
        assertThat(protectedMotors).isGreaterThan(30);
    }

    @Test
    @DisplayName(
            "a run half turned round: its interchange is advised only where that leaves every half its own voltage")
    void adviceIsOnlyWhatTheEngineFoundSound() {
        int advised = 0;
        for (HealthyMotors m : motors) {
            List<Coil> run = m.motor().coils(Role.RUN);
            if (run.size() != 2) {
                continue;
            }
            Motor turned = m.motor()
                    .withCoils(m.motor().coils().stream()
                            .map(c -> c.equals(run.get(1)) ? c.turned() : c)
                            .toList());
            Supply wrong = new Supply(
                    m.supply().volts() == 115 ? 230 : 115,
                    m.supply().hertz(),
                    m.supply().kind());
            Advice right = advice(Analysis.of(direct(m).with(turned), m.rated()));
            Advice elsewhere = advice(Analysis.of(direct(m).with(turned).on(wrong), m.rated()));

            assertThat(right).as(m.name()).isEqualTo(Advice.INTERCHANGE_ONE_HALF);
            assertThat(elsewhere).as(m + " on " + wrong.volts() + " V").isNotEqualTo(Advice.INTERCHANGE_ONE_HALF);
            advised++;
        }
        assertThat(advised).isGreaterThan(30);
    }

    private static Advice advice(Analysis analysis) {
        return analysis.verdicts().stream()
                .filter(v -> v.rule() == Rule.HALVES_OPPOSING)
                .map(Verdict::advice)
                .findFirst()
                .orElseThrow(() -> new AssertionError(analysis.verdicts()));
    }

    @Test
    void aSingleVoltageMotorIsNotToldToWireAnotherVoltagesConnection() {
        for (HealthyMotors m : motors) {
            if (m.motor().coils(Role.RUN).size() != 1) {
                continue;
            }
            Supply wrong = new Supply(
                    m.supply().volts() == 115 ? 230 : 115,
                    m.supply().hertz(),
                    m.supply().kind());
            assertThat(Analysis.of(direct(m).on(wrong), m.rated()).verdicts())
                    .as(m.name())
                    .filteredOn(v -> v.rule() == Rule.RUN_OVERVOLTAGE || v.rule() == Rule.RUN_UNDERVOLTAGE)
                    .isNotEmpty()
                    .allMatch(v -> v.advice() == Advice.GIVE_ITS_OWN_VOLTAGE)
                    .allMatch(v -> !VerdictWords.of(v, wrong)
                            .words()
                            .args()
                            .contains(Sentence.of("advice.wireForThisVoltage")));
        }
    }

    @Test
    @DisplayName("a missing neutral or second line leaves leads alive at standstill, and that is said")
    void aMissingLineLeavesLeadsAlive() {
        for (HealthyMotors m : motors) {
            List<Wire> without = direct(m).wires().stream()
                    .filter(w -> !w.lands(Terminal.L2))
                    .toList();

            assertThat(Analysis.of(direct(m).rewired(without), m.rated()).verdicts())
                    .as(m.name())
                    .anyMatch(v -> v.rule() == Rule.NOTHING_HAPPENS)
                    .anyMatch(v -> v.rule() == Rule.ALIVE_AT_STANDSTILL && v.value() > 50)
                    .noneMatch(v -> v.rule() == Rule.PROTECTED);
        }
    }

    @Test
    void startHalvesAgainstEachOtherAreNamed() {
        List<Wire> wires = List.of(
                wire("T1", Terminal.L1),
                wire("T4", Terminal.L2),
                wire("T5", Terminal.L1),
                wire("T6", Terminal.L2),
                wire("T8", Terminal.L1),
                wire("T7", Terminal.L2),
                new Wire(Terminal.MOTOR_FRAME, Terminal.GROUND, Wire.Run.MOTOR_CABLE));
        HealthyMotors any = motors.stream()
                .filter(m -> m.motor().has(Kind.START_SWITCH) && m.supply().volts() == 115)
                .findFirst()
                .orElseThrow();
        var leads = gatepin.core.machine.Leads.read(Stream.of("T1", "T4", "T5", "T6", "T7", "T8")
                        .map(t -> new gatepin.core.machine.Leads.Typed(t, "", ""))
                        .toList())
                .value()
                .orElseThrow();
        var given = gatepin.core.machine.Given.typical(
                gatepin.core.plate.MotorFamily.CAPACITOR_START,
                373,
                115,
                any.supply().hertz(),
                0.045);
        Motor motor = gatepin.core.machine.PlateFit.fit(given)
                .value()
                .orElseThrow()
                .values()
                .motor(leads);

        assertThat(Analysis.of(
                                new Circuit(motor, ContactChart.NONE, any.supply(), Feeder.STIFF, wires),
                                new RatedPoint(0.045, given.ratedNm()))
                        .verdicts())
                .anyMatch(v -> v.rule() == Rule.START_HALVES_OPPOSING)
                .anyMatch(v -> v.rule() == Rule.HUMS);
    }

    private static Wire wire(String lead, Terminal to) {
        return new Wire(Terminal.motor(lead), to, Wire.Run.MOTOR_CABLE);
    }

    @Test
    @DisplayName(
            "a capacitor straight across the lines, and a start winding fed past it, are called that and not a voltage")
    void aMisplacedCapacitorIsNamed() {
        int tried = 0;
        for (HealthyMotors m : motors) {
            List<Terminal> tags = m.leads().all().stream()
                    .filter(l -> l.isCapacitorTag())
                    .map(l -> l.terminal())
                    .toList();
            boolean shared = m.leads().all().stream().anyMatch(l -> l.ends().size() > 1);
            if (tags.isEmpty() || shared) {
                continue;
            }
            tried++;
            List<Wire> wires = new ArrayList<>(direct(m).wires());
            wires.removeIf(w -> tags.contains(w.from()) || tags.contains(w.to()));
            Coil start = m.motor().coils(Role.START).get(0);
            wires.removeIf(w -> w.lands(start.like()) || w.lands(start.other()));
            wires.add(new Wire(start.like(), Terminal.L1, Wire.Run.MOTOR_CABLE));
            wires.add(new Wire(start.other(), Terminal.L2, Wire.Run.MOTOR_CABLE));
            wires.add(new Wire(tags.get(0), Terminal.L1, Wire.Run.MOTOR_CABLE));
            wires.add(new Wire(tags.get(1), Terminal.L2, Wire.Run.MOTOR_CABLE));

            assertThat(Analysis.of(direct(m).rewired(wires), m.rated()).verdicts())
                    .as(m.name())
                    .anyMatch(v -> v.rule() == Rule.CAPACITOR_ACROSS_LINES)
                    .noneMatch(v -> v.rule() == Rule.START_OVERVOLTAGE
                            && v.value() > 2.5 * m.supply().volts());
        }
        assertThat(tried).isGreaterThan(10);
    }

    @Test
    @DisplayName(
            "a long thin cable is told apart from the connection: the same verdicts, and what it leaves of the starting torque")
    void theCableIsSaidApart() {
        for (HealthyMotors m : motors) {
            double base = m.supply().volts() * m.supply().volts() / (m.rated().torqueNm() * 180);
            Analysis thin = Analysis.of(direct(m).behind(new Feeder(0.06 * base, 0.01)), m.rated());

            assertThat(thin.verdicts())
                    .as(m.name())
                    .anyMatch(v -> v.rule() == Rule.FEEDER_WEAKENS && v.value() < 0.86)
                    .allMatch(v -> v.severity() == Severity.GOOD || v.rule() == Rule.FEEDER_WEAKENS);
        }
    }
}
