package gatepin.web.gate.live;

import gatepin.core.Sentence;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.LiveSeen;
import gatepin.core.check.LiveStep.What;
import gatepin.core.check.WiringFault.EndsExchanged;
import gatepin.core.check.WrongWay;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Diagram;
import gatepin.core.job.Fact;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Change;
import gatepin.core.lane.Parts;
import gatepin.core.wire.Section;
import gatepin.web.check.CheckDesk;
import gatepin.web.lane.Acts;
import gatepin.web.lane.EventStore;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.plan.PlanStore;
import gatepin.web.plan.PlanStore.ChosenPlan;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What a person does about a machine that turns the wrong way. */
@Service
class LiveDesk {
    private final Acts acts;
    private final JobStore jobs;
    private final PlanStore plans;
    private final PartStore parts;
    private final EventStore events;

    LiveDesk(Acts acts, JobStore jobs, PlanStore plans, PartStore parts, EventStore events) {
        this.parts = parts;
        this.acts = acts;
        this.jobs = jobs;
        this.plans = plans;
        this.events = events;
    }

    /** Which two ends to exchange so that it turns the other way; empty where no single exchange does that. */
    static Optional<EndsExchanged> mend(JobFile file) {
        return file.workup()
                .once("wrongWay", () -> file.workup().checks().request().flatMap(WrongWay::mend));
    }

    /** The shaft was seen to turn another way than the diagram states. */
    private static boolean contradicts(JobFile file) {
        List<LiveSeen> seen = file.facts().checks().seen();
        return file.workup().checks().live().stream()
                .flatMap(l -> l.plan().steps().stream())
                .filter(e -> e.step().what() == What.TURNS && e.turn().isPresent())
                .anyMatch(e -> seen.stream()
                        .filter(s -> s.step().equals(e.step().key()))
                        .flatMap(s -> s.turn().stream())
                        .anyMatch(
                                t -> t.direction().isPresent() && t != e.turn().orElseThrow()));
    }

    /**
     * Exchanges the two ends in the plan: all other wires stay ticked, these two are to be made anew.
     *
     * @throws StaleEdit when the plan is another by now, or nothing can be exchanged
     */
    void exchange(long jobId, long planId) {
        acts.on(jobId, Seen.any(Parts.PLAN), act -> {
            ChosenPlan before = act.before()
                    .kept(ChosenPlan.class)
                    .filter(p -> p.id() == planId)
                    .orElseThrow(() -> new StaleEdit(Parts.PLAN));
            CheckRequest request =
                    act.before().workup().checks().request().orElseThrow(() -> new StaleEdit(Parts.PLAN));
            EndsExchanged mend = mend(act.before()).orElseThrow(() -> new StaleEdit(Parts.PLAN));
            List<Wire> wires = mend.applyTo(request.circuit()).wires();
            long id = plans.add(jobId, before.cost(), wires);
            events.onlyMade(
                    act,
                    Section.GEAR,
                    before.wires().stream()
                            .filter(wires::contains)
                            .map(Wire::key)
                            .collect(Collectors.toSet()));
            jobs.setPlan(jobId, Optional.of(id));
            // the bump wins over the diagram: what it states of its direction is the other way round from now on
            act.before()
                    .column()
                    .filter(c -> c.rotation().isStated()
                            && !CheckDesk.isSimulated(act.before())
                            && contradicts(act.before()))
                    .ifPresent(c -> parts.write(
                            act.job(),
                            Diagram.PART,
                            act.before().facts().diagram().turned(c.rotation().direction())));
            List<Terminal> ends = mend.places(request.circuit());
            act.at(Gate.LIVE)
                    .saved("log.exchanged", ends.get(0).mark(), ends.get(1).mark());
            return List.of(new Change(
                    Fact.WIRES,
                    Sentence.of(
                            "change.exchanged", ends.get(0).mark(), ends.get(1).mark())));
        });
    }
}
