package gatepin.core.circuit;

/** Where the handle of a reversing switch stands: the three settings of a drum. */
public enum HandlePosition implements Setting {
    FORWARD,
    OFF,
    REVERSE;

    @Override
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    @Override
    public Purpose purpose() {
        return Purpose.valueOf(name());
    }
}
