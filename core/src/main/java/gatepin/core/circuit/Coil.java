package gatepin.core.circuit;

import gatepin.core.circuit.Winding.Role;

/**
 * A winding, or one half of it, as the engine computes on it.
 *
 * @param name what it is called, unique in the motor
 * @param role the role it belongs to: run or start
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
 * @param health whether it is sound
 */
public record Coil(
        String name,
        Role role,
        Terminal like,
        Terminal other,
        double degrees,
        double turns,
        double ohms,
        double leakageOhms,
        double ratedVolts,
        double joulesPerKelvin,
        Health health)
        implements Element {
    /** How a winding stands. */
    public enum Health {
        SOUND,
        /** Broken: no current passes. */
        OPEN,
        /** Its turns are burnt together: next to no ohms, and no field. */
        SHORTED
    }

    /** Electrical degrees of a run winding's axis. */
    public static final double RUN_AXIS = 0;
    /** Electrical degrees of a start winding's axis. */
    public static final double START_AXIS = 90;

    /** A coil further off the axis of its circuit belongs to no motor of one phase, electrical degrees (common practice). */
    private static final double MOST_DEGREES_OFF = 30;

    /** What is left of the ohms of a winding whose turns are burnt together (common practice: next to nothing). */
    private static final double SHORTED_SHARE = 0.02;

    /** A sound coil. */
    public Coil(
            String name,
            Role role,
            Terminal like,
            Terminal other,
            double degrees,
            double turns,
            double ohms,
            double leakageOhms,
            double ratedVolts,
            double joulesPerKelvin) {
        this(name, role, like, other, degrees, turns, ohms, leakageOhms, ratedVolts, joulesPerKelvin, Health.SOUND);
    }

    public Coil {
        Element.positive(turns, name, "turns");
        Element.positive(ohms, name, "ohms");
        Element.atLeast(0, leakageOhms, name, "leakage ohms");
        Element.positive(ratedVolts, name, "rated volts");
        Element.positive(joulesPerKelvin, name, "joules per kelvin");
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException(name + ": degrees is " + degrees + "; it must be a number");
        }
        if (role != Role.RUN && role != Role.START) {
            throw new IllegalArgumentException(name + ": a " + role.word() + " is not a coil");
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

    /** The axis of its circuit, electrical degrees. */
    public double axis() {
        return role == Role.RUN ? RUN_AXIS : START_AXIS;
    }

    /** Whether it lies along the axis of its circuit, one way round or the other, as far as any motor of one phase is wound. */
    public boolean isOnItsAxis() {
        return Math.abs(Math.IEEEremainder(degrees - axis(), 180)) <= MOST_DEGREES_OFF;
    }

    /** The same coil between other terminals. */
    public Coil between(Terminal newLike, Terminal newOther) {
        return new Coil(
                name, role, newLike, newOther, degrees, turns, ohms, leakageOhms, ratedVolts, joulesPerKelvin, health);
    }

    /** The same coil with its ends interchanged. */
    public Coil turned() {
        return between(other, like);
    }

    /** The same coil with another heat that warms it by one kelvin, J/K. */
    public Coil laidOutFor(double joules) {
        return new Coil(name, role, like, other, degrees, turns, ohms, leakageOhms, ratedVolts, joules, health);
    }

    /** The same coil with another resistance, Ω at 20 °C, that takes up as much heat for it. */
    public Coil measuring(double measured) {
        return new Coil(
                name,
                role,
                like,
                other,
                degrees,
                turns,
                measured,
                leakageOhms,
                ratedVolts,
                joulesPerKelvin * measured / ohms,
                health);
    }

    /** The same coil in another health. */
    public Coil in(Health found) {
        return new Coil(name, role, like, other, degrees, turns, ohms, leakageOhms, ratedVolts, joulesPerKelvin, found);
    }

    /** Resistance as it is, Ω at 20 °C: that of the sound winding, or what a short leaves of it. */
    public double presentOhms() {
        return health == Health.SHORTED ? SHORTED_SHARE * ohms : ohms;
    }

    /** Leakage reactance as it is at rated frequency, Ω. */
    public double presentLeakageOhms() {
        return health == Health.SHORTED ? SHORTED_SHARE * leakageOhms : leakageOhms;
    }

    /** Turns that make a field. */
    public double presentTurns() {
        return health == Health.SOUND ? turns : 0;
    }
}
