package gatepin.core.lane;

import gatepin.core.check.CheckRecord;
import gatepin.core.check.Meter;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Wire;
import gatepin.core.control.LadderText;
import gatepin.core.diagram.Column;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.paper.Paper;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.PanelRun;
import gatepin.core.wire.CableLengths;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** The marks of what a job's papers show. */
final class PaperMark {
    private static final int BYTES = 12;

    private PaperMark() {}

    /** All that a paper shows. */
    static String of(Workup workup, Paper paper) {
        Facts facts = workup.facts();
        List<Object> shown = new ArrayList<>(everywhere(workup));
        // only where there is one: papers that were taken before there were contactors stay true
        facts.control().ifPresent(c -> shown.add(LadderText.write(c.ladder())));
        facts.ahead().ifPresent(a -> shown.add(new TreeMap<>(a.chosen())));
        StatedRotation written = facts.motor().column().map(Column::rotation).orElse(StatedRotation.NOT_STATED);
        StatedRotation wired = workup.turning().turns(HandlePosition.FORWARD);
        if (!wired.seenFrom(written.seenFrom()).equals(written)) {
            shown.add(wired);
        }
        // these two said or not: papers that were taken before there were parts stay true
        if (CableLengths.PART.isShownOn(paper)) {
            shown.add(facts.cables());
        }
        if (PanelRun.PART.isShownOn(paper)) {
            shown.add(facts.run());
        }
        Parts.all().stream()
                .filter(p -> p.isShownOn(paper) && p != CableLengths.PART && p != PanelRun.PART)
                .forEach(p -> facts.kept().find(p).ifPresent(shown::add));
        if (paper == Paper.CHECKS || paper == Paper.SHEET) {
            // whose meter it is stands for no reading
            shown.add(new CheckRecord(Meter.USUAL, facts.checks().entries()));
            Done done = facts.gear().done();
            facts.control()
                    .filter(c -> !done.readsOf(Section.CONTROL).isEmpty())
                    .ifPresent(c -> shown.add(done.readsOf(Section.CONTROL)));
            facts.ahead().ifPresent(a -> shown.add(done.readsOf(Section.AHEAD)));
            shown.add(Arrays.stream(Gate.values())
                    .filter(g -> g != Gate.HANDOVER)
                    .map(g -> facts.lane().pin(g))
                    .toList());
        }
        return digest(shown.stream().map(String::valueOf).collect(Collectors.joining("\n")));
    }

    /** Wires, leads, supply, switch, the names of the two ways, and what isolates it. */
    private static List<Object> everywhere(Workup workup) {
        Facts facts = workup.facts();
        return List.of(
                workup.checks().circuit().map(Circuit::wires).stream()
                        .flatMap(w -> w.stream().map(PaperMark::wire))
                        .toList(),
                facts.motor().leads(),
                workup.supply(),
                facts.gear().kind().map(SwitchKind::name),
                workup.turning().ways(),
                facts.motor().column().map(Column::rotation).orElse(StatedRotation.NOT_STATED),
                facts.papers().isolator());
    }

    private static String digest(String shown) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(shown.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private static String wire(Wire wire) {
        return wire.from().id() + "-" + wire.to().id() + "/" + wire.run();
    }
}
