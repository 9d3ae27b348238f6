package gatepin.core.check;

/** Whom a fault hurts. */
public enum Harm {
    /** Nobody: the wiring does what it should all the same. */
    NONE,
    /** It only does not work. */
    WORK,
    /** The motor. */
    MOTOR,
    /** A person. */
    PERSON;

    /** It hurts somebody or something. */
    public boolean isDanger() {
        return this == MOTOR || this == PERSON;
    }
}
