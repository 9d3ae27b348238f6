package gatepin.core.format;

import gatepin.core.Effort;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.StandardConnection;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.Leads;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Wishes;
import gatepin.core.verdict.ConnectionCheck;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/** What to ask the planner for a wiring file: its motor and switch, whatever its wires. */
final class PlanFile {
    private final WiringFile file;
    private final Motor motor;
    private final Leads leads;
    private final Supply supply;

    private PlanFile(WiringFile file) {
        this.file = file;
        this.motor = file.circuit().motorWithCapacitor();
        this.leads = Leads.of(motor);
        this.supply = file.circuit().supply();
    }

    static Reading<PlanRequest> read(String text, Effort effort) {
        Reading<WiringFile> read = WiringReader.read(text);
        return read.value().isEmpty()
                ? Reading.failed(read.problems())
                : new PlanFile(read.value().orElseThrow()).request(effort);
    }

    private static <T> Reading<T> failed(String path, String message) {
        return Reading.failed(List.of(new Problem(path, "", message)));
    }

    private Reading<PlanRequest> request(Effort effort) {
        Optional<ContactChart> chart =
                file.circuit().chart().asHandle().filter(c -> !c.terminals().isEmpty());
        if (chart.isEmpty()) {
            return failed(
                    "/switch",
                    "Plans are made for a switch with a handle, or for gear with one setting for each way and one for off; this file"
                            + " has neither.");
        }
        Optional<Connection> connection = file.connection().or(this::usual);
        if (connection.isEmpty()) {
            return failed(
                    "/connection",
                    "The motor's windings are of no usual kind: give the column of its diagram as connection.");
        }
        RunningConnections running =
                RunningConnections.of(motor, leads, file.rated(), connection.orElseThrow(), supply, effort);
        if (running.forward().isEmpty() || running.reverse().isEmpty()) {
            return failed(
                    "/connection",
                    "Connected like this the motor does not run both ways; the engine finds nothing to plan.");
        }
        return Reading.of(new PlanRequest(
                leads.terminals(), leads.windings(), supply, chart.orElseThrow(), true, running, Wishes.NONE));
    }

    /** The connection that such a motor has as a rule for this voltage, with the two leads whose interchange reverses it. */
    private Optional<Connection> usual() {
        return StandardConnection.at(motor, supply).flatMap(c -> {
            List<Connection> candidates = new ArrayList<>();
            for (Connection.Swap swap : swaps()) {
                candidates.add(connection(c, swap));
            }
            return candidates.stream()
                    .filter(k -> ConnectionCheck.of(k, leads, motor, file.rated(), supply, Feeder.STIFF)
                            .reverses())
                    .findFirst();
        });
    }

    /** Pairs of leads, those of the start winding first. */
    private List<Connection.Swap> swaps() {
        List<String> marks = new ArrayList<>(leads.marks());
        marks.sort((a, b) -> Boolean.compare(isStart(b), isStart(a)));
        List<Connection.Swap> swaps = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            for (int j = i + 1; j < marks.size(); j++) {
                swaps.add(new Connection.Swap(marks.get(i), marks.get(j)));
            }
        }
        return swaps;
    }

    private boolean isStart(String mark) {
        return leads.find(mark)
                .map(l -> l.isOf(Role.START) || l.isCapacitorTag())
                .orElse(false);
    }

    private Connection connection(Circuit usual, Connection.Swap swap) {
        Nodes nodes = Nodes.of(usual.wires(), List.of());
        List<Terminal> points = new ArrayList<>(leads.terminals());
        points.addAll(List.of(Terminal.L1, Terminal.L2));
        SortedSet<String> line1 = new TreeSet<>(Marks.NATURAL_ORDER);
        SortedSet<String> line2 = new TreeSet<>(Marks.NATURAL_ORDER);
        List<SortedSet<String>> joined = new ArrayList<>();
        for (SortedSet<Terminal> group : nodes.groupsAmong(points)) {
            SortedSet<String> marks = new TreeSet<>(Marks.NATURAL_ORDER);
            group.stream().filter(t -> !t.isLine()).forEach(t -> marks.add(t.mark()));
            if (group.contains(Terminal.L1)) {
                line1.addAll(marks);
            } else if (group.contains(Terminal.L2)) {
                line2.addAll(marks);
            } else if (marks.size() > 1) {
                joined.add(marks);
            }
        }
        return behindProtector(line1, line2, joined, swap);
    }

    /** A protector that comes out on two leads of its own stands between the first line and all that was on it. */
    private Connection behindProtector(
            SortedSet<String> line1, SortedSet<String> line2, List<SortedSet<String>> joined, Connection.Swap swap) {
        List<Winding> protectors = leads.windings().stream()
                .filter(w -> w.role() == Role.PROTECTOR)
                .toList();
        boolean own = protectors.size() == 1
                && List.of(protectors.get(0).like(), protectors.get(0).other()).stream()
                        .allMatch(t -> leads.find(t.mark())
                                .map(l -> l.ends().size() == 1)
                                .orElse(false));
        if (!own) {
            return new Connection(supply.volts(), line1, line2, joined, swap);
        }
        SortedSet<String> behind = new TreeSet<>(Marks.NATURAL_ORDER);
        behind.addAll(line1);
        behind.add(protectors.get(0).other().mark());
        List<SortedSet<String>> groups = new ArrayList<>(joined);
        groups.add(behind);
        SortedSet<String> first = new TreeSet<>(Marks.NATURAL_ORDER);
        first.add(protectors.get(0).like().mark());
        return new Connection(supply.volts(), first, line2, groups, swap);
    }
}
