package gatepin.core.machine;

/**
 * A figure that was computed and not read: a middle and the band that nine of ten such motors should lie in.
 *
 * @param value the most likely value
 * @param low the lower end of the band
 * @param high the upper end of the band
 */
public record Estimate(double value, double low, double high) {
    public Estimate {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException(value + " does not lie from " + low + " to " + high);
        }
    }
}
