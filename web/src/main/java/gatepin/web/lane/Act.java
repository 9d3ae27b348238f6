package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.web.lane.LogStore.Kind;

/** What a person is doing to a job, while its row is held. */
public final class Act {
    private final JobFile before;
    private final long person;
    private final LogStore log;

    Act(JobFile before, long person, LogStore log) {
        this.before = before;
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

    /** Writes into the log what was done. */
    public void note(Kind kind, Sentence what) {
        log.add(job(), person, kind, what);
    }

    /** Writes into the log that something was saved. */
    public void saved(String key, Object... about) {
        note(Kind.SAVED, Sentence.of(key, about));
    }
}
