package gatepin.core.machine;

/**
 * Where a motor works as its plate says.
 *
 * @param slip slip at rated load, above 0
 * @param torqueNm rated torque at the shaft, N·m
 * @param stated what its plate states besides
 */
public record RatedPoint(double slip, double torqueNm, Stated stated) {
    public RatedPoint {
        if (!(slip > 0 && slip < 0.5) || !(torqueNm > 0)) {
            throw new IllegalArgumentException("rated slip " + slip + " and torque " + torqueNm
                    + " N·m: slip lies between 0 and 0.5, torque above 0");
        }
    }

    /** Of a motor of which no more is stated. */
    public RatedPoint(double slip, double torqueNm) {
        this(slip, torqueNm, Stated.NOTHING);
    }
}
