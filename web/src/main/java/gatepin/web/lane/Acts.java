package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.job.Fact;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.job.Lane.Pin;
import gatepin.core.job.Part;
import gatepin.core.job.Relied;
import gatepin.core.job.Taken;
import gatepin.web.lane.LogStore.Kind;
import gatepin.web.shop.ShopStore;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What people do to jobs. Each act is one transaction that holds the job's row from its first word on: acts on one job come one after
 * another. In it the versions are checked that the person saw, what he did is written, the pins drop whose facts changed, every gate
 * that is still open is asked again, and the log is written. Where the database lets two acts fall over each other, the act is tried
 * again.
 */
@Component
public class Acts {
    private static final Set<Relied> PLAN_RELIES_ON = Set.of(Fact.LEADS, Fact.VOLTAGE, Fact.CONNECTION, Fact.SWITCH);
    private static final int TRIES = 6;

    private final JobStore jobs;
    private final JobFiles files;
    private final PinStore pins;
    private final LogStore log;
    private final ShopStore shops;
    private final PartStore parts;
    private final TransactionTemplate transaction;

    Acts(
            JobStore jobs,
            JobFiles files,
            PinStore pins,
            LogStore log,
            ShopStore shops,
            PartStore parts,
            PlatformTransactionManager transactions) {
        this.jobs = jobs;
        this.files = files;
        this.pins = pins;
        this.log = log;
        this.shops = shops;
        this.parts = parts;
        this.transaction = new TransactionTemplate(transactions);
        // the job's row is held: nothing of the job can change under the act, and no gaps need to be locked
        transaction.setIsolationLevel(TransactionDefinition.ISOLATION_READ_COMMITTED);
    }

    /**
     * Does something to a job.
     *
     * @param seen the parts that are written, with the versions the person saw
     * @param work writes them; gives what changed by it, nothing where all stands as before
     * @return the pins that dropped
     * @throws StaleEdit when somebody saved one of the parts after the person saw it
     * @throws IllegalArgumentException when there is no such job
     */
    public List<Drop> on(long jobId, Seen seen, Function<Act, List<Change>> work) {
        return alone(jobId, seen, act -> {
            List<Change> changes = work.apply(act);
            return settle(act, seen, changes);
        });
    }

    /** Does several acts on a job as one: nobody else comes between them. */
    public <T> T together(long jobId, Supplier<T> acts) {
        return alone(jobId, new Seen(Map.of()), act -> acts.get());
    }

    /** Pulls, or passes by, the pin of a gate: an act that no fact changes by. */
    <T> T onPins(long jobId, Function<Act, T> work) {
        return alone(jobId, new Seen(Map.of()), act -> {
            T done = work.apply(act);
            conclude(jobId, Optional.empty());
            return done;
        });
    }

    private <T> T alone(long jobId, Seen seen, Function<Act, T> work) {
        for (int attempt = 1; ; attempt++) {
            try {
                T done = java.util.Objects.requireNonNull(transaction.execute(t -> {
                    if (!jobs.hold(jobId)) {
                        throw new IllegalArgumentException("there is no job " + jobId);
                    }
                    JobFile before = files.inside(jobId);
                    seen.check(before);
                    MeasuredOn.holdAgainst(before, seen.versions(), JobPages.about(before));
                    return work.apply(new Act(
                            before,
                            Part.gateOf(seen.versions().keySet()),
                            shops.ownerOf(before.job().shopId()),
                            log));
                }));
                MeasuredOn.settled(true);
                return done;
            } catch (PessimisticLockingFailureException e) {
                // inside a larger transaction, the larger one has to be tried again
                if (attempt == TRIES || TransactionSynchronizationManager.isActualTransactionActive()) {
                    throw e;
                }
                MeasuredOn.settled(false);
                rest(attempt);
            }
        }
    }

    private static void rest(int attempt) {
        try {
            Thread.sleep((long) (Math.random() * 20 * attempt));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private List<Drop> settle(Act act, Seen seen, List<Change> changes) {
        JobFile before = act.before();
        long jobId = act.job().id();
        if (act.job().planId().isPresent() && changes.stream().anyMatch(c -> PLAN_RELIES_ON.contains(c.of()))) {
            jobs.setPlan(jobId, Optional.empty());
            act.at(Gate.SWITCH).note(Kind.DROPPED, Sentence.of("log.planPutAside"));
        }
        List<Drop> drops = new ArrayList<>(before.lane().dropsAfter(changes));
        drops.forEach(d -> drop(act, d));
        seenToBeSo(act, seen);
        jobs.saved(jobId, seen.versions().keySet());
        JobFile after = files.inside(jobId);
        List<Drop> fallen = after.workup().fallen();
        fallen.forEach(d -> drop(act, d));
        drops.addAll(fallen);
        conclude(jobId, fallen.isEmpty() ? Optional.of(after) : Optional.empty());
        return drops;
    }

    /** What a person saves is his own from then on, and not taken as usual any more. */
    private void seenToBeSo(Act act, Seen seen) {
        act.before().facts().kept().find(Taken.PART).ifPresent(taken -> {
            Taken left = taken.without(seen.versions().keySet());
            if (!left.equals(taken)) {
                parts.write(act.job(), Taken.PART, left);
            }
        });
    }

    /** Writes down what the job waits for now, and keeps it loaded once all of it holds. */
    private void conclude(long jobId, Optional<JobFile> loaded) {
        JobFile after = loaded.orElseGet(() -> {
            jobs.saved(jobId, Set.of());
            return files.inside(jobId);
        });
        jobs.waits(jobId, Waiting.of(after));
        keepOnceItHolds(after);
    }

    private void keepOnceItHolds(JobFile after) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                files.keep(after);
            }
        });
    }

    private void drop(Act act, Drop drop) {
        pins.set(act.job().id(), drop.gate(), new Pin(Pin.State.DROPPED, drop.reason()));
        act.at(drop.gate())
                .note(Kind.DROPPED, Sentence.of("log.dropped", drop.gate().title(), drop.reason()));
    }
}
