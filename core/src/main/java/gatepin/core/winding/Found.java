package gatepin.core.winding;

import java.util.List;
import java.util.Optional;

/**
 * What the readings say so far.
 *
 * @param state how far the answer is
 * @param fits the arrangements that still fit, the most usual kind first; none while pairs are unread
 * @param next the pair to probe next; empty when no reading between leads would tell more
 * @param frameLeft probes to the frame that are still to be made, one for each island of leads
 * @param islands which leads are known to hang together
 * @param parallelStarts start windings that show only beside a run winding
 * @param remarks findings, the worst first
 */
public record Found(
        State state,
        List<Arrangement> fits,
        Optional<Probe> next,
        List<Probe> frameLeft,
        List<List<String>> islands,
        List<ParallelStart> parallelStarts,
        List<Remark> remarks) {
    /** How far the answer is. */
    public enum State {
        /** More readings are needed. */
        MEASURING,
        /** One arrangement fits and no other. */
        SETTLED,
        /** Several fit, and no reading of this meter tells them apart. */
        OPEN,
        /** None fits: a reading is wrong, or the motor is not sound, or not of a kind known here. */
        CONTRADICTION
    }

    /** What is certain already: the parts that every arrangement that fits has, halves counted as their winding. */
    public List<Part> certain() {
        return fits.isEmpty()
                ? List.of()
                : fits.get(0).inOrder().stream()
                        .filter(p -> fits.stream().allMatch(f -> f.circuits().contains(p.asWhole())))
                        .toList();
    }

    /** The arrangement, when it is settled. */
    public Optional<Arrangement> settled() {
        return state == State.SETTLED ? Optional.of(fits.get(0)) : Optional.empty();
    }
}
