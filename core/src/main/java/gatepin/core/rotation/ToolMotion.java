package gatepin.core.rotation;

import gatepin.core.rotation.StatedRotation.Direction;
import java.util.Arrays;
import java.util.Optional;

/**
 * What the tool must do to work, as the direction its shaft turns, seen facing its free end (common practice; it holds for
 * the usual right-handed tools).
 */
public enum ToolMotion {
    SEEN("as I say below", Direction.NOT_STATED),
    LATHE("lathe: the work comes down on your side", Direction.COUNTER_CLOCKWISE),
    DRILL("drill or screw: a right-hand drill cuts", Direction.COUNTER_CLOCKWISE),
    AUGER_AWAY("auger, right-hand flights: pushes away from its drive", Direction.CLOCKWISE),
    AUGER_TOWARDS("auger, right-hand flights: draws towards its drive", Direction.COUNTER_CLOCKWISE),
    BELT_LEFT("belt: facing its roller's free end, the top runs to the left", Direction.COUNTER_CLOCKWISE),
    BELT_RIGHT("belt: facing its roller's free end, the top runs to the right", Direction.CLOCKWISE);

    private final String words;
    private final Direction facingFreeEnd;

    ToolMotion(String words, Direction facingFreeEnd) {
        this.words = words;
        this.facingFreeEnd = facingFreeEnd;
    }

    public String words() {
        return words;
    }

    /** Which way the tool turns, seen facing its free end; not stated where a person says it himself. */
    public Direction facingFreeEnd() {
        return facingFreeEnd;
    }

    /** The motion of this name; empty for what is none. */
    public static Optional<ToolMotion> of(String name) {
        return Arrays.stream(values()).filter(m -> m.name().equals(name)).findFirst();
    }
}
