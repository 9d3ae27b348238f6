package gatepin.core.plan;

import java.util.List;

/**
 * The outcome of a plan search, which is complete: what is not listed is no better, and an empty list is a proof.
 *
 * @param plans plans none of which is worse than another in every figure, best first
 * @param arrangements how many ways of filling the switch, whole or in part, were looked at
 * @param hindrance what stood in the way where no plan was found
 * @param asksTooMuch the wishes of which any one left out would give a plan; empty where no wish stands in the way, or only
 *     several together do
 */
public record PlanResult(List<Plan> plans, long arrangements, Hindrance hindrance, List<String> asksTooMuch) {
    /** How far a search got that found no plan. */
    public enum Hindrance {
        /** Plans were found. */
        NONE,
        /** No landing runs the motor forward in one position and in reverse in the other. */
        BOTH_WAYS_IMPOSSIBLE,
        /** No way of joining its leads starts this motor the other way, whatever switch there is. */
        MOTOR_TURNS_ONE_WAY,
        /** Both ways can be had, but then current flows in OFF, too. */
        NO_OFF,
        /** There are plans, but none with all that is wished. */
        WISHES,
        /** Looking for what stood in the way took too long. */
        NOT_FOUND_OUT
    }

    public PlanResult {
        plans = List.copyOf(plans);
        asksTooMuch = List.copyOf(asksTooMuch);
    }
}
