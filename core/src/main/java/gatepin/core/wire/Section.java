package gatepin.core.wire;

/** The three wirings of a job, in the order in which they are made: from the motor back to the panel. */
public enum Section {
    /** The chosen plan: motor, switch or contactors, supply. */
    GEAR("The motor and its gear"),
    /** The control circuit of contactors. */
    CONTROL("The control circuit"),
    /** What stands between the panel and the gear. */
    AHEAD("What stands ahead");

    private final String title;

    Section(String title) {
        this.title = title;
    }

    /** As it stands over its part of a list. */
    public String title() {
        return title;
    }
}
