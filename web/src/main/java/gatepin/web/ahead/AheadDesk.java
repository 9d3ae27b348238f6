package gatepin.web.ahead;

import gatepin.core.Sentence;
import gatepin.core.ahead.Ahead;
import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.ahead.AheadRecord.Chosen;
import gatepin.core.ahead.AheadRecord.Stands;
import gatepin.core.ahead.DeadLineUp;
import gatepin.core.ahead.LineUp;
import gatepin.core.check.DeadRead;
import gatepin.core.circuit.Wire;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.web.check.DeadReadStore;
import gatepin.web.check.DeadReadStore.Part;
import gatepin.web.lane.Act;
import gatepin.web.lane.Acts;
import gatepin.web.lane.LogStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** What a person says of what stands ahead, makes of its wires and reads of it. */
@Service
public class AheadDesk {
    private final Acts acts;
    private final AheadStore store;
    private final DeadReadStore reads;

    AheadDesk(Acts acts, AheadStore store, DeadReadStore reads) {
        this.acts = acts;
        this.store = store;
        this.reads = reads;
    }

    /**
     * Says what becomes of each device.
     *
     * @throws StaleEdit when somebody said it after {@code version}
     */
    List<Drop> choose(long jobId, int version, Map<Kind, Chosen> chosen) {
        return acts.on(jobId, Seen.of(Parts.AHEAD, version), act -> {
            // what the form did not show stays as it was
            Map<Kind, Chosen> all = new EnumMap<>(Kind.class);
            recorded(act).ifPresent(r -> all.putAll(r.chosen()));
            all.putAll(chosen);
            return save(act, all);
        });
    }

    /** Puts ahead of a plan what it needs and nobody spoke of yet, as part of an act. */
    public List<Change> usual(Act act, List<Ahead> asked) {
        Map<Kind, Chosen> chosen = new EnumMap<>(Kind.class);
        recorded(act).ifPresent(r -> chosen.putAll(r.chosen()));
        act.before().workup().standsAhead().usual(asked).forEach((kind, usual) -> {
            boolean must = asked.stream().anyMatch(a -> a.kind() == kind && a.must());
            boolean spokenOf = Optional.ofNullable(chosen.get(kind))
                    .map(c -> c.stands() != Stands.LEFT_OUT || !c.reason().isBlank() || !must)
                    .orElse(false);
            if (!spokenOf) {
                chosen.put(kind, usual);
            }
        });
        return save(act, chosen);
    }

    private static Optional<AheadRecord> recorded(Act act) {
        return act.before().facts().gear().ahead();
    }

    private List<Change> save(Act act, Map<Kind, Chosen> chosen) {
        Map<Kind, Chosen> before = recorded(act).map(AheadRecord::chosen).orElse(Map.of());
        if (before.equals(chosen)) {
            return List.of();
        }
        store.save(act.job().id(), chosen);
        if (!fitted(before).equals(fitted(chosen))) {
            reads.changed(act.job().id(), Part.AHEAD, act.person());
        }
        List<String> names = fitted(chosen).stream().sorted().map(Kind::device).toList();
        act.saved(names.isEmpty() ? "log.ahead.none" : "log.ahead", String.join(", ", names));
        return List.of(new Change(Fact.AHEAD, Sentence.of("change.ahead")));
    }

    private static Set<Kind> fitted(Map<Kind, Chosen> chosen) {
        Set<Kind> fitted = new HashSet<>();
        chosen.forEach((kind, what) -> {
            if (what.stands() == Stands.FITTED) {
                fitted.add(kind);
            }
        });
        return fitted;
    }

    /**
     * Ticks a wire of the line-up, or takes the tick back: then what was read before counts no more.
     *
     * @throws StaleEdit when there is no such wire any more
     */
    public void tick(long jobId, String key, boolean made) {
        acts.on(jobId, Seen.any(Parts.WIRES), act -> {
            LineUp lineUp = act.before().workup().standsAhead().lineUp();
            Wire wire = lineUp.wires().stream()
                    .filter(w -> w.key().equals(key))
                    .findFirst()
                    .orElseThrow(() -> new StaleEdit(Parts.AHEAD));
            if (recorded(act).map(r -> r.isMade(wire) == made).orElse(false)) {
                return List.of();
            }
            store.mark(jobId, wire, made, act.person());
            Sentence title = Sentence.own(wire.toString());
            act.note(
                    made ? LogStore.Kind.MADE : LogStore.Kind.UNMADE,
                    Sentence.of(made ? "log.aheadMade" : "log.aheadUnmade", title));
            if (made) {
                return List.of();
            }
            reads.changed(jobId, Part.AHEAD, act.person());
            return List.of(new Change(Fact.WIRES, Sentence.of("change.aheadUnmade", title)));
        });
    }

    /**
     * Writes down what an ohmmeter showed.
     *
     * @throws StaleEdit when nothing of that kind is to be read any more
     */
    public void read(long jobId, DeadRead read) {
        acts.on(jobId, Seen.any(Parts.CHECKS), act -> {
            DeadLineUp.Read asked = act.before().workup().standsAhead().dead().reads().stream()
                    .filter(r -> r.key().equals(read.about()))
                    .findFirst()
                    .orElseThrow(() -> new StaleEdit(Parts.AHEAD));
            if (recorded(act).flatMap(r -> r.shown(asked)).equals(Optional.of(read.shows()))) {
                return List.of();
            }
            reads.add(jobId, Part.AHEAD, read, act.person());
            act.saved(
                    asked.agrees(read.shows()) ? "log.aheadRead" : "log.aheadRead.wrong",
                    asked.a().id(),
                    asked.b().id());
            return List.of();
        });
    }
}
