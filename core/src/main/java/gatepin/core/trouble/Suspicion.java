package gatepin.core.trouble;

import gatepin.core.Sentence;
import gatepin.core.check.Fault;
import java.util.List;

/**
 * One thing to mend that may be the cause.
 *
 * @param repair what kind of thing
 * @param part the part, where it has a name; blank where it has none
 * @param places what may be wrong there, the likeliest first: no test but the meter tells them apart
 * @param faults the faults behind the places, in their order, two where it takes two; none for what is not in the wiring
 * @param share how likely it is beside the others, 0 to 1
 * @param explains it does all that was said
 */
public record Suspicion(
        Repair repair, String part, List<Sentence> places, List<List<Fault>> faults, double share, boolean explains) {
    public Suspicion {
        places = List.copyOf(places);
        faults = List.copyOf(faults);
    }

    /** What it is, in a few words. */
    public Sentence title() {
        return Sentence.of("trouble." + repair.name(), part);
    }

    /** How to test it. */
    public Sentence test() {
        return Sentence.of("trouble.test." + repair.name(), part);
    }
}
