package gatepin.core.machine;

/**
 * What the shaft has to turn.
 *
 * @param law how its torque goes with speed
 * @param fullSpeedNm its torque at synchronous speed, N·m
 * @param breakawayNm torque that gets it moving from standstill, N·m; a stiff start needs more than it takes to run
 * @param inertiaKgM2 moment of inertia of machine and rotor, seen at the shaft, kg m²
 */
public record Load(Law law, double fullSpeedNm, double breakawayNm, double inertiaKgM2) {
    /** How the torque of a load goes with speed. */
    public enum Law {
        /** The same at any speed: hoists, conveyors, scratters. */
        CONSTANT,
        /** In proportion to speed. */
        LINEAR,
        /** With the square of speed: fans, pumps. */
        SQUARE
    }

    public Load {
        if (!(fullSpeedNm >= 0) || !(breakawayNm >= 0) || !(inertiaKgM2 > 0) || Double.isInfinite(inertiaKgM2)) {
            throw new IllegalArgumentException("a load has torques of zero or more and an inertia above zero, not "
                    + fullSpeedNm + " N·m, " + breakawayNm + " N·m, " + inertiaKgM2 + " kg m²");
        }
    }

    /** Torque at a speed, N·m; always against the motion. */
    public double torqueNm(double shareOfSynchronous) {
        double share = Math.abs(shareOfSynchronous);
        return switch (law) {
            case CONSTANT -> fullSpeedNm;
            case LINEAR -> fullSpeedNm * share;
            case SQUARE -> fullSpeedNm * share * share;
        };
    }
}
