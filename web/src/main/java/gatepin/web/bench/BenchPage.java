package gatepin.web.bench;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.core.bench.Added;
import gatepin.core.bench.HandWiring;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.control.ControlRecord;
import gatepin.core.control.ControlWishes;
import gatepin.core.control.Ladder;
import gatepin.core.control.Part;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.web.bench.BenchDesk.Shown;
import gatepin.web.drawing.Drawing;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.drawing.WiringPicture.Laid;
import gatepin.web.lane.Finding;
import gatepin.web.lane.Findings;
import gatepin.web.lane.HandleWords;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.Station;
import gatepin.web.lane.Turn;
import gatepin.web.lane.WiringWords;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A wiring on the bench as it is shown: drawn, judged, and held against the job's own. */
final class BenchPage {
    /** Where wires lay when they were drawn last, so that what nobody touches stays where it is. */
    private static final Cache<List<Object>, Laid> LAID =
            Caffeine.newBuilder().maximumSize(200).build();

    private final JobFile file;
    private final Shown shown;
    private final Optional<SwitchKind> gear;
    private final Optional<Circuit> circuit;
    private final Optional<InCircuit> onBench;
    private final Optional<Analysis> analysis;
    private final Optional<Findings> findings;

    BenchPage(JobFile file, Shown shown) {
        this.file = file;
        this.shown = shown;
        this.gear = BenchDesk.gear(file, shown.copy().gear());
        this.circuit = circuit(file, shown.wiring(), gear);
        this.onBench = circuit.flatMap(file.workup()::inCircuit);
        this.analysis = onBench.map(InCircuit::analysis).or(() -> circuit.flatMap(file.workup()::analysis));
        this.findings = analysis.map(a -> Findings.of(a, hasOff(), file.wording()));
    }

    /** The circuit that wires make of a job's motor and gear; empty until leads and voltage are known. */
    static Optional<Circuit> circuit(JobFile file, HandWiring wiring, Optional<SwitchKind> gear) {
        return file.workup().laid(wiring.wires(), ContactChart.NONE).map(c -> wiring.in(c, gear));
    }

    /** A wire; both ends by their ids, and in words. */
    public record WireRow(String one, String other, String from, String to) {}

    /** A point that a wire can land on. */
    public record Point(String id, String label, String where) {}

    /** What differs from the job's plan. */
    public record Difference(List<String> onlyHere, List<String> onlyThere, List<String> gains, List<String> loses) {
        public boolean isNothing() {
            return onlyHere.isEmpty() && onlyThere.isEmpty();
        }
    }

    public boolean hasOff() {
        return gear.map(SwitchKind::hasOff).orElse(true);
    }

    /** Whether there is anything to throw: without a switch the motor hangs straight on the supply. */
    public boolean hasHandle() {
        return gear.isPresent();
    }

    /** Whether it is tried on another switch than the job's own. */
    public boolean isElsewhere() {
        return !gear.equals(file.gear());
    }

    /** Whether buttons throw it: the job's control circuit, or the usual one until it has its own. */
    public boolean hasButtons() {
        return gear.map(SwitchKind::hasCoils).orElse(false);
    }

    private Ladder ladder() {
        return file.facts().control().map(ControlRecord::ladder).orElseGet(ControlWishes.USUAL::ladder);
    }

    public List<Station.Hand> hands() {
        return Station.hands(file, ladder());
    }

    /** The contactors that turn it one way, by their names. */
    public String contactors(String way) {
        return ladder().contactors(HandlePosition.valueOf(way)).stream()
                .map(Part::name)
                .collect(Collectors.joining(" "));
    }

    Optional<Circuit> circuit() {
        return circuit;
    }

    /** The devices that were put beside the switch. */
    public List<Added> added() {
        return shown.wiring().added();
    }

    /** What can be put beside it. */
    public List<Added.Kind> kinds() {
        return List.of(Added.Kind.values());
    }

    public boolean isThere() {
        return circuit.isPresent();
    }

    public long id() {
        return shown.copy().id();
    }

    public String name() {
        return shown.copy().name();
    }

    public boolean canUndo() {
        return shown.copy().canUndo();
    }

    public boolean canRedo() {
        return shown.copy().canRedo();
    }

    public int step() {
        return shown.copy().atStep();
    }

    /** The drawings; none where no clear way was found for some wire: then the words hold. */
    public List<Drawing> drawings() {
        return circuit.map(c -> {
                    Leads leads = file.workup().wiredLeads();
                    WiringPicture picture = new WiringPicture(
                            leads,
                            Added.beside(gear, shown.wiring().added()),
                            c,
                            shown.wiring().wires(),
                            findings.map(Findings::flags).orElse(List.of()),
                            shown.wiring().nuts());
                    // another device makes another sheet, on which nothing lies yet
                    List<Object> sheet = List.of(id(), c.chart().terminals());
                    Laid laid = picture.lay(
                            Optional.ofNullable(LAID.getIfPresent(sheet)).orElse(Laid.NOTHING));
                    if (!laid.drawings().isEmpty()) {
                        LAID.put(sheet, laid);
                    }
                    return laid.drawings();
                })
                .orElse(List.of());
    }

    public List<Turn> turns() {
        return onBench.map((InCircuit b) -> hasHandle() ? Turn.computed(b) : List.of(Turn.alone(b)))
                .orElse(List.of());
    }

