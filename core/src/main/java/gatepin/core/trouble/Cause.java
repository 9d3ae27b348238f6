package gatepin.core.trouble;

import gatepin.core.Sentence;
import gatepin.core.check.Fault;
import gatepin.core.check.Symptom;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * One way in which a thing to mend can be wrong.
 *
 * @param repair what would be mended
 * @param part the part, where it has a name; blank where it has none
 * @param often how often beside the other ways of this repair
 * @param does what it does
 * @param words what is wrong; empty words where the repair says all
 * @param faults the faults of the wiring that it is
 */
record Cause(Repair repair, String part, double often, Set<Symptom> does, Sentence words, List<Fault> faults) {
    /** How likely a thing is told that is not so, nor near to what is. */
    private static final double NOT_SO = 0.012;
    /** The same where it is near to what is so. */
    private static final double NEAR = 0.15;
    /** The same where this kind of thing may do it besides. */
    private static final double BESIDES = 0.4;

    /** A thing that is not in the wiring, by what everybody knows of it (common practice). */
    static Cause known(Repair repair, String part, Symptom first, Symptom... more) {
        return new Cause(repair, part, 1, EnumSet.of(first, more), Sentence.none(), List.of());
    }

    /** How likely somebody with this says that, and no more. */
    double told(Set<Symptom> said) {
        double likely = 1;
        for (Symptom symptom : Symptom.values()) {
            boolean so = does.contains(symptom);
            if (said.contains(symptom)) {
                likely *= so ? 1 : mayDo(symptom) ? BESIDES : isNear(symptom) ? NEAR : NOT_SO;
            } else if (so) {
                likely *= symptom.unsaid(said);
            }
        }
        return likely;
    }

    /** It does all that was said, or may. */
    boolean explains(Set<Symptom> said) {
        return said.stream().allMatch(s -> does.contains(s) || mayDo(s));
    }

    private boolean mayDo(Symptom symptom) {
        boolean hot = does.contains(Symptom.HOT) || does.contains(Symptom.HUMS) || does.contains(Symptom.TRIPS_SOON);
        return repair.besides().contains(symptom) || symptom == Symptom.SMELLS && hot;
    }

    private boolean isNear(Symptom symptom) {
        return symptom.near().stream().anyMatch(does::contains);
    }
}
