package gatepin.core.plan;

import java.util.Map;
import java.util.TreeMap;

/** The plans found so far of which none is worse than another in every figure, the best first. */
final class Front {
    private final Map<PlanCost, Found> found = new TreeMap<>();
    private final boolean anyWillDo;

    /** A front of all that is worth having. */
    Front() {
        this(false);
    }

    private Front(boolean anyWillDo) {
        this.anyWillDo = anyWillDo;
    }

    /** One that is content with the first plan there is. */
    static Front ofAny() {
        return new Front(true);
    }

    /** How leads and lines are bundled, and where the bundles land. */
    record Found(Landing landing, Bundling bundling) {}

    Map<PlanCost, Found> found() {
        return found;
    }

    boolean isEmpty() {
        return found.isEmpty();
    }

    /** Some plan here is no worse than this in any figure. */
    boolean isNoWorseThan(PlanCost cost) {
        for (PlanCost known : found.keySet()) {
            if (anyWillDo || known.isNoWorseThan(cost)) {
                return true;
            }
        }
        return false;
    }

    /** Some plan here is no worse than this in any figure, and better in one. */
    boolean isBetterThan(PlanCost cost) {
        for (PlanCost known : found.keySet()) {
            if (anyWillDo || known.dominates(cost)) {
                return true;
            }
        }
        return false;
    }

    /** Takes a plan in, unless one here is no worse; of one bundling's equals the tidier stays. */
    void keep(PlanCost cost, Landing landing, Bundling bundling) {
        Found known = found.get(cost);
        if (known != null) {
            if (known.bundling() == bundling
                    && landing.untidiness() < known.landing().untidiness()) {
                found.put(cost, new Found(landing, bundling));
            }
        } else if (!isNoWorseThan(cost)) {
            found.keySet().removeIf(cost::dominates);
            found.put(cost, new Found(landing, bundling));
        }
    }
}
