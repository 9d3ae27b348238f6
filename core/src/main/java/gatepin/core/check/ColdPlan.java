package gatepin.core.check;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What to read with the plug pulled before a wiring gets power.
 *
 * @param steps the readings in the order that moves probes and handle least
 * @param dangers how many single faults can hurt a person or the motor
 * @param unseen those of them that this meter does not see in any reading
 * @param leastNumber no choice of readings that sees as much has fewer
 * @param everyReading how many readings there would be between every two points in every setting
 * @param cover what each reading that there could be shows
 */
public record ColdPlan(
        List<Step> steps, int dangers, List<Unseen> unseen, int leastNumber, int everyReading, Cover cover) {
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

    /**
     * What readings show.
     *
     * @param shows the faults that each reading shows, by the readings' keys
     * @param wanted the faults that are to be shown
     * @param always the keys of the readings that are taken whatever they show
     */
    record Cover(Map<String, BitSet> shows, BitSet wanted, Set<String> always) {
        /** What a reading shows; nothing where it is none of this wiring's. */
        BitSet of(String key) {
            return shows.getOrDefault(key, new BitSet());
        }
    }

    public ColdPlan {
        steps = List.copyOf(steps);
        unseen = List.copyOf(unseen);
    }

    /** Nothing fewer would do, and that is proved. */
    public boolean isProved() {
        return steps.size() == leastNumber;
    }

    /**
     * The steps that are still to be taken where these readings agree, of the plan or not: what they show need not be shown again.
     *
     * @param agreed the keys of the readings
     */
    public List<Step> left(Set<String> agreed) {
        BitSet dark = (BitSet) cover.wanted().clone();
        agreed.forEach(k -> dark.andNot(cover.of(k)));
        List<Step> left = new ArrayList<>();
        for (Step step : steps) {
            String key = step.read().key();
            BitSet shows = cover.of(key);
            if (!agreed.contains(key) && (cover.always().contains(key) || shows.intersects(dark))) {
                left.add(step);
                dark.andNot(shows);
            }
        }
        return left;
    }

    /** The step of a key. */
    public Optional<Step> step(String key) {
        return steps.stream().filter(s -> s.read().key().equals(key)).findFirst();
    }
}
