package gatepin.core.check;

import java.util.ArrayList;
import java.util.List;

/** Every single fault of a wiring, with whom it hurts. */
public final class FaultList {
    private FaultList() {}

    /**
     * A fault, judged.
     *
     * @param fault the fault
     * @param harm whom it hurts
     */
    public record Judged(Fault fault, Harm harm) {}

    /** Judges every single fault. */
    public static List<Judged> of(CheckRequest request) {
        Harms harms = new Harms(request.circuit(), request.rated(), request.hasOff());
        List<Judged> judged = new ArrayList<>();
        for (Fault fault : Faults.of(request.circuit(), request.links())) {
            judged.add(new Judged(fault, harms.of(fault).harm()));
        }
        return judged;
    }
}
