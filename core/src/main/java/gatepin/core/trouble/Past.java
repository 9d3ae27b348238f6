package gatepin.core.trouble;

/** What lies behind a machine that complains: the first thing a good electrician asks. */
public enum Past {
    /** It ran, as it is wired, and then something happened. */
    USED_TO_RUN,
    /** Somebody has just wired it, or changed its wires. */
    JUST_WIRED;

    /** The word used in files and addresses. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
}
