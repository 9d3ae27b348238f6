package gatepin.core.circuit;

/**
 * A winding between two leads, with whatever sits in series with it inside the motor (start switch, capacitor).
 *
 * @param name what it is called, unique in a motor
 * @param role the role it belongs to
 * @param like the like end (the odd number of standard marks)
 * @param other the other end
 */
public record Winding(String name, Role role, Terminal like, Terminal other) {
    /** The circuits of a single-phase motor. */
    public enum Role {
        /** Run (main) winding or one half of it. */
        RUN,
        /** Start (auxiliary) winding or one half of it. */
        START,
        /** Thermal protector: a contact that the motor's current must pass. */
        PROTECTOR,
        /** A capacitor whose two leads come out, or the whole capacitor box with what belongs to it. */
        CAPACITOR;

        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    public Winding {
        if (like.equals(other)) {
            throw new IllegalArgumentException("winding " + name + " has both ends on " + like.mark());
        }
    }

    public boolean has(Terminal terminal) {
        return like.equals(terminal) || other.equals(terminal);
    }

    /** The end that is not {@code end}. */
    public Terminal farFrom(Terminal end) {
        return like.equals(end) ? other : like;
    }
}
