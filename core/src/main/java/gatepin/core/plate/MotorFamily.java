package gatepin.core.plate;

/** The families of single-phase motors that a reversing switch can serve (common practice). */
public enum MotorFamily {
    /** Thin start winding across the line through a centrifugal switch, no capacitor. */
    SPLIT_PHASE("split phase", true),
    /** One start capacitor in series with the start winding and the centrifugal switch. */
    CAPACITOR_START("capacitor start", true),
    /** A start capacitor that is switched out and a run capacitor that stays in. */
    CAPACITOR_START_CAPACITOR_RUN("capacitor start, capacitor run", true),
    /** One run capacitor always in series with the auxiliary winding, no switch. */
    PERMANENT_SPLIT_CAPACITOR("permanent split capacitor (PSC)", false);

    private final String words;
    private final boolean startSwitch;

    MotorFamily(String words, boolean startSwitch) {
        this.words = words;
        this.startSwitch = startSwitch;
    }

    public String words() {
        return words;
    }

    /** The word used in files: lower case with hyphens. */
    public String key() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /** The family with this key; empty for what is none. */
    public static java.util.Optional<MotorFamily> of(String key) {
        for (MotorFamily family : values()) {
            if (family.key().equals(key.strip())) {
                return java.util.Optional.of(family);
            }
        }
        return java.util.Optional.empty();
    }

    /** A centrifugal switch takes something out on run-up, with a click. */
    public boolean hasStartSwitch() {
        return startSwitch;
    }

    public boolean hasStartCapacitor() {
        return this == CAPACITOR_START || this == CAPACITOR_START_CAPACITOR_RUN;
    }

    public boolean hasRunCapacitor() {
        return this == PERMANENT_SPLIT_CAPACITOR || this == CAPACITOR_START_CAPACITOR_RUN;
    }
}
