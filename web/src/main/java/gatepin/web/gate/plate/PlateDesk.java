package gatepin.web.gate.plate;

import gatepin.core.Sentence;
import gatepin.core.lane.Fact;
import gatepin.core.lane.Lane.Change;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateReader;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobPart;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.motor.MotorStore;
import gatepin.web.motor.MotorStore.Rating;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person reads off a plate. */
@Service
public class PlateDesk {
    private final Acts acts;
    private final MotorStore motors;
    private final PhotoStore photos;

    PlateDesk(Acts acts, MotorStore motors, PhotoStore photos) {
        this.acts = acts;
        this.motors = motors;
        this.photos = photos;
    }

    /**
     * Saves the plate.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public List<Drop> save(long jobId, int version, PlateReader.Typed typed, Plate plate) {
        return acts.on(jobId, Seen.of(JobPart.PLATE, version), act -> {
            List<Rating> ratings = plate.ratings().stream()
                    .map(r -> new Rating(r.volts(), r.amps().map(BigDecimal::valueOf)))
                    .toList();
            String unit = typed.outputUnit().equalsIgnoreCase("kW") ? "kW" : "hp";
            motors.savePlate(act.job().motorId(), typed.output().strip(), unit, plate, ratings);
            if (act.before().plate().equals(Optional.of(plate))) {
                return List.of();
            }
            String volts = String.join(
                    "/", plate.ratings().stream().map(r -> "" + r.volts()).toList());
            act.saved("log.plate", plate.outputAsWritten(), volts, plate.hertz(), plate.rpm());
            return List.of(new Change(Fact.PLATE, Sentence.of("change.plate")));
        });
    }

    /** The photo of the plate as JPEG; empty where there is none. */
    Optional<byte[]> photo(long motorId) {
        return photos.plate(motorId);
    }

    boolean hasPhoto(long motorId) {
        return photos.hasPlate(motorId);
    }

    /** Keeps a photo of the plate in place of the one before. */
    void savePhoto(long jobId, byte[] jpeg, int width, int height) {
        acts.on(jobId, Seen.any(JobPart.PLATE), act -> {
            photos.setPlate(act.job().motorId(), jpeg, width, height);
            act.saved("log.platePhoto");
            return List.of();
        });
    }
}
