package gatepin.core.circuit;

/** Something between two terminals that current passes with a voltage drop. */
public sealed interface Element permits Coil, Capacitor, Resistor {
    /** What it is called, unique in a circuit. */
    String name();

    /** The end a positive current enters; the like end of a coil. */
    Terminal a();

    /** The end a positive current leaves. */
    Terminal b();

    /**
     * Refuses a quantity that is not finite or below its least value.
     *
     * @throws IllegalArgumentException naming the element, the quantity and the value
     */
    static double atLeast(double least, double value, String name, String quantity) {
        if (!Double.isFinite(value) || value < least) {
            throw new IllegalArgumentException(
                    name + ": " + quantity + " is " + value + "; it must be a number of at least " + least);
        }
        return value;
    }

    /**
     * Refuses a quantity that is not finite and above zero.
     *
     * @throws IllegalArgumentException naming the element, the quantity and the value
     */
    static double positive(double value, String name, String quantity) {
        if (!Double.isFinite(value) || value <= 0) {
            throw new IllegalArgumentException(
                    name + ": " + quantity + " is " + value + "; it must be a number above zero");
        }
        return value;
    }
}
