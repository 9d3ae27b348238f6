package gatepin.web.plan;

import gatepin.core.Sentence;
import gatepin.core.circuit.Wire;
import gatepin.core.job.Gate;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import gatepin.web.lane.Act;
import gatepin.web.lane.EventStore;
import gatepin.web.plan.PlanStore.ChosenPlan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What is made already when another plan is taken. */
public final class CarriedOver {
    private CarriedOver() {}

    /** What was made by the plan before and stands in this one as well stays made; what has to come out goes into the log. */
    public static void carry(EventStore events, Act act, List<Wire> wires) {
        List<Wire> before =
                act.before().kept(ChosenPlan.class).map(ChosenPlan::wires).orElse(List.of());
        Done done = act.before().facts().gear().done();
        Set<String> stay = new HashSet<>();
        List<Sentence> comeOut = new ArrayList<>();
        for (Wire wire : before) {
            if (done.isMade(Section.GEAR, wire.key())) {
                if (wires.contains(wire)) {
                    stay.add(wire.key());
                } else {
                    comeOut.add(Sentence.of(
                            "log.comeOut.wire", wire.from().label(), wire.to().label()));
                }
            }
        }
        events.onlyMade(act, Section.GEAR, stay);
        if (!comeOut.isEmpty()) {
            act.at(Gate.WIRE).saved("log.comeOut", comeOut);
        }
    }
}
