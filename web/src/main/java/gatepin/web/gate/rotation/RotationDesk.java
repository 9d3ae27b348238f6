package gatepin.web.gate.rotation;

import gatepin.core.Sentence;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.rotation.RotationPlan;
import gatepin.web.lane.Acts;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import org.springframework.stereotype.Service;

/** What a person says of the way a machine must turn. */
@Service
public class RotationDesk {
    private final Acts acts;
    private final PartStore parts;

    RotationDesk(Acts acts, PartStore parts) {
        this.acts = acts;
        this.parts = parts;
    }

    /**
     * Saves it.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public List<Drop> save(long jobId, int version, RotationPlan plan) {
        return acts.on(jobId, Seen.of(RotationPlan.PART, version), act -> {
            parts.write(act.job(), RotationPlan.PART, plan);
            List<Change> change =
                    RotationPlan.PART.change(act.before().facts().kept(), plan, Sentence.of("change.rotation"));
            if (change.isEmpty()) {
                return change;
            }
            boolean secured = !plan.hazards().isEmpty() && plan.secured();
            act.saved(
                    "log.rotation",
                    plan.shaft().direction().words(),
                    plan.shaft().seenFrom().words(),
                    Sentence.of(plan.bothWays() ? "rotation.bothWays" : "rotation.oneWay"),
                    secured ? Sentence.of("rotation.secured") : Sentence.none());
            return change;
        });
    }
}
