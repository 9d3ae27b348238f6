package gatepin.core.gear;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;

/**
 * What a buzzer said between two terminals of a switch.
 *
 * @param position where the handle stood
 * @param pair the two terminals
 * @param result whether it buzzed
 */
public record Buzz(HandlePosition position, Contact pair, Result result) {
    /** What a buzzer can say when the handle is thrown a few times. */
    public enum Result {
        CLOSED,
        OPEN,
        /** Now and then, or only when the handle is pressed: a worn contact. */
        SOMETIMES
    }

    /** Two terminals to try with the handle in a position. */
    public record Probe(HandlePosition position, Contact pair) {}
}
