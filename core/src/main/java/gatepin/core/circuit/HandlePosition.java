package gatepin.core.circuit;

/** Where the handle of a reversing switch stands. */
public enum HandlePosition {
    FORWARD,
    OFF,
    REVERSE;

    /** The word used in identifiers and files. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
