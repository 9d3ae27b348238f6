package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.AcrossTheLines;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Networks;
import gatepin.core.circuit.Protection;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Setting.Purpose;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.machine.MotorValues;
import gatepin.core.machine.Normal;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Judges a circuit. A connection is judged as on a stiff supply, so that a long cable does not hide or fake a wrong one; what the
 * cable leaves is said apart.
 */
final class Judge {
    private final Circuit circuit;
    private final Networks networks;
    private final Networks stiff;
    /** The same without what only corrects the power factor: what the motor itself takes. */
    private final Networks uncorrected;

    private final RatedPoint rated;
    private final Normal usual;
    private final Map<Setting, Solved> solved = new LinkedHashMap<>();
    private final List<Verdict> verdicts = new ArrayList<>();

    Judge(Circuit circuit, RatedPoint rated) {
        this(circuit, rated, Normal.of(circuit.behind(Feeder.STIFF), rated));
    }

    /** Judges a circuit by what its motor gets where everything is sound. */
    Judge(Circuit circuit, RatedPoint rated, Normal usual) {
        this.circuit = circuit;
        this.rated = rated;
        this.networks = Networks.of(circuit);
        this.stiff = circuit.feeder().equals(Feeder.STIFF) ? networks : Networks.of(circuit.behind(Feeder.STIFF));
        this.usual = usual;
        Set<String> correcting = new HashSet<>(AcrossTheLines.capacitors(circuit));
        circuit.capacitors().stream().filter(usual::isOfStartBranch).forEach(c -> correcting.remove(c.name()));
        this.uncorrected =
                correcting.isEmpty() ? stiff : Networks.of(stiff.circuit().withoutCapacitors(correcting));
        for (Setting setting : circuit.settings()) {
            solved.put(setting, Solved.of(stiff, rated, setting));
        }
    }

    /**
     * A setting solved.
     *
     * @param standstill at standstill, start switch closed
     * @param running at rated slip in the direction it starts in, start switch open
     * @param way which way it starts
     */
    record Solved(AcSolution standstill, AcSolution running, Way way) {
        static Solved of(Networks networks, RatedPoint rated, Setting setting) {
            AcSolution standstill = networks.atRest(setting);
            Way way = Analysis.way(standstill.torqueNm(), rated);
            return new Solved(
                    standstill,
                    networks.in(State.atSpeed(setting)).at(way == Way.MINUS ? 2 - rated.slip() : rated.slip()),
                    way);
        }
    }

    List<Verdict> verdicts() {
        FaultJudge faults = new FaultJudge(networks, stiff);
        for (Setting setting : circuit.settings()) {
            if (setting.purpose() == Purpose.NEVER) {
                interlock(setting);
                continue;
            }
            verdicts.addAll(faults.in(setting));
            if (setting.isMeantToRun() && !faults.isShort(setting)) {
                verdicts.addAll(
                        new RunJudge(networks, stiff, uncorrected, rated, usual, setting, in(setting)).verdicts());
            }
        }
        verdicts.addAll(faults.frames());
        direction();
        boolean faulty = verdicts.stream()
                .anyMatch(v -> v.rule() == Rule.SHORT || v.rule() == Rule.EARTH_FAULT || v.rule() == Rule.FRAME_LIVE);
        for (Setting setting : circuit.settings()) {
            if (setting.purpose() == Purpose.OFF) {
                verdicts.addAll(new OffJudge(stiff, setting).verdicts(faulty));
            }
        }
        if (circuit.motor().coils().stream().anyMatch(c -> c.name().equals(MotorValues.START_INSIDE))) {
            verdicts.add(Verdict.of(Rule.START_INSIDE, Severity.WARN));
        }
        protector(faulty);
        boolean sound = !faulty && verdicts.stream().noneMatch(v -> v.severity() == Severity.DANGER);
        verdicts.addAll(new OverloadJudge(uncorrected, solved).verdicts(sound));
        frequency();
        verdicts.sort(Comparator.comparing(Verdict::severity).reversed().thenComparing(Verdict::rule));
        return verdicts;
    }

    /** Which way the motor starts in each setting that there is, on a stiff supply. */
    Map<Setting, Way> ways() {
        Map<Setting, Way> ways = new LinkedHashMap<>();
        solved.forEach((setting, in) -> ways.put(setting, in.way()));
        return ways;
    }

