package gatepin.core.circuit;

import org.hipparchus.complex.Complex;

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

    /** Two hots of about 208 V are two legs of a three-phase wye, 120 V each to ground and 120° apart. */
    public boolean isTwoLegsOfAWye() {
        return kind == Kind.TWO_HOT && volts >= 200 && volts <= 215;
    }

    /** The panel's voltage from ground to a line, as a phasor; L1 less L2 is the supply's voltage. */
    public Complex emf(Terminal line) {
        if (kind == Kind.HOT_AND_NEUTRAL) {
            return line.equals(Terminal.L1) ? new Complex(volts) : Complex.ZERO;
        }
        double common = isTwoLegsOfAWye() ? volts / (2 * Math.sqrt(3)) : 0;
        return new Complex(line.equals(Terminal.L1) ? volts / 2.0 : -volts / 2.0, common);
    }

    /** What the person calls this line: the second line of a hot-and-neutral supply is N. */
    public String nameOf(Terminal line) {
        return line.equals(Terminal.L2) && kind == Kind.HOT_AND_NEUTRAL ? "N" : line.mark();
    }
}
