package gatepin.core.safe;

import java.util.List;

/**
 * The charge a capacitor can hold, and what takes it away. Energy ½ C V²; through a resistor the voltage falls as
 * V = V0 e^(−t / RC) (any textbook of physics).
 *
 * @param microfarads capacitance, µF
 * @param chargedVolts the highest voltage it can be left at, V d.c.: the peak of the alternating voltage it works on
 */
public record Discharge(double microfarads, double chargedVolts) {
    /** Below this a capacitor counts as discharged, V (common practice). */
    public static final double SAFE_VOLTS = 10;

    /** A person is hurt by more than this through the chest, J (IEC 60479-2, from memory). */
    public static final double HURTS_JOULES = 0.35;

    /** A bleeding resistor held on by hand should be done in this time, s. */
    private static final double PATIENCE_SECONDS = 5;

    /** Wire-wound resistors bear five times their watts for a few seconds (common practice). */
    private static final double SHORT_OVERLOAD = 5;

    private static final List<Double> E12 = List.of(1.0, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2);
    private static final List<Integer> WATTS = List.of(2, 5, 10, 25, 50);

    /**
     * A resistor to bleed with.
     *
     * @param ohms its standard value, Ω
     * @param watts its rating, W
     * @param peakWatts what it takes at the first moment, W
     * @param seconds how long to hold it until the capacitor is below {@link #SAFE_VOLTS}
     */
    public record Bleeder(double ohms, int watts, double peakWatts, double seconds) {}

    public Discharge {
        if (!(microfarads > 0) || !(chargedVolts > 0)) {
            throw new IllegalArgumentException(
                    "a capacitor of " + microfarads + " µF at " + chargedVolts + " V holds no charge");
        }
    }

    /** A capacitor that works on an alternating voltage, V rms: it can be left at its peak. */
    public static Discharge onAlternating(double microfarads, double volts) {
        return new Discharge(microfarads, volts * Math.sqrt(2));
    }

    public double joules() {
        return microfarads * 1e-6 * chargedVolts * chargedVolts / 2;
    }

    /** How long a resistor takes until the capacitor is below {@link #SAFE_VOLTS}, s. */
    public double secondsThrough(double ohms) {
        return Math.max(0, ohms * microfarads * 1e-6 * Math.log(chargedVolts / SAFE_VOLTS));
    }

    /** Which resistor to bleed with: the largest of the E12 series that is done in a few seconds. */
    public Bleeder bleeder() {
        double most = PATIENCE_SECONDS / (microfarads * 1e-6 * Math.max(0.1, Math.log(chargedVolts / SAFE_VOLTS)));
        double ohms = standardBelow(Math.min(most, 100_000));
        double peak = chargedVolts * chargedVolts / ohms;
        int watts = WATTS.stream()
                .filter(w -> w * SHORT_OVERLOAD >= peak)
                .findFirst()
                .orElse(WATTS.get(WATTS.size() - 1));
        return new Bleeder(ohms, watts, peak, secondsThrough(ohms));
    }

    /** The largest value of the E12 series (IEC 60063, from memory) that is no more than {@code ohms}. */
    static double standardBelow(double ohms) {
        double decade = Math.pow(10, Math.floor(Math.log10(ohms)));
        return E12.stream()
                .map(step -> step * decade)
                .filter(v -> v <= ohms * (1 + 1e-9))
                .reduce((a, b) -> b)
                .orElse(decade);
    }
}
