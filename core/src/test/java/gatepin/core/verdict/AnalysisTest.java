package gatepin.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.Severity;
import gatepin.core.circuit.BenchMotors;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Stand;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.machine.RatedPoint;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Each wrong wiring of the trade gets its verdict and no other danger; a right one gets none. */
class AnalysisTest {
    private static final RatedPoint RATED = new RatedPoint(0.042, 3.1);
    private static final Supply V115 = new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply V230 = new Supply(230, 60, Supply.Kind.TWO_HOT);
    private static final Motor MOTOR = BenchMotors.sixLead();
    /** A switch that turns on and off: contact 5-6. */
    private static final ContactChart ON_OFF = new ContactChart(
            List.of(Terminal.onSwitch("5"), Terminal.onSwitch("6")),
            Map.of(
                    new Stand("on", Setting.Purpose.FORWARD), Set.of(Contact.between("5", "6")),
                    new Stand("off", Setting.Purpose.OFF), Set.of()));
    /** The usual 230 V plan on the cross-corner drum: T5 and T8 change places. */
    private static final String HIGH = "T1-5 6-L1 T2-T3 T3-1 T5-3 T8-2 T4-4 4-L2 FRAME-G BOX-G";

    private static Analysis of(Motor motor, Supply supply, String wires) {
        return Analysis.of(BenchMotors.wired(motor, supply, wires), RATED);
    }

    private static Set<Rule> dangers(Analysis analysis) {
        return analysis.verdicts().stream()
                .filter(v -> v.severity() == Severity.DANGER)
                .map(Verdict::rule)
                .collect(Collectors.toSet());
    }

