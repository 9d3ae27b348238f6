package gatepin.web.gate.found;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.found.FoundRecord;
import gatepin.core.found.FoundWire;
import gatepin.core.found.FoundWireReader;
import gatepin.core.found.FoundWiring;
import gatepin.core.found.FoundWiring.Difference;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plate.VoltageRange;
import gatepin.core.verdict.Analysis;
import gatepin.web.drawing.Drawing;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.lane.Finding;
import gatepin.web.lane.Findings;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What the wiring as found does, in words. */
final class FoundWords {

    /** What is joined in a handle position. */
    record Does(String position, List<String> groups) {}

    /**
     * A label.
     *
     * @param mark the wire's name
     * @param underlined whether it can be read upside down, and is underlined
     * @param end where this end sat
     * @param far where the other end sat
     * @param bands bands of tape
     */
    record Label(String mark, boolean underlined, String end, String far, int bands, String colour) {}

    private static FoundWiring wiring(JobFile file) {
        return new FoundWiring(
                file.found().wires(), file.gear().map(SwitchKind::chart).orElse(FoundWiring.NO_SWITCH));
    }

    private static boolean isReady(JobFile file) {
        return !file.found().wires().isEmpty() && !file.leads().all().isEmpty();
    }

    /** What is joined in each position; none while the leads are not known. */
    List<Does> does(JobFile file) {
        if (!isReady(file)) {
            return List.of();
        }
        FoundWiring wiring = wiring(file);
        Supply supply = file.supply().orElse(file.supplyAt(0));
        return wiring.positions().stream()
                .map(p -> new Does(
                        wiring.positions().size() == 1 ? "as it is" : p.word(),
                        wiring.groups(file.leads(), p).stream()
                                .filter(g -> g.size() > 1)
                                .map(g -> g.stream()
                                        .sorted(Comparator.comparing((Terminal t) -> !t.isLine())
                                                .thenComparing(t -> t))
                                        .map(t -> t.isLine() ? supply.nameOf(t) : t.label())
                                        .collect(Collectors.joining(" + ")))
                                .sorted()
                                .toList()))
                .toList();
    }

    /** The wiring as a drawing; none while leads or switch are not known, or where a wire goes to something else. */
    List<Drawing> drawing(JobFile file) {
        if (!isReady(file) || file.gear().isEmpty()) {
            return List.of();
        }
        FoundWiring found = wiring(file);
        Supply supply = file.supply().orElse(file.supplyAt(0));
        Optional<Circuit> circuit = file.workup().circuit(found.bench(), found.chart(), supply);
        if (circuit.isEmpty()) {
            return List.of();
        }
        Set<Terminal> drawn = new HashSet<>(circuit.orElseThrow().motor().leads());
        drawn.addAll(found.chart().terminals());
        drawn.addAll(List.of(
                Terminal.L1,
                Terminal.L2,
                Terminal.GROUND,
                Terminal.MOTOR_FRAME,
                found.chart().frame()));
        found.bench().stream()
                .flatMap(w -> List.of(w.from(), w.to()).stream())
                .filter(t -> t.is(Type.SPLICE) || t.is(Type.CAPACITOR))
                .forEach(drawn::add);
        boolean all = found.bench().stream().allMatch(w -> drawn.contains(w.from()) && drawn.contains(w.to()));
        return all
                ? new WiringPicture(
                                file.workup().leadsOf(found.bench()), file.gear(), circuit.orElseThrow(), found.bench())
                        .draw()
                : List.of();
    }

    /** Which lead each unmarked or strayed wire belongs to. */
    List<String> traced(JobFile file) {
        if (!isReady(file)) {
            return List.of();
        }
        return wiring(file).traced(file.leads()).stream()
                .map(t -> "The " + t.wire().name() + " belongs to " + String.join(" or ", t.leads())
                        + (t.through().isEmpty() ? "." : ": it gets there through " + t.through() + "."))
                .toList();
    }

    List<Finding> findings(JobFile file) {
        List<Finding> findings = new ArrayList<>();
        if (file.found().wires().isEmpty()) {
            return findings;
        }
        if (file.leads().all().isEmpty() || file.supply().isEmpty()) {
            findings.add(Finding.warn(
                    "What it does is told once plate and diagram are read",
                    "The wires stay as they are written here until then."));
            return findings;
        }
        FoundWiring wiring = wiring(file);
        List<Terminal> unknown = wiring.unknownEnds(file.leads());
        if (!unknown.isEmpty()) {
            findings.add(Finding.warn(
                    unknown.stream().map(FoundWireReader::words).collect(Collectors.joining(", "))
                            + (unknown.size() == 1 ? " is not known" : " are not known"),
                    file.gear().isEmpty()
                            ? "The switch is not chosen yet: its contacts are not counted."
                            : "No such lead on this motor, or no such terminal on this switch. Look again."));
            return findings;
        }
        differences(file, wiring, findings);
        verdicts(file, wiring, findings);
        return findings;
    }

    private void differences(JobFile file, FoundWiring wiring, List<Finding> findings) {
        if (file.column().isEmpty()) {
            return;
        }
        Connection column = file.column().orElseThrow().connection();
        Optional<Connection> other = file.plateVolts().stream()
                .filter(v -> !VoltageRange.same(v, column.volts()))
                .flatMap(v -> file.facts().diagram().at(v).stream())
                .map(Column::connection)
                .findFirst();
        List<Difference> differences = wiring.differences(file.leads(), column, other);
        if (differences.isEmpty()) {
            findings.add(Finding.good(
                    "What is there equals the diagram for " + column.volts() + " V",
                    "In every position, wire by wire."));
        }
        for (Difference difference : differences) {
            findings.add(
                    switch (difference.weight()) {
                        case HARMLESS -> Finding.good(difference.title() + ": harmless", difference.words());
                        case MATTERS_LATER ->
                            Finding.warn(difference.title() + ": will matter after a change", difference.words());
                        case DANGEROUS -> Finding.bad(difference.title(), difference.words());
                    });
        }
    }

    private void verdicts(JobFile file, FoundWiring wiring, List<Finding> findings) {
        Optional<Analysis> analysis =
                file.workup().circuit(wiring.bench(), wiring.chart()).flatMap(file.workup()::analysis);
        analysis.ifPresent(a -> Findings.of(a, file.wording()).findings().stream()
                .limit(6)
                .map(f -> new Finding(f.level(), prefix(f) + f.title(), f.words(), "", 0, f.why()))
                .forEach(findings::add));
    }

    private static String prefix(Finding finding) {
        if (finding.at().isEmpty() || finding.at().split(" ").length >= HandlePosition.values().length - 1) {
            return "";
        }
        return finding.at().toUpperCase(Locale.ROOT) + ": ";
    }

    /** Two labels for each wire, one for each end. */
    static List<Label> labels(FoundRecord record) {
        List<Label> labels = new ArrayList<>();
        for (FoundWire wire : record.wires()) {
            String one = FoundWireReader.words(wire.oneEnd());
            String other = FoundWireReader.words(wire.otherEnd());
            String mark = wire.mark().isBlank() ? "" + wire.number() : wire.mark();
            boolean underlined = Marks.readsUpsideDown(mark);
            labels.add(new Label(mark, underlined, one, other, wire.bands(), wire.colour()));
            labels.add(new Label(mark, underlined, other, one, wire.bands(), wire.colour()));
        }
        return labels;
    }
}
