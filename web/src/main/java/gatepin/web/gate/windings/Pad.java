package gatepin.web.gate.windings;

import gatepin.core.winding.Eye;
import gatepin.web.gate.windings.WindingStore.PadLead;
import gatepin.web.gate.windings.WindingStore.Taken;
import java.util.List;
import java.util.Optional;

/**
 * What was written down on the pad beside the meter.
 *
 * @param leads the leads that are measured
 * @param readings every reading, in the order they were taken
 * @param simulated the motor is one whose inside the simulated meter knows
 * @param saidDual whether somebody said that the plate names two voltages
 * @param eye what eye and ear say
 */
record Pad(List<PadLead> leads, List<Taken> readings, boolean simulated, Optional<Boolean> saidDual, Eye eye) {
    Pad {
        leads = List.copyOf(leads);
        readings = List.copyOf(readings);
    }
}
