package gatepin.web.gate.wire;

import gatepin.core.Sentence;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.circuit.Wire;
import gatepin.core.control.ControlRecord;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import gatepin.core.lane.WireList.Entry;
import gatepin.core.wire.CableLengths;
import gatepin.core.wire.Section;
import gatepin.web.check.CheckDesk;
import gatepin.web.lane.Act;
import gatepin.web.lane.Acts;
import gatepin.web.lane.EventStore;
import gatepin.web.lane.LogStore.Kind;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;

/** What a person does to the wires of a job. */
@Service
public class WireDesk {
    private final Acts acts;
    private final EventStore events;
    private final PartStore parts;
    private final CheckDesk checks;

    WireDesk(Acts acts, EventStore events, PartStore parts, CheckDesk checks) {
        this.checks = checks;
        this.acts = acts;
        this.events = events;
        this.parts = parts;
    }

    /**
     * Ticks a wire, or takes the tick back: then what was read of it before counts no more. Ticking twice does no harm.
     *
     * @param name both its ends
     * @throws StaleEdit when there is no such wire any more
     */
    public void tick(long jobId, Section section, String name, boolean made) {
        acts.on(jobId, Seen.any(Parts.WIRES), act -> {
            Entry wire = act.before()
                    .workup()
                    .wireList()
                    .find(section, name)
                    .orElseThrow(() -> new StaleEdit(comesFrom(section)));
            if (wire.made() == made) {
                return List.of();
            }
            events.made(act, section, name, made);
            act.note(made ? Kind.MADE : Kind.UNMADE, said(act, section, name, "log.", made ? "made" : "unmade"));
            if (made) {
                return List.of();
            }
            if (section == Section.GEAR) {
                checks.wireTakenBack(act);
            } else {
                events.changed(act, section);
            }
            return List.of(new Change(Fact.WIRES, said(act, section, name, "change.", "unmade")));
        });
    }

    private static Part<?> comesFrom(Section section) {
        return switch (section) {
            case GEAR -> Parts.PLAN;
            case CONTROL -> ControlRecord.PART;
            case AHEAD -> AheadRecord.PART;
        };
    }

    /** Of the gear both ends as they are read out, of the other sections as they are marked. */
    private static Sentence said(Act act, Section section, String name, String where, String what) {
        if (section != Section.GEAR) {
            String of = section == Section.CONTROL ? "control" : "ahead";
            return Sentence.of(
                    where + of + what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1),
                    name.replace(">", "–"));
        }
        Wire wire = act.before().facts().gear().plan().orElseThrow().wires().stream()
                .filter(w -> w.key().equals(name))
                .findFirst()
                .orElseThrow();
        return Sentence.of(where + what, wire.from().label(), wire.to().label());
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
