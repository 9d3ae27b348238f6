package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.web.lane.LogStore.Kind;
import java.util.Optional;

/** What a person is doing to a job, while its row is held. */
public final class Act {
    private final JobFile before;
    private final Optional<Gate> gate;
    private final long person;
    private final LogStore log;

    /** An act that is done at a gate, or at none. */
    Act(JobFile before, Optional<Gate> gate, long person, LogStore log) {
        this.before = before;
        this.gate = gate;
        this.person = person;
        this.log = log;
    }

    /** The job as it is before anything of this act is written. */
    public JobFile before() {
        return before;
    }

    public Job job() {
        return before.job();
    }

    /** Who does it. */
    public long person() {
        return person;
    }

    /** The same act, where what is noted of it is done at another gate than the part it writes belongs to. */
    public Act at(Gate other) {
        return new Act(before, Optional.of(other), person, log);
    }

    /** Writes into the log what was done. */
    public void note(Kind kind, Sentence what) {
        log.add(job(), person, gate, kind, what);
    }

    /** Writes into the log that something was saved. */
    public void saved(String key, Object... about) {
        note(Kind.SAVED, Sentence.of(key, about));
    }
}
