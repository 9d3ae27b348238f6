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
import org.springframework.stereotype.Service;

/** What a person does to the wires of a job. */
@Service
public class WireDesk {
    /** What the log says of a tick, and of one that is taken back; and why what was read of the wire counts no more then. */
    private record Told(String made, String unmade, String change) {}

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
            Told told = told(section);
            Object[] ends = ends(act, section, name);
            act.note(made ? Kind.MADE : Kind.UNMADE, Sentence.of(made ? told.made() : told.unmade(), ends));
            if (made) {
                return List.of();
            }
            if (section == Section.GEAR) {
                checks.wireTakenBack(act);
            } else {
                events.changed(act, section);
            }
            return List.of(new Change(Fact.WIRES, Sentence.of(told.change(), ends)));
        });
    }

    private static Part<?> comesFrom(Section section) {
        return switch (section) {
            case GEAR -> Parts.PLAN;
            case CONTROL -> ControlRecord.PART;
            case AHEAD -> AheadRecord.PART;
        };
    }

    private static Told told(Section section) {
        return switch (section) {
            case GEAR -> new Told("log.made", "log.unmade", "change.unmade");
            case CONTROL -> new Told("log.controlMade", "log.controlUnmade", "change.controlUnmade");
            case AHEAD -> new Told("log.aheadMade", "log.aheadUnmade", "change.aheadUnmade");
        };
    }

    /** Of the gear both ends as they are read out, of the other sections the wire as it is marked. */
    private static Object[] ends(Act act, Section section, String name) {
        if (section != Section.GEAR) {
            return new Object[] {name.replace(">", "–")};
        }
        Wire wire = act.before().facts().gear().plan().orElseThrow().wires().stream()
                .filter(w -> w.key().equals(name))
                .findFirst()
                .orElseThrow();
        return new Object[] {wire.from().label(), wire.to().label()};
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
