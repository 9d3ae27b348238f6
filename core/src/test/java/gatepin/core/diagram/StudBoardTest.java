package gatepin.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Connection.Swap;
import gatepin.core.diagram.StudBoard.Act;
import gatepin.core.diagram.StudBoard.Layout;
import gatepin.core.diagram.StudBoard.Move;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.verdict.ConnectionCheck;
import gatepin.core.verdict.Rule;
import gatepin.core.verdict.Verdict;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The potter's wheel: linked for the lower voltage, with two leads on the other end of a link. */
class StudBoardTest {
    private static final StudBoard BOARD =
            StudBoardReader.board("U1 V1 / U2 V2").value().orElseThrow();
    private static final Leads LEADS = Leads.read(Arrays.stream("U1 U2 V1 V2 Z1 Z2".split(" "))
                    .map(m -> new Leads.Typed(m, "", ""))
                    .toList())
            .value()
            .orElseThrow();
    private static final Swap SWAP = new Swap("Z1", "Z2");
    private static final Layout FOUND = layout("U1-V1 U2-V2", "L1 on U1, L2 on U2, Z1 on U1, Z2 on V2");
    private static final Layout LOW = layout("U1-V1 U2-V2", "L1@U1 L2@V2 Z1@V1 Z2@V2");
    private static final Layout HIGH = layout("U2-V1", "L1@U1 L2@V2 Z1@V1 Z2@V2");

    private static Layout layout(String links, String leads) {
        return StudBoardReader.layout(BOARD, LEADS, links, "links", leads, "leads")
                .value()
                .orElseThrow();
    }

    @Test
    @DisplayName("the trap: right as it stands, wrong once the links alone are moved (common practice)")
    void rightNowWrongAfterTheLinksAlone() {
        assertThat(BOARD.isEqual(FOUND, LOW, LEADS)).isTrue();
        assertThat(BOARD.isEqual(BOARD.linksMovedOnly(FOUND, HIGH), HIGH, LEADS))
                .isFalse();
        assertThat(BOARD.isEqual(BOARD.linksMovedOnly(LOW, HIGH), HIGH, LEADS))
                .as("had every lead been on its own stud, the links would have been enough")
                .isTrue();
    }

    @Test
    void theMoveListNamesEveryLinkAndLeadAndTheTraps() {
        List<Move> moves = BOARD.moves(FOUND, HIGH);

        assertThat(moves)
                .extracting(m -> m.act() + " " + m.what() + (m.to().isEmpty() ? "" : " " + m.from() + ">" + m.to()))
                .containsExactly(
                        "LINK_OFF U1–V1",
                        "LINK_OFF U2–V2",
                        "LEAD_MOVES Z1 U1>V1",
                        "LINK_ON U2–V1",
                        "LEAD_MOVES L2 U2>V2");
        assertThat(moves).filteredOn(Move::trap).extracting(Move::what).containsExactly("Z1", "L2");
        assertThat(moves)
                .filteredOn(Move::trap)
                .allSatisfy(m -> assertThat(m.words()).contains("only while the link between them is there"));
    }

    @Test
    void aLeadOnTheOtherEndOfANewLinkMayStay() {
        Layout wasHigh = layout("U2-V1", "L1@U1 L2@V2 Z1@U2 Z2@V2");

        assertThat(BOARD.moves(wasHigh, HIGH))
                .singleElement()
                .satisfies(m -> assertThat(m.act()).isEqualTo(Act.LEAD_MAY_STAY));
    }

    @Test
    @DisplayName("links moved only, on 230 V: one run half gets the full voltage and burns")
    void theEngineSaysWhatBurns() {
        Given given = Given.of(
                PlateReader.read(PlateText.read("0.37 kW 115/230 V 5.8/2.9 A 50 Hz 1420 RPM CAP START")
                                .fields())
                        .value()
                        .orElseThrow(),
                1);
        Supply supply = new Supply(230, 50, Supply.Kind.HOT_AND_NEUTRAL);
        ConnectionCheck wrong = check(BOARD.linksMovedOnly(FOUND, HIGH), given, supply);
        ConnectionCheck right = check(HIGH, given, supply);

        assertThat(right.danger()).isEmpty();
        assertThat(wrong.asWritten().verdicts()).extracting(Verdict::rule).contains(Rule.RUN_OVERVOLTAGE, Rule.BURNS);
        assertThat(wrong.asWritten().verdicts())
                .filteredOn(v -> v.rule() == Rule.RUN_OVERVOLTAGE)
                .extracting(Verdict::part)
                .contains("run 1");
    }

