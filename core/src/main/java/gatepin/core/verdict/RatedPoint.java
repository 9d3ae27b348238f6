package gatepin.core.verdict;

/**
 * Where a motor works as its plate says.
 *
 * @param slip slip at rated load, above 0
 * @param torqueNm rated torque at the shaft, N·m
 */
public record RatedPoint(double slip, double torqueNm) {
    public RatedPoint {
        if (!(slip > 0 && slip < 0.5) || !(torqueNm > 0)) {
            throw new IllegalArgumentException("rated slip " + slip + " and torque " + torqueNm
                    + " N·m: slip lies between 0 and 0.5, torque above 0");
        }
    }
}
