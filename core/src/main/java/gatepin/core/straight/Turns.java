package gatepin.core.straight;

import gatepin.core.rotation.StatedRotation.Direction;
import java.util.Arrays;
import java.util.Optional;

/** Which way a machine must turn, seen facing the shaft end of its motor. */
public enum Turns {
    BOTH("both", "both ways", Direction.CLOCKWISE),
    CLOCKWISE("clockwise", "only clockwise", Direction.CLOCKWISE),
    COUNTER_CLOCKWISE("counter-clockwise", "only counter-clockwise", Direction.COUNTER_CLOCKWISE);

    private final String key;
    private final String words;
    private final Direction work;

    Turns(String key, String words, Direction work) {
        this.key = key;
        this.words = words;
        this.work = work;
    }

    /** What stands for it in addresses. */
    public String key() {
        return key;
    }

    public String words() {
        return words;
    }

    public boolean bothWays() {
        return this == BOTH;
    }

    /** Which way it works, where it works one way only. */
    Direction work() {
        return work;
    }

    static Optional<Turns> of(String key) {
        return Arrays.stream(values()).filter(t -> t.key.equals(key)).findFirst();
    }
}
