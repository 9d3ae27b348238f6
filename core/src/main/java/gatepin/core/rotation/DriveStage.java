package gatepin.core.rotation;

/**
 * One step of the way from the motor to the tool.
 *
 * @param kind what it is
 * @param driver size of the driving side: pulley diameter in any unit, or teeth; starts of a worm
 * @param driven size of the driven side in the same unit
 * @param turned for a right-angle drive: turned by hand, the output went the other way than the input, each seen facing its
 *     own free end
 */
public record DriveStage(Kind kind, double driver, double driven, boolean turned) {
    /** Ways to hand on rotation. */
    public enum Kind {
        DIRECT("straight on the shaft, or a coupling", "", false),
        BELT("belt", "pulley diameter", false),
        CROSSED_BELT("crossed belt", "pulley diameter", true),
        CHAIN("chain", "teeth", false),
        GEAR_PAIR("pair of gears", "teeth", true),
        INTERNAL_GEAR("pinion inside a ring gear", "teeth", false),
        FRICTION_WHEEL("friction wheel", "diameter", true),
        RIGHT_ANGLE("right-angle drive: bevel or worm", "teeth, or starts of the worm", false);

        private final String words;
        private final String size;
        private final boolean reverses;

        Kind(String words, String size, boolean reverses) {
            this.words = words;
            this.size = size;
            this.reverses = reverses;
        }

        public String words() {
            return words;
        }

        /** What its sizes are; blank where it has none. */
        public String size() {
            return size;
        }

        public boolean hasSizes() {
            return !size.isEmpty();
        }
    }

    public DriveStage {
        if (!(driver > 0) || !(driven > 0)) {
            throw new IllegalArgumentException(kind + ": sizes are above zero, not " + driver + " and " + driven);
        }
    }

    /** A straight coupling. */
    public static DriveStage direct() {
        return new DriveStage(Kind.DIRECT, 1, 1, false);
    }

    /** Output speed over input speed. */
    public double ratio() {
        return driver / driven;
    }

    /**
     * Whether the output turns the other way than the input: two wheels that touch turn against each other, a belt or chain
     * around both takes them along.
     */
    public boolean reverses() {
        return kind.reverses || (kind == Kind.RIGHT_ANGLE && turned);
    }
}
