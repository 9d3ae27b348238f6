package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.State;
import gatepin.core.circuit.WiredMotor;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A wiring analysed in all its states.
 *
 * @param wired what was analysed
 * @param rated where the motor works as its plate says
 * @param positions what it does in each handle position
 * @param verdicts what there is to say, the worst first
 */
public record Analysis(
        WiredMotor wired, RatedPoint rated, Map<HandlePosition, InPosition> positions, List<Verdict> verdicts) {

    /**
     * What happens in one handle position.
     *
     * @param standstill at standstill, start switch closed
     * @param running at rated slip in the direction it starts in, start switch open; the plus direction where it does
     *     not start
     * @param protectorOpen at standstill with the protector open
     * @param way which way it starts
     * @param meter the ohmmeter with the plug pulled
     */
    public record InPosition(
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
        positions = java.util.Collections.unmodifiableMap(new EnumMap<>(positions));
        verdicts = List.copyOf(verdicts);
    }

    /** Solves the wiring in every handle position and state, and judges it. */
    public static Analysis of(WiredMotor wired, RatedPoint rated) {
        Map<HandlePosition, InPosition> positions = new EnumMap<>(HandlePosition.class);
        for (HandlePosition position : positionsOf(wired)) {
            positions.put(position, solve(wired, rated, position));
        }
        return new Analysis(wired, rated, positions, new Judge(wired, rated).verdicts());
    }

    /** The positions there are: all three, or FORWARD alone where the motor hangs on the supply without a switch. */
    static List<HandlePosition> positionsOf(WiredMotor wired) {
        return wired.chart().terminals().isEmpty() ? List.of(HandlePosition.FORWARD) : List.of(HandlePosition.values());
    }

    static InPosition solve(WiredMotor wired, RatedPoint rated, HandlePosition position) {
        AcSolution standstill = AcNetwork.of(wired, State.atRest(position)).at(1);
        Way way = way(standstill.torqueNm(), rated);
        AcSolution running =
                AcNetwork.of(wired, State.atSpeed(position)).at(way == Way.MINUS ? 2 - rated.slip() : rated.slip());
        AcSolution protectorOpen =
                AcNetwork.of(wired, new State(position, true, false)).at(1);
        return new InPosition(standstill, running, protectorOpen, way, Ohmmeter.on(wired, State.atRest(position)));
    }

    static Way way(double torqueNm, RatedPoint rated) {
        if (Math.abs(torqueNm) < STARTS * rated.torqueNm()) {
            return Way.NONE;
        }
        return torqueNm > 0 ? Way.PLUS : Way.MINUS;
    }

    public InPosition in(HandlePosition position) {
        InPosition found = positions.get(position);
        if (found == null) {
            throw new IllegalArgumentException("there is no switch, and so no position " + position);
        }
        return found;
    }

    /** The verdicts of one position and those that hold for the wiring as a whole. */
    public List<Verdict> verdictsIn(HandlePosition position) {
        return verdicts.stream()
                .filter(v -> v.position().map(p -> p == position).orElse(true))
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
