package gatepin.web.bench;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.Sentence;
import gatepin.core.bench.HandWiring;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Diagram;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Facts.WirePlan;
import gatepin.core.lane.Parts;
import gatepin.core.lane.StandsAhead;
import gatepin.core.plan.PlanCost;
import gatepin.core.plan.WorkingOrder;
import gatepin.web.ahead.AheadDesk;
import gatepin.web.bench.BenchStore.Copy;
import gatepin.web.lane.Acts;
import gatepin.web.lane.EventStore;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.plan.CarriedOver;
import gatepin.web.plan.PlanStore;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What hands do on a bench. The wires of different people add up: each act is done on the wiring as it is then. */
@Service
class BenchDesk {
    /** No job has more of them. */
    static final int MOST_COPIES = 30;

    private final Cache<Long, Shown> takenOff = Caffeine.newBuilder()
            .maximumSize(500)
            .expireAfterWrite(Duration.ofDays(1))
            .build();
    private final BenchStore store;
    private final Acts acts;
    private final PlanStore plans;
    private final JobStore jobs;
    private final EventStore events;
    private final AheadDesk ahead;
    private final TransactionTemplate transaction;

    BenchDesk(
            BenchStore store,
            Acts acts,
            PlanStore plans,
            JobStore jobs,
            EventStore events,
            AheadDesk ahead,
            PlatformTransactionManager transactions) {
        this.store = store;
        this.acts = acts;
        this.plans = plans;
        this.jobs = jobs;
        this.events = events;
        this.ahead = ahead;
        this.transaction = new TransactionTemplate(transactions);
    }

    List<Copy> copies(long jobId) {
        return store.copies(jobId);
    }

    /** A copy with its wires as they are now. */
    record Shown(Copy copy, HandWiring wiring) {}

    Optional<Shown> shown(long jobId, long copyId) {
        return store.copy(jobId, copyId).map(c -> new Shown(c, store.wiring(c)));
    }

    /** What a copy begins with. */
    enum Start {
        NOTHING,
        PLAN,
        FOUND
    }

    /** The wires that a copy can begin with; empty where there are none. A switch has the links that its maker fitted. */
    static Optional<HandWiring> start(JobFile file, Start start, String gear) {
        return switch (start) {
            case NOTHING -> gear(file, gear).map(HandWiring::newOn).or(() -> Optional.of(HandWiring.NOTHING));
            case PLAN -> file.facts().gear().plan().map(WirePlan::wires).map(HandWiring::new);
            case FOUND -> file.workup().checks().found().map(Circuit::wires).map(HandWiring::new);
        };
    }

    /** The switch that wires are tried on: one of the library by its key, or the job's own. */
    static Optional<SwitchKind> gear(JobFile file, String key) {
        return key.isEmpty()
                ? file.gear()
                : SwitchKind.ALL.stream().filter(k -> k.key().equals(key)).findFirst();
    }

    /** Those of some wires that have both ends on the bench. */
    private static HandWiring onBench(JobFile file, HandWiring wiring, String gear) {
        List<Terminal> points = BenchPage.circuit(file, HandWiring.NOTHING, gear(file, gear))
                .map(c -> points(c, wiring))
                .orElse(List.of());
        return new HandWiring(wiring.wires().stream()
                .filter(w -> points.contains(w.from()) && points.contains(w.to()))
                .toList());
    }

    /** Lays a new copy; says what is wrong with its name, its switch or its beginning. */
    Reading<Long> open(JobFile file, String name, String gear, Start start, boolean studs) {
        long jobId = file.job().id();
        String stripped = name.strip();
        Optional<HandWiring> begins = start(file, start, gear);
        String wrong = wrong(stripped, store.copies(jobId));
        if (!wrong.isEmpty()) {
            return Reading.failed(List.of(new Problem("name", name, wrong)));
        }
        if (begins.isEmpty()) {
            return Reading.failed(List.of(new Problem(
                    "start", start.name(), "There are no such wires yet. Begin with none, or lay them out first.")));
        }
        if (!gear.isEmpty() && gear(file, gear).isEmpty()) {
            return Reading.failed(List.of(new Problem("gear", gear, "Choose one of those listed.")));
        }
        HandWiring fits = onBench(file, begins.orElseThrow(), gear);
        HandWiring wiring = studs ? fits.onStuds() : fits;
        // while the job's row is held nobody else can take the last place, or the name
        return acts.together(jobId, () -> {
            String late = wrong(stripped, store.copies(jobId));
            return late.isEmpty()
                    ? Reading.of(store.add(jobId, stripped, gear, wiring))
                    : Reading.failed(List.of(new Problem("name", name, late)));
        });
    }

