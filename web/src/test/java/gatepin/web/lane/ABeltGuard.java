package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import gatepin.core.paper.Paper;
import java.util.List;
import java.util.Optional;

/** A part that no other file of this house knows: whether the belt has its guard, and how many screws hold it. */
public final class ABeltGuard implements Parts.More {
    static final Part<Guard> PART = Part.of("belt-guard", "the belt's guard", Gate.SAFE, Guard.class)
            .reliedOnBy(Gate.LIVE, Gate.HANDOVER)
            .shownOn(Paper.COVER)
            .lacking(guard -> guard.filter(g -> g.screws() == 0).map(g -> Sentence.of("lack.safe.disconnect")));

    /** Screws 0 to 20, and where they lie as long as they are out. */
    record Guard(int screws, Optional<String> lies) {
        Guard {
            if (screws < 0 || screws > 20) {
                throw new IllegalArgumentException("no guard has " + screws + " screws");
            }
        }
    }

    @Override
    public List<Part<?>> parts() {
        return List.of(PART);
    }
}
