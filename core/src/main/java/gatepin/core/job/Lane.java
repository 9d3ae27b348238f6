package gatepin.core.job;

import gatepin.core.Sentence;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The gates of one job and how their pins stand.
 *
 * @param pins one pin for every gate
 * @param plateGone the motor's plate is gone or unreadable: its windings are measured first, for they tell its size
 */
public record Lane(Map<Gate, Pin> pins, boolean plateGone) {
    /** Plate and windings may be taken in either order: all they need is that it is safe and labelled. */
    private static final Set<Gate> IN_EITHER_ORDER = EnumSet.of(Gate.PLATE, Gate.WINDINGS);

    /** A lane of a motor with a plate. */
    public Lane(Map<Gate, Pin> pins) {
        this(pins, false);
    }

    /**
     * How a gate's pin stands.
     *
     * @param state held, pulled, or dropped again
     * @param reason why it dropped, or why it was pulled without its evidence; empty otherwise
     */
    public record Pin(State state, Sentence reason) {
        /** The pin of a gate nobody has passed yet. */
        public static final Pin HELD = new Pin(State.HELD, Sentence.none());

        /** How a pin can stand. */
        public enum State {
            /** In its hole: the gate is shut. */
            HELD,
            /** Lifted, its evidence there. */
            PULLED,
            /** Lifted without its evidence, for a stated reason. */
            OVERRIDDEN,
            /** Back in its hole because something it relied on changed. */
            DROPPED
        }

        public boolean isOpen() {
            return state == State.PULLED || state == State.OVERRIDDEN;
        }
    }

    /**
     * Something that changed.
     *
     * @param of what it is that changed
     * @param what the change, such as "The supply voltage changed from 230 V to 115 V."
     */
    public record Change(Relied of, Sentence what) {}

    /**
     * A pin that drops.
     *
     * @param gate its gate
     * @param reason why
     */
    public record Drop(Gate gate, Sentence reason) {}

    public Lane {
        Map<Gate, Pin> copy = new EnumMap<>(Gate.class);
        for (Gate gate : Gate.values()) {
            copy.put(gate, pins.getOrDefault(gate, Pin.HELD));
        }
        pins = java.util.Collections.unmodifiableMap(copy);
    }

    public Pin pin(Gate gate) {
        return pins.getOrDefault(gate, Pin.HELD);
    }

    /** The first gate that is not open: where the work goes on. Empty when all are open. */
    public Optional<Gate> next() {
        Optional<Gate> first =
                pins.keySet().stream().filter(g -> !pin(g).isOpen()).findFirst();
        boolean windingsFirst = plateGone
                && first.equals(Optional.of(Gate.PLATE))
                && !pin(Gate.WINDINGS).isOpen();
        return windingsFirst ? Optional.of(Gate.WINDINGS) : first;
    }

    /** The pins that drop when these things change: those of open gates that relied on them. */
    public List<Drop> dropsAfter(Collection<Change> changes) {
        List<Drop> drops = new ArrayList<>();
        for (Gate gate : Gate.values()) {
            if (!pin(gate).isOpen()) {
                continue;
            }
            changes.stream()
                    .filter(c -> c.of().isReliedOnBy(gate))
                    .findFirst()
                    .ifPresent(c -> drops.add(new Drop(gate, c.what())));
        }
        return drops;
    }

    /**
     * What keeps a pin from being pulled: an earlier gate that is shut, or evidence that is missing.
     *
     * @param missing what the gate's own evidence lacks
     */
    public List<Sentence> hindrances(Gate gate, Optional<Sentence> missing) {
        List<Sentence> hindrances = new ArrayList<>();
        for (Gate earlier : Gate.values()) {
            if (isBefore(earlier, gate) && !pin(earlier).isOpen()) {
                hindrances.add(Sentence.of("hindrance.before", earlier.title()));
                break;
            }
        }
        missing.ifPresent(hindrances::add);
        return hindrances;
    }

    private static boolean isBefore(Gate earlier, Gate gate) {
        return IN_EITHER_ORDER.contains(gate)
                ? earlier.ordinal() < Gate.PLATE.ordinal()
                : earlier.ordinal() < gate.ordinal();
    }
}
