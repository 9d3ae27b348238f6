package gatepin.core.check;

/**
 * What a reading may be.
 *
 * @param least the least, Ω or µF
 * @param likely what is computed; infinite for OL
 * @param most the most
 */
public record Band(double least, double likely, double most) {
    /** Windings of the largest single-phase motors read more than this, Ω (common practice). */
    private static final double LEAST_OF_A_WINDING = 0.05;

    /** OL: nothing conducts. */
    public static final Band OPEN =
            new Band(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

    public boolean isOpen() {
        return Double.isInfinite(likely);
    }

    /** A wire, or a contact that is closed: less than any winding has. */
    public boolean isOfAWire() {
        return likely < LEAST_OF_A_WINDING;
    }

    /** Whether something can be read that fits both. */
    boolean meets(Band other) {
        return least <= other.most && other.least <= most;
    }

    boolean holds(double value) {
        return Double.isInfinite(value) ? isOpen() : value >= least && value <= most;
    }
}
