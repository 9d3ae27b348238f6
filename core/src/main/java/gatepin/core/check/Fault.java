package gatepin.core.check;

import gatepin.core.Sentence;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Terminal;
import java.util.List;

/**
 * One thing wrong with a wiring. Applied to the sound circuit it gives the circuit as it then is; what that does, and what a meter
 * shows on it, the engine says.
 */
public sealed interface Fault permits WiringFault, MotorFault, SupplyFault {
    /**
     * The circuit with this wrong. Wires keep their places in the list of wires, so that a second fault can be applied after the
     * first.
     */
    Circuit applyTo(Circuit circuit);

    /** A short word for it, unique among the faults of a circuit, the same whenever they are listed. */
    String key();

    /** What is wrong, as half a sentence. */
    Sentence words(Circuit circuit);

    /** How often such a thing happens beside the others (common practice): 1 is usual. */
    double oftenness();

    /** The terminals where it is to be looked for; empty where it is in no place that can be pointed at. */
    List<Terminal> places(Circuit circuit);
}
