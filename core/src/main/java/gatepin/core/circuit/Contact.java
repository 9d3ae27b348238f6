package gatepin.core.circuit;

/** Two switch terminals that a contact joins while it is closed; the order of the two does not matter. */
public record Contact(Terminal a, Terminal b) {
    public Contact {
        if (a.equals(b)) {
            throw new IllegalArgumentException("a contact joins two terminals, not " + a + " with itself");
        }
        if (a.compareTo(b) > 0) {
            Terminal swap = a;
            a = b;
            b = swap;
        }
    }

    /** The contact between two terminals of the switch, by their marks. */
    public static Contact between(String a, String b) {
        return new Contact(Terminal.onSwitch(a), Terminal.onSwitch(b));
    }

    @Override
    public String toString() {
        return a.label() + "–" + b.label();
    }
}
