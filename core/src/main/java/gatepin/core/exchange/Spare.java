package gatepin.core.exchange;

import gatepin.core.Sentence;
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A motor on the shelf, as far as it is known.
 *
 * @param name what it is called
 * @param plate what its plate states; empty where it is gone or nobody read it
 * @param startEndsOut both ends of the start winding are brought out; empty where nobody looked
 * @param mount its shaft, key, height and fixing
 * @param tested it ran, unloaded, since it was taken off
 */
public record Spare(String name, Optional<Plate> plate, Optional<Boolean> startEndsOut, Mount mount, boolean tested) {
    /** What is still to be found out of it before anybody can say where it fits. */
    public List<Sentence> unknown() {
        List<Sentence> unknown = new ArrayList<>();
        if (plate.isEmpty()) {
            unknown.add(Sentence.of("spare.plate"));
        }
        if (startEndsOut.isEmpty()
                && plate.flatMap(p -> p.details().reversible()).isEmpty()) {
            unknown.add(Sentence.of("spare.startEnds"));
        }
        if (mount.shaft().isEmpty()) {
            unknown.add(Sentence.of("spare.shaft"));
        }
        if (mount.height().isEmpty()) {
            unknown.add(Sentence.of("spare.height"));
        }
        if (!tested) {
            unknown.add(Sentence.of("spare.tested"));
        }
        return unknown;
    }
}
