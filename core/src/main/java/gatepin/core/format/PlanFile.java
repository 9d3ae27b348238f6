package gatepin.core.format;

import gatepin.core.Effort;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.Severity;
import gatepin.core.circuit.AcrossTheLines;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.StandardConnection;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.Leads;
import gatepin.core.machine.Normal;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.ThroughRelay;
import gatepin.core.plan.Wishes;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.ConnectionCheck;
import gatepin.core.verdict.Verdict;
import gatepin.core.verdict.VerdictWords;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What to ask the planner for a wiring file: its motor and switch, whatever its wires. */
final class PlanFile {
    private final WiringFile file;
    private final Motor motor;
    private final Leads leads;
    private final Supply supply;

    private PlanFile(WiringFile file) {
        this.file = file;
        this.motor = file.circuit().withoutCapacitors(correcting(file)).motorWithCapacitor();
        this.leads = Leads.of(motor);
        this.supply = file.circuit().supply();
    }

    /**
     * A file as the planner can take it.
     *
     * @param requests what to ask for: one for each choice of a setting for each way
     */
    record Ready(WiringFile file, ThroughRelay relay, List<PlanRequest> requests) {
        /**
         * Searches, and keeps what the whole circuit is good with, in every one of its settings.
         *
         * @return the plans, or why there is none
         */
        Reading<PlanResult> search(Effort effort) {
            PlanResult none = new PlanResult(List.of(), 0, PlanResult.Hindrance.BOTH_WAYS_IMPOSSIBLE, List.of());
            Optional<Verdict> against = Optional.empty();
            for (PlanRequest request : requests) {
                PlanResult found = Planner.search(request, effort);
                List<Plan> good = new ArrayList<>();
                for (Plan plan : found.plans().stream().map(relay::lead).toList()) {
                    Optional<Verdict> danger = danger(plan);
                    if (danger.isEmpty()) {
                        good.add(plan);
                    }
                    against = against.isPresent() ? against : danger;
                }
                none = found;
                if (!good.isEmpty()) {
                    return Reading.of(
                            new PlanResult(good, found.arrangements(), found.hindrance(), found.asksTooMuch()));
                }
            }
            return against.<Reading<PlanResult>>map(v -> failed("/motor", why(v)))
                    .orElse(Reading.of(none));
        }

        private Optional<Verdict> danger(Plan plan) {
            List<Wire> wires = new ArrayList<>(plan.wires());
            // what corrects the power factor lies across the lines and is nobody's to plan
            file.circuit().wires().stream()
                    .filter(w -> w.from().is(Type.CAPACITOR) || w.to().is(Type.CAPACITOR))
                    .filter(w -> !plan.wires().contains(w))
                    .filter(w -> isCorrecting(w.from()) || isCorrecting(w.to()))
                    .forEach(wires::add);
            return Analysis.of(file.circuit().rewired(wires), file.rated()).verdicts().stream()
                    .filter(v -> v.severity() == Severity.DANGER)
                    .findFirst();
        }

        private boolean isCorrecting(Terminal tag) {
            Set<String> correcting = correcting(file);
            return file.circuit().capacitors().stream()
                    .filter(c -> correcting.contains(c.name()))
                    .anyMatch(c -> c.a().equals(tag) || c.b().equals(tag));
        }

        private String why(Verdict verdict) {
            Wording wording = Wording.of(Region.at(file.circuit().supply().hertz()));
            return "Every way to wire it that runs it both ways is dangerous: "
                    + wording.say(
                            VerdictWords.of(verdict, file.circuit().supply()).title())
                    + ".";
        }
    }

    static Reading<Ready> read(String text, Effort effort) {
        Reading<WiringFile> read = WiringReader.read(text);
        return read.value().isEmpty()
                ? Reading.failed(read.problems())
                : new PlanFile(read.value().orElseThrow()).ready(effort);
    }

    /** Capacitors of a file that belong to no winding. */
    private static Set<String> correcting(WiringFile file) {
        Normal normal = Normal.of(file.circuit().behind(Feeder.STIFF), file.rated());
        return AcrossTheLines.capacitors(file.circuit()).stream()
                .filter(name -> file.circuit().capacitors().stream()
                        .anyMatch(c -> c.name().equals(name) && !normal.isOfStartBranch(c)))
                .collect(Collectors.toSet());
    }

    private static <T> Reading<T> failed(String path, String message) {
        return Reading.failed(List.of(new Problem(path, "", message)));
    }

    private Reading<Ready> ready(Effort effort) {
        if (beside().size() > 1) {
            return failed(
                    "/outside",
                    "Beside the motor lie " + beside().size()
                            + " capacitors of its start winding. Plans are made for one with two tags: give the others as parts of"
                            + " the motor.");
        }
        ThroughRelay relay = ThroughRelay.of(file.circuit().chart());
        List<ContactChart> charts = relay.gear().asHandles();
        if (charts.isEmpty() || relay.gear().terminals().isEmpty()) {
            return failed(
                    "/switch",
                    "Plans are made for a switch with a handle, or for gear with a setting for each way and one for off; this file"
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
                    running.onlyPastProtector()
                            ? "Connected like this the run winding's current passes beside the motor's own protector in one"
                                    + " direction or both: there is no plan that it guards. Give another column, or take the"
                                    + " protector's leads into it."
                            : "Connected like this the motor does not run both ways; the engine finds nothing to plan.");
        }
        return Reading.of(new Ready(
                file,
                relay,
                charts.stream()
                        .map(c -> new PlanRequest(
                                leads.terminals(), leads.windings(), supply, c, true, running, Wishes.NONE))
                        .toList()));
    }

    private List<Capacitor> beside() {
        Set<String> correcting = correcting(file);
        return file.circuit().outside().stream()
                .filter(Capacitor.class::isInstance)
                .map(Capacitor.class::cast)
                .filter(c -> !correcting.contains(c.name()))
                .toList();
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
