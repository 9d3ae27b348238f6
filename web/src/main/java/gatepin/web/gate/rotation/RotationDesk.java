package gatepin.web.gate.rotation;

import gatepin.core.Sentence;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.rotation.RotationPlan;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobPart;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person says of the way a machine must turn. */
@Service
public class RotationDesk {
    private final Acts acts;
    private final RotationStore rotations;

    RotationDesk(Acts acts, RotationStore rotations) {
        this.acts = acts;
        this.rotations = rotations;
    }

    /**
     * Saves it.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public List<Drop> save(long jobId, int version, RotationPlan plan) {
        return acts.on(jobId, Seen.of(JobPart.ROTATION, version), act -> {
            rotations.save(jobId, plan);
            if (act.before().facts().rotation().equals(Optional.of(plan))) {
                return List.of();
            }
            boolean secured = !plan.hazards().isEmpty() && plan.secured();
            act.saved(
                    "log.rotation",
                    plan.shaft().direction().words(),
                    plan.shaft().seenFrom().words(),
                    Sentence.of(plan.bothWays() ? "rotation.bothWays" : "rotation.oneWay"),
                    secured ? Sentence.of("rotation.secured") : Sentence.none());
            return List.of(new Change(Fact.ROTATION, Sentence.of("change.rotation")));
        });
    }
}