    private static Verdict the(Analysis analysis, Rule rule) {
        return analysis.verdicts().stream()
                .filter(v -> v.rule() == rule)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + rule + " in " + analysis.verdicts()));
    }

    @Test
    void aRightWiringReversesAndSaysWhatStaysHot() {
        Analysis analysis = of(MOTOR, V230, HIGH);

        assertThat(dangers(analysis)).isEmpty();
        assertThat(analysis.in(HandlePosition.FORWARD).way()).isNotEqualTo(Way.NONE);
        assertThat(analysis.in(HandlePosition.REVERSE).way())
                .isEqualTo(analysis.in(HandlePosition.FORWARD).way().opposite());
        assertThat(the(analysis, Rule.REVERSES).severity()).isEqualTo(Severity.GOOD);
        Verdict hot = the(analysis, Rule.HOT_IN_OFF);
        assertThat(hot.terminals()).extracting(Terminal::mark).containsExactly("T1", "T2", "T3", "T4");
        assertThat(hot.value())
                .as("each hot of 120/240 V style supply is half of it to ground")
                .isCloseTo(115, within(1.0));
        assertThat(the(analysis, Rule.LINE_NOT_BROKEN).terminals()).containsExactly(Terminal.L2);
    }

    static Stream<Arguments> wrong() {
        return Stream.of(
                wrong("L1 and L2 on one terminal", V230, HIGH + " 5-L2", Set.of(Rule.SHORT)),
                wrong("no wire but the ground", V230, "FRAME-G BOX-G", Set.of(Rule.NOTHING_HAPPENS)),
                wrong(
                        "start circuit not landed",
                        V230,
                        "T1-5 6-L1 T2-T3 T4-4 4-L2 FRAME-G BOX-G",
                        Set.of(Rule.START_NOT_ENERGISED, Rule.HUMS, Rule.BURNS)),
                wrong(
                        "low-voltage joins on 230 V",
                        V230,
                        "T1-5 T3-5 T2-2 T4-2 6-L1 2-L2 T5-1 T8-4 5-3 FRAME-G BOX-G",
                        Set.of(Rule.RUN_OVERVOLTAGE, Rule.START_OVERVOLTAGE, Rule.BURNS)),
                wrong("high-voltage joins on 115 V", V115, HIGH, Set.of(Rule.RUN_UNDERVOLTAGE, Rule.STARTS_WEAKLY)),
                wrong(
                        "one run half turned round",
                        V230,
                        "T1-5 6-L1 T2-T4 T4-1 T5-3 T8-2 T3-4 4-L2 FRAME-G BOX-G",
                        Set.of(Rule.HALVES_OPPOSING, Rule.HUMS, Rule.BURNS)),
                wrong(
                        "start ends not interchanged by the switch",
                        V230,
                        "T1-5 6-L1 T2-T3 T3-T5 T8-4 T4-4 4-L2 FRAME-G BOX-G",
                        Set.of(Rule.SAME_WAY)),
                wrong("no ground", V230, HIGH.replace("FRAME-G", ""), Set.of(Rule.FRAME_NOT_BONDED)),
                wrong(
                        "a lead on the ungrounded frame",
                        V230,
                        HIGH.replace("FRAME-G", "T1-FRAME"),
                        Set.of(Rule.FRAME_NOT_BONDED, Rule.FRAME_LIVE)),
                wrong("a line on the grounded frame", V230, HIGH + " 4-FRAME", Set.of(Rule.EARTH_FAULT)),
                wrong(
                        "one run half only",
                        V115,
                        "T1-5 6-L1 T2-2 2-L2 T5-1 T8-4 5-3 FRAME-G BOX-G",
                        Set.of(Rule.RUN_HALF_IDLE, Rule.BURNS)),
                wrong(
                        "both lines past the switch",
                        V230,
                        "T1-L1 T2-T3 T3-1 T5-3 T8-2 T4-4 4-L2 FRAME-G BOX-G",
                        Set.of(Rule.RUNS_IN_OFF)));
    }

    private static Arguments wrong(String what, Supply supply, String wires, Set<Rule> expected) {
        return Arguments.of(what, BenchMotors.wired(MOTOR, supply, wires), expected);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("wrong")
    void wrongWiringsAreFound(String what, Circuit wired, Set<Rule> expected) {
        assertThat(dangers(Analysis.of(wired, RATED))).isEqualTo(expected);
    }

    @Test
    void aShortNamesItsPath() {
        Verdict shorted = the(of(MOTOR, V230, HIGH + " 5-L2"), Rule.SHORT);

        assertThat(shorted.setting()).isPresent();
        assertThat(shorted.path()).extracting(Terminal::mark).containsExactly("L1", "6", "5", "L2");
    }

    @Test
    void aStartSwitchStuckClosedIsLeftInAndBurnsWithinAboutAMinute() {
        Analysis analysis = of(MOTOR.with(Kind.START_SWITCH, Health.STUCK_CLOSED), V230, HIGH);

        assertThat(the(analysis, Rule.START_LEFT_IN).value()).isPositive();
        assertThat(the(analysis, Rule.BURNS).part()).isEqualTo("start 1");
        assertThat(the(analysis, Rule.BURNS).value()).isBetween(5.0, 120.0);
    }

    @ParameterizedTest
    @CsvSource({
        "P1-6 5-L1 T1-P2 T5-P2 T4-L2 T8-L2 FRAME-G BOX-G, PROTECTED, GOOD",
        "P1-6 5-L1 T1-P2 T5-6 T4-L2 T8-L2 FRAME-G BOX-G, PROTECTOR_BYPASSED, WARN",
        "P1-6 5-L1 T1-P2 T5-P2 T4-L2 T8-L2 P1-P2 FRAME-G BOX-G, PROTECTOR_BYPASSED, DANGER",
        "P1-6 5-L1 T1-6 T5-P2 T4-L2 T8-L2 FRAME-G BOX-G, PROTECTOR_BYPASSED, DANGER"
    })
    void theProtectorIsJudgedByWhatFlowsOnceItIsOpen(String wires, Rule expected, Severity severity) {
        List<Terminal> leads = new ArrayList<>(BenchMotors.quarterHp().leads());
        leads.add(Terminal.motor("P1"));
        leads.add(Terminal.motor("P2"));
        List<InnerContact> contacts = new ArrayList<>(BenchMotors.quarterHp().contacts());
        contacts.add(new InnerContact(
                "protector", Kind.PROTECTOR, Terminal.motor("P1"), Terminal.motor("P2"), Health.WORKS));
        Motor motor = new Motor(
                leads,
                BenchMotors.quarterHp().coils(),
                BenchMotors.quarterHp().capacitors(),
                contacts,
                BenchMotors.QUARTER_HP_ROTOR);

        // one switch contact for the hot alone: it turns one way only, which is not the point here
        Analysis forward = Analysis.of(BenchMotors.wired(motor, V115, wires).with(ON_OFF), RATED);

        assertThat(the(forward, expected).severity()).isEqualTo(severity);
        assertThat(forward.verdicts().stream().filter(v -> v.rule() == Rule.PROTECTED))
                .hasSize(expected == Rule.PROTECTED ? 1 : 0);
    }

    @Test
    void aSwitchedNeutralIsFlagged() {
        String alone = "T1-L1 T3-L1 T2-5 T4-5 6-L2 T5-L1 T8-5 FRAME-G BOX-G";

        assertThat(dangers(of(MOTOR, V115, alone))).contains(Rule.NEUTRAL_ALONE_SWITCHED);
    }

    @Test
    void theOtherFrequencyIsFlagged() {
        Supply fifty = new Supply(230, 50, Supply.Kind.TWO_HOT);

        assertThat(the(of(MOTOR, fifty, HIGH), Rule.WRONG_FREQUENCY).expected()).isEqualTo(60);
    }

    @Tag("long")
    @ParameterizedTest
    @EnumSource(HandlePosition.class)
    void everyRandomWiringIsJudgedAndSaidInWords(HandlePosition position) {
        for (long seed = 0; seed < 300; seed++) {
            Circuit wired = BenchMotors.randomWiring(seed);
            Analysis analysis = Analysis.of(wired, RATED);
            assertThat(analysis.verdicts()).as("seed %d", seed).isNotEmpty();
            for (Verdict verdict : analysis.verdictsIn(position)) {
                VerdictWords words = VerdictWords.of(verdict, wired.supply());
                Wording wording = Wording.of(Region.at(wired.supply().hertz()));
                assertThat(wording.say(words.title()) + " " + wording.say(words.words()))
                        .as("seed %d", seed)
                        .doesNotContain("NaN", "Infinity", "inside.", "  ", " .", " ,", "{", "null")
                        .doesNotContainPattern("[a-z](in|with) [A-Z]{3}|[.:;][A-Z][a-z]");
                assertThat(Double.isNaN(verdict.value())).isFalse();
            }
        }
    }

    @Test
    void wordsFollowTheLand() {
        String noGround = HIGH.replace("FRAME-G", "");
        Supply fifty = new Supply(230, 50, Supply.Kind.HOT_AND_NEUTRAL);
        Verdict here = the(of(MOTOR, V230, noGround), Rule.FRAME_NOT_BONDED);
        Verdict there = the(of(MOTOR, fifty, noGround), Rule.FRAME_NOT_BONDED);

        assertThat(Wording.of(Region.NORTH_AMERICA)
                        .say(VerdictWords.of(here, V230).title()))
                .isEqualTo("The motor's frame has no ground");
        assertThat(Wording.of(Region.IEC).say(VerdictWords.of(there, fifty).title()))
                .isEqualTo("The motor's frame has no earth");
    }

    @Test
    void theWorstComesFirst() {
        List<Severity> order = of(MOTOR, V230, HIGH + " 5-L2").verdicts().stream()
                .map(Verdict::severity)
                .toList();

        Severity[] sorted = order.toArray(Severity[]::new);
        Arrays.sort(sorted, java.util.Comparator.reverseOrder());
        assertThat(order).containsExactly(sorted);
    }
}
