package gatepin.core.control;

import gatepin.core.Sentence;
import java.util.List;
import java.util.Set;

/**
 * A sequence of events, and what a control circuit does on each.
 *
 * @param steps one after another
 * @param fault what has failed in it
 */
public record Trace(List<Step> steps, ControlFault fault) {
    /** Who did it. */
    public enum By {
        /** A hand, the machine, an overload or the supply: an event. */
        EVENT,
        /** A contact that a coil moved. */
        CONTACT,
        /** What takes seconds: the shaft, a timer. */
        TIME
    }

    /**
     * One step.
     *
     * @param words what happens
     * @param look how everything stands after it
     */
    public record Step(By by, Sentence words, Look look) {}

    /**
     * How everything stands.
     *
     * @param operated the parts a hand or the machine keeps operated
     * @param closed the contacts that are closed, by their number in the net
     * @param live the coils that have their voltage
     * @param in the contactors whose main contacts are in
     * @param power the supply is on
     */
    public record Look(Set<String> operated, Set<Integer> closed, Set<String> live, Set<String> in, boolean power) {
        public Look {
            operated = Set.copyOf(operated);
            closed = Set.copyOf(closed);
            live = Set.copyOf(live);
            in = Set.copyOf(in);
        }
    }

    public Trace {
        steps = List.copyOf(steps);
    }

    /** How many events a hand, the machine or the supply has a part in. */
    public long events() {
        return steps.stream().filter(s -> s.by() == By.EVENT).count();
    }
}
