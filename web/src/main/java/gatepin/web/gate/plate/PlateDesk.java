package gatepin.web.gate.plate;

import gatepin.core.Sentence;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.core.machine.Traces;
import gatepin.core.plate.Plate;
import gatepin.web.lane.Acts;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person reads off a plate. */
@Service
public class PlateDesk {
    private final Acts acts;
    private final PartStore parts;
    private final PhotoStore photos;

    PlateDesk(Acts acts, PartStore parts, PhotoStore photos) {
        this.acts = acts;
        this.parts = parts;
        this.photos = photos;
    }

    /**
     * Saves the plate.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public List<Drop> save(long jobId, int version, Plate plate) {
        return acts.on(jobId, Seen.of(Plate.PART, version), act -> {
            parts.write(act.job(), Plate.PART, plate);
            parts.forgetOfMotor(act.job().motorId(), Traces.Typed.PART);
            if (act.before().plate().equals(Optional.of(plate))) {
                return List.of();
            }
            String volts = String.join(
                    "/", plate.ratings().stream().map(r -> "" + r.volts()).toList());
            act.saved("log.plate", plate.outputAsWritten(), volts, plate.hertz(), plate.rpm());
            return List.of(new Change(Fact.PLATE, Sentence.of("change.plate")));
        });
    }

    /**
     * Saves what is left to see of a motor whose plate is gone.
     *
     * @throws StaleEdit when somebody saved plate or traces after {@code version}
     */
    public List<Drop> saveTraces(long jobId, int version, Traces.Typed typed, Traces read) {
        return acts.on(jobId, Seen.of(Plate.PART, version), act -> {
            parts.write(act.job(), Traces.Typed.PART, typed);
            if (act.before().facts().motor().traces().equals(Optional.of(read))) {
                return List.of();
            }
            act.saved("log.traces", read.volts(), read.likelyFamily().words());
            return List.of(new Change(Fact.PLATE, Sentence.of("change.traces")));
        });
    }

    List<PhotoStore.Photo> photos(long motorId) {
        return photos.photos(motorId);
    }

    /** A photo as JPEG; empty where there is no such. */
    Optional<byte[]> photo(long motorId, long photoId) {
        return photos.jpeg(motorId, photoId);
    }

    /** Adds a photo. */
    long addPhoto(long jobId, byte[] jpeg, int width, int height) {
        long[] id = new long[1];
        acts.on(jobId, Seen.any(Parts.PLATE_PHOTOS), act -> {
            id[0] = photos.add(act.job().motorId(), jpeg, width, height);
            act.saved("log.platePhoto");
            return List.of();
        });
        return id[0];
    }

    /** Keeps what a machine took a photo to say: a guess, and no fact of the job. */
    void keepWords(long photoId, String words) {
        photos.setWords(photoId, words);
    }
}
