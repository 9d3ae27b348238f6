package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Networks;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.stream.Stream;

/** What is alive, and what flows, in a setting that should be OFF. */
final class OffJudge {
    private final Networks networks;
    private final Circuit stiff;
    private final Setting off;
    private final Carrying carrying;

    OffJudge(Networks networks, Setting off) {
        this.networks = networks;
        this.stiff = networks.circuit();
        this.off = off;
        this.carrying = Carrying.of(networks, off);
    }

    /** What hands touch at motor and capacitors and is hot: leads, tags, and splices between them. */
    private SortedSet<Terminal> hotParts() {
        SortedSet<Terminal> hot = carrying.hotLeads();
        stiff.terminals().stream()
                .filter(t -> t.is(Type.CAPACITOR) || t.is(Type.SPLICE))
                .filter(carrying::isHot)
                .filter(t -> t.is(Type.CAPACITOR) || hot.isEmpty())
                .forEach(hot::add);
        return hot;
    }

    /**
     * @param faulty there is a short or a live frame in some setting: nothing good is said then
     */
    List<Verdict> verdicts(boolean faulty) {
        List<Verdict> verdicts = new ArrayList<>();
        if (carrying.isShort()) {
            return verdicts;
        }
        if (!carrying.nothingFlows()) {
            double amps = networks.atRest(off).lineAmps();
            verdicts.add(Verdict.of(Rule.RUNS_IN_OFF, Severity.DANGER).in(off).reading(amps, 0));
        }
        SortedSet<Terminal> hot = hotParts();
        List<Terminal> on = Stream.of(Terminal.L1, Terminal.L2)
                .filter(l -> !carrying.isBroken(l))
                .toList();
        List<Terminal> hotOn = on.stream().filter(l -> stiff.supply().isHot(l)).toList();
        if (!hot.isEmpty()) {
            verdicts.add(Verdict.of(Rule.HOT_IN_OFF, Severity.WARN)
                    .in(off)
                    .at(List.copyOf(hot))
                    .along(hotOn)
                    .reading(hot.stream().mapToDouble(carrying::volts).max().orElse(0), 0));
        } else if (!faulty && carrying.nothingFlows()) {
            verdicts.add(Verdict.of(Rule.DEAD_IN_OFF, Severity.GOOD).in(off));
        }
        if (!hotOn.isEmpty()) {
            verdicts.add(Verdict.of(Rule.LINE_NOT_BROKEN, Severity.WARN)
                    .in(off)
                    .at(hotOn)
                    .reading(hotOn.size(), 0));
        }
        boolean neutralUsed = stiff.wires().stream().anyMatch(w -> w.lands(Terminal.L2));
        if (stiff.supply().kind() == Supply.Kind.HOT_AND_NEUTRAL && !on.contains(Terminal.L2) && neutralUsed) {
            verdicts.add((hotOn.isEmpty()
                            ? Verdict.of(Rule.NEUTRAL_SWITCHED_TOO, Severity.WARN)
                            : Verdict.of(Rule.NEUTRAL_ALONE_SWITCHED, Severity.DANGER))
                    .in(off)
                    .at(List.of(Terminal.L2)));
        }
        return verdicts;
    }
}
