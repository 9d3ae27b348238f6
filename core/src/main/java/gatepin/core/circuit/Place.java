package gatepin.core.circuit;

/** Where a terminal sits. */
public enum Place {
    /** A lead in the motor box, or a stud on its board. */
    MOTOR,
    /** A wire nut or connector that joins motor leads. */
    SPLICE,
    /** A terminal of the reversing switch. */
    SWITCH,
    /** A conductor of the supply: L1, L2 or G. */
    SUPPLY,
    /** A tag of a capacitor outside the motor. */
    CAPACITOR,
    /** A joint inside the motor that no wire can reach. */
    INSIDE;

    /** The word used in identifiers and files. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
