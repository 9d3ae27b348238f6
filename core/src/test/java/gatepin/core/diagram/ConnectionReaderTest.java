package gatepin.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Terminal;
import gatepin.core.machine.Leads;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ConnectionReaderTest {
    private static final Leads SIX = leads("T1", "T2", "T3", "T4", "T5", "T8");

    private static Leads leads(String... marks) {
        return Leads.read(Arrays.stream(marks)
                        .map(m -> new Leads.Typed(m, "", ""))
                        .toList())
                .value()
                .orElseThrow();
    }

    private static Reading<Connection> read(String line1, String line2, String joined, String swap) {
        return ConnectionReader.read(new ConnectionReader.Typed("230", line1, line2, joined, swap), SIX);
    }

    private static Problem onlyProblem(Reading<Connection> reading) {
        assertThat(reading.problems()).hasSize(1);
        return reading.problems().get(0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"T2 T3 T5", "T2,T3,T5", "T2+T3+T5", "T2-T3-T5", "t2 & t3 and t5", " T5  T3\tT2 "})
    void readsTheWaysPlatesWriteAGroup(String group) {
        Connection connection = read("T1", "T4 T8", group, "T5 T8").value().orElseThrow();

        assertThat(connection.joined()).singleElement().asString().isEqualTo("[T2, T3, T5]");
    }

    @Test
    void reversingInterchangesTheTwoLeadsAndNothingElse() {
        Connection connection = read("T1", "T4 T8", "T2 T3 T5", "T5 T8").value().orElseThrow();

        assertThat(connection.reversed().groups(SIX))
                .anySatisfy(g -> assertThat(g)
                        .containsExactlyInAnyOrder(Terminal.L2, Terminal.motor("T4"), Terminal.motor("T5")))
                .anySatisfy(g -> assertThat(g)
                        .containsExactlyInAnyOrder(Terminal.motor("T2"), Terminal.motor("T3"), Terminal.motor("T8")));
        assertThat(connection.reversed().reversed()).isEqualTo(connection);
    }

    @Test
    void twoJoinedGroupsAreSetApartByLinesOrSemicolons() {
        assertThat(read("T1", "T8", "T2 T3; T4 T5", "T5 T8")
                        .value()
                        .orElseThrow()
                        .joined())
                .hasSize(2);
        assertThat(read("T1", "T8", "T2 T3\nT4 T5", "T5 T8")
                        .value()
                        .orElseThrow()
                        .joined())
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "T1 T9   | T4 T8 | T2 T3 T5    | T5 T8 | line1  | no lead T9",
                "T1 T1   | T4 T8 | T2 T3 T5    | T5 T8 | line1  | written twice",
                "T1      | T4 T8 | T2 T3 T5 T4 | T5 T8 | joined | already on L2",
                "''      | T4 T8 | T2 T3 T5    | T5 T8 | line1  | No lead goes to L1",
                "T1      | ''    | T2 T3 T5    | T5 T3 | line2  | No lead goes to L2",
                "T1      | T4 T8 | T2 T3 T5    | T4 T8 | swap   | changes nothing",
                "T1      | T4 T8 | T2 T3 T5    | T5    | swap   | takes two leads",
                "T1      | T4 T8 | T2 T3       | T5 T8 | swap   | in no group",
                "T1      | T8    | T2 T3 T5    | T5 T8 | joined | T4 is in no group",
                "T1      | T4 T8 | T2; T3 T5   | T5 T8 | joined | stands alone"
            })
    void saysWhatIsWrongByTheField(
            String line1, String line2, String joined, String swap, String field, String message) {
        Reading<Connection> reading = read(line1, line2, joined, swap);

        assertThat(reading.value()).isEmpty();
        assertThat(reading.problems()).anySatisfy(p -> {
            assertThat(p.field()).isEqualTo(field);
            assertThat(p.message()).contains(message);
        });
    }

    /** A motor that turns one way only has none. */
    @Test
    void aColumnWithoutAnInterchangeIsComplete() {
        Connection column = read("T1", "T4 T8", "T2 T3 T5", " ").value().orElseThrow();

        assertThat(column.swap().isNone()).isTrue();
        assertThat(column.reversed()).isEqualTo(column);
    }

    @Test
    void sixAndNineAreTakenForEachOther() {
        Leads withSix = leads("T1", "T2", "T3", "T4", "T6", "T8");
        Reading<Connection> reading =
                ConnectionReader.read(new ConnectionReader.Typed("230", "T1", "T4 T8", "T2 T3 T9", "T6 T8"), withSix);

        assertThat(reading.problems()).extracting(Problem::message).anyMatch(m -> m.contains("upside down it is T6"));
    }

    @ParameterizedTest
    @CsvSource({"lots, not a whole number", "'', which voltage", "7, out of range", "100000, out of range"})
    void absurdVoltsAreRefused(String volts, String message) {
        Problem problem = onlyProblem(
                ConnectionReader.read(new ConnectionReader.Typed(volts, "T1", "T4 T8", "T2 T3 T5", "T5 T8"), SIX));

        assertThat(problem.field()).isEqualTo("volts");
        assertThat(problem.message()).contains(message);
    }

    @Test
    void leadsOfOneVoltageMotorsAreTheEndsOfWholeWindings() {
        Leads four = leads("T1", "T4", "T5", "T8");

        assertThat(four.windings())
                .extracting(
                        w -> w.name() + " " + w.like().mark() + " " + w.other().mark())
                .containsExactly("run 1 T1 T4", "start 1 T5 T8");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "T1 T1 T2    | is here twice",
                "T1 T2 T3    | run 2 has only T3",
                "Z1 Z2       | No lead belongs to a run winding",
                "X1 X2       | not a standard mark",
                "T1 T2 a-b   | cannot be a mark"
            })
    void leadsThatMakeNoMotorAreRefused(String marks, String message) {
        List<Leads.Typed> rows = Arrays.stream(marks.split(" "))
                .map(m -> new Leads.Typed(m, "", ""))
                .toList();

        assertThat(Leads.read(rows).problems()).extracting(Problem::message).anyMatch(m -> m.contains(message));
    }

    @Test
    void leadsWithoutStandardMarksSayTheirWinding() {
        Leads leads = Leads.read(List.of(
                        new Leads.Typed("A", "black", "main"),
                        new Leads.Typed("B", "black", "run 1"),
                        new Leads.Typed("C", "blue", "start"),
                        new Leads.Typed("D", "blue", "aux")))
                .value()
                .orElseThrow();

        assertThat(leads.windings()).extracting(w -> w.name()).containsExactly("run 1", "start 1");
    }
}
