package gatepin.web.desk;

import gatepin.core.lane.Fact;
import gatepin.core.lane.Lane.Change;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.rotation.RotationPlan;
import gatepin.web.store.LogStore.Kind;
import gatepin.web.store.RotationStore;
import gatepin.web.store.StaleEdit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a person says of the way a machine must turn. */
@Service
@Transactional
public class RotationDesk {
    private final JobDesk desk;
    private final RotationStore rotations;
    private final Changes changes;

    RotationDesk(JobDesk desk, RotationStore rotations, Changes changes) {
        this.desk = desk;
        this.rotations = rotations;
        this.changes = changes;
    }

    @Transactional(readOnly = true)
    public int version(long jobId) {
        return rotations.version(jobId);
    }

    /**
     * Saves it.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public List<Drop> save(long jobId, int version, RotationPlan plan) {
        JobFile before = desk.file(jobId);
        rotations.save(jobId, version, plan);
        if (before.rotation().equals(Optional.of(plan))) {
            return List.of();
        }
        changes.note(
                before.job(),
                Kind.SAVED,
                "Rotation saved: the shaft turns " + plan.shaft().direction().words() + ", "
                        + plan.shaft().seenFrom().words() + ", for the tool to work; "
                        + (plan.bothWays() ? "both ways" : "one way only")
                        + (plan.hazards().isEmpty() ? "" : plan.secured() ? ", hazards dealt with" : "") + ".");
        return changes.apply(before, List.of(new Change(Fact.ROTATION, "the way the machine must turn changed")));
    }
}
