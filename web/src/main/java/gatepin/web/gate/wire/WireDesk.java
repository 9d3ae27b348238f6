package gatepin.web.gate.wire;

import gatepin.core.Sentence;
import gatepin.core.circuit.Wire;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.lane.Parts;
import gatepin.core.wire.CableLengths;
import gatepin.web.check.CheckDesk;
import gatepin.web.lane.Acts;
import gatepin.web.lane.LogStore.Kind;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.plan.PlanStore;
import gatepin.web.plan.PlanStore.ChosenPlan;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person does to the wires of a plan. */
@Service
public class WireDesk {
    private final Acts acts;
    private final PlanStore plans;
    private final PartStore parts;
    private final CheckDesk checks;

    WireDesk(Acts acts, PlanStore plans, PartStore parts, CheckDesk checks) {
        this.checks = checks;
        this.acts = acts;
        this.plans = plans;
        this.parts = parts;
    }

    /**
     * Ticks a wire, or takes the tick back. Ticking twice does no harm.
     *
     * @param planId the plan the person has on the screen
     * @throws StaleEdit when the job has another plan by now
     */
    public ChosenPlan tick(long jobId, long planId, long wireId, boolean made) {
        acts.on(jobId, Seen.any(Parts.WIRES), act -> {
            if (!act.job().planId().equals(Optional.of(planId))) {
                throw new StaleEdit(Parts.PLAN);
            }
            if (!plans.mark(planId, wireId, made, act.person())) {
                return List.of();
            }
            Wire wire = plans.plan(planId).orElseThrow().wires().stream()
                    .filter(w -> w.id() == wireId)
                    .findFirst()
                    .orElseThrow()
                    .wire();
            String from = wire.from().label();
            String to = wire.to().label();
            act.note(made ? Kind.MADE : Kind.UNMADE, Sentence.of(made ? "log.made" : "log.unmade", from, to));
            if (!made) {
                checks.wireTakenBack(act);
            }
            return made ? List.of() : List.of(new Change(Fact.WIRES, Sentence.of("change.unmade", from, to)));
        });
        return plans.plan(planId).orElseThrow();
    }

    /**
     * Saves how long the cables are.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    void lengths(long jobId, int version, CableLengths lengths) {
        acts.on(jobId, Seen.of(CableLengths.PART, version), act -> {
            parts.write(act.job(), CableLengths.PART, lengths);
            return List.of();
        });
    }
}
