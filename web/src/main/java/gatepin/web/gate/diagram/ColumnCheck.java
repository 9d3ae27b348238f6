package gatepin.web.gate.diagram;

import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.Diagram;
import gatepin.core.diagram.Misread;
import gatepin.core.diagram.Misread.Mend;
import gatepin.core.diagram.Rebuilt;
import gatepin.core.plate.VoltageRange;
import gatepin.core.verdict.ConnectionCheck;
import gatepin.web.lane.Finding;
import gatepin.web.lane.JobFile;
import java.util.List;
import java.util.Optional;

/** What the engine says of a column of a diagram: beside the other one, where it is misread, and where it is gone. */
final class ColumnCheck {
    private final JobFile file;
    private final Diagram diagram;

    private ColumnCheck(JobFile file) {
        this.file = file;
        this.diagram = file.facts().diagram();
    }

    static ColumnCheck of(JobFile file) {
        return new ColumnCheck(file);
    }

    private Optional<Column> other(int volts) {
        return file.plateVolts().stream()
                .filter(v -> !VoltageRange.same(v, volts))
                .flatMap(v -> diagram.at(v).stream())
                .findFirst();
    }

    /** Whether the two columns describe the same motor: each sound on its voltage, and turning the same way. */
    Optional<Finding> beside(Connection connection, Supply supply) {
        return other(connection.volts()).flatMap(other -> {
            int volts = other.connection().volts();
            Optional<ConnectionCheck> here = file.workup().check(connection, supply);
            Optional<ConnectionCheck> there = file.workup().check(other.connection(), file.supplyAt(volts));
            if (here.isEmpty() || there.isEmpty()) {
                return Optional.empty();
            }
            boolean agree = here.orElseThrow().agreesWith(there.orElseThrow());
            return Optional.of(
                    agree
                            ? Finding.good(
                                    "Both columns describe the same motor",
                                    "At " + volts + " V it runs as well, and turns the same way.")
                            : Finding.bad(
                                    "The columns for " + connection.volts() + " V and " + volts + " V do not agree",
                                    there.orElseThrow()
                                            .danger()
                                            .map(d -> "At " + volts + " V: " + file.say(d) + ".")
                                            .orElse("They turn opposite ways, or one of them is misread.")));
        });
    }

    /** What one may have misread in a column that is in danger. */
    List<Mend> mends(Connection connection, Supply supply) {
        boolean wrong = file.workup()
                .check(connection, supply)
                .flatMap(ConnectionCheck::danger)
                .isPresent();
        return wrong
                ? Misread.mends(
                        connection,
                        file.leads(),
                        c -> file.workup()
                                .check(c, supply)
                                .map(k -> k.danger().isEmpty())
                                .orElse(false))
                : List.of();
    }

    /** The column that one for this voltage can be rebuilt from: the other voltage is read, this one is not. */
    Optional<Connection> rebuildFrom(int volts) {
        return diagram.at(volts).isPresent() || !file.plateVolts().contains(volts)
                ? Optional.empty()
                : other(volts)
                        .map(Column::connection)
                        .filter(c -> rebuilt(c, volts).isPresent());
    }

    /** The column for this voltage, rebuilt from the other one. */
    Optional<Connection> rebuilt(int volts) {
        return rebuildFrom(volts).flatMap(from -> rebuilt(from, volts));
    }

    private Optional<Connection> rebuilt(Connection from, int volts) {
        return from.volts() < volts ? Rebuilt.high(from, file.leads(), volts) : Rebuilt.low(from, file.leads(), volts);
    }
}
