package gatepin.core.winding;

import gatepin.core.circuit.Marks;
import gatepin.core.machine.Copper;

/**
 * One reading of an ohmmeter between two leads, or from a lead to the frame.
 *
 * @param a the lead that sorts first
 * @param b the other lead, or {@link #FRAME}
 * @param shownOhms what the meter showed, Ω; infinite for OL
 * @param zeroOhms what it showed with its probes held together, Ω
 * @param celsius temperature of the windings, °C
 * @param startSwitch how the centrifugal switch stood
 */
public record MeterReading(
        String a, String b, double shownOhms, double zeroOhms, double celsius, StartSwitch startSwitch) {
    /** The motor's bare metal as the second probe's place. */
    public static final String FRAME = "frame";

    /** How the centrifugal switch stood while the meter was on. */
    public enum StartSwitch {
        /** As it rests: closed at standstill in a healthy motor. */
        AT_REST,
        /** Held open by hand, with a slip of card between its contacts or a finger on its weights. */
        HELD_OPEN
    }

    public MeterReading {
        if (a.equals(b)) {
            throw new IllegalArgumentException("a reading needs two points, not " + a + " twice");
        }
        if (b.equals(FRAME) ? false : a.equals(FRAME) || Marks.NATURAL_ORDER.compare(a, b) > 0) {
            String first = b;
            b = a;
            a = first;
        }
        if (Double.isNaN(shownOhms) || shownOhms < 0) {
            throw new IllegalArgumentException(a + " to " + b + ": no meter shows " + shownOhms + " ohms");
        }
    }

    /** A reading at 20 °C on a meter that is zeroed. */
    public static MeterReading of(String a, String b, double ohms) {
        return new MeterReading(a, b, ohms, 0, Copper.COLD_CELSIUS, StartSwitch.AT_REST);
    }

    public boolean isOpen() {
        return Double.isInfinite(shownOhms);
    }

    public boolean isToFrame() {
        return b.equals(FRAME);
    }

    /** Whether it was taken between the same two points. */
    public boolean isBetween(String one, String other) {
        return (a.equals(one) && b.equals(other)) || (a.equals(other) && b.equals(one));
    }

    /** The winding's own resistance at 20 °C, Ω: less the leads' zero, and by copper's temperature rule. */
    public double ohms() {
        return isOpen() ? shownOhms : Copper.ohmsAt20(Math.max(0, shownOhms - zeroOhms), celsius);
    }
}
