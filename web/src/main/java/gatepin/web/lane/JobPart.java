package gatepin.web.lane;

import gatepin.core.job.Gate;
import java.util.Optional;

/** What of a job one form writes. Each part counts how often it was saved, so that a form can tell that somebody saved after it was shown. */
public enum JobPart {
    MACHINE("the machine's name and note"),
    SAFE("the lock-out", Gate.SAFE),
    FOUND("the wires as found", Gate.FOUND),
    FOUND_PHOTOS("the photos of the wires", Gate.FOUND),
    PLATE_PHOTOS("the photos of the plate", Gate.PLATE),
    PLATE("the plate", Gate.PLATE),
    DIAGRAM("the leads and the diagram", Gate.DIAGRAM),
    BOARD("the stud board", Gate.DIAGRAM),
    WINDINGS("the windings", Gate.WINDINGS),
    SUPPLY("the supply", Gate.SUPPLY),
    ROTATION("the rotation", Gate.ROTATION),
    GEAR("the switch", Gate.SWITCH),
    MAP("the switch's face", Gate.SWITCH),
    WISHES("the wishes", Gate.SWITCH),
    CONTROL("the control circuit", Gate.SWITCH),
    AHEAD("what stands ahead of it", Gate.SWITCH),
    PLAN("the wiring plan", Gate.SWITCH),
    WIRES("the wires", Gate.WIRE),
    CABLES("the lengths", Gate.WIRE),
    CHECKS("the checks", Gate.COLD),
    PAPERS("the papers", Gate.HANDOVER),
    MOUNT("what was measured of the old motor");

    private final String words;
    private final Optional<Gate> gate;

    JobPart(String words) {
        this.words = words;
        this.gate = Optional.empty();
    }

    JobPart(String words, Gate gate) {
        this.words = words;
        this.gate = Optional.of(gate);
    }

    /** The gate at which it is written; none for what belongs to the machine itself. */
    Optional<Gate> gate() {
        return gate;
    }

    /** The part as it stands in a sentence. */
    public String words() {
        return words;
    }
}
