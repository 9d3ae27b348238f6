package gatepin.core.circuit;

/** How a contact or joint stands to its work. */
public enum Health {
    WORKS,
    STUCK_OPEN,
    STUCK_CLOSED
}
