package gatepin.bench;

import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.ConstraintPlanner;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanCost;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.Planner;
import gatepin.core.plan.SampleMotors;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Compares the planner's best plan with what a general constraint solver proves to be the least, for every motor on every
 * chart of the library, and prints both times: {@code java -cp ... gatepin.bench.SecondOpinion}. The solver takes minutes
 * on twelve terminals.
 */
public final class SecondOpinion {
    private SecondOpinion() {}

    /** Runs all pairs whose names contain the first argument, if there is one; ends with 1 where the two differ. */
    public static void main(String[] arguments) {
        boolean agree = true;
        for (SampleMotors motor : SampleMotors.ALL) {
            Set<List<Object>> seen = new HashSet<>();
            for (SwitchKind kind : SwitchKind.ALL) {
                String name = motor + " on " + kind.key();
                boolean wanted = arguments.length == 0 || name.contains(arguments[0]);
                // a handle that springs back has the chart of one that stays
                if (wanted && seen.add(List.of(kind.chart(), kind.hasOff()))) {
                    agree &= compare(name, motor.on(kind));
                }
            }
        }
        System.exit(agree ? 0 : 1);
    }

    private static boolean compare(String name, PlanRequest request) {
        Planner.search(request);
        long start = System.nanoTime();
        Optional<PlanCost> best =
                Planner.search(request).plans().stream().map(Plan::cost).findFirst();
        long planned = System.nanoTime();
        Optional<PlanCost> opinion = ConstraintPlanner.best(request);
        long solved = System.nanoTime();
        boolean same = best.equals(opinion);
        System.out.printf(
                Locale.ROOT,
                "%-48s %s  planner %8.1f ms, solver %10.1f ms%n",
                name,
                same ? "agree " : "DIFFER",
                (planned - start) / 1e6,
                (solved - planned) / 1e6);
        return same;
    }
}
