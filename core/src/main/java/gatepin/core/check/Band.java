package gatepin.core.check;

/**
 * What a reading may be.
 *
 * @param least the least, Ω or µF
 * @param likely what is computed; infinite for OL
 * @param most the most
 */
public record Band(double least, double likely, double most) {
    /** OL: nothing conducts. */
    public static final Band OPEN =
            new Band(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

    public boolean isOpen() {
        return Double.isInfinite(likely);
    }

    /** Whether something can be read that fits both. */
    boolean meets(Band other) {
        return least <= other.most && other.least <= most;
    }

    boolean holds(double value) {
        return Double.isInfinite(value) ? isOpen() : value >= least && value <= most;
    }
}
