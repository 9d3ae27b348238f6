package gatepin.web.gate.diagram;

import gatepin.core.Sentence;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Board;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.Diagram;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.machine.Leads;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.lane.SupplyChange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person reads off a connection diagram. */
@Service
public class DiagramDesk {
    private final Acts acts;
    private final JobStore jobs;
    private final PartStore parts;

    DiagramDesk(Acts acts, JobStore jobs, PartStore parts) {
        this.acts = acts;
        this.jobs = jobs;
        this.parts = parts;
    }

    /**
     * Saves the leads, the voltage and the diagram's column for it.
     *
     * @param seen the versions of diagram and supply on the screen
     * @throws StaleEdit when somebody saved one of them since
     */
    public List<Drop> save(long jobId, Seen seen, Leads leads, Column column, Supply.Kind kind) {
        return acts.on(jobId, seen, act -> {
            JobFile before = act.before();
            Connection connection = column.connection();
            parts.write(
                    act.job(),
                    Diagram.PART,
                    before.facts().diagram().with(leads).with(column));
            jobs.setSupply(jobId, connection.volts(), kind);
            List<Change> changed = new ArrayList<>();
            if (!before.leads().all().isEmpty() && !before.leads().equals(leads)) {
                changed.add(new Change(Fact.LEADS, leadChange(before.leads(), leads)));
            }
            Optional<Change> volts = SupplyChange.of(act.job(), connection.volts(), kind);
            volts.ifPresent(changed::add);
            Optional<Connection> old = before.column().map(Column::connection);
            if (volts.isEmpty() && !old.equals(Optional.of(connection))) {
                changed.add(new Change(Fact.CONNECTION, Sentence.of("change.connection", connection.volts())));
            }
            if (!changed.isEmpty()) {
                act.saved(
                        "log.diagram",
                        SupplyChange.words(connection.volts(), kind),
                        String.join(" ", connection.line1()),
                        String.join(" ", connection.line2()));
            }
            return changed;
        });
    }

    private static Sentence leadChange(Leads before, Leads after) {
        List<String> gone = new ArrayList<>(before.marks());
        gone.removeAll(after.marks());
        List<String> come = new ArrayList<>(after.marks());
        come.removeAll(before.marks());
        if (gone.isEmpty() && come.isEmpty()) {
            return Sentence.of("change.leads.known");
        }
        if (gone.isEmpty()) {
            return Sentence.of("change.leads.come", come);
        }
        return come.isEmpty()
                ? Sentence.of("change.leads.gone", gone)
                : Sentence.of("change.leads.goneAndCome", gone, come);
    }

    /**
     * Saves the stud board.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public void saveBoard(long jobId, int version, Board board) {
        acts.on(jobId, Seen.of(Board.PART, version), act -> {
            parts.write(act.job(), Board.PART, board);
            act.saved(
                    "log.board",
                    board.foundVolts(),
                    board.found().links().stream().map(Object::toString).toList());
            return List.of();
        });
    }
}
