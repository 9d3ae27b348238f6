package gatepin.core.winding;

/**
 * How far a meter may be off.
 *
 * @param relative as a share of the reading
 * @param ohms in addition, Ω, after zeroing
 */
public record MeterError(double relative, double ohms) {
    /** A shop's multimeter, zeroed: 1 % and one tenth of an ohm (common practice). */
    public static final MeterError USUAL = new MeterError(0.01, 0.1);
}
