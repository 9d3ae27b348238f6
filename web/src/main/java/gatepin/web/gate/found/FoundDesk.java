package gatepin.web.gate.found;

import gatepin.core.Sentence;
import gatepin.core.found.FoundRecord;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.web.gate.found.FoundStore.Photo;
import gatepin.web.gate.found.FoundStore.PhotoPin;
import gatepin.web.lane.Acts;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person writes down before anything is undone. */
@Service
public class FoundDesk {
    private final Acts acts;
    private final PartStore parts;
    private final FoundStore found;

    FoundDesk(Acts acts, PartStore parts, FoundStore found) {
        this.acts = acts;
        this.parts = parts;
        this.found = found;
    }

    /**
     * Saves the wires.
     *
     * @throws StaleEdit when somebody saved them after {@code version}
     */
    public List<Drop> save(long jobId, int version, FoundRecord record) {
        return acts.on(jobId, Seen.of(FoundRecord.PART, version), act -> {
            parts.write(act.job(), FoundRecord.PART, record);
            if (act.before().found().equals(record)) {
                return List.of();
            }
            if (record.wires().isEmpty()) {
                act.saved("log.found.nothing");
            } else {
                act.saved("log.found", record.wires().size());
            }
            return List.of(new Change(FoundRecord.PART, Sentence.of("change.found")));
        });
    }

    List<Photo> photos(long jobId) {
        return found.photos(jobId);
    }

    Optional<byte[]> picture(long jobId, long photoId) {
        return found.picture(jobId, photoId);
    }

    void addPhoto(long jobId, byte[] jpeg, int width, int height) {
        acts.on(jobId, Seen.any(Parts.FOUND_PHOTOS), act -> {
            found.addPhoto(jobId, jpeg, width, height);
            act.saved("log.foundPhoto");
            return List.of();
        });
    }

    /** Sets a pin on a photo; gives false when the job has no such photo. */
    boolean addPin(long jobId, long photoId, PhotoPin pin) {
        return found.addPin(jobId, photoId, pin);
    }

    /** Takes a pin off a photo; gives false when the job has no such pin. */
    boolean removePin(long jobId, long pinId) {
        return found.removePin(jobId, pinId);
    }
}
