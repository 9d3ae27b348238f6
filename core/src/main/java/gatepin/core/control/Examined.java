package gatepin.core.control;

import gatepin.core.Effort;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Mends.Mend;
import gatepin.core.control.Proof.Outcome;
import gatepin.core.control.Proof.Standing;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * A control circuit that was gone through: what holds, and what mends what does not.
 *
 * @param proof what holds
 * @param mends for each claim that fails the change that mends it, where one is known
 */
public record Examined(Proof proof, Map<Claim, Mend> mends) {
    public Examined {
        mends = Map.copyOf(mends);
    }

    /**
     * Goes through a ladder.
     *
     * @param duty what the wired power circuit asks of it; empty where nobody knows it
     * @throws Effort.TooMuch when it is too large, was stopped or took too long
     */
    public static Examined of(Ladder written, Asked asked, Optional<Duty> duty, Effort effort) {
        Ladder ladder = duty.map(d -> d.told(written)).orElse(written);
        Proof proof = Prover.prove(ladder, asked, duty, effort);
        Map<Claim, Mend> mends = new LinkedHashMap<>();
        for (Outcome outcome : proof.outcomes()) {
            if (outcome.standing() == Standing.FAILS) {
                Mends.of(ladder, asked, outcome.claim(), effort).ifPresent(m -> mends.put(outcome.claim(), m));
            }
        }
        return new Examined(proof, mends);
    }

    /** How a claim that holds while nothing has failed is broken by one fault: the shortest way there; empty where none is found. */
    public static Optional<Trace> broken(Ladder ladder, Claim claim, ControlFault fault, Effort effort) {
        return Tracer.trace(ControlNet.of(ladder), claim, fault, effort);
    }
}
