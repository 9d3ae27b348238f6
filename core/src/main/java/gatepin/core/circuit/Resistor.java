package gatepin.core.circuit;

/**
 * Anything that only resists: a bleed resistor, a lamp, a heater.
 *
 * @param name what it is called
 * @param a one end
 * @param b the other end
 * @param ohms its resistance, Ω
 */
public record Resistor(String name, Terminal a, Terminal b, double ohms) implements Element {
    public Resistor {
        Element.positive(ohms, name, "ohms");
    }
}
