package gatepin.core.plan;

import java.util.Comparator;

/**
 * What a plan costs; less is better in every figure. Plans are compared figure by figure in the order given here:
 * safety first, then copper.
 *
 * @param hotLeadsInOff motor leads joined to a hot line in OFF, directly or through windings
 * @param hotLinesUnbroken hot lines that stay on the motor in OFF
 * @param neutralSwitched 1 where the switch opens a neutral, which it should leave alone; otherwise 0
 * @param conductors conductors between motor box and switch box, ground not counted
 * @param jumpers jumpers between terminals of the switch
 * @param mostOnOneTerminal the most wires that share one terminal
 */
public record PlanCost(
        int hotLeadsInOff,
        int hotLinesUnbroken,
        int neutralSwitched,
        int conductors,
        int jumpers,
        int mostOnOneTerminal)
        implements Comparable<PlanCost> {
    private static final Comparator<PlanCost> ORDER = Comparator.comparingInt(PlanCost::hotLeadsInOff)
            .thenComparingInt(PlanCost::hotLinesUnbroken)
            .thenComparingInt(PlanCost::neutralSwitched)
            .thenComparingInt(PlanCost::conductors)
            .thenComparingInt(PlanCost::jumpers)
            .thenComparingInt(PlanCost::mostOnOneTerminal);

    /** No figure is worse and at least one is better. */
    public boolean dominates(PlanCost other) {
        return !equals(other)
                && hotLeadsInOff <= other.hotLeadsInOff
                && hotLinesUnbroken <= other.hotLinesUnbroken
                && neutralSwitched <= other.neutralSwitched
                && conductors <= other.conductors
                && jumpers <= other.jumpers
                && mostOnOneTerminal <= other.mostOnOneTerminal;
    }

    @Override
    public int compareTo(PlanCost other) {
        return ORDER.compare(this, other);
    }
}
