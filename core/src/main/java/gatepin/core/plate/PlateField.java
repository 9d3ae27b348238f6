package gatepin.core.plate;

/** The fields a plate is typed into: a figure more is one more of these, from where form, comparison and filling in follow. */
public enum PlateField {
    /** A number or fraction, such as 3/4, 1-1/2 or 0.55. */
    OUTPUT("output", "Output"),
    /** "hp" or "kW". */
    OUTPUT_UNIT("outputUnit", "Unit of the output"),
    /** The only or the lower voltage, or its range such as 220-240. */
    LOW_VOLTS("lowVolts", "Volts"),
    /** Amps at that voltage, or for both ends of the range, or one figure for its upper end; may be blank. */
    LOW_AMPS("lowAmps", "Amps"),
    /** The higher voltage or its range such as 208-230, blank on a motor for one connection. */
    HIGH_VOLTS("highVolts", "Higher volts"),
    /** Amps at the higher voltage, as for the lower one; may be blank. */
    HIGH_AMPS("highAmps", "Amps at the higher volts"),
    /** 50 or 60. */
    HERTZ("hertz", "Hertz"),
    /** Rated speed. */
    RPM("rpm", "Rpm"),
    /** The key of a family, blank where it is not known. */
    FAMILY("family", "Family"),
    /** Code letter, may be blank. */
    CODE("code", "Code letter"),
    /** Start capacitor, may be blank. */
    START_MICROFARADS("startMicrofarads", "Start capacitor"),
    /** Run capacitor, may be blank. */
    RUN_MICROFARADS("runMicrofarads", "Run capacitor"),
    /** The plate as it reads, may be blank. */
    TEXT("text", "As it reads");

    private final String key;
    private final String title;

    PlateField(String key, String title) {
        this.key = key;
        this.title = title;
    }

    /** What a form calls it. */
    public String key() {
        return key;
    }

    /** What people call it. */
    public String title() {
        return title;
    }
}
