package gatepin.core.circuit;

/**
 * A capacitor.
 *
 * @param name what it is called
 * @param a one tag
 * @param b the other tag
 * @param microfarads its capacitance, µF
 * @param esrOhms its series resistance, Ω
 */
public record Capacitor(String name, Terminal a, Terminal b, double microfarads, double esrOhms) implements Element {
    public Capacitor {
        Element.positive(microfarads, name, "microfarads");
        Element.atLeast(0, esrOhms, name, "series ohms");
    }

    /** Reactance at a frequency, Ω, as a positive number: 1 / (2π f C). */
    public double reactanceOhms(double hertz) {
        return 1e6 / (2 * Math.PI * hertz * microfarads);
    }

    /** The same capacitor between other terminals. */
    public Capacitor between(Terminal newA, Terminal newB) {
        return new Capacitor(name, newA, newB, microfarads, esrOhms);
    }
}
