package gatepin.core.check;

import java.util.List;
import java.util.Optional;

/**
 * What to read with the plug pulled before a wiring gets power.
 *
 * @param steps the readings in the order that moves probes and handle least
 * @param dangers how many single faults can hurt a person or the motor
 * @param unseen those of them that this meter does not see in any reading
 * @param leastNumber no choice of readings that sees as much has fewer
 * @param everyReading how many readings there would be between every two points in every setting
 */
public record ColdPlan(List<Step> steps, int dangers, List<Unseen> unseen, int leastNumber, int everyReading) {
    /**
     * One reading.
     *
     * @param read what to read
     * @param expected what the meter may show on the sound wiring
     */
    public record Step(Read read, Band expected) {}

    /**
     * A fault that hurts and that no reading shows.
     *
     * @param fault the fault
     * @param harm whom it hurts
     * @param caught what catches it instead
     */
    public record Unseen(Fault fault, Harm harm, Caught caught) {}

    public ColdPlan {
        steps = List.copyOf(steps);
        unseen = List.copyOf(unseen);
    }

    /** Nothing fewer would do, and that is proved. */
    public boolean isProved() {
        return steps.size() == leastNumber;
    }

    /** The step of a key. */
    public Optional<Step> step(String key) {
        return steps.stream().filter(s -> s.read().key().equals(key)).findFirst();
    }
}
