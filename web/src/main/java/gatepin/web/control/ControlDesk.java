package gatepin.web.control;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.ControlRecord;
import gatepin.core.control.ControlWishes;
import gatepin.core.control.Ladder;
import gatepin.core.control.Simulation;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.wire.Section;
import gatepin.web.lane.Acts;
import gatepin.web.lane.EventStore;
import gatepin.web.lane.PartStore;
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
    private final PartStore parts;
    private final EventStore events;

    ControlDesk(Acts acts, PartStore parts, EventStore events) {
        this.acts = acts;
        this.parts = parts;
        this.events = events;
    }

    /**
     * Saves a control circuit that was built from wishes.
     *
     * @throws StaleEdit when somebody saved one after {@code version}
     */
    public List<Drop> build(long jobId, int version, ControlWishes wishes) {
        return save(jobId, version, new ControlRecord(wishes.ladder(), wishes.asked(), ControlForm.write(wishes)));
    }

    /**
     * Saves a control circuit as a person entered it.
     *
     * @throws StaleEdit when somebody saved one after {@code version}
     */
    List<Drop> enter(long jobId, int version, Ladder ladder, Asked asked) {
        return save(jobId, version, new ControlRecord(ladder, asked, ""));
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

    private List<Drop> save(long jobId, int version, ControlRecord record) {
        return acts.on(jobId, Seen.of(ControlRecord.PART, version), act -> {
            if (act.before().facts().control().equals(Optional.of(record))) {
                return List.of();
            }
            parts.write(act.job(), ControlRecord.PART, record);
            events.changed(act, Section.CONTROL);
            act.saved("log.control", record.ladder().rungs().size());
            return List.of(new Change(Fact.CONTROL, Sentence.of("change.control")));
        });
    }
}
