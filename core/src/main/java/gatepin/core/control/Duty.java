package gatepin.core.control;

import gatepin.core.Sentence;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Setting.Purpose;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Proof.Finding;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What the wired power circuit asks of a control circuit: which contactors carry the motor's current, and in which way. A ladder is held
 * against it; what it does not say of a contactor that carries the motor is a danger, never left out.
 *
 * @param carrying the ways in which each contactor carries the motor's current, by its name
 * @param overloadElsewhere something outside the control circuit stops an overloaded motor
 * @param lineVolts what the line can feed a control circuit with, V: line to line, and where both are hot one to the neutral
 */
public record Duty(Map<String, Set<HandlePosition>> carrying, boolean overloadElsewhere, List<Integer> lineVolts) {
    public Duty {
        carrying = Map.copyOf(carrying);
        lineVolts = List.copyOf(lineVolts);
    }

    /** What a wired circuit asks; empty where no contactor in it carries anything. */
    public static Optional<Duty> of(Circuit circuit, boolean overloadElsewhere) {
        Map<String, Set<HandlePosition>> carrying = new TreeMap<>();
        for (Setting setting : circuit.settings()) {
            if (setting.purpose() == Purpose.FORWARD || setting.purpose() == Purpose.REVERSE) {
                HandlePosition way = HandlePosition.valueOf(setting.purpose().name());
                AcSolution solution =
                        AcNetwork.of(circuit, State.atRest(setting)).at(1);
                for (Contact contact : circuit.chart().closedIn(setting)) {
                    Device device = contact.a().device();
                    if (device.type() == Device.Type.CONTACTOR
                            && solution.current(contact).norm() > Carrying.NOTHING_AMPS) {
                        carrying.computeIfAbsent(device.name(), k -> EnumSet.noneOf(HandlePosition.class))
                                .add(way);
                    }
                }
            }
        }
        return carrying.isEmpty()
                ? Optional.empty()
                : Optional.of(new Duty(carrying, overloadElsewhere, lineVolts(circuit.supply())));
    }

    private static List<Integer> lineVolts(Supply supply) {
        return supply.kind() == Supply.Kind.TWO_HOT
                ? List.of(supply.volts(), supply.volts() / 2)
                : List.of(supply.volts());
    }

    /** The ladder with its contactors called what the power circuit makes of them, where they say nothing themselves. */
    public Ladder told(Ladder ladder) {
        List<Part> parts = ladder.parts().stream()
                .map(p -> p.kind() == Kind.CONTACTOR
                                && p.way().isEmpty()
                                && ways(p.name()).size() == 2
                        ? Part.of(p.name(), p.kind(), HandlePosition.OFF)
                        : p)
                .toList();
        return new Ladder(parts, ladder.supply(), ladder.guards(), ladder.head(), ladder.rungs());
    }

    private Set<HandlePosition> ways(String contactor) {
        return carrying.getOrDefault(contactor, Set.of());
    }

    /** Where a ladder and the power circuit do not go together. */
    List<Finding> against(Ladder ladder) {
        List<Finding> findings = new ArrayList<>();
        carrying.forEach((name, ways) -> {
            Optional<Part> part = ladder.part(name).filter(p -> p.kind() == Kind.CONTACTOR);
            HandlePosition asked =
                    ways.size() == 2 ? HandlePosition.OFF : ways.iterator().next();
            if (part.isEmpty()) {
                findings.add(new Finding(true, Sentence.of("control.duty.missing", name)));
            } else if (!part.orElseThrow().way().equals(Optional.of(asked))) {
                findings.add(new Finding(
                        true,
                        asked == HandlePosition.OFF
                                ? Sentence.of("control.duty.master", name)
                                : Sentence.of("control.duty.otherWay", name, asked.title())));
            }
        });
        ControlSupply fed = ladder.supply();
        if (fed.source() == ControlSupply.Source.LINE
                && lineVolts.stream().noneMatch(v -> Plain.isFor(v, fed.volts()))) {
            findings.add(new Finding(true, Sentence.of("control.duty.lineVolts", fed.volts(), lineVolts.get(0))));
        }
        ladder.of(Kind.CONTACTOR).stream()
                .filter(p -> p.way().isPresent() && !carrying.containsKey(p.name()))
                .forEach(p -> findings.add(new Finding(true, Sentence.of("control.duty.stranger", p.name()))));
        return findings;
    }

    /** What a ladder by itself leaves open, where nobody knows the power circuit. */
    static List<Finding> unknown(Ladder ladder) {
        List<Finding> findings = new ArrayList<>();
        Set<HandlePosition> ways = EnumSet.noneOf(HandlePosition.class);
        List<Part> contactors = ladder.of(Kind.CONTACTOR);
        contactors.forEach(p -> p.way().ifPresent(ways::add));
        ways.remove(HandlePosition.OFF);
        for (Part part : contactors) {
            if (part.way().isEmpty()) {
                // beside a contactor for each way it may be a pump's: said, and not taken for more
                findings.add(new Finding(ways.size() < 2, Sentence.of("control.duty.noWay", part.name())));
            }
        }
        long turning = contactors.stream()
                .filter(p -> p.way().isPresent() && p.way().get() != HandlePosition.OFF)
                .count();
        if (ways.size() == 1 && turning > 1) {
            findings.add(new Finding(
                    true,
                    Sentence.of("control.duty.sameWay", ways.iterator().next().title())));
        }
        return findings;
    }
}