    private static ConnectionCheck check(Layout layout, Given given, Supply supply) {
        return ConnectionCheck.of(
                BOARD.connection(layout, LEADS, 230, SWAP),
                LEADS,
                PlateFit.fit(given).value().orElseThrow().values().motor(LEADS),
                new RatedPoint(1 - 1420 / 1500.0, given.ratedNm()),
                supply,
                Feeder.STIFF);
    }

    @Test
    void aLayoutIsReadIntoGroups() {
        Connection connection = BOARD.connection(HIGH, LEADS, 230, SWAP);

        assertThat(connection.line1()).containsExactly("U1");
        assertThat(connection.line2()).containsExactly("V2", "Z2");
        assertThat(connection.joined())
                .singleElement()
                .satisfies(g -> assertThat(g).containsExactly("U2", "V1", "Z1"));
    }

    @ParameterizedTest(name = "{0} {1}: {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "U1-X9 | L1@U1 L2@V2        | links | no stud X9",
                "U1    | L1@U1 L2@V2        | links | joins two studs",
                "U1-V1 | L1@U1              | leads | which stud L2 sits on",
                "U1-V1 | L1@U1 L2@V2 Q7@U1  | leads | no lead Q7",
                "U1-V1 | L1@U1 L2@W9        | leads | no stud W9",
                "U1-V1 | L1@U1 L2@V2 L1@V1  | leads | two places",
                "U1-V1 | L1 L2@V2           | leads | does not say where"
            })
    void whatCannotBeIsSaidByItsField(String links, String leads, String field, String message) {
        List<Problem> problems = StudBoardReader.layout(BOARD, LEADS, links, "links", leads, "leads")
                .problems();

        assertThat(problems).isNotEmpty();
        assertThat(problems.get(0).field()).isEqualTo(field);
        assertThat(problems.get(0).message()).contains(message);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"'' | Write the studs", "U1 U1 | two studs U1", "U1 -- | cannot be a stud"})
    void studsThatCannotBe(String typed, String message) {
        assertThat(StudBoardReader.board(typed).problems())
                .anyMatch(p -> p.message().contains(message));
    }

    @Test
    @DisplayName("a capacitor's own leads sit on studs like any other lead (common practice)")
    void capacitorLeadsMoveAndAreJudgedToo() {
        StudBoard board = StudBoardReader.board("U1 Z1 / U2 Z2").value().orElseThrow();
        Leads leads = Leads.read(Arrays.stream("U1 U2 Z1 Z2 C1 C2".split(" "))
                        .map(m -> new Leads.Typed(m, "", ""))
                        .toList())
                .value()
                .orElseThrow();
        Layout found = StudBoardReader.layout(board, leads, "U1-Z1", "links", "L1@U1 L2@U2 C1@Z2 C2@Z1", "leads")
                .value()
                .orElseThrow();
        Layout right = StudBoardReader.layout(board, leads, "U1-Z1", "links", "L1@U1 L2@U2 C1@Z2 C2@U2", "leads")
                .value()
                .orElseThrow();
        Given given = Given.of(
                PlateReader.read(PlateText.read("0.37 kW 230 V 2.9 A 50 HZ 1420 RPM CAP START")
                                .fields())
                        .value()
                        .orElseThrow(),
                1);
        var motor = PlateFit.fit(given).value().orElseThrow().values().motor(leads);
        Supply supply = new Supply(230, 50, Supply.Kind.HOT_AND_NEUTRAL);

        assertThat(board.moves(found, right))
                .extracting(Move::act, Move::what, Move::to)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(Act.LEAD_MOVES, "C2", "U2"));
        assertThat(motor.capacitors())
                .singleElement()
                .satisfies(c -> assertThat(c.a().mark()).isEqualTo("C1"));
        Swap swap = new Swap("U1", "U2");
        assertThat(ConnectionCheck.of(
                                board.connection(found, leads, 230, swap),
                                leads,
                                motor,
                                new RatedPoint(0.053, given.ratedNm()),
                                supply,
                                Feeder.STIFF)
                        .asWritten()
                        .verdicts())
                .as("the capacitor lies across the start winding, which hangs on one line only")
                .extracting(Verdict::rule)
                .contains(Rule.START_NOT_ENERGISED);
    }
}
