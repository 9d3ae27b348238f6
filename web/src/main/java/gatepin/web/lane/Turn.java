package gatepin.web.lane;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.verdict.Analysis.Way;
import java.util.List;

/**
 * What the shaft does in one handle position, in words and as an arrow.
 *
 * @param at the position
 * @param title what it does
 * @param words seen from where, or what to do about it
 * @param arrow "cw", "ccw", or nothing
 */
public record Turn(String at, String title, String words, String arrow) {
    private static final String FORWARD = HandlePosition.FORWARD.word();
    private static final String REVERSE = HandlePosition.REVERSE.word();

    /** As the diagram states it: the other way round in reverse. */
    public static List<Turn> stated(StatedRotation rotation) {
        return List.of(of(FORWARD, rotation), off(), of(REVERSE, rotation.reversed()));
    }

    /** As the engine computes it for a motor on a switch. */
    public static List<Turn> computed(InCircuit wired) {
        Turn first = of(FORWARD, wired, HandlePosition.FORWARD);
        return wired.analysis().settings().containsKey(HandlePosition.REVERSE)
                ? List.of(first, off(), of(REVERSE, wired, HandlePosition.REVERSE))
                : List.of(first, off());
    }

    /** As the engine computes it for two connections without a switch. */
    public static List<Turn> computed(InCircuit forward, InCircuit reverse) {
        return List.of(
                of(FORWARD, forward, HandlePosition.FORWARD), off(), of(REVERSE, reverse, HandlePosition.FORWARD));
    }

    /** As the engine computes it for a motor that hangs on the supply without a switch. */
    public static Turn alone(InCircuit wired) {
        return of(FORWARD, wired, HandlePosition.FORWARD);
    }

    private static Turn off() {
        return new Turn(HandlePosition.OFF.word(), "stands still", "", "");
    }

    private static Turn of(String at, InCircuit wired, HandlePosition position) {
        Way way = wired.analysis().in(position).way();
        return way == Way.NONE ? new Turn(at, "does not start", "see what was found", "") : of(at, wired.seen(way));
    }

    private static Turn of(String at, StatedRotation rotation) {
        if (!rotation.isStated()) {
            return new Turn(at, "direction not stated", "bump it and look: the bump wins over the plate", "");
        }
        return new Turn(
                at,
                rotation.direction().words(),
                rotation.seenFrom().words(),
                rotation.direction() == Direction.CLOCKWISE ? "cw" : "ccw");
    }
}
