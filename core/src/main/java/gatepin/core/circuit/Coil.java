package gatepin.core.circuit;

import gatepin.core.circuit.Winding.Circuit;

/**
 * A winding, or one half of it, as the engine computes on it.
 *
 * @param name what it is called, unique in the motor
 * @param circuit the circuit it belongs to: run or start
 * @param like the like end (odd mark)
 * @param other the other end
 * @param degrees where its axis lies, in electrical degrees: 0 for a run winding, 90 for a start winding; the phases
 *     of a three-phase motor lie at 0, 120 and 240
 * @param turns effective turns relative to one run half
 * @param ohms resistance, Ω, at 20 °C
 * @param leakageOhms leakage reactance at rated frequency, Ω
 * @param ratedVolts the voltage that belongs across it, V rms; for a start winding across its whole circuit with
 *     capacitor and start switch
 * @param joulesPerKelvin heat that warms its copper by one kelvin, J/K
 */
public record Coil(
        String name,
        Circuit circuit,
        Terminal like,
        Terminal other,
        double degrees,
        double turns,
        double ohms,
        double leakageOhms,
        double ratedVolts,
        double joulesPerKelvin)
        implements Element {
    /** Electrical degrees of a run winding's axis. */
    public static final double RUN_AXIS = 0;
    /** Electrical degrees of a start winding's axis. */
    public static final double START_AXIS = 90;

    public Coil {
        Element.positive(turns, name, "turns");
        Element.positive(ohms, name, "ohms");
        Element.atLeast(0, leakageOhms, name, "leakage ohms");
        Element.positive(ratedVolts, name, "rated volts");
        Element.positive(joulesPerKelvin, name, "joules per kelvin");
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException(name + ": degrees is " + degrees + "; it must be a number");
        }
        if (circuit != Circuit.RUN && circuit != Circuit.START) {
            throw new IllegalArgumentException(name + ": a " + circuit.word() + " is not a coil");
        }
    }

    @Override
    public Terminal a() {
        return like;
    }

    @Override
    public Terminal b() {
        return other;
    }

    /** The same coil between other terminals. */
    public Coil between(Terminal newLike, Terminal newOther) {
        return new Coil(
                name, circuit, newLike, newOther, degrees, turns, ohms, leakageOhms, ratedVolts, joulesPerKelvin);
    }

    /** The same coil with its ends interchanged. */
    public Coil turned() {
        return between(other, like);
    }
}
