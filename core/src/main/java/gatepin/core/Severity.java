package gatepin.core;

/** How something found stands. */
public enum Severity {
    /** As it should be. */
    GOOD,
    /** Works, but somebody has to know or do something. */
    WARN,
    /** Burns, shocks, trips, or does not do its job. */
    DANGER;

    /** The word used in files and style sheets. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
