package gatepin.core.trouble;

import gatepin.core.check.Symptom;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Supply;
import java.util.ArrayList;
import java.util.List;

/** The causes that are in no wiring: supply, cord, bearings, load, and the hand on the handle. What they do is common practice. */
final class Besides {
    private Besides() {}

    /**
     * The causes besides a circuit.
     *
     * @param contactors contactors drive it: no hand throws it too soon
     */
    static List<Cause> causes(Circuit circuit, boolean contactors) {
        List<Cause> causes = new ArrayList<>(List.of(
                Cause.known(Repair.NO_SUPPLY, "", Symptom.DEAD),
                Cause.known(Repair.THIN_CORD, "", Symptom.SLOW),
                Cause.known(Repair.BEARINGS, "", Symptom.NOISY),
                Cause.known(Repair.JAMMED, "", Symptom.HUMS, Symptom.STUCK),
                Cause.known(Repair.LOAD, "", Symptom.SLOW, Symptom.HOT)));
        if (circuit.supply().kind() == Supply.Kind.TWO_HOT) {
            causes.add(Cause.known(Repair.ONE_LEG, "", Symptom.DEAD));
        }
        long ways = circuit.settings().stream().filter(s -> s.isMeantToRun()).count();
        if (ways > 1 && !contactors && circuit.motor().has(InnerContact.Kind.START_SWITCH)) {
            // at speed the start winding is out: it goes on the way it turns
            causes.add(Cause.known(Repair.THROWN_TOO_SOON, "", Symptom.SAME_WAY));
        }
        return causes;
    }
}
