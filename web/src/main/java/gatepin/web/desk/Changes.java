package gatepin.web.desk;

import gatepin.core.lane.Fact;
import gatepin.core.lane.Lane.Change;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.lane.Lane.Pin;
import gatepin.web.store.JobStore;
import gatepin.web.store.JobStore.Job;
import gatepin.web.store.LogStore;
import gatepin.web.store.LogStore.Kind;
import gatepin.web.store.PinStore;
import gatepin.web.store.ShopStore;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What a change of facts does to a job: the plan that no longer holds, the pins that drop, and the log. */
@Component
class Changes {
    private static final Set<Fact> PLAN_RELIES_ON = Set.of(Fact.LEADS, Fact.VOLTAGE, Fact.CONNECTION, Fact.SWITCH);

    /** Letters of a reason that the table of pins holds. */
    private static final int LONGEST = 500;

    private final JobStore jobs;
    private final PinStore pins;
    private final LogStore log;
    private final ShopStore shops;
    private final JobFiles files;

    Changes(JobStore jobs, PinStore pins, LogStore log, ShopStore shops, JobFiles files) {
        this.files = files;
        this.jobs = jobs;
        this.pins = pins;
        this.log = log;
        this.shops = shops;
    }

    /** Writes into the log what was done. */
    void note(Job job, Kind kind, String words) {
        log.add(job, shops.ownerOf(job.shopId()), kind, words);
    }

    /**
     * Puts the plan aside and drops the pins that relied on what changed; then asks every gate that is still open again, and drops the
     * pins whose evidence no longer holds, whatever it was that changed.
     */
    List<Drop> apply(JobFile before, List<Change> changes) {
        Job job = before.job();
        if (before.plan().isPresent() && changes.stream().anyMatch(c -> PLAN_RELIES_ON.contains(c.fact()))) {
            jobs.setPlan(job.id(), Optional.empty());
            note(job, Kind.DROPPED, "The wiring plan no longer holds and was put aside.");
        }
        List<Drop> drops = new ArrayList<>(before.lane().dropsAfter(changes));
        drops.forEach(d -> drop(job, d));
        List<Drop> fallen = files.file(job.id()).workup().fallen();
        fallen.forEach(d -> drop(job, d));
        drops.addAll(fallen);
        return drops;
    }

    private void drop(Job job, Drop drop) {
        String reason = drop.reason().length() > LONGEST ? drop.reason().substring(0, LONGEST) : drop.reason();
        pins.set(job.id(), drop.gate(), new Pin(Pin.State.DROPPED, reason));
        note(job, Kind.DROPPED, drop.gate().title() + ": pin dropped. " + reason);
    }
}
