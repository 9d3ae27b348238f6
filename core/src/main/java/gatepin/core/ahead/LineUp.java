package gatepin.core.ahead;

import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The devices between the panel and the gear, a disconnect in its own enclosure and the rest in a box, with the wires between them. What the gear's wiring calls its lines comes
 * from the last of them.
 *
 * @param supply whether the second line is hot
 * @param stages the devices, nearest the panel first
 */
public record LineUp(Supply.Kind supply, List<Stage> stages) {
    public LineUp {
        stages = List.copyOf(stages);
    }

    /**
     * The line-up of some devices, in the order in which they stand.
     *
     * @param coils contactors stand behind it
     */
    public static LineUp of(Collection<Kind> kinds, Supply.Kind supply, boolean coils) {
        List<Stage> stages = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            if (kinds.contains(kind)) {
                stages.add(Stage.of(kind, supply, coils));
            }
        }
        return new LineUp(supply, stages);
    }

    /** Nothing stands in it. */
    public boolean isEmpty() {
        return stages.isEmpty();
    }

    /** Where the gear finds one of its lines; the panel's own where nothing stands in it. */
    public Terminal feeds(Terminal line) {
        Terminal from = line;
        for (Stage stage : stages) {
            from = stage.out(line).orElse(from);
        }
        return from;
    }

    /** The ground screws of its enclosures, nearest the panel first: the disconnect's, and that of the box the rest stands in. */
    private List<Terminal> frames() {
        return stages.stream()
                .flatMap(s -> s.device().frame().stream())
                .distinct()
                .sorted((a, b) -> Boolean.compare(
                        a.device().equals(Device.BOX), b.device().equals(Device.BOX)))
                .toList();
    }

    /** The ground screw that the gear's ground goes to. */
    public Terminal frame() {
        if (isEmpty()) {
            throw new IllegalStateException("nothing stands in the line-up");
        }
        return frames().get(frames().size() - 1);
    }

    /** Its wires in the order in which they are made: from the gear towards the panel, which comes last. */
    public List<Wire> wires() {
        if (isEmpty()) {
            return List.of();
        }
        List<Wire> wires = new ArrayList<>();
        for (Terminal line : List.of(Terminal.L1, Terminal.L2)) {
            Terminal from = line;
            for (Stage stage : stages) {
                Optional<Terminal> in = stage.in(line);
                if (in.isPresent()) {
                    wires.add(new Wire(in.get(), from, from.isLine() ? Wire.Run.SUPPLY_CABLE : Wire.Run.SWITCH_BOX));
                    from = stage.out(line).orElseThrow();
                }
                stage.loop()
                        .filter(l -> line.equals(Terminal.L1))
                        .ifPresent(l -> wires.add(new Wire(l.b(), l.a(), Wire.Run.SWITCH_BOX)));
            }
        }
        Collections.reverse(wires);
        wires.sort((a, b) -> Boolean.compare(a.to().isLine(), b.to().isLine()));
        Terminal ground = Terminal.GROUND;
        for (Terminal frame : frames()) {
            wires.add(0, new Wire(frame, ground, ground.isFrame() ? Wire.Run.SWITCH_BOX : Wire.Run.SUPPLY_CABLE));
            ground = frame;
        }
        return wires;
    }

    /** Every terminal of its devices. */
    public List<Terminal> terminals() {
        Set<Terminal> terminals = new LinkedHashSet<>();
        stages.forEach(s -> s.poles().forEach(p -> terminals.addAll(List.of(p.a(), p.b()))));
        return List.copyOf(terminals);
    }

    /** The poles that are closed with one device opened by hand, or with none. */
    public List<Contact> closed(Optional<Kind> open) {
        return stages.stream()
                .filter(s -> !open.equals(Optional.of(s.kind())))
                .flatMap(s -> s.poles().stream())
                .toList();
    }

    /**
     * The gear's circuit with all of this ahead of it: what it calls its lines lands on the last device. In every setting of the gear all
     * devices stand closed.
     */
    public Circuit ahead(Circuit gear) {
        if (isEmpty()) {
            return gear;
        }
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        for (Setting setting : gear.settings()) {
            Set<Contact> all = new LinkedHashSet<>(gear.chart().closedIn(setting));
            all.addAll(closed(Optional.empty()));
            closed.put(setting, all);
        }
        List<Terminal> terminals = new ArrayList<>(gear.chart().terminals());
        terminals.addAll(terminals());
        List<Wire> wires = new ArrayList<>();
        for (Wire wire : gear.wires()) {
            // contactors may stand in the same box: then its ground is grounded once
            if (!moved(wire.from()).equals(moved(wire.to()))) {
                wires.add(new Wire(moved(wire.from()), moved(wire.to()), wire.run()));
            }
        }
        wires.addAll(wires());
        return new Circuit(
                gear.motor(), new ContactChart(terminals, closed), gear.supply(), gear.feeder(), wires, gear.outside());
    }

    private Terminal moved(Terminal terminal) {
        return terminal.isLine() ? feeds(terminal) : terminal.equals(Terminal.GROUND) ? frame() : terminal;
    }
}
