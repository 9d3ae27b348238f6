package gatepin.core.check;

/** What a person complains of before he knows why. */
public enum Symptom {
    /** Nothing at all happens. */
    DEAD,
    /** It hums and does not turn. */
    HUMS,
    /** It turns only when it is spun by hand. */
    BY_HAND_ONLY,
    /** The breaker is out at once. */
    TRIPS_AT_ONCE,
    /** The ground-fault breaker (GFCI, RCD) is out. */
    GROUND_FAULT_TRIPS,
    /** The breaker or the protector is out after a while. */
    TRIPS_LATER,
    /** No click on the way up or in coasting down. */
    NO_CLICK,
    /** It runs slow, or does not come up under load. */
    SLOW,
    /** It gets hot. */
    HOT,
    /** It is louder than it should be. */
    NOISY,
    /** The same way in both positions. */
    SAME_WAY,
    /** It runs in one position only. */
    ONE_WAY_ONLY,
    /** It turns the other way than it should in both positions. */
    WRONG_WAY,
    /** A shock, or a tingle, from the frame. */
    SHOCK,
    /** It runs, or is alive, in OFF. */
    RUNS_IN_OFF;

    /** The word used in files and addresses. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
}
