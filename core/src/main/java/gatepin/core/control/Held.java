package gatepin.core.control;

/**
 * What is held where it is, while all else is free.
 *
 * @param mask the outer contacts that are held
 * @param value those of them that are held operated
 * @param power whether there is power; false holds it off
 */
record Held(long mask, long value, boolean power) {
    static final Held NOTHING = new Held(0, 0, true);

    /** The same with what another holds let free. */
    Held without(Held other) {
        return new Held(mask & ~other.mask, value & ~other.mask, power);
    }

    Held and(Held other) {
        return new Held(mask | other.mask, (value & mask) | (other.value & other.mask), power && other.power);
    }
}
