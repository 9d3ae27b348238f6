package gatepin.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Severity;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plate.MotorFamily;
import gatepin.core.verdict.ConnectionCheck;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Like ends of halves whose marks say nothing come from the diagram, not from the alphabet. */
class LikeEndsTest {
    private static Leads leads(String... rows) {
        return Leads.read(Stream.of(rows)
                        .map(r -> new Leads.Typed(r.split(" ", 2)[0], "", r.contains(" ") ? r.split(" ", 2)[1] : ""))
                        .toList())
                .value()
                .orElseThrow();
    }

    private static Connection column(Leads leads, String line1, String line2, String joined) {
        return ConnectionReader.read(new ConnectionReader.Typed("230", line1, line2, joined, "Q R"), leads)
                .value()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "A Q, D R, B C",
        "A Q, C R, B D",
        "B Q, D R, A C",
        "B Q, C R, A D",
    })
    @DisplayName("whichever ends a diagram joins in the middle, its own connection is sound")
    void seriesIsSound(String line1, String line2, String joined) {
        Leads typed = leads("A run 1", "B run 1", "C run 2", "D run 2", "Q start 1", "R start 1");
        Connection column = column(typed, line1, line2, joined);
        Leads settled = LikeEnds.settled(typed, column);
        Given given =
                Given.typical(MotorFamily.CAPACITOR_START, 559, 115, 60, 0.042).withStartAcross(2);
        ConnectionCheck check = ConnectionCheck.of(
                column,
                settled,
                PlateFit.fit(given).value().orElseThrow().values().motor(settled),
                new RatedPoint(0.042, given.ratedNm()),
                new Supply(230, 60, Supply.Kind.TWO_HOT),
                Feeder.STIFF);

        assertThat(check.asWritten().verdicts())
                .filteredOn(v -> v.severity() != Severity.GOOD)
                .isEmpty();
        assertThat(check.danger()).isEmpty();
    }

    @Test
    @DisplayName("standard marks are believed: halves set against each other by a diagram stay a finding")
    void standardMarksAreBelieved() {
        Leads typed = leads("T1", "T2", "T3", "T4", "Q start 1", "R start 1");
        Leads settled = LikeEnds.settled(typed, column(typed, "T1 Q", "T3 R", "T2 T4"));

        assertThat(settled).isEqualTo(typed);
        assertThat(List.of(Terminal.motor("T3"), Terminal.motor("T4")))
                .containsExactly(
                        settled.windings().get(1).like(),
                        settled.windings().get(1).other());
    }
}
