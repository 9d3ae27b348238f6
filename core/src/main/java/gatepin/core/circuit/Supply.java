package gatepin.core.circuit;

/**
 * The supply a job runs on.
 *
 * @param volts between L1 and L2, rms
 * @param hertz the frequency
 * @param kind whether L2 is a hot or the neutral
 */
public record Supply(int volts, int hertz, Kind kind) {
    /** What the second line is. */
    public enum Kind {
        /** Two hots with the grounded middle between them: 240 V as 120–0–120, or 208 V. */
        TWO_HOT,
        /** One hot and the grounded neutral: 120 V in North America, 230 V elsewhere. */
        HOT_AND_NEUTRAL
    }

    public boolean isHot(Terminal line) {
        return line.equals(Terminal.L1) || (line.equals(Terminal.L2) && kind == Kind.TWO_HOT);
    }

    /** Volts between a hot line and ground, rms. */
    public double voltsToGround() {
        return kind == Kind.TWO_HOT ? volts / 2.0 : volts;
    }

    /** What the person calls this line: the second line of a hot-and-neutral supply is N. */
    public String nameOf(Terminal line) {
        return line.equals(Terminal.L2) && kind == Kind.HOT_AND_NEUTRAL ? "N" : line.mark();
    }
}
