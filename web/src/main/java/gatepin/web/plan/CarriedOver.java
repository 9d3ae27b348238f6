package gatepin.web.plan;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.web.lane.Act;
import gatepin.web.plan.PlanStore.ChosenPlan;
import gatepin.web.plan.PlanStore.PlannedWire;
import java.util.ArrayList;
import java.util.List;

/** What is made already when another plan is taken. */
public final class CarriedOver {
    private CarriedOver() {}

    /** Ticks in a plan what was made by the plan before and stands in both; what has to come out goes into the log. */
    public static void carry(PlanStore plans, Act act, ChosenPlan old, long planId) {
        ChosenPlan chosen = plans.plan(planId).orElseThrow();
        List<Sentence> comeOut = new ArrayList<>();
        for (PlannedWire made : old.wires()) {
            if (made.isMade()) {
                chosen.wires().stream()
                        .filter(w -> w.wire().equals(made.wire()))
                        .findFirst()
                        .ifPresentOrElse(
                                w -> plans.mark(planId, w.id(), true, act.person()),
                                () -> comeOut.add(Sentence.of(
                                        "log.comeOut.wire",
                                        made.wire().from().label(),
                                        made.wire().to().label())));
            }
        }
        if (!comeOut.isEmpty()) {
            act.at(Gate.WIRE).saved("log.comeOut", comeOut);
        }
    }
}
