package gatepin.web.lane;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.core.job.Part;
import gatepin.core.lane.Memory;
import gatepin.core.lane.Workup;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Loads jobs with everything known of them. A job that was loaded is kept, with all that was worked out of it, until anything of it
 * changes: asking for it again costs one query.
 */
@Component
public class JobFiles {
    private static final int KEPT = 100;

    private final JobStore jobs;
    private final PinStore pins;
    private final List<Keeper> keepers;
    private final Memory memory;
    private final Cache<Long, JobFile> lately =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final TransactionTemplate oneMoment;

    JobFiles(
            JobStore jobs,
            PinStore pins,
            List<Keeper> keepers,
            Memory memory,
            PlatformTransactionManager transactions) {
        this.jobs = jobs;
        this.pins = pins;
        this.keepers = keepers;
        this.memory = memory;
        this.oneMoment = new TransactionTemplate(transactions);
        oneMoment.setReadOnly(true);
        oneMoment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    }

    /** Everything known of a job; empty when there is no such job. */
    public Optional<JobFile> find(long jobId) {
        Optional<Job> job = jobs.job(jobId);
        if (job.isEmpty()) {
            lately.invalidate(jobId);
            return Optional.empty();
        }
        int revision = job.orElseThrow().revision();
        // those who ask for the same job at the same time wait for one of them to load it
        JobFile file = lately.asMap()
                .compute(
                        jobId,
                        (id, known) -> known != null && known.job().revision() >= revision
                                ? known
                                : oneMoment.execute(
                                        moment -> load(jobs.job(jobId).orElseThrow())));
        return Optional.of(file);
    }

    /**
     * A job that is known to be there.
     *
     * @throws IllegalArgumentException when it is not
     */
    public JobFile file(long jobId) {
        return find(jobId).orElseThrow(() -> new IllegalArgumentException("there is no job " + jobId));
    }

    /** The job as the transaction under way sees it. */
    JobFile inside(long jobId) {
        Job job = jobs.job(jobId).orElseThrow();
        JobFile known = lately.getIfPresent(jobId);
        return known != null && known.job().equals(job) ? known : load(job);
    }

    /** Keeps what a transaction that has ended for good saw of a job. */
    void keep(JobFile file) {
        lately.asMap()
                .merge(
                        file.job().id(),
                        file,
                        (known, fresh) -> fresh.job().revision() > known.job().revision() ? fresh : known);
    }

    private JobFile load(Job job) {
        Recalled recalled = new Recalled();
        keepers.forEach(k -> k.recall(job, recalled));
        Map<Part<?>, Integer> versions = jobs.versions(job.id());
        return new JobFile(job, Workup.of(recalled.facts(job, pins.pins(job.id())), memory), versions, recalled.kept());
    }
}
