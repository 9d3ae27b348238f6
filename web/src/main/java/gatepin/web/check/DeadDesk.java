package gatepin.web.check;

import gatepin.core.Sentence;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.ahead.DeadLineUp;
import gatepin.core.check.DeadRead;
import gatepin.core.check.DeadRead.Shows;
import gatepin.core.control.ControlRecord;
import gatepin.core.control.DeadCheck;
import gatepin.core.control.DeadPlan;
import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import gatepin.core.wire.Section;
import gatepin.web.lane.Act;
import gatepin.web.lane.Acts;
import gatepin.web.lane.EventStore;
import gatepin.web.lane.LogStore.Kind;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** What a person reads, dead, of the wirings that have no winding in them. */
@Service
public class DeadDesk {
    private final Acts acts;
    private final EventStore events;

    DeadDesk(Acts acts, EventStore events) {
        this.acts = acts;
        this.events = events;
    }

    /**
     * Writes down what an ohmmeter showed.
     *
     * @throws StaleEdit when nothing of that kind is to be read any more
     */
    public void read(long jobId, Section section, DeadRead read) {
        acts.on(jobId, Seen.any(Parts.CHECKS), act -> {
            Sentence said = switch (section) {
                case AHEAD -> ahead(act, read);
                case CONTROL -> control(act, read);
                case GEAR -> throw new StaleEdit(Parts.CHECKS);
            };
            Optional<Shows> before = act.before().facts().gear().done().shown(section, read.about());
            if (!before.equals(Optional.of(read.shows()))) {
                act.note(Kind.SAVED, said);
                events.read(act, section, read);
            }
            return List.of();
        });
    }

    private static <T> T asked(Stream<T> reads, Part<?> part) {
        return reads.findFirst().orElseThrow(() -> new StaleEdit(part));
    }

    private static Sentence ahead(Act act, DeadRead read) {
        DeadLineUp.Read asked = asked(
                act.before().workup().standsAhead().dead().reads().stream()
                        .filter(r -> r.key().equals(read.about())),
                AheadRecord.PART);
        return said(
                "log.aheadRead",
                asked.agrees(read.shows()),
                asked.a().id(),
                asked.b().id());
    }

    private static Sentence control(Act act, DeadRead read) {
        DeadCheck asked = asked(
                act.before().workup().control().stream()
                        .flatMap(c -> DeadPlan.of(c.ladder()).checks().stream())
                        .filter(c -> c.key().equals(read.about())),
                ControlRecord.PART);
        return said(
                "log.controlRead",
                asked.agrees(read.shows()),
                asked.hold().isEmpty() ? "nothing" : String.join(", ", asked.hold()));
    }

    private static Sentence said(String key, boolean agrees, Object... of) {
        return Sentence.of(agrees ? key : key + ".wrong", of);
    }
}
