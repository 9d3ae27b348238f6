package gatepin.core.circuit;

import org.hipparchus.complex.Complex;

/**
 * The squirrel cage and the iron, seen from one run half (double-revolving-field theory; Fitzgerald, Kingsley and
 * Umans, <em>Electric Machinery</em>, ch. 9, from memory). Magnetics are linear: above rated voltage a real motor draws
 * more than this says.
 *
 * @param poles number of poles
 * @param ratedHertz frequency at which the reactances are stated, Hz
 * @param ohms rotor resistance, Ω
 * @param leakageOhms rotor leakage reactance, Ω
 * @param magnetizingOhms magnetizing reactance, Ω
 * @param rotationalWatts friction, windage and core loss at synchronous speed, W
 * @param inertiaKgM2 moment of inertia of the rotor alone, kg m²
 */
public record Rotor(
        int poles,
        double ratedHertz,
        double ohms,
        double leakageOhms,
        double magnetizingOhms,
        double rotationalWatts,
        double inertiaKgM2) {
    public Rotor {
        if (poles < 2 || poles % 2 != 0 || poles > 48) {
            throw new IllegalArgumentException("rotor: " + poles + " poles; it must be an even number from 2 to 48");
        }
        Element.positive(ratedHertz, "rotor", "rated hertz");
        Element.positive(ohms, "rotor", "ohms");
        Element.atLeast(0, leakageOhms, "rotor", "leakage ohms");
        Element.positive(magnetizingOhms, "rotor", "magnetizing ohms");
        Element.atLeast(0, rotationalWatts, "rotor", "rotational watts");
        Element.positive(inertiaKgM2, "rotor", "inertia");
    }

    /** Synchronous speed, 1/min: 120 f / poles. */
    public double synchronousRpm(double hertz) {
        return 120 * hertz / poles;
    }

    /** Synchronous speed, rad/s. */
    public double synchronousRadians(double hertz) {
        return 4 * Math.PI * hertz / poles;
    }

    /**
     * Impedance of the field that turns with the rotor at slip s, Ω: jXm ∥ (R2/s + jX2). For the field that turns
     * against it, give 2 − s.
     */
    public Complex fieldImpedance(double slip, double hertz) {
        double scale = hertz / ratedHertz;
        double magnetizing = magnetizingOhms * scale;
        double leakage = leakageOhms * scale;
        // numerator and denominator multiplied by s, so that s = 0 needs no special case
        Complex numerator = new Complex(0, magnetizing).multiply(new Complex(ohms, slip * leakage));
        return numerator.divide(new Complex(ohms, slip * (leakage + magnetizing)));
    }
}
