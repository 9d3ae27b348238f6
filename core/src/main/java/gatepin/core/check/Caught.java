package gatepin.core.check;

/** What catches a fault that no ohmmeter sees with the plug pulled. */
public enum Caught {
    /** The outlet's voltage, measured before the plug goes in: between its lines, and from each to ground. */
    OUTLET_VOLTS,
    /** The sense test of two halves on a low voltage. */
    SENSE_TEST,
    /** A lamp in series with the hot at the first power: it is bright where there is a short, and nothing burns. */
    LAMP,
    /** A moment of power: which way it turns, or whether it hums. */
    BUMP,
    /** The click of the start switch on the way up and in coasting down. */
    CLICK,
    /** A clamp meter around one line. */
    CLAMP,
    /** Looking at it. */
    LOOK;

    /** The word used in files and for sentences. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
}
