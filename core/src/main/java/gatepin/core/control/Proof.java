package gatepin.core.control;

import gatepin.core.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * What holds of a control circuit.
 *
 * @param outcomes claim by claim
 * @param findings what is plain to see without following anything, worst first
 * @param liveOnEmergencyStop the wire numbers that stay live while an emergency stop is pressed, stop by stop
 * @param states how many states were gone through, all faults together
 * @param faults how many single faults were tried
 */
public record Proof(
        List<Outcome> outcomes, List<Finding> findings, List<LiveOnStop> liveOnEmergencyStop, long states, int faults) {
    /** How far a claim holds. */
    public enum Standing {
        /** With every single fault. */
        HOLDS,
        /** As long as nothing has failed. */
        HOLDS_SOUND,
        /** Not at all. */
        FAILS
    }

    /**
     * How far a claim holds.
     *
     * @param brokenBy the single faults with which it does not hold
     * @param trace the shortest way there without a fault; empty where there is none
     */
    public record Outcome(Claim claim, Standing standing, List<ControlFault> brokenBy, Optional<Trace> trace) {
        public Outcome {
            brokenBy = List.copyOf(brokenBy);
        }
    }

    /** What is plain to see, and whether it is dangerous. */
    public record Finding(boolean danger, Sentence words) {}

    /** What stays live while an emergency stop is pressed. */
    public record LiveOnStop(String part, List<Integer> wireNumbers) {}

    public Proof {
        outcomes = List.copyOf(outcomes);
        findings = List.copyOf(findings);
        liveOnEmergencyStop = List.copyOf(liveOnEmergencyStop);
    }

    /** Whether all of it holds as long as nothing has failed. */
    public boolean isSound() {
        return outcomes.stream().noneMatch(o -> o.standing() == Standing.FAILS)
                && findings.stream().noneMatch(Finding::danger);
    }

    /** The outcome of a claim. */
    public Optional<Outcome> of(Claim claim) {
        return outcomes.stream().filter(o -> o.claim().equals(claim)).findFirst();
    }
}
