package gatepin.core.circuit;

/**
 * One wire, or one motor lead brought to a splice.
 *
 * @param from the end nearer the motor
 * @param to the end nearer the supply
 * @param run where the wire lies
 */
public record Wire(Terminal from, Terminal to, Run run) {
    /** Where a wire lies. */
    public enum Run {
        /** A motor lead to a splice, inside the motor box. */
        MOTOR_BOX,
        /** A conductor of the cable between motor and switch. */
        MOTOR_CABLE,
        /** A jumper between two terminals, inside the switch box. */
        SWITCH_BOX,
        /** A conductor of the cable that brings the supply. */
        SUPPLY_CABLE
    }

    public Wire {
        if (from.equals(to)) {
            throw new IllegalArgumentException("a wire joins two terminals, not " + from + " with itself");
        }
    }

    public boolean isGround() {
        return from.isGround() && to.isGround();
    }

    public boolean lands(Terminal terminal) {
        return from.equals(terminal) || to.equals(terminal);
    }

    /** Both ends by their ids, {@code motor.T1>S1.2}: unique in a wiring. */
    public String key() {
        return from.id() + ">" + to.id();
    }

    @Override
    public String toString() {
        return from + " → " + to;
    }
}
