package gatepin.web.gate.supply;

import gatepin.core.Sentence;
import gatepin.core.circuit.Supply;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.core.supply.PanelRun;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.lane.SupplyChange;
import gatepin.web.shop.ShopStore;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;

/** What a person says of the supply. */
@Service
public class SupplyDesk {
    private final Acts acts;
    private final JobStore jobs;
    private final PartStore parts;
    private final ShopStore shops;

    SupplyDesk(Acts acts, JobStore jobs, PartStore parts, ShopStore shops) {
        this.acts = acts;
        this.jobs = jobs;
        this.parts = parts;
        this.shops = shops;
    }

    /** The outlets a shop has. */
    Set<String> outlets(long shopId) {
        return shops.outlets(shopId);
    }

    /**
     * Saves voltage, distance, present plug, and the outlets that the shop has.
     *
     * @throws StaleEdit when somebody saved the supply after {@code version}
     */
    public List<Drop> save(
            long jobId, int version, int volts, Supply.Kind kind, PanelRun run, Collection<String> outlets) {
        return acts.on(jobId, Seen.of(Parts.SUPPLY, version), act -> {
            jobs.setSupply(jobId, volts, kind);
            parts.write(act.job(), PanelRun.PART, run);
            shops.setOutlets(act.job().shopId(), outlets);
            List<Change> changed = new ArrayList<>();
            SupplyChange.of(act.job(), volts, kind).ifPresent(changed::add);
            changed.addAll(PanelRun.PART.change(act.before().facts().kept(), run, Sentence.of("change.run")));
            if (!changed.isEmpty()) {
                act.saved(
                        "log.supply",
                        SupplyChange.words(volts, kind),
                        new Sentence.Metres(run.metres().doubleValue()),
                        run.presentPlug());
            }
            return changed;
        });
    }
}
