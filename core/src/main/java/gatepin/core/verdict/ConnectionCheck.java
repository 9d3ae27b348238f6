package gatepin.core.verdict;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.Leads;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis.Way;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a column of a diagram does on its supply, without a switch.
 *
 * @param asWritten the connection as the diagram gives it
 * @param interchanged with the two leads of the swap interchanged
 */
public record ConnectionCheck(Analysis asWritten, Analysis interchanged) {
    /** The key of the sentence that says that it does not reverse, and nothing worse. */
    public static final String NOT_REVERSED = "danger.notReversed";

    /** Hangs the motor on the supply, both ways round. */
    public static ConnectionCheck of(
            Connection connection, Leads leads, Motor motor, RatedPoint rated, Supply supply, Feeder feeder) {
        return new ConnectionCheck(
                Analysis.of(new Circuit(motor, ContactChart.NONE, supply, feeder, connection.direct(leads)), rated),
                Analysis.of(
                        new Circuit(
                                motor,
                                ContactChart.NONE,
                                supply,
                                feeder,
                                connection.reversed().direct(leads)),
                        rated));
    }

    /** Which way it starts as written. */
    public Way way() {
        return asWritten.in(HandlePosition.FORWARD).way();
    }

    /** Interchanging makes it start the other way. */
    public boolean reverses() {
        Way way = way();
        return way != Way.NONE && interchanged.in(HandlePosition.FORWARD).way() == way.opposite();
    }

    /** The worst there is, as a sentence without its full stop; empty where it runs and reverses as it should. */
    public Optional<Sentence> danger() {
        return worst(Stream.of(asWritten, interchanged))
                .or(() -> reverses() ? Optional.empty() : Optional.of(Sentence.of(NOT_REVERSED)));
    }

    /** The same of a motor that is to turn one way only: nobody interchanges anything. */
    public Optional<Sentence> dangerOneWay() {
        return worst(Stream.of(asWritten));
    }

    private Optional<Sentence> worst(Stream<Analysis> analyses) {
        return analyses.flatMap(a -> a.verdicts().stream())
                .filter(v -> v.severity() == Severity.DANGER)
                .findFirst()
                .map(v -> VerdictWords.of(v.anywhere(), asWritten.circuit().supply())
                        .title());
    }

    /** Two columns describe the same motor when each is sound on its voltage and both turn the same way. */
    public boolean agreesWith(ConnectionCheck other) {
        return danger().isEmpty() && other.danger().isEmpty() && way() == other.way();
    }
}
