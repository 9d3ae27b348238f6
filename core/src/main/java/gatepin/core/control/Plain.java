package gatepin.core.control;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Paths.Way;
import gatepin.core.control.Proof.Finding;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What is plain to see in a control circuit, before any state is gone through. */
final class Plain {
    private Plain() {}

    static List<Finding> findings(ControlNet net, Effort effort) {
        return findings(net, Optional.empty(), effort);
    }

    /** The same of a circuit that works a wired power circuit; empty where nobody knows that. */
    static List<Finding> findings(ControlNet net, Optional<Duty> duty, Effort effort) {
        Ladder ladder = net.ladder();
        List<Finding> findings = new ArrayList<>();
        Paths paths = Paths.of(net, ControlFault.NONE, effort);
        for (Way way : paths.shorts()) {
            findings.add(new Finding(true, Sentence.of("control.plain.short", titles(net, way.contacts()))));
        }
        for (Part part : ladder.of(Kind.CONTACTOR, Kind.RELAY, Kind.TIMER, Kind.LAMP)) {
            load(net, paths, part, findings);
        }
        ladder.parts().stream()
                .filter(p -> p.volts() > 0 && !isFor(ladder.supply().volts(), p.volts()))
                .forEach(p -> findings.add(new Finding(
                        p.kind().hasCoil(),
                        Sentence.of(
                                "control.plain.coilVolts",
                                p.name(),
                                p.volts(),
                                ladder.supply().volts()))));
        Set<String> touched = new HashSet<>();
        ladder.touches().forEach(t -> touched.add(t.part()));
        for (Part part : ladder.parts()) {
            if (!part.kind().isLoad() && !touched.contains(part.name())) {
                boolean guards = part.kind().isStop() || part.kind() == Kind.OVERLOAD || part.kind() == Kind.LIMIT;
                findings.add(new Finding(guards, Sentence.of("control.plain.unused", part.name())));
            }
        }
        ladder.rungs().stream()
                .flatMap(r -> r.after().touches().stream())
                .map(Touch::part)
                .distinct()
                .forEach(p -> findings.add(new Finding(
                        false,
                        Sentence.of(
                                ladder.supply().grounded() ? "control.plain.behind" : "control.plain.behindFloating",
                                p))));
        if (!ladder.of(Kind.SELECTOR).isEmpty() && !ladder.of(Kind.LIMIT).isEmpty()) {
            findings.add(new Finding(false, Sentence.of("control.plain.selectorOnLimit")));
        }
        if (ladder.supply().aheadOfDisconnect()) {
            findings.add(new Finding(true, Sentence.of("control.plain.ahead")));
        }
        if (!ladder.supply().grounded()) {
            findings.add(new Finding(false, Sentence.of("control.plain.floating")));
        }
        if (!ladder.of(Kind.CONTACTOR).isEmpty()
                && ladder.of(Kind.OVERLOAD).isEmpty()
                && !duty.map(Duty::overloadElsewhere).orElse(false)) {
            findings.add(new Finding(true, Sentence.of("control.plain.noOverload")));
        }
        findings.addAll(duty.map(d -> d.against(ladder)).orElseGet(() -> Duty.unknown(ladder)));
        ladder.of(Kind.LIMIT).stream()
                .filter(p -> p.way().isEmpty())
                .forEach(p -> findings.add(new Finding(true, Sentence.of("control.plain.limitWay", p.name()))));
        ladder.of(Kind.BUTTON).stream()
                .filter(p -> p.way().isEmpty())
                .forEach(p -> findings.add(new Finding(false, Sentence.of("control.plain.buttonWay", p.name()))));
        seals(ladder, findings);
        findings.sort(java.util.Comparator.comparing(f -> !f.danger()));
        return findings;
    }

    /** A coil pulls in from 85 % of what is printed on it, and stands 110 % (IEC 60947-4-1, from memory). */
    static boolean isFor(int given, int printed) {
        return given >= 0.85 * printed && given <= 1.1 * printed;
    }

    /** What seals one way in and not the other. */
    private static void seals(Ladder ladder, List<Finding> findings) {
        List<Part> turning = ladder.of(Kind.CONTACTOR).stream()
                .filter(p -> p.way().filter(w -> w != HandlePosition.OFF).isPresent())
                .toList();
        List<Part> sealed = turning.stream()
                .filter(p -> ladder.rung(p.name())
                        .filter(r -> r.touches().contains(new Touch(p.name(), false)))
                        .isPresent())
                .toList();
        if (!sealed.isEmpty() && ladder.of(Kind.RELAY).isEmpty()) {
            turning.stream()
                    .filter(p -> !sealed.contains(p))
                    .forEach(p -> findings.add(new Finding(false, Sentence.of("control.plain.notSealed", p.name()))));
        }
    }

    private static void load(ControlNet net, Paths paths, Part part, List<Finding> findings) {
        var load = net.load(part.name());
        if (load.isEmpty()) {
            findings.add(new Finding(true, Sentence.of("control.plain.noRung", part.name())));
            return;
        }
        List<Way> ways = paths.to(load.get().number()).stream()
                .filter(w -> !w.throughLoad())
                .toList();
        if (ways.isEmpty()) {
            findings.add(new Finding(true, Sentence.of("control.plain.noPath", part.name())));
            return;
        }
        if (ways.get(0).contacts().isEmpty()) {
            findings.add(new Finding(part.kind() == Kind.CONTACTOR, Sentence.of("control.plain.always", part.name())));
        }
        boolean drops = ways.stream()
                .allMatch(w -> w.contacts().stream().anyMatch(c -> {
                    Touch touch = net.contacts().get(c).touch();
                    return touch.part().equals(part.name()) && touch.normallyClosed();
                }));
        if (drops && part.kind().hasCoil()) {
            findings.add(new Finding(true, Sentence.of("control.plain.buzzes", part.name())));
        }
        boolean never = ways.stream()
                .allMatch(w -> w.contacts().stream().anyMatch(c -> {
                    Touch touch = net.contacts().get(c).touch();
                    return touch.part().equals(part.name()) && !touch.normallyClosed();
                }));
        if (never && part.kind().hasCoil()) {
            findings.add(new Finding(true, Sentence.of("control.plain.never", part.name())));
        }
    }

    private static List<String> titles(ControlNet net, BitSet contacts) {
        List<String> titles =
                contacts.stream().mapToObj(c -> net.contacts().get(c).title()).toList();
        return titles.isEmpty() ? List.of("a plain wire") : titles;
    }
}
