package gatepin.web.gate.gear;

import gatepin.core.Sentence;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Fact;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.Wishes;
import gatepin.core.plan.WorkingOrder;
import gatepin.web.ahead.AheadDesk;
import gatepin.web.lane.Act;
import gatepin.web.lane.Acts;
import gatepin.web.lane.Computing;
import gatepin.web.lane.Computing.Answer;
import gatepin.web.lane.EventStore;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Pins;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.plan.CarriedOver;
import gatepin.web.plan.PlanStore;
import gatepin.web.plan.PlanStore.ChosenPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person says of the switch and its wiring. */
@Service
public class SwitchDesk {
    private final Acts acts;
    private final JobStore jobs;
    private final SwitchStore switches;
    private final PartStore parts;
    private final PlanStore plans;
    private final Computing computing;
    private final Pins pins;
    private final EventStore events;
    private final AheadDesk ahead;

    SwitchDesk(
            Acts acts,
            JobStore jobs,
            SwitchStore switches,
            PartStore parts,
            PlanStore plans,
            Computing computing,
            Pins pins,
            EventStore events,
            AheadDesk ahead) {
        this.acts = acts;
        this.jobs = jobs;
        this.switches = switches;
        this.parts = parts;
        this.plans = plans;
        this.computing = computing;
        this.pins = pins;
        this.events = events;
        this.ahead = ahead;
    }

    /**
     * Chooses the switch.
     *
     * @throws StaleEdit when somebody chose another one after {@code version}
     * @throws IllegalArgumentException when the shop has no such switch
     */
    public List<Drop> choose(long jobId, int version, long switchId, String rating) {
        return acts.on(jobId, Seen.of(Parts.GEAR, version), act -> choose(act, switchId, rating));
    }

    /** Chooses the switch, as part of an act on it. */
    List<Change> choose(Act act, long switchId, String rating) {
        if (switches.devices(act.job().shopId()).stream().noneMatch(d -> d.id() == switchId)) {
            throw new IllegalArgumentException("this shop has no switch " + switchId);
        }
        jobs.setSwitch(act.job().id(), switchId, rating.strip());
        if (act.job().switchId().equals(Optional.of(switchId))) {
            return List.of();
        }
        SwitchKind kind = switches.kind(switchId);
        act.saved("log.switch", kind.name());
        return List.of(new Change(
                Fact.SWITCH,
                act.before()
                        .gear()
                        .map(old -> Sentence.of("change.switch", old.name(), kind.name()))
                        .orElse(Sentence.of("change.switch.chosen", kind.name()))));
    }

    /**
     * Saves what is asked of a plan besides.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public void wish(long jobId, int version, Wishes asked) {
        acts.on(jobId, Seen.of(Wishes.PART, version), act -> {
            parts.write(act.job(), Wishes.PART, asked);
            return List.of();
        });
    }

    /**
     * Chooses a plan by its key, among the plans for the job as it is while its row is held, and pulls the pin of its gate, with nobody
     * in between. Wires it has in common with the plan before stay ticked: they are made.
     *
     * @return whether the pin is out; empty where there is no plan of that key any more
     */
    Optional<Boolean> take(long jobId, String key) {
        try {
            return Optional.of(acts.together(jobId, () -> {
                acts.on(jobId, Seen.any(Parts.PLAN), act -> put(act, plan(act, key)));
                return pins.pull(jobId, Gate.SWITCH, "").isEmpty();
            }));
        } catch (StaleEdit gone) {
            return Optional.empty();
        }
    }

    /** Puts a plan that was worked out elsewhere into force; the pin stays in. */
    public void put(long jobId, Plan plan) {
        acts.on(jobId, Seen.any(Parts.PLAN), act -> put(act, plan));
    }

    private List<Change> put(Act act, Plan plan) {
        List<Change> changes = new ArrayList<>(take(act, plan));
        changes.addAll(ahead.usual(
                act, act.before().workup().standsAhead().asked(plan.cost().besideProtector())));
        return changes;
    }

    private Plan plan(Act act, String key) {
        Answer<Optional<PlanResult>> answer = computing.plans(act.before());
        return answer.value().flatMap(r -> r).map(PlanResult::plans).orElse(List.of()).stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new StaleEdit(Parts.PLAN));
    }

    private List<Change> take(Act act, Plan plan) {
        List<Wire> wires = WorkingOrder.of(plan);
        Optional<ChosenPlan> before = act.before().kept(ChosenPlan.class);
        if (before.map(p -> p.wires().equals(wires)).orElse(false)) {
            return List.of();
        }
        long planId = plans.add(act.job().id(), plan.cost(), wires);
        jobs.setPlan(act.job().id(), Optional.of(planId));
        act.saved("log.plan", plan.cost().name());
        CarriedOver.carry(events, act, wires);
        return List.of(new Change(Fact.PLAN, Sentence.of("change.plan")));
    }
}
