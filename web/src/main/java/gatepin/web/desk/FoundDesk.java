package gatepin.web.desk;

import gatepin.core.found.FoundRecord;
import gatepin.core.lane.Fact;
import gatepin.core.lane.Lane.Change;
import gatepin.core.lane.Lane.Drop;
import gatepin.web.store.FoundStore;
import gatepin.web.store.FoundStore.Photo;
import gatepin.web.store.FoundStore.PhotoPin;
import gatepin.web.store.LogStore.Kind;
import gatepin.web.store.StaleEdit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a person writes down before anything is undone. */
@Service
@Transactional
public class FoundDesk {
    private final JobDesk desk;
    private final FoundStore found;
    private final Changes changes;

    FoundDesk(JobDesk desk, FoundStore found, Changes changes) {
        this.desk = desk;
        this.found = found;
        this.changes = changes;
    }

    @Transactional(readOnly = true)
    public int version(long jobId) {
        return found.version(jobId);
    }

    /**
     * Saves the wires.
     *
     * @throws StaleEdit when somebody saved them after {@code version}
     */
    public List<Drop> save(long jobId, int version, FoundRecord record) {
        JobFile before = desk.file(jobId);
        found.save(jobId, version, record);
        if (before.found().equals(record)) {
            return List.of();
        }
        changes.note(
                before.job(),
                Kind.SAVED,
                record.wires().isEmpty()
                        ? "As found: nothing is connected."
                        : "As found: " + record.wires().size() + " wires written down.");
        return changes.apply(before, List.of(new Change(Fact.FOUND, "the wires as found were written down anew")));
    }

    @Transactional(readOnly = true)
    public List<Photo> photos(long jobId) {
        return found.photos(jobId);
    }

    @Transactional(readOnly = true)
    public Optional<byte[]> picture(long jobId, long photoId) {
        return found.picture(jobId, photoId);
    }

    public void addPhoto(long jobId, byte[] jpeg, int width, int height) {
        JobFile before = desk.file(jobId);
        found.addPhoto(jobId, jpeg, width, height);
        changes.note(before.job(), Kind.SAVED, "Photo of the wires as found added.");
    }

    /** Sets a pin on a photo; gives false when the job has no such photo. */
    public boolean addPin(long jobId, long photoId, PhotoPin pin) {
        return found.addPin(jobId, photoId, pin);
    }

    public void removePin(long jobId, long pinId) {
        found.removePin(jobId, pinId);
    }
}
