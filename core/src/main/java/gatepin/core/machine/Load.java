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
    /** Machine and rotor together, as times the rotor's own inertia (common practice). */
    public static final double USUAL_INERTIA = 4;

    private static final double FREE_BREAKAWAY = 0.1;

    /** How the torque of a load goes with speed. */
    public enum Law {
        /** The same at any speed: hoists, conveyors, scratters. */
        CONSTANT,
        /** In proportion to speed. */
        LINEAR,
        /** With the square of speed: fans, pumps. */
        SQUARE
    }

    /** What a motor turns as a rule where nobody said more: its rated torque at any speed, and a machine of three times its rotor's inertia. */
    public static Load usual(FittedMotor motor) {
        double torque = motor.given().ratedNm();
        return new Load(
                Law.CONSTANT,
                torque,
                torque,
                USUAL_INERTIA * motor.values().rotor().inertiaKgM2());
    }

    /** A machine that starts free: its torque grows with the square of speed up to the motor's rated torque, a tenth of that gets it going. */
    public static Load startsFree(FittedMotor motor) {
        double torque = motor.given().ratedNm();
        return new Load(
                Law.SQUARE,
                torque,
                FREE_BREAKAWAY * torque,
                USUAL_INERTIA * motor.values().rotor().inertiaKgM2());
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
