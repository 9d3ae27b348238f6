package gatepin.core.control;

import gatepin.core.control.Claim.Asked;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;

/**
 * The control circuit of a job's contactors as it was decided.
 *
 * @param ladder the ladder
 * @param asked what it has to keep to
 * @param wishes what it was built from, as it was typed; blank where a person entered the ladder
 */
public record ControlRecord(Ladder ladder, Asked asked, String wishes) {
    /** The control circuit. */
    public static final Part<ControlRecord> PART =
            Part.of("control", "the control circuit", Gate.SWITCH, ControlRecord.class);
}
