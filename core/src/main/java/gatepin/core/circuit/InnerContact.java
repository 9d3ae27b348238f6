package gatepin.core.circuit;

/**
 * A contact inside the motor.
 *
 * @param name what it is called
 * @param kind what opens it
 * @param a one side
 * @param b the other side
 * @param health whether it moves as it should
 */
public record InnerContact(String name, Kind kind, Terminal a, Terminal b, Health health) {
    /** What opens a contact inside a motor. */
    public enum Kind {
        /** The centrifugal start switch: closed at standstill, opened by speed. */
        START_SWITCH,
        /** The thermal protector: opened by heat. */
        PROTECTOR
    }

    /** Whether a contact moves. */
    public enum Health {
        WORKS,
        STUCK_OPEN,
        STUCK_CLOSED
    }

    public InnerContact {
        if (a.equals(b)) {
            throw new IllegalArgumentException(name + ": a contact joins two terminals, not " + a + " with itself");
        }
    }

    /** Whether it is closed in a state of the circuit. */
    public boolean isClosed(State state) {
        return switch (health) {
            case STUCK_OPEN -> false;
            case STUCK_CLOSED -> true;
            case WORKS -> kind == Kind.START_SWITCH ? state.startSwitchClosed() : state.protectorClosed();
        };
    }

    /** The same contact in another health. */
    public InnerContact in(Health other) {
        return new InnerContact(name, kind, a, b, other);
    }
}
