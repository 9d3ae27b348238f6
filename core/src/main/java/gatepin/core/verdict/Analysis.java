package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Networks;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.machine.RatedPoint;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A circuit analysed in all its states.
 *
 * @param circuit what was analysed
 * @param rated where the motor works as its plate says
 * @param settings what it does in each handle setting
 * @param verdicts what there is to say, the worst first
 */
public record Analysis(Circuit circuit, RatedPoint rated, Map<Setting, InSetting> settings, List<Verdict> verdicts) {

    /**
     * What happens in one setting.
     *
     * @param standstill at standstill, start switch closed
     * @param running at rated slip in the direction it starts in, start switch open; the plus direction where it does
     *     not start
     * @param protectorOpen at standstill with the protector open
     * @param way which way it starts
     * @param meter the ohmmeter with the plug pulled
     */
    public record InSetting(
            AcSolution standstill, AcSolution running, AcSolution protectorOpen, Way way, Ohmmeter meter) {}

    /** Which way a motor starts. */
    public enum Way {
        PLUS,
        MINUS,
        NONE;

        public Way opposite() {
            return this == PLUS ? MINUS : this == MINUS ? PLUS : NONE;
        }
    }

    /** A motor starts when its torque at standstill is more than this share of rated torque. */
    static final double STARTS = 0.03;

    public Analysis {
        settings = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(settings));
        verdicts = List.copyOf(verdicts);
    }

    /** Solves the wiring in every handle setting and state, and judges it. */
    public static Analysis of(Circuit circuit, RatedPoint rated) {
        Map<Setting, InSetting> settings = new LinkedHashMap<>();
        for (Setting setting : circuit.settings()) {
            settings.put(setting, solve(circuit, rated, setting));
        }
        return new Analysis(circuit, rated, settings, new Judge(circuit, rated).verdicts());
    }

    static InSetting solve(Circuit circuit, RatedPoint rated, Setting setting) {
        Judge.Solved solved = Judge.Solved.of(Networks.of(circuit), rated, setting);
        AcSolution protectorOpen =
                AcNetwork.of(circuit, new State(setting, true, false)).at(1);
        return new InSetting(
                solved.standstill(),
                solved.running(),
                protectorOpen,
                solved.way(),
                Ohmmeter.on(circuit, State.atRest(setting)));
    }

    static Way way(double torqueNm, RatedPoint rated) {
        if (Math.abs(torqueNm) < STARTS * rated.torqueNm()) {
            return Way.NONE;
        }
        return torqueNm > 0 ? Way.PLUS : Way.MINUS;
    }

    /** The same of a machine that is to turn one way only: that both positions turn it alike is as it should be. */
    public Analysis forOneWay() {
        List<Verdict> held = verdicts.stream()
                .map(v -> v.rule() == Rule.SAME_WAY ? Verdict.of(Rule.SAME_WAY, Severity.GOOD) : v)
                .sorted(Comparator.comparing(Verdict::severity).reversed().thenComparing(Verdict::rule))
                .toList();
        return held.equals(verdicts) ? this : new Analysis(circuit, rated, settings, held);
    }

    public InSetting in(Setting setting) {
        InSetting found = settings.get(setting);
        if (found == null) {
            throw new IllegalArgumentException("there is no setting " + setting.word() + " here");
        }
        return found;
    }

    /** The verdicts of one setting and those that hold for the wiring as a whole. */
    public List<Verdict> verdictsIn(Setting setting) {
        return verdicts.stream()
                .filter(v -> v.setting().map(p -> p.equals(setting)).orElse(true))
                .toList();
    }

    /** The worst there is. */
    public Severity worst() {
        return verdicts.stream()
                .map(Verdict::severity)
                .max(java.util.Comparator.naturalOrder())
                .orElse(Severity.GOOD);
    }
}
