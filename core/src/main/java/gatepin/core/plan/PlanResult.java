package gatepin.core.plan;

import java.util.List;

/**
 * The outcome of a plan search, which is complete: what is not listed is no better, and an empty list is a proof.
 *
 * @param plans plans none of which is worse than another in every figure, best first
 * @param arrangements how many ways of landing were looked at
 * @param hindrance what stood in the way where no plan was found
 */
public record PlanResult(List<Plan> plans, long arrangements, Hindrance hindrance) {
    /** How far a search got that found no plan. */
    public enum Hindrance {
        /** Plans were found. */
        NONE,
        /** No landing gives the forward connection in one position and the reverse connection in the other. */
        BOTH_WAYS_IMPOSSIBLE,
        /** Both ways can be had, but then current flows in OFF, too. */
        NO_OFF
    }

    public PlanResult {
        plans = List.copyOf(plans);
    }
}
