package gatepin.core.check;

import java.util.EnumSet;
import java.util.Set;

/** What a person complains of before he knows why, in the order it is asked. */
public enum Symptom {
    /** Nothing at all happens. */
    DEAD(Told.AT_ONCE),
    /** It hums and does not turn. */
    HUMS(Told.AT_ONCE),
    /** It turns only when it is spun by hand. */
    BY_HAND_ONLY(Told.OFTEN),
    /** The shaft cannot be turned by hand, unplugged. */
    STUCK(Told.OFTEN),
    /** It starts one time and hums or stays dead the next. */
    SOMETIMES(Told.OFTEN),
    /** It stops in the middle of its work, and goes again later. */
    STOPS(Told.OFTEN),
    /** The breaker is out at once. */
    TRIPS_AT_ONCE(Told.AT_ONCE),
    /** It starts, and the breaker is out within seconds. */
    TRIPS_SOON(Told.OFTEN),
    /** The breaker or the protector is out after minutes. */
    TRIPS_LATER(Told.SELDOM),
    /** It trips in one position of the handle only. */
    TRIPS_ONE_WAY(Told.OFTEN),
    /** The ground-fault breaker (GFCI, RCD) is out. */
    GROUND_FAULT_TRIPS(Told.SELDOM),
    /** A shock, or a tingle, from the frame. */
    SHOCK(Told.AT_ONCE),
    /** No click on the way up or in coasting down. */
    NO_CLICK(Told.SELDOM),
    /** It runs slow, or does not come up under load. */
    SLOW(Told.OFTEN),
    /** It got weaker over the years. */
    WEAKER(Told.OFTEN),
    /** It gets hot. */
    HOT(Told.SELDOM),
    /** It smells or smokes. */
    SMELLS(Told.OFTEN),
    /** It is louder than it should be. */
    NOISY(Told.SELDOM),
    /** The same way in both positions. */
    SAME_WAY(Told.AT_ONCE),
    /** It runs in one position only. */
    ONE_WAY_ONLY(Told.AT_ONCE),
    /** It turns the other way than it should in both positions. */
    WRONG_WAY(Told.AT_ONCE),
    /** It runs, or is alive, in OFF. */
    RUNS_IN_OFF(Told.AT_ONCE),
    /** Sparks in the switch, or a burnt smell from it. */
    SPARKS(Told.OFTEN),
    /** The contactor buzzes or chatters. */
    BUZZES(Told.OFTEN),
    /** It runs only while the button is held. */
    WHILE_HELD(Told.AT_ONCE),
    /** The stop does not stop it. */
    WILL_NOT_STOP(Told.AT_ONCE),
    /** It starts without a hand on anything. */
    BY_ITSELF(Told.AT_ONCE);

    /** How surely a person who sees it speaks of it. */
    enum Told {
        AT_ONCE,
        OFTEN,
        SELDOM
    }

    private final Told told;

    Symptom(Told told) {
        this.told = told;
    }

    /** The word used in files and addresses. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /**
     * How likely a person who speaks of other things leaves it unsaid though it is so, 0 to 1 (common practice).
     *
     * @param said what he speaks of
     */
    public double unsaid(Set<Symptom> said) {
        if (said.contains(HUMS) || said.contains(TRIPS_AT_ONCE)) {
            // who hears it hum, or loses the breaker, has no eye for what comes of it
            if (told == Told.SELDOM || this == TRIPS_SOON || this == SLOW) {
                return 1;
            }
        }
        return switch (told) {
            case AT_ONCE -> 0.15;
            case OFTEN -> 0.55;
            case SELDOM -> 0.8;
        };
    }

    /** What people say for it, or it for them: words that one and the same thing is told in. */
    public Set<Symptom> near() {
        return switch (this) {
            case TRIPS_AT_ONCE -> EnumSet.of(TRIPS_SOON, GROUND_FAULT_TRIPS, TRIPS_ONE_WAY);
            case TRIPS_SOON -> EnumSet.of(TRIPS_AT_ONCE, TRIPS_LATER);
            case TRIPS_LATER -> EnumSet.of(TRIPS_SOON, HOT, STOPS);
            case TRIPS_ONE_WAY -> EnumSet.of(TRIPS_AT_ONCE, ONE_WAY_ONLY);
            case GROUND_FAULT_TRIPS -> EnumSet.of(TRIPS_AT_ONCE, TRIPS_LATER);
            case SLOW -> EnumSet.of(WEAKER, HUMS);
            case WEAKER -> EnumSet.of(SLOW);
            case HOT -> EnumSet.of(SMELLS, TRIPS_LATER);
            case SMELLS -> EnumSet.of(HOT);
            case HUMS -> EnumSet.of(BY_HAND_ONLY, SLOW, NOISY, SOMETIMES);
            case BY_HAND_ONLY -> EnumSet.of(HUMS);
            case SOMETIMES -> EnumSet.of(STOPS, HUMS);
            case STOPS -> EnumSet.of(SOMETIMES, DEAD, TRIPS_LATER);
            case DEAD -> EnumSet.of(STOPS);
            case NOISY -> EnumSet.of(HUMS);
            case BUZZES -> EnumSet.of(HUMS, NOISY);
            case RUNS_IN_OFF -> EnumSet.of(BY_ITSELF, WILL_NOT_STOP);
            case BY_ITSELF -> EnumSet.of(RUNS_IN_OFF);
            case WILL_NOT_STOP -> EnumSet.of(RUNS_IN_OFF);
            case ONE_WAY_ONLY -> EnumSet.of(TRIPS_ONE_WAY);
            default -> EnumSet.noneOf(Symptom.class);
        };
    }
}
