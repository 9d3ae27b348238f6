package gatepin.web.ahead;

import gatepin.core.Sentence;
import gatepin.core.ahead.Ahead;
import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.ahead.AheadRecord.Chosen;
import gatepin.core.ahead.AheadRecord.Stands;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.wire.Section;
import gatepin.web.lane.Act;
import gatepin.web.lane.Acts;
import gatepin.web.lane.EventStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** What a person says of what stands ahead. */
@Service
public class AheadDesk {
    private final Acts acts;
    private final PartStore parts;
    private final EventStore events;

    AheadDesk(Acts acts, PartStore parts, EventStore events) {
        this.acts = acts;
        this.parts = parts;
        this.events = events;
    }

    /**
     * Says what becomes of each device.
     *
     * @throws StaleEdit when somebody said it after {@code version}
     */
    List<Drop> choose(long jobId, int version, Map<Kind, Chosen> chosen) {
        return acts.on(jobId, Seen.of(AheadRecord.PART, version), act -> {
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
        return act.before().facts().ahead();
    }

    private List<Change> save(Act act, Map<Kind, Chosen> chosen) {
        Map<Kind, Chosen> before = recorded(act).map(AheadRecord::chosen).orElse(Map.of());
        if (before.equals(chosen)) {
            return List.of();
        }
        parts.write(act.job(), AheadRecord.PART, new AheadRecord(chosen));
        if (!fitted(before).equals(fitted(chosen))) {
            events.changed(act, Section.AHEAD);
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
}
