package gatepin.core.circuit;

/**
 * The conductors from the panel to the switch, with what lies before them, as one impedance in each conductor.
 *
 * @param ohms resistance of one conductor, Ω
 * @param reactanceOhms reactance of one conductor, Ω
 */
public record Feeder(double ohms, double reactanceOhms) {
    /** So little that only a short notices: keeps currents finite. */
    public static final Feeder STIFF = new Feeder(1e-5, 0);
    /** Some 15 m of 14 AWG or 2.5 mm² with the transformer behind it: about 0.12 Ω a conductor (common practice). */
    public static final Feeder USUAL = new Feeder(0.12, 0.02);

    public Feeder {
        Element.positive(ohms, "feeder", "ohms");
        Element.atLeast(0, reactanceOhms, "feeder", "reactance ohms");
    }
}
