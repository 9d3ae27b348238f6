package gatepin.core.rotation;

/**
 * A direction of rotation as somebody states it. It means nothing without the end it is seen from: the same motor
 * is clockwise from one end and counter-clockwise from the other.
 *
 * @param direction which way
 * @param seenFrom the end one looks at
 */
public record StatedRotation(Direction direction, End seenFrom) {
    /** Which way a shaft turns. */
    public enum Direction {
        NOT_STATED("not stated"),
        CLOCKWISE("clockwise"),
        COUNTER_CLOCKWISE("counter-clockwise");

        private final String words;

        Direction(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public Direction opposite() {
            return switch (this) {
                case NOT_STATED -> NOT_STATED;
                case CLOCKWISE -> COUNTER_CLOCKWISE;
                case COUNTER_CLOCKWISE -> CLOCKWISE;
            };
        }
    }

    /** The end of the motor one looks at. */
    public enum End {
        OPPOSITE_END("facing the end opposite the shaft"),
        SHAFT_END("facing the shaft end");

        private final String words;

        End(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static final StatedRotation NOT_STATED = new StatedRotation(Direction.NOT_STATED, End.OPPOSITE_END);

    public boolean isStated() {
        return direction != Direction.NOT_STATED;
    }

    /** The same rotation as it looks from an end. */
    public StatedRotation seenFrom(End end) {
        return end == seenFrom ? this : new StatedRotation(direction.opposite(), end);
    }

    /** The other way round, seen from the same end. */
    public StatedRotation reversed() {
        return new StatedRotation(direction.opposite(), seenFrom);
    }
}
