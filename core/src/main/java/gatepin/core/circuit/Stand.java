package gatepin.core.circuit;

/**
 * A setting of gear that has no single handle, such as "K1 in" or "both in" of a contactor pair.
 *
 * @param word its name, unique in the circuit
 * @param purpose what it is there for
 */
public record Stand(String word, Purpose purpose) implements Setting {
    public Stand {
        if (word.isBlank()) {
            throw new IllegalArgumentException("a setting has a blank name");
        }
    }

    @Override
    public String title() {
        return word;
    }
}