    /** What is wrong with the name of a new copy beside those there are; blank for nothing. */
    private static String wrong(String name, List<Copy> there) {
        if (name.isEmpty()) {
            return "Give it a name, such as “with the toggle”.";
        }
        if (name.length() > 60) {
            return "Use at most 60 letters.";
        }
        if (there.stream().anyMatch(c -> c.name().equalsIgnoreCase(name))) {
            return "There is one of that name already.";
        }
        return there.size() >= MOST_COPIES ? "A job has at most " + MOST_COPIES + " of them. Take one away first." : "";
    }

    /**
     * Does something to the wires of a copy.
     *
     * @return how it is then, or why it cannot be done; empty where the copy is gone
     */
    Optional<Reading<Shown>> lay(long jobId, long copyId, Function<HandWiring, Reading<HandWiring>> act) {
        return held(jobId, copyId, copy -> {
            HandWiring before = store.wiring(copy);
            Reading<HandWiring> after = act.apply(before);
            after.value().filter(w -> !w.equals(before)).ifPresent(w -> store.then(copy, w));
            return after.value()
                    .map(w -> Reading.of(shown(jobId, copyId).orElseThrow()))
                    .orElseGet(() -> Reading.failed(after.problems()));
        });
    }

    /** Goes a step back, or forward again; stays where there is none. */
    Optional<Reading<Shown>> step(long jobId, long copyId, boolean back) {
        return held(jobId, copyId, copy -> {
            if (back ? copy.canUndo() : copy.canRedo()) {
                store.show(copy, copy.atStep() + (back ? -1 : 1));
            }
            return Reading.of(shown(jobId, copyId).orElseThrow());
        });
    }

    /** Takes a copy off the bench; the last one of a job can be put back while the application runs. */
    void remove(long jobId, long copyId) {
        transaction.executeWithoutResult(t -> {
            if (store.hold(jobId, copyId)) {
                shown(jobId, copyId).ifPresent(s -> takenOff.put(jobId, s));
                store.remove(copyId);
            }
        });
    }

    /** The copy that was taken off last; empty where none was, or its name is in use again. */
    Optional<Shown> takenOff(long jobId) {
        return Optional.ofNullable(takenOff.getIfPresent(jobId))
                .filter(s -> store.copies(jobId).stream()
                        .noneMatch(c -> c.name().equalsIgnoreCase(s.copy().name())));
    }

    /** Puts it back as it was shown last; gives its number, or nothing where there is none. */
    Optional<Long> putBack(long jobId) {
        Optional<Long> back = acts.together(
                jobId,
                () -> takenOff(jobId)
                        .filter(s -> store.copies(jobId).size() < MOST_COPIES)
                        .map(s -> store.add(jobId, s.copy().name(), s.copy().gear(), s.wiring())));
        takenOff.invalidate(jobId);
        return back;
    }

    private <T> Optional<T> held(long jobId, long copyId, Function<Copy, T> work) {
        return Optional.ofNullable(transaction.execute(t -> {
                    if (!store.hold(jobId, copyId)) {
                        return Optional.<T>empty();
                    }
                    return Optional.of(work.apply(store.copy(jobId, copyId).orElseThrow()));
                }))
                .flatMap(o -> o);
    }

    /**
     * Takes the wires of a copy over as the job's plan: its wire list then follows.
     *
     * @param judged the job as it was when the wires were judged
     * @throws StaleEdit when motor, supply or switch are others by now
     */
    List<Drop> takeOver(JobFile judged, Shown shown) {
        long jobId = judged.job().id();
        return acts.on(jobId, Seen.any(Parts.PLAN).judgedBy(judged), act -> {
            JobFile file = act.before();
            SwitchKind gear = file.gear().orElseThrow(() -> new StaleEdit(Parts.GEAR));
            Circuit circuit = file.workup()
                    .circuit(shown.wiring().wires(), gear.chart())
                    .orElseThrow(() -> new StaleEdit(Diagram.PART));
            List<Wire> wires = WorkingOrder.of(shown.wiring().wires());
            if (file.facts()
                    .gear()
                    .plan()
                    .map(WirePlan::wires)
                    .orElse(List.of())
                    .equals(wires)) {
                return List.of();
            }
            StandsAhead standsAhead = file.workup().standsAhead();
            int beside = standsAhead.besideProtector(circuit);
            long plan = plans.add(jobId, PlanCost.of(circuit, beside), wires);
            jobs.setPlan(jobId, Optional.of(plan));
            act.saved("log.planByHand", shown.copy().name(), wires.size());
            CarriedOver.carry(events, act, wires);
            List<Change> changes = new ArrayList<>(ahead.usual(act, standsAhead.asked(beside)));
            changes.add(new Change(Fact.PLAN, Sentence.of("change.plan")));
            return changes;
        });
    }

    /** Every point of a circuit that a wire can land on, and the nuts that lie ready. */
    static List<Terminal> points(Circuit circuit, HandWiring wiring) {
        List<Terminal> points = new ArrayList<>(
                circuit.terminals().stream().filter(t -> !t.is(Type.INSIDE)).toList());
        wiring.nuts().stream().filter(n -> !points.contains(n)).forEach(points::add);
        return points;
    }
}
