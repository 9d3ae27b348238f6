package gatepin.core.plan;

import gatepin.core.Sentence;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a plan costs; less is better in every figure. Plans are compared figure by figure, safety first, then copper; whether the
 * diagram shows the connection comes last.
 *
 * @param hotLeadsInOff motor leads joined to a hot line in OFF, directly or through windings
 * @param hotLinesUnbroken hot lines that stay on the motor in OFF
 * @param neutralSwitched 1 where the switch opens a neutral, which it should leave alone; otherwise 0
 * @param besideProtector directions in which some current passes beside the motor's own protector
 * @param beyondDiagram directions in which the motor is not joined as its diagram shows, but as the engine finds as good
 * @param conductors conductors between motor box and switch box, ground not counted
 * @param jumpers jumpers between terminals of the switch
 * @param mostOnOneTerminal the most wires that share one terminal
 */
public record PlanCost(
        int hotLeadsInOff,
        int hotLinesUnbroken,
        int neutralSwitched,
        int besideProtector,
        int beyondDiagram,
        int conductors,
        int jumpers,
        int mostOnOneTerminal)
        implements Comparable<PlanCost> {
    private static final Comparator<PlanCost> ORDER = Comparator.comparingInt(PlanCost::hotLeadsInOff)
            .thenComparingInt(PlanCost::hotLinesUnbroken)
            .thenComparingInt(PlanCost::neutralSwitched)
            .thenComparingInt(PlanCost::besideProtector)
            .thenComparingInt(PlanCost::conductors)
            .thenComparingInt(PlanCost::jumpers)
            .thenComparingInt(PlanCost::mostOnOneTerminal)
            .thenComparingInt(PlanCost::beyondDiagram);

    /**
     * What a wiring costs that nobody planned.
     *
     * @param besideProtector directions in which some current passes beside the motor's own protector
     */
    public static PlanCost of(Circuit circuit, int besideProtector) {
        Optional<Setting> off = circuit.settings().stream()
                .filter(s -> s.purpose() == Setting.Purpose.OFF)
                .findFirst();
        Optional<Carrying> flow = off.map(o -> Carrying.of(circuit, o));
        List<Terminal> lines = List.of(Terminal.L1, Terminal.L2);
        int unbroken = (int) lines.stream()
                .filter(circuit.supply()::isHot)
                .filter(l -> flow.map(f -> !f.isBroken(l)).orElse(false))
                .count();
        boolean neutral = !circuit.supply().isHot(Terminal.L2)
                && flow.map(f -> f.isBroken(Terminal.L2)).orElse(false);
        int most = circuit.terminals().stream()
                .mapToInt(t ->
                        (int) circuit.wires().stream().filter(w -> w.lands(t)).count())
                .max()
                .orElse(0);
        return new PlanCost(
                flow.map(f -> f.hotLeads().size()).orElse(0),
                unbroken,
                neutral ? 1 : 0,
                besideProtector,
                0,
                count(circuit, Wire.Run.MOTOR_CABLE),
                count(circuit, Wire.Run.SWITCH_BOX),
                most);
    }

    private static int count(Circuit circuit, Wire.Run run) {
        return (int) circuit.wires().stream()
                .filter(w -> w.run() == run && !w.isGround())
                .count();
    }

    /** What a plan is called: by what it takes. */
    public Sentence name() {

        return Sentence.of("plan.name", conductors, jumpers);
    }

    /** The same with other figures of the switch alone. */
    PlanCost with(int otherJumpers, int otherMost) {
        return new PlanCost(
                hotLeadsInOff,
                hotLinesUnbroken,
                neutralSwitched,
                besideProtector,
                beyondDiagram,
                conductors,
                otherJumpers,
                otherMost);
    }

    /** No figure is worse and at least one is better. */
    public boolean dominates(PlanCost other) {
        return !equals(other) && isNoWorseThan(other);
    }

    /** No figure is worse. */
    boolean isNoWorseThan(PlanCost other) {
        return hotLeadsInOff <= other.hotLeadsInOff
                && hotLinesUnbroken <= other.hotLinesUnbroken
                && neutralSwitched <= other.neutralSwitched
                && besideProtector <= other.besideProtector
                && beyondDiagram <= other.beyondDiagram
                && conductors <= other.conductors
                && jumpers <= other.jumpers
                && mostOnOneTerminal <= other.mostOnOneTerminal;
    }

    @Override
    public int compareTo(PlanCost other) {
        return ORDER.compare(this, other);
    }
}
