package gatepin.core.check;

import gatepin.core.winding.MeterError;

/**
 * The meter in hand, and how well the windings are known that it is held on.
 *
 * @param error how far it may be off, after zeroing
 * @param zeroOhms what it shows with its probes held together, Ω
 * @param measuresCapacitance it shows microfarads; otherwise a capacitor only swings its needle or digits
 * @param windingsKnown how far the windings' ohms may be from what is computed with, as a share: little where they were measured, much
 *     where a plate alone tells
 */
public record Meter(MeterError error, double zeroOhms, boolean measuresCapacitance, double windingsKnown) {
    /** Windings that were measured with a meter much like this one. */
    public static final double MEASURED = 0.03;
    /** Windings of which a plate alone is known. */
    public static final double ESTIMATED = 0.35;

    /** How far a capacitor may be from its print and from what a shop's meter shows of it (EIA-463 for +20 %, from memory). */
    private static final double MICROFARADS_OFF = 0.25;

    /** A shop's multimeter on windings that were measured. */
    public static final Meter USUAL = new Meter(MeterError.USUAL, 0, false, MEASURED);

    /** The same meter where the windings are known to a share. */
    public Meter on(double share) {
        return new Meter(error, zeroOhms, measuresCapacitance, share);
    }

    /** What it may show for so many ohms, its zero taken off. */
    Band ohms(double ohms) {
        if (ohms > MOST_SHOWN) {
            return Band.OPEN;
        }
        double off = ohms * error.relative() + error.ohms();
        return new Band(
                Math.max(0, ohms * (1 - windingsKnown) - off), ohms, ohms * (1 + windingsKnown) + off + JOINTS_OHMS);
    }

    /** What it may show for a capacitor, µF. */
    static Band microfarads(double microfarads) {
        return new Band(microfarads * (1 - MICROFARADS_OFF), microfarads, microfarads * (1 + MICROFARADS_OFF));
    }

    /** What contacts, joints and some yards of cable may add to any reading, Ω (common practice: a tenth or two). */
    static final double JOINTS_OHMS = 0.2;

    /** Above this it shows OL, Ω: insulation that is better counts as none. */
    static final double MOST_SHOWN = 1e6;
}
