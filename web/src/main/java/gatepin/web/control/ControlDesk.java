package gatepin.web.control;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.check.DeadRead;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.ControlNet.ControlWire;
import gatepin.core.control.ControlWishes;
import gatepin.core.control.DeadCheck;
import gatepin.core.control.DeadPlan;
import gatepin.core.control.Ladder;
import gatepin.core.control.Simulation;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.web.check.DeadReadStore;
import gatepin.web.check.DeadReadStore.Part;
import gatepin.web.control.ControlStore.Kept;
import gatepin.web.lane.Acts;
import gatepin.web.lane.LogStore.Kind;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person does to a control circuit. */
@Service
public class ControlDesk {
    private static final Duration RUN_LIMIT = Duration.ofSeconds(5);

    private final Acts acts;
    private final ControlStore store;
    private final DeadReadStore reads;

    ControlDesk(Acts acts, ControlStore store, DeadReadStore reads) {
        this.acts = acts;
        this.store = store;
        this.reads = reads;
    }

    /**
     * Saves a control circuit that was built from wishes.
     *
     * @throws StaleEdit when somebody saved one after {@code version}
     */
    public List<Drop> build(long jobId, int version, ControlWishes wishes) {
        return save(jobId, version, wishes.ladder(), wishes.asked(), ControlForm.write(wishes));
    }

    /**
     * Saves a control circuit as a person entered it.
     *
     * @throws StaleEdit when somebody saved one after {@code version}
     */
    List<Drop> enter(long jobId, int version, Ladder ladder, Asked asked) {
        return save(jobId, version, ladder, asked, "");
    }

    /**
     * Runs a control circuit through what hands do.
     *
     * @param acts in the order of their times
     * @param coast how long the shaft coasts, s
     * @param until how long it is watched, ms
     * @throws Effort.TooMuch when it takes too long
     */
    static Simulation.Run run(Ladder ladder, List<Simulation.Act> acts, double coast, int until) {
        return Simulation.run(ladder, acts, coast, until, Effort.of(RUN_LIMIT));
    }

    private List<Drop> save(long jobId, int version, Ladder ladder, Asked asked, String wishes) {
        return acts.on(jobId, Seen.of(Parts.CONTROL, version), act -> {
            boolean same = act.before()
                    .kept(Kept.class)
                    .map(k -> k.ladder().equals(ladder)
                            && k.asked().equals(asked)
                            && k.wishes().equals(wishes))
                    .orElse(false);
            if (same) {
                return List.of();
            }
            store.save(jobId, ladder, asked, wishes);
            reads.changed(jobId, Part.CONTROL, act.person());
            act.saved("log.control", ladder.rungs().size());
            return List.of(new Change(Fact.CONTROL, Sentence.of("change.control")));
        });
    }

    /**
     * Ticks a control wire, or takes the tick back.
     *
     * @throws StaleEdit when the circuit has no such wire any more
     */
    void tick(long jobId, String key, boolean made) {
        acts.on(jobId, Seen.any(Parts.WIRES), act -> {
            ControlWire wire = act.before().kept(Kept.class).stream()
                    .flatMap(k -> k.wires().stream())
                    .filter(w -> ControlStore.key(w).equals(key))
                    .findFirst()
                    .orElseThrow(() -> new StaleEdit(Parts.CONTROL));
            if (!store.mark(jobId, wire, made, act.person())) {
                return List.of();
            }
            act.note(
                    made ? Kind.MADE : Kind.UNMADE,
                    Sentence.of(made ? "log.controlMade" : "log.controlUnmade", wire.title()));
            if (made) {
                return List.of();
            }
            reads.changed(jobId, Part.CONTROL, act.person());
            return List.of(new Change(Fact.WIRES, Sentence.of("change.controlUnmade", wire.title())));
        });
    }

    /**
     * Writes down what an ohmmeter showed of the dead circuit.
     *
     * @throws StaleEdit when nothing of that kind is to be read any more
     */
    public void read(long jobId, DeadRead read) {
        acts.on(jobId, Seen.any(Parts.CHECKS), act -> {
            DeadCheck asked = act.before().kept(Kept.class).stream()
                    .flatMap(k -> DeadPlan.of(k.ladder()).checks().stream())
                    .filter(c -> c.key().equals(read.about()))
                    .findFirst()
                    .orElseThrow(() -> new StaleEdit(Parts.CONTROL));
            boolean same = act.before()
                    .facts()
                    .gear()
                    .control()
                    .flatMap(c -> c.shown(asked))
                    .equals(Optional.of(read.shows()));
            if (same) {
                return List.of();
            }
            reads.add(jobId, Part.CONTROL, read, act.person());
            act.saved(
                    asked.agrees(read.shows()) ? "log.controlRead" : "log.controlRead.wrong",
                    asked.hold().isEmpty() ? "nothing" : String.join(", ", asked.hold()));
            return List.of();
        });
    }
}
