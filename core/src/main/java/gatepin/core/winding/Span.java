package gatepin.core.winding;

/**
 * Between which two values a resistance lies.
 *
 * @param low its least value, Ω
 * @param high its greatest value, Ω
 */
record Span(double low, double high) {
    /** The true resistance behind a reading of a meter with a relative error and an error in ohms. */
    static Span of(double ohms, MeterError error) {
        return new Span(
                Math.max(0, (ohms - error.ohms()) / (1 + error.relative())),
                (ohms + error.ohms()) / (1 - error.relative()));
    }

    Span plus(Span other) {
        return new Span(low + other.low, high + other.high);
    }

    boolean meets(Span other) {
        return low <= other.high && other.low <= high;
    }

    /** The two can be the same but for a share by which windings that are made alike differ. */
    boolean canEqual(Span other, double share) {
        return low <= other.high * (1 + share) && other.low <= high * (1 + share);
    }

    /** This can be between {@code least} and {@code most} times the other. */
    boolean canBeTimes(Span other, double least, double most) {
        return high >= least * other.low && low <= most * other.high;
    }

    double middle() {
        return (low + high) / 2;
    }
}
