package gatepin.core.lane;

import gatepin.core.Sentence;
import gatepin.core.circuit.Wire;
import gatepin.core.control.ControlNet;
import gatepin.core.control.ControlNet.ControlWire;
import gatepin.core.wire.Section;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Every wire of a job that hands make, in working order: the gear's by its plan, then the control circuit's by their numbers, then what stands
 * ahead, whose last wires go to the panel.
 */
public record WireList(List<Entry> entries) {
    /**
     * A wire.
     *
     * @param section which of the wirings it belongs to
     * @param name both ends, {@code motor.T5>S1.1}: it stands for the wire wherever it is kept
     * @param made it is made
     */
    public record Entry(Section section, String name, boolean made) {}

    public WireList {
        entries = List.copyOf(entries);
    }

    static WireList of(Workup workup) {
        Facts facts = workup.facts();
        List<Entry> entries = new ArrayList<>();
        if (facts.gear().plan().isPresent()) {
            names(
                    workup,
                    Section.GEAR,
                    facts.gear().plan().orElseThrow().wires().stream()
                            .map(Wire::key)
                            .toList(),
                    entries);
        }
        workup.control()
                .map(c -> control(ControlNet.of(c.ladder())).stream()
                        .map(ControlWire::key)
                        .toList())
                .ifPresent(names -> names(workup, Section.CONTROL, names, entries));
        names(
                workup,
                Section.AHEAD,
                workup.standsAhead().lineUp().wires().stream().map(Wire::key).toList(),
                entries);
        return new WireList(entries);
    }

    private static void names(Workup workup, Section section, List<String> names, List<Entry> into) {
        names.forEach(
                n -> into.add(new Entry(section, n, workup.facts().gear().done().isMade(section, n))));
    }

    /** The wires of a control circuit in the order in which they are made: by their numbers. */
    public static List<ControlWire> control(ControlNet net) {
        return net.wires().stream()
                .sorted(Comparator.comparingInt(w -> net.wireNumber(w.point())))
                .toList();
    }

    /** The wires of one section. */
    public List<Entry> of(Section section) {
        return entries.stream().filter(e -> e.section() == section).toList();
    }

    /** The wire of a name; empty where there is none any more. */
    public Optional<Entry> find(Section section, String name) {
        return of(section).stream().filter(e -> e.name().equals(name)).findFirst();
    }

    /** How many wires are made. */
    public long made() {
        return entries.stream().filter(Entry::made).count();
    }

    public boolean isComplete() {
        return made() == entries.size();
    }

    /** What is lacking of it: the first section that has wires which are not made. */
    Optional<Sentence> lack() {
        for (Section section : Section.values()) {
            long left = of(section).stream().filter(e -> !e.made()).count();
            if (left > 0) {
                return Optional.of(Sentence.of(
                        switch (section) {
                            case GEAR -> "lack.wires";
                            case CONTROL -> "lack.controlWires";
                            case AHEAD -> "lack.aheadWires";
                        },
                        left));
            }
        }
        return Optional.empty();
    }
}
