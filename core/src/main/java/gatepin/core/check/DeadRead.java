package gatepin.core.check;

/**
 * What an ohmmeter showed of a part of the wiring that has no winding in it: a line-up, or a control circuit.
 *
 * @param about which reading it is, by its key
 * @param shows what it showed
 */
public record DeadRead(String about, Shows shows) {
    /** What an ohmmeter shows where only the kind of answer counts. */
    public enum Shows {
        /** OL. */
        OPEN,
        /** Some ohms: a coil, a lamp. */
        LOAD,
        /** Next to nothing. */
        JOINED
    }
}
