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
        PROTECTOR,
        /** A joint made inside: no contact at all, but it can come loose. */
        JOINT
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
            case WORKS ->
                switch (kind) {
                    case START_SWITCH -> state.startSwitchClosed();
                    case PROTECTOR -> state.protectorClosed();
                    case JOINT -> true;
                };
        };
    }

    /** The same contact in another health. */
    public InnerContact in(Health other) {
        return new InnerContact(name, kind, a, b, other);
    }
}
