package gatepin.core.rotation;

import gatepin.core.rotation.StatedRotation.Direction;
import java.util.Arrays;
import java.util.Optional;

/**
 * What the tool must do to work, as the direction its shaft turns, seen facing its free end (common practice; it holds for
 * the usual right-handed tools).
 */
public enum ToolMotion {
    SEEN("as I say, or as its arrow says", Direction.NOT_STATED),
    LATHE("the work comes down on your side", Direction.COUNTER_CLOCKWISE),
    DRILL("a right-hand drill cuts", Direction.COUNTER_CLOCKWISE),
    MILL("a right-hand cutter cuts", Direction.COUNTER_CLOCKWISE),
    SAW_LEFT("the teeth at the top come towards you, the arbor's free end to your left", Direction.CLOCKWISE),
    SAW_RIGHT("the teeth at the top come towards you, the arbor's free end to your right", Direction.COUNTER_CLOCKWISE),
    BAND_SAW("facing its wheels, the blade at the right runs down through the table", Direction.CLOCKWISE),
    GRINDER_RIGHT("standing before it, its right-hand wheel runs down in front", Direction.COUNTER_CLOCKWISE),
    GRINDER_LEFT("standing before it, its left-hand wheel runs down in front", Direction.CLOCKWISE),
    WHEEL_COUNTER("seen from above, the wheel goes counter-clockwise", Direction.COUNTER_CLOCKWISE),
    WHEEL_CLOCKWISE("seen from above, the wheel goes clockwise", Direction.CLOCKWISE),
    AUGER_AWAY("right-hand flights push away from the drive", Direction.CLOCKWISE),
    AUGER_TOWARDS("right-hand flights draw towards the drive", Direction.COUNTER_CLOCKWISE),
    BELT_LEFT("facing the roller's free end, the top runs to the left", Direction.COUNTER_CLOCKWISE),
    BELT_RIGHT("facing the roller's free end, the top runs to the right", Direction.CLOCKWISE);

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