    public List<WiringWords> words() {
        return circuit.map(WiringWords::of).orElse(List.of());
    }

    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        analysis.flatMap(a -> HandleWords.oneWay(file, a)).ifPresent(all::add);
        findings.map(Findings::findings).ifPresent(all::addAll);
        return all;
    }

    /** What the button says that takes it over: with it the direction, where that is not the plan's. */
    public String takeOver() {
        String turned = turnsRound();
        return turned.isEmpty() || isElsewhere() || isDangerous()
                ? "Take it over as the plan"
                : "Take it over: " + turned;
    }

    /** The positions that turn the shaft otherwise than in the plan, in words; blank where they turn it as the plan does. */
    private String turnsRound() {
        return file.plannedCircuit()
                .flatMap(file.workup()::inCircuit)
                .filter(b -> onBench.isPresent())
                .map(b -> turnedPositions(b, onBench.orElseThrow()))
                .orElse("");
    }

    /** The positions that turn the shaft otherwise than in the plan, each with what it does here. */
    private String turnedPositions(InCircuit planned, InCircuit here) {
        List<String> turned = new ArrayList<>();
        for (HandlePosition position : List.of(HandlePosition.FORWARD, HandlePosition.REVERSE)) {
            boolean both = planned.analysis().settings().containsKey(position)
                    && here.analysis().settings().containsKey(position);
            if (both
                    && planned.analysis().in(position).way()
                            != here.analysis().in(position).way()) {
                StatedRotation way = here.seen(here.analysis().in(position).way());
                turned.add(title(position)
                        + (here.analysis().in(position).way() == Way.NONE
                                ? " does not start"
                                : way.isStated()
                                        ? " turns " + way.direction().words() + ", "
                                                + way.seenFrom().words()
                                        : " turns the other way"));
            }
        }
        return String.join("; ", turned);
    }

    private String title(HandlePosition position) {
        return position == HandlePosition.FORWARD
                ? file.ways().work()
                : file.ways().back();
    }

    /** Whether the engine has a motor to judge it by. */
    public boolean isJudged() {
        return analysis.isPresent();
    }

    /** Whether a capacitor stands beside the motor that no wire brings in: a plan without its tags would be taken as one that has it inside. */
    public boolean leavesOutACapacitor() {
        return file.workup().wiredLeads().all().stream()
                .filter(Lead::isCapacitorTag)
                .anyMatch(l -> shown.wiring().wires().stream().noneMatch(w -> w.lands(l.terminal())));
    }

    /** Whether its verdicts speak against power. */
    public boolean isDangerous() {
        return findings().stream().anyMatch(f -> f.level() == Finding.Level.BAD);
    }

    public List<WireRow> wires() {
        return shown.wiring().wires().stream()
                .map(w -> new WireRow(w.from().id(), w.to().id(), label(w.from()), label(w.to())))
                .toList();
    }

    private String label(Terminal terminal) {
        if (terminal.isLine()) {
            return file.supply().map(s -> s.nameOf(terminal)).orElse(terminal.mark());
        }
        return terminal.isGround() ? file.ground() + " of the " + WiringWords.enclosure(terminal) : terminal.label();
    }

    public List<Point> points() {
        Supply supply = file.supply().orElse(null);
        return circuit.map(c -> BenchDesk.points(c, shown.wiring()).stream()
                        .map(t -> new Point(
                                t.id(),
                                supply != null && t.isLine() ? supply.nameOf(t) : t.isGround() ? "G" : t.label(),
                                label(t)))
                        .toList())
                .orElse(List.of());
    }

    /** What differs from the plan in wires and in what they do; empty where there is no plan. */
    public Optional<Difference> difference() {
        return file.plannedCircuit().map((Circuit planned) -> {
            Set<Set<Terminal>> here = ends(shown.wiring().wires());
            Set<Set<Terminal>> there = ends(planned.wires());
            Set<String> says = titles(findings);
            Set<String> planSays =
                    titles(file.workup().analysis(planned).map(a -> Findings.of(a, hasOff(), file.wording())));
            List<String> gains = new ArrayList<>();
            Optional.of(turnsRound()).filter(t -> !t.isEmpty()).ifPresent(gains::add);
            says.stream().filter(s -> !planSays.contains(s)).forEach(gains::add);
            return new Difference(
                    listed(shown.wiring().wires(), there),
                    listed(planned.wires(), here),
                    gains,
                    planSays.stream().filter(s -> !says.contains(s)).toList());
        });
    }

    private static Set<Set<Terminal>> ends(List<Wire> wires) {
        Set<Set<Terminal>> ends = new HashSet<>();
        wires.forEach(w -> ends.add(Set.of(w.from(), w.to())));
        return ends;
    }

    private List<String> listed(List<Wire> wires, Set<Set<Terminal>> without) {
        List<String> lines = new ArrayList<>();
        for (Wire wire : wires) {
            if (!without.contains(Set.of(wire.from(), wire.to()))) {
                lines.add(label(wire.from()) + " to " + label(wire.to()));
            }
        }
        return lines;
    }

    private static Set<String> titles(Optional<Findings> found) {
        Set<String> titles = new LinkedHashSet<>();
        found.ifPresent(f -> f.findings().forEach(x -> titles.add(x.title())));
        return titles;
    }

    /** The whole of it in a sentence, for those who listen: what it does in each position. */
    public String says() {
        if (!isJudged()) {
            return shown.wiring().wires().size() + " wires.";
        }
        StringBuilder says = new StringBuilder();
        for (Turn turn : turns()) {
            if (!turn.at().equals("off")) {
                String word = turn.at().equals("forward")
                        ? file.ways().work()
                        : file.ways().back();
                says.append(word).append(": ").append(turn.title()).append(". ");
            }
        }
        long bad =
                findings().stream().filter(f -> f.level() == Finding.Level.BAD).count();
        return says
                + (bad == 0
                        ? "Nothing dangerous found."
                        : bad == 1 ? "One thing is dangerous." : bad + " things are dangerous.");
    }
}
