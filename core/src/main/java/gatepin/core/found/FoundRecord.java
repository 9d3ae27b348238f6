package gatepin.core.found;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import java.util.List;
import java.util.Optional;

/**
 * What was written down before anything was undone.
 *
 * @param nothingConnected the motor lay loose: no wire was on it
 * @param wires the wires
 */
public record FoundRecord(boolean nothingConnected, List<FoundWire> wires) {
    /** The wires of a job as they were found. */
    public static final Part<FoundRecord> PART = Part.of("found", "the wires as found", Gate.FOUND, FoundRecord.class)
            .reliedOnBy(Gate.FOUND)
            .lacking(record -> record.orElse(FoundRecord.NOTHING).lack());

    /** Nobody has written anything down. */
    public static final FoundRecord NOTHING = new FoundRecord(false, List.of());

    private static final int MOST_WIRES = 127;

    public FoundRecord {
        wires = List.copyOf(wires);
        if (wires.size() > MOST_WIRES) {
            throw new IllegalArgumentException("more than " + MOST_WIRES + " wires were in no machine");
        }
    }

    /** What is missing; empty when nothing is. */
    public Optional<Sentence> lack() {
        return wires.isEmpty() && !nothingConnected ? Optional.of(Sentence.of("lack.found")) : Optional.empty();
    }
}