    private Solved in(Setting setting) {
        Solved found = solved.get(setting);
        if (found == null) {
            throw new IllegalStateException("every setting is solved");
        }
        return found;
    }

    private void interlock(Setting setting) {
        if (in(setting).standstill().nodes().same(Terminal.L1, Terminal.L2)) {
            double amps = networks.atRest(setting).lineAmps();
            verdicts.add(Verdict.of(Rule.NEEDS_INTERLOCK, Severity.WARN)
                    .in(setting)
                    .at(List.of(Terminal.L1, Terminal.L2))
                    .along(Joints.path(circuit, setting, Terminal.L1, Terminal.L2))
                    .reading(amps, 0));
        }
    }

    /** Every setting for one way turns that way, and every one for the other way turns the other. */
    private void direction() {
        List<Setting> forward = starting(Purpose.FORWARD);
        List<Setting> reverse = starting(Purpose.REVERSE);
        boolean differ = differ(forward) | differ(reverse);
        if (forward.isEmpty() || reverse.isEmpty() || differ) {
            return;
        }
        boolean same = in(forward.get(0)).way() == in(reverse.get(0)).way();
        verdicts.add(same ? Verdict.of(Rule.SAME_WAY, Severity.DANGER) : Verdict.of(Rule.REVERSES, Severity.GOOD));
    }

    /** The settings for a way in which it starts, on the supply as it is. */
    private List<Setting> starting(Purpose purpose) {
        return circuit.settings().stream()
                .filter(s -> s.purpose() == purpose && in(s).way() != Way.NONE)
                .filter(s -> Analysis.way(networks.atRest(s).torqueNm(), rated) != Way.NONE)
                .toList();
    }

    private boolean differ(List<Setting> oneWay) {
        List<Setting> other = oneWay.stream()
                .filter(s -> in(s).way() != in(oneWay.get(0)).way())
                .toList();
        other.forEach(s -> verdicts.add(Verdict.of(Rule.WAYS_DIFFER, Severity.DANGER)
                .in(s)
                .about(oneWay.get(0).title())));
        return !other.isEmpty();
    }

    /**
     * By what still flows once it is open. Run current past it is a danger; start current alone past it is the price of some
     * plans with few conductors, for which an external overload makes up.
     */
    private void protector(boolean faulty) {
        List<InnerContact> protectors = circuit.motor().contacts().stream()
                .filter(c -> c.kind() == Kind.PROTECTOR)
                .toList();
        if (protectors.isEmpty()) {
            return;
        }
        List<Terminal> leads = protectors.stream()
                .flatMap(c -> Stream.of(c.a(), c.b()))
                .filter(circuit.motor().leads()::contains)
                .distinct()
                .toList();
        boolean whole = true;
        boolean anyFlows = false;
        double hot = 0;
        for (Setting setting : circuit.settings()) {
            if (!setting.isMeantToRun() || in(setting).standstill().nodes().same(Terminal.L1, Terminal.L2)) {
                continue;
            }
            Protection protection =
                    Protection.of(uncorrected, setting, in(setting).running().slip());
            anyFlows |= protection.flowing() > Carrying.NOTHING_AMPS;
            if (!protection.isWhole()) {
                whole = false;
                verdicts.add(Verdict.of(Rule.PROTECTOR_BYPASSED, protection.runLeft() ? Severity.DANGER : Severity.WARN)
                        .in(setting)
                        .at(leads)
                        .reading(protection.leftAmps(), protection.flowing()));
            } else if (Protection.isInNeutral(uncorrected, setting)) {
                hot = Math.max(hot, Protection.voltsOnceOpen(uncorrected, setting));
            }
        }
        boolean sound = !faulty && verdicts.stream().noneMatch(v -> v.severity() == Severity.DANGER);
        if (!whole || !anyFlows) {
            return;
        }
        if (hot > 0) {
            verdicts.add(Verdict.of(Rule.PROTECTOR_IN_NEUTRAL, Severity.WARN)
                    .at(leads)
                    .reading(hot, 0));
        } else if (sound) {
            verdicts.add(Verdict.of(Rule.PROTECTED, Severity.GOOD).at(leads));
        }
    }

    private void frequency() {
        double hertz = circuit.motor().rotor().ratedHertz();
        if (hertz != circuit.supply().hertz()) {
            verdicts.add(Verdict.of(Rule.WRONG_FREQUENCY, Severity.WARN)
                    .reading(circuit.supply().hertz(), hertz));
        }
    }
}
