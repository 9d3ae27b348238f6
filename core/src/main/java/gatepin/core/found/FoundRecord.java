package gatepin.core.found;

import gatepin.core.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * What was written down before anything was undone.
 *
 * @param nothingConnected the motor lay loose: no wire was on it
 * @param wires the wires
 */
public record FoundRecord(boolean nothingConnected, List<FoundWire> wires) {
    /** Nobody has written anything down. */
    public static final FoundRecord NOTHING = new FoundRecord(false, List.of());

    public FoundRecord {
        wires = List.copyOf(wires);
    }

    /** What is missing; empty when nothing is. */
    public Optional<Sentence> lack() {
        return wires.isEmpty() && !nothingConnected ? Optional.of(Sentence.of("lack.found")) : Optional.empty();
    }
}
