package gatepin.core.machine;

import gatepin.core.circuit.Coil;

/**
 * How fast a winding gets hot. Its copper takes up I²R and gives it off to the iron with one time constant; its
 * resistance grows with temperature as R2 = R1 (234.5 + t2) / (234.5 + t1) (IEEE 112 and IEC 60034-1, from memory).
 */
public final class Copper {
    /** Where insulation of class B or F starts to smoke and is hurt for good, °C (common practice). */
    public static final double DAMAGE_CELSIUS = 180;
    /** A shop. */
    public static final double COLD_CELSIUS = 20;

    /** From copper to iron, s: rated current that warms by 0.145 K/s without cooling ends at about 80 K. */
    private static final double TIME_CONSTANT_SECONDS = 550;
    /** Warming at rated current, about 5 A/mm², without cooling, K/s (ρ J² / (c γ), common practice for J). */
    private static final double RUN_KELVIN_PER_SECOND = 0.145;
    /** Warming of a start winding at standstill, about 30 A/mm², without cooling, K/s. */
    private static final double START_KELVIN_PER_SECOND = 5;

    private static final double ZERO_OHMS_CELSIUS = -234.5;

    private Copper() {}

    /** Heat that warms a winding made for continuous duty by one kelvin, J/K, from its rated current. */
    public static double joulesPerKelvinForContinuous(double ohms, double ratedAmps) {
        return ohms * ratedAmps * ratedAmps / RUN_KELVIN_PER_SECOND;
    }

    /** Heat that warms a winding made to start only by one kelvin, J/K, from its current at standstill. */
    public static double joulesPerKelvinForStarting(double ohms, double standstillAmps) {
        return ohms * standstillAmps * standstillAmps / START_KELVIN_PER_SECOND;
    }

    /** A resistance measured at a temperature, Ω, as it is at 20 °C. */
    public static double ohmsAt20(double ohms, double celsius) {
        return ohms * (COLD_CELSIUS - ZERO_OHMS_CELSIUS) / (celsius - ZERO_OHMS_CELSIUS);
    }

    /** Warming, K/s, of a coil that carries a current at a temperature. */
    public static double kelvinPerSecond(Coil coil, double amps, double celsius) {
        double ohms = coil.ohms() * (celsius - ZERO_OHMS_CELSIUS) / (COLD_CELSIUS - ZERO_OHMS_CELSIUS);
        return amps * amps * ohms / coil.joulesPerKelvin() - (celsius - COLD_CELSIUS) / TIME_CONSTANT_SECONDS;
    }

    /**
     * Seconds until a coil that carries a steady current reaches {@link #DAMAGE_CELSIUS}; infinite if it never does.
     *
     * @param fromCelsius its temperature at the start
     */
    public static double secondsToDamage(Coil coil, double amps, double fromCelsius) {
        // dT/dt = p + q T, since both terms of kelvinPerSecond are linear in T
        double atCold = kelvinPerSecond(coil, amps, COLD_CELSIUS);
        double q = kelvinPerSecond(coil, amps, COLD_CELSIUS + 1) - atCold;
        double p = atCold - q * COLD_CELSIUS;
        double atStart = p + q * fromCelsius;
        double atDamage = p + q * DAMAGE_CELSIUS;
        if (fromCelsius >= DAMAGE_CELSIUS) {
            return 0;
        }
        if (atStart <= 0 || atDamage <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        return Math.abs(q) < 1e-12 ? (DAMAGE_CELSIUS - fromCelsius) / atStart : Math.log(atDamage / atStart) / q;
    }
}
